package tactus.core.reading.transcription;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tactus.core.reading.transcription.HeardMusic.Heard;

/** Notes that the fretting hand makes sound: soft ones near in pitch to what sounded until then. */
final class Slurred {

    /** One that is struck by itself comes later behind the note before. */
    private static final double WITHIN_SECONDS = 0.004;

    private static final int FARTHEST_SEMITONES = 7;
    private static final double SOFT = 0.76;

    private Slurred() {}

    /** {@code strokes} without such notes. */
    static List<HeardStroke> without(List<HeardStroke> strokes) {
        var ends = new HashMap<Integer, Double>();
        var struck = new ArrayList<HeardStroke>();
        for (int i = 0; i < strokes.size(); i++) {
            HeardStroke stroke = strokes.get(i);
            double usual = stroke.notes().size() == 1
                    ? HeardStroke.usualForce(strokes, i, 0.5, _ -> true)
                    : stroke.notes().stream().mapToDouble(Heard::force).max().orElseThrow();
            List<Heard> kept = stroke.notes().stream()
                    .filter(note -> note.force() >= SOFT * usual
                            || !touches(ends, note, stroke.notes().size() > 1))
                    .toList();
            if (!kept.isEmpty()) struck.add(new HeardStroke(kept));
            for (Heard note : stroke.notes()) ends.put(note.key(), note.seconds() + note.lasts());
        }
        return struck;
    }

    private static boolean touches(Map<Integer, Double> ends, Heard note, boolean isWithOthers) {
        for (int away = -FARTHEST_SEMITONES; away <= FARTHEST_SEMITONES; away++) {
            Double end = away == 0 && !isWithOthers ? null : ends.get(note.key() + away);
            if (end != null && Math.abs(end - note.seconds()) <= WITHIN_SECONDS) return true;
        }
        return false;
    }
}
