package tactus.app.setup.fact;

import java.util.List;
import java.util.Optional;
import tactus.app.work.OfferedShapes;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.capo.CapoMove;
import tactus.core.counsel.edit.ChangeFact;
import tactus.core.counsel.edit.ChangeMeter;
import tactus.core.ground.refusal.Outcome;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.pitch.TuningAdvice;
import tactus.core.music.search.ShapeCheck;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;
import tactus.words.Words;

/** Changes of the song's facts and its guitar. Each returns what is wrong with it, if anything. */
public final class SetUpModel {

    private final Work work;
    private final OfferedShapes shapes;

    public SetUpModel(Work work, Settings settings) {
        this.work = work;
        shapes = new OfferedShapes(settings);
    }

    /** Has {@code value} for one of the song's facts; where that moves the same shapes, it sounds in another key. */
    public <T> Outcome set(Aspect<T> aspect, T value) {
        return Outcome.of(() -> work.type(aspect.code(), new ChangeFact<>(aspect, value)));
    }

    /** The same as it was typed. */
    public <T> Outcome type(Aspect<T> aspect, String text) {
        if (aspect == Aspect.METER) return setMeter(text);
        return Outcome.of(() -> work.type(
                aspect.code(), ChangeFact.typed(aspect, text, work.song().facts())));
    }

    private Outcome setMeter(String meter) {
        return Outcome.of(() -> work.change(new ChangeMeter(Meter.parse(meter), Words.lexicon())));
    }

    /** Tunes lower and puts the capo on instead of tightening strings; the song sounds as before. */
    Outcome takeAdvice(TuningAdvice advice) {
        return Outcome.of(() -> work.change("edit.retune", song -> CapoMove.lowered(song, advice)));
    }

    /** The chords that the sections name and that have no shape. */
    public List<String> chordsWithoutShape() {
        Song song = work.song();
        return song.sections().stream()
                .flatMap(section -> section.spans().stream())
                .map(Span::chord)
                .distinct()
                .filter(chord -> song.chord(chord).isEmpty() && !ChordName.isNoChord(chord))
                .toList();
    }

    /** The chords whose shapes do not sound as they are called in this tuning. */
    public List<Chord> wrongShapes() {
        Tuning tuning = work.song().facts().tuning();
        var check = new ShapeCheck(tuning);
        return work.song().chords().stream()
                .filter(chord -> !chord.fits(tuning)
                        || chord.meaning()
                                .filter(name -> !check.isCalledRightly(name, chord.voicing()))
                                .isPresent())
                .toList();
    }

    /** Finds the usual shape for every chord that has none or a wrong one. */
    public void findShapes() {
        var changed = wrongShapes().stream()
                .flatMap(chord -> chord.meaning().flatMap(this::usual).stream()
                        .map(voicing -> chord.withVoicing(voicing).withStrummed(Optional.empty())))
                .toList();
        var added = chordsWithoutShape().stream()
                .flatMap(name ->
                        Chord.meaning(name).flatMap(this::usual).stream().map(voicing -> new Chord(name, voicing)))
                .toList();
        work.change("edit.find-shapes", song -> {
            Song next = song;
            for (Chord chord : changed) next = next.withChord(chord);
            for (Chord chord : added) next = next.withChord(chord);
            return withoutWrongStandIns(next);
        });
    }

    /** An easier shape that is another chord in this tuning stands in for nothing. */
    private static Song withoutWrongStandIns(Song song) {
        var check = new ShapeCheck(song.facts().tuning());
        Song next = song;
        for (Version version : song.versions().all()) {
            List<Chord> right = version.standIns().stream()
                    .filter(chord -> chord.fits(song.facts().tuning()))
                    .filter(chord -> chord.meaning()
                            .filter(name -> !check.canStandIn(name, chord.voicing()))
                            .isEmpty())
                    .toList();
            next = next.withVersions(next.versions().with(version.withStandIns(right)));
        }
        return next;
    }

    /** The first shape of {@code name} behind the song's capo, for the hand that plays. */
    public Optional<Voicing> usual(ChordName name) {
        return shapes.of(work.song().facts(), name);
    }
}
