package tactus.core.snag;

import java.util.ArrayList;
import java.util.List;
import tactus.core.capo.CapoPlan;
import tactus.core.chord.ChordName;
import tactus.core.harmony.Chord;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.StringTension;
import tactus.core.pitch.TuningAdvice;
import tactus.core.shape.ShapeCheck;
import tactus.core.shape.ShapeFault;
import tactus.core.snag.Snag.Kind;
import tactus.core.snag.Snag.Number;
import tactus.core.song.Facts;
import tactus.core.song.Song;
import tactus.core.time.NotationException;

/** Finds what does not fit in the tuning, the capo and the shapes. */
final class SetUpSnags {

    private final Song song;
    private final ShapeCheck check;
    private final List<Snag> found = new ArrayList<>();

    private SetUpSnags(Song song) {
        this.song = song;
        check = new ShapeCheck(song.facts().tuning());
    }

    static List<Snag> of(Song song) {
        var snags = new SetUpSnags(song);
        snags.checkStrings(song.facts().instrument());
        snags.checkCapo(song.facts());
        song.chords().forEach(snags::checkChord);
        return snags.found;
    }

    private void checkStrings(Instrument instrument) {
        for (StringTension string : StringTension.of(instrument.strings(), instrument.concert())) {
            if (!string.isTight()) continue;
            String sentence = "string " + string.string() + " is tuned " + Words.count(string.semitones(), "semitone")
                    + " up, which tightens it by " + string.percent()
                    + " % (Mersenne): it may break. Keep the face away from it." + instead(instrument);
            add(
                    Kind.STRING_TOO_TIGHT,
                    new Place.InFacts(),
                    "Tuning",
                    sentence,
                    new Number("semitones", Integer.toString(string.semitones())),
                    new Number("tension, percent", Integer.toString(string.percent())));
        }
    }

    private static String instead(Instrument instrument) {
        return TuningAdvice.of(instrument.strings(), instrument.capo(), Instrument.HIGHEST_CAPO)
                .map(advice -> " Tune to " + advice.tuning().notes() + " and put the capo at " + advice.capo()
                        + " instead: it sounds the same.")
                .orElse("");
    }

    private void checkCapo(Facts facts) {
        if (facts.capo() <= CapoPlan.CRAMPED_ABOVE) return;
        add(
                Kind.CAPO_TOO_HIGH,
                new Place.InFacts(),
                "Capo",
                "at fret " + facts.capo()
                        + " the hand is cramped; the capo plan shows other shapes for the same sound.",
                new Number("capo", Integer.toString(facts.capo())));
    }

    private void checkChord(Chord chord) {
        if (ChordName.isNoChord(chord.name())) return;
        int strings = song.facts().tuning().strings();
        if (!chord.fits(song.facts().tuning())) {
            add(
                    Kind.SHAPE_NOT_PLAYABLE,
                    chord,
                    "its shape " + chord.voicing() + " is for "
                            + Words.count(chord.voicing().strings(), "string") + ", the tuning has " + strings
                            + ", so it is silent.");
            return;
        }
        checkName(chord);
        check.grip(chord.voicing()).forEach(fault -> add(Kind.SHAPE_NOT_PLAYABLE, chord, fault.sentence()));
        chord.fingering()
                .map(fingers -> ShapeCheck.fingers(chord.voicing(), fingers))
                .orElse(List.of())
                .forEach(fault -> add(Kind.SHAPE_NOT_PLAYABLE, chord, fault.sentence()));
    }

    private void checkName(Chord chord) {
        try {
            check.name(ChordName.parse(chord.name()), chord.voicing())
                    .map(ShapeFault::sentence)
                    .ifPresent(sentence -> add(Kind.SHAPE_NOT_ITS_NAME, chord, sentence));
        } catch (NotationException unreadable) {
            add(Kind.NAME_UNREADABLE, chord, unreadable.getMessage() + ".");
        }
    }

    private void add(Kind kind, Chord chord, String sentence) {
        add(
                kind,
                new Place.InChord(chord.name()),
                "Chord " + chord.name(),
                sentence,
                new Number("shape", chord.voicing().toString()));
    }

    private void add(Kind kind, Place place, String where, String sentence, Number... numbers) {
        found.add(new Snag(kind, place, where, sentence, List.of(numbers)));
    }
}
