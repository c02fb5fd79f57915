package tactus.core.capo;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import tactus.core.chord.ChordName;
import tactus.core.song.Chord;
import tactus.core.song.Facts;
import tactus.core.song.Song;

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
        Map<String, String> names = new HashMap<>();
        Map<ChordName, CapoChoice.ChordShape> shapes = new LinkedHashMap<>();
        choice.chords().forEach(chord -> shapes.put(chord.name(), chord));
        Song renamed = song.withFacts(moved)
                .withChordsRenamed(name -> names.computeIfAbsent(
                        name,
                        each -> Chord.meaning(each)
                                .map(meaning -> meaning.transposed(up, facts.spelling(), choice.shapesKey())
                                        .toString())
                                .orElse(each)));
        return renamed.withChords(renamed.chords().stream()
                .map(chord -> reshaped(song, chord, shapes))
                .toList());
    }

    /** The song's own shape of that name if it had one, otherwise the one that was chosen. */
    private static Chord reshaped(Song before, Chord chord, Map<ChordName, CapoChoice.ChordShape> shapes) {
        return before.chord(chord.name())
                .or(() -> chord.meaning()
                        .map(shapes::get)
                        .map(shape ->
                                chord.withVoicing(shape.shape().voicing()).withStrummed(java.util.Optional.empty())))
                .orElse(chord);
    }
}
