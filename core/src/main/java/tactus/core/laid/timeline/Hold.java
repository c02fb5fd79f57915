package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import tactus.core.music.stroke.Stroke;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.PatternId;

/** How the fretting hand holds one chord while the strokes go on: the shape, and what has been moved since. */
final class Hold {

    private final String chord;
    private final Strings strings;
    private final List<List<StruckString>> known;
    private Map<Integer, Integer> moved = Map.of();
    /** The strings that were struck on this chord. */
    private final Set<Integer> ringing = new HashSet<>();

    /** @param known what each slot strikes on the shape as it is, as far as it has been worked out; null where not */
    Hold(String chord, Strings strings, List<List<StruckString>> known) {
        this.chord = chord;
        this.strings = strings;
        this.known = known;
    }

    /** Moves fingers. Returns the notes that sound by it: a string that nobody has struck is not heard. */
    List<StruckString> change(List<FingerMove> moves) {
        if (moves.isEmpty()) return List.of();
        var next = new TreeMap<>(moved);
        var slurred = new ArrayList<StruckString>();
        for (FingerMove move : moves) {
            move.fret().ifPresentOrElse(fret -> next.put(move.string(), fret), () -> next.remove(move.string()));
            if (move.sound() == FingerMove.Sound.SILENT || !ringing.contains(move.string())) continue;
            Integer fret = next.get(move.string());
            if (fret == null) fret = strings.fret(chord, move.string()).orElse(0);
            strings.at(move.string(), fret).ifPresent(slurred::add);
        }
        moved = Map.copyOf(next);
        return slurred;
    }

    /** What {@code stroke}, on the slot with {@code index}, strikes. */
    List<StruckString> struck(Stroke stroke, PatternId pattern, int index) {
        List<StruckString> struck = sounding(stroke, pattern, index);
        struck.forEach(each -> ringing.add(each.string()));
        return struck;
    }

    private List<StruckString> sounding(Stroke stroke, PatternId pattern, int index) {
        if (!moved.isEmpty()) return strings.struck(chord, stroke, Optional.of(pattern), moved);
        List<StruckString> found = known.get(index);
        if (found == null) {
            found = strings.struck(chord, stroke, Optional.of(pattern), moved);
            known.set(index, found);
        }
        return found;
    }
}
