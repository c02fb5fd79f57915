package tactus.core.counsel.capo;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.TuningAdvice;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;

/** Puts a choice into effect: the capo moves, every chord becomes its new shape, and the song sounds as before. */
public final class CapoMove {

    private CapoMove() {}

    /** Returns {@code song} played as {@code choice} says. */
    public static Song apply(Song song, CapoChoice choice) {
        Facts facts = song.facts();
        int up = facts.instrument().transposition() - (choice.capo() - choice.tunedDown());
        var moved =
                facts.withInstrument(facts.instrument().withCapo(choice.capo()).withTunedDown(choice.tunedDown()));
        if (up == 0) return song.withFacts(moved);
        Map<ChordName, CapoChoice.ChordShape> shapes = new LinkedHashMap<>();
        choice.chords().forEach(chord -> shapes.put(chord.name(), chord));
        Song renamed = renamed(song.withFacts(moved), up);
        return renamed.withChords(renamed.chords().stream()
                .map(chord -> reshaped(song, chord, shapes))
                .toList());
    }

    /**
     * Returns {@code song} with the strings tuned lower and the capo higher instead of strings tightened; every shape stays
     * as it is and sounds as before, under the name it has in the lower tuning.
     */
    public static Song lowered(Song song, TuningAdvice advice) {
        Facts facts = song.facts();
        Instrument lower =
                facts.instrument().withTuning(advice.tuning()).withTunedDown(0).withCapo(advice.capo());
        int up = facts.instrument().transposition() - lower.transposition();
        return renamed(song.withFacts(facts.withInstrument(lower)), up);
    }

    private static Song renamed(Song moved, int up) {
        Facts facts = moved.facts();
        Map<String, String> names = new HashMap<>();
        return moved.withChordsRenamed(name -> names.computeIfAbsent(
                name,
                each -> Chord.meaning(each)
                        .map(meaning -> Chord.labelledAs(
                                each,
                                meaning.transposed(up, facts.spelling(), facts.shapesKey())
                                        .toString()))
                        .orElse(each)));
    }

    /** The song's own shape of that name if it had one, otherwise the one that was chosen. */
    private static Chord reshaped(Song before, Chord chord, Map<ChordName, CapoChoice.ChordShape> shapes) {
        return before.chord(chord.name())
                .or(() -> chord.meaning()
                        .map(shapes::get)
                        .map(shape -> chord.withVoicing(shape.shape().voicing()).withStrummed(Optional.empty())))
                .orElse(chord);
    }
}
