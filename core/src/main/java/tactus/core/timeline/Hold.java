package tactus.core.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import tactus.core.pattern.FingerMove;
import tactus.core.pattern.PatternId;
import tactus.core.stroke.Stroke;

/** How the fretting hand holds one chord while the strokes go on: the shape, and what has been moved since. */
final class Hold {

    private final String chord;
    private final Strings strings;
    private Map<Integer, Integer> moved = Map.of();

    Hold(String chord, Strings strings) {
        this.chord = chord;
        this.strings = strings;
    }

    /** Moves fingers. Returns the notes that sound by it. */
    List<StruckString> change(List<FingerMove> moves) {
        if (moves.isEmpty()) return List.of();
        var next = new TreeMap<>(moved);
        var slurred = new ArrayList<StruckString>();
        for (FingerMove move : moves) {
            move.fret().ifPresentOrElse(fret -> next.put(move.string(), fret), () -> next.remove(move.string()));
            if (move.sound() == FingerMove.Sound.SILENT) continue;
            Integer fret = next.get(move.string());
            if (fret == null) fret = strings.fret(chord, move.string()).orElse(0);
            strings.at(move.string(), fret).ifPresent(slurred::add);
        }
        moved = Map.copyOf(next);
        return slurred;
    }

    List<StruckString> struck(Stroke stroke, PatternId pattern) {
        return strings.struck(chord, stroke, pattern, moved);
    }
}
