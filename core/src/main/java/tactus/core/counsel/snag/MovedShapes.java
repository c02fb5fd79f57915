package tactus.core.counsel.snag;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;
import tactus.core.music.pitch.Tuning;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.ChordMove;

/** What the fingers make of a shape while they move. */
final class MovedShapes {

    private MovedShapes() {}

    /**
     * The shape of {@code chord} whenever a finger has moved: those of the pattern, then those that move on the chord whatever is
     * played. Each is the fret of every string that is held or open.
     */
    static List<SortedMap<Integer, Integer>> of(Pattern pattern, Chord chord, Tuning tuning) {
        Stream<FingerMove> ofPattern = pattern.grid().slots().stream().flatMap(slot -> pattern.movesAt(slot).stream());
        var made = new ArrayList<>(of(ofPattern.toList(), chord, tuning));
        made.addAll(of(chord.moves().stream().map(ChordMove::move).toList(), chord, tuning));
        return made;
    }

    private static List<SortedMap<Integer, Integer>> of(List<FingerMove> moves, Chord chord, Tuning tuning) {
        var held = new TreeMap<Integer, Integer>();
        for (int string = 1; string <= tuning.strings(); string++) {
            int each = string;
            chord.voicing().fret(string).ifPresent(fret -> held.put(each, fret));
        }
        var made = new ArrayList<SortedMap<Integer, Integer>>();
        for (FingerMove move : moves) {
            if (move.string() > tuning.strings()) continue;
            OptionalInt fret =
                    move.fret().map(OptionalInt::of).orElse(chord.voicing().fret(move.string()));
            if (fret.isPresent()) held.put(move.string(), fret.getAsInt());
            else held.remove(move.string());
            made.add(new TreeMap<>(held));
        }
        return made;
    }
}
