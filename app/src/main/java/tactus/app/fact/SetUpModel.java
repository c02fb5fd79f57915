package tactus.app.fact;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import tactus.app.work.Attempt;
import tactus.app.work.OfferedShapes;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.capo.CapoMove;
import tactus.core.chord.ChordName;
import tactus.core.edit.ChangeMeter;
import tactus.core.edit.Edit;
import tactus.core.harmony.Chord;
import tactus.core.harmony.Span;
import tactus.core.library.Level;
import tactus.core.picking.FingerSchool;
import tactus.core.picking.Strike;
import tactus.core.pitch.ConcertPitch;
import tactus.core.pitch.Guitar;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.Key;
import tactus.core.pitch.Spelling;
import tactus.core.pitch.Tuning;
import tactus.core.pitch.TuningAdvice;
import tactus.core.refusal.Refusal;
import tactus.core.search.ShapeCheck;
import tactus.core.shape.Voicing;
import tactus.core.song.Facts;
import tactus.core.song.Song;
import tactus.core.song.Version;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;
import tactus.words.Words;

/** Changes of the song's facts and its guitar. Each returns what is wrong with it, if anything. */
public final class SetUpModel {

    private final Work work;
    private final OfferedShapes shapes;

    public SetUpModel(Work work, Settings settings) {
        this.work = work;
        shapes = new OfferedShapes(settings);
    }

    Optional<String> setTitle(String title) {
        return type("title", facts -> facts.withTitle(title));
    }

    Optional<String> setNote(String note) {
        return type("note", facts -> facts.withNote(note));
    }

    /** @param tags with commas between them */
    Optional<String> setTags(String tags) {
        return type("tags", facts -> facts.withTags(List.of(tags.split(","))));
    }

    Optional<String> setKey(String key) {
        return type("key", facts -> facts.withKey(Key.parse(key)));
    }

    public Optional<String> setSpelling(Spelling spelling) {
        return type("spelling", facts -> facts.withSpelling(spelling));
    }

    Optional<String> setMeter(String meter) {
        return Attempt.of(() -> work.change(new ChangeMeter(Meter.parse(meter), Words.lexicon())));
    }

    public Optional<String> setTempo(String perMinute) {
        return type(
                "tempo",
                facts -> facts.withTempo(new Tempo(
                        number("number-wanted.tempo", perMinute), facts.tempo().beat())));
    }

    /** Starts the song so many felt beats in front of its first bar line. */
    Optional<String> setPickup(int beats) {
        return type("pickup", facts -> facts.withPickup(beats));
    }

    /** Says for whom the song is arranged. */
    Optional<String> setLevel(Optional<Level> level) {
        return type("level", facts -> facts.withLevel(level));
    }

    /** Says what strikes the strings. */
    Optional<String> setStrike(Optional<Strike> strike) {
        return type("strike", facts -> facts.withPicking(facts.picking().withStrike(strike)));
    }

    /** Says which strings picking fingers take. */
    Optional<String> setSchool(FingerSchool school) {
        return type("school", facts -> facts.withPicking(facts.picking().with(school)));
    }

    /** Moves the capo under the same shapes, so that the song sounds in another key. */
    public Optional<String> setCapo(int capo) {
        return guitar("capo", guitar -> guitar.withCapo(capo));
    }

    /** Lowers all strings under the same shapes, so that the song sounds in another key. */
    public Optional<String> setTunedDown(int semitones) {
        return guitar("tuned-down", guitar -> guitar.withTunedDown(semitones));
    }

    /** Tunes the strings; the standard tuning said lower is the standard tuning, tuned down. */
    public Optional<String> setTuning(String tuning) {
        return guitar("tuning", guitar -> tuned(guitar, Tuning.parse(tuning)));
    }

    /** Says what is played; the tuning stays, as long as it has as many strings. */
    Optional<String> setGuitar(Guitar kind) {
        return guitar("guitar", guitar -> onKind(guitar, kind));
    }

    private static Instrument onKind(Instrument guitar, Guitar kind) {
        Instrument other = guitar.withGuitar(kind);
        boolean isUsual = guitar.tuning().equals(guitar.tuning().usual());
        return isUsual ? other.withTuning(kind.usualTuning().orElse(guitar.tuning())) : other;
    }

    private static Instrument tuned(Instrument guitar, Tuning tuning) {
        for (int down = 1; down <= Instrument.LOWEST_TUNED_DOWN; down++) {
            if (tuning.equals(Tuning.STANDARD.plus(-down))) {
                return guitar.withTuning(Tuning.STANDARD).withTunedDown(down);
            }
        }
        return guitar.withTuning(tuning);
    }

    /** Tunes lower and puts the capo on instead of tightening strings; the song sounds as before. */
    Optional<String> takeAdvice(TuningAdvice advice) {
        return Attempt.of(() -> work.change("edit.retune", song -> CapoMove.lowered(song, advice)));
    }

    public Optional<String> setConcert(String hertz) {
        return guitar(
                "concert", guitar -> guitar.withConcert(new ConcertPitch(number("number-wanted.concert", hertz))));
    }

    private Optional<String> guitar(String field, UnaryOperator<Instrument> change) {
        return type(field, facts -> {
            Instrument before = facts.instrument();
            Instrument after = change.apply(before);
            return facts.withInstrument(after)
                    .withKey(facts.key().plus(after.transposition() - before.transposition()));
        });
    }

    private static double number(String code, String text) {
        String plain = text.strip().replace(',', '.');
        if (!plain.matches("[+-]?\\d{1,9}(\\.\\d{0,9})?")) throw new Refusal(code, text);
        return Double.parseDouble(plain);
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

    private Optional<String> type(String field, UnaryOperator<Facts> change) {
        return Attempt.of(() ->
                work.type(field, Edit.of("edit." + field, song -> song.withFacts(change.apply(song.facts())))));
    }
}
