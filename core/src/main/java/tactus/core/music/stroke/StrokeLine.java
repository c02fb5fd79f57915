package tactus.core.music.stroke;

import java.util.ArrayList;
import java.util.List;
import tactus.core.ground.refusal.NotationException;

/**
 * Strokes as a line, one sign a slot, {@code d-du-udu}:
 *
 * <ul>
 *   <li>{@code d} down, {@code u} up, over all strings; {@code b} bass strings, {@code t} treble strings, {@code x} chop,
 *       {@code f} fretting hand released, {@code l} hand laid across, in the direction in which the hand goes;
 *   <li>{@code 5} string 5; {@code 5:3} string 5 at fret 3; {@code p} thumb on the root bass, {@code q} on the alternate
 *       bass, {@code i m a} fingers; {@code (5 1)} or {@code (pa)} a pinch;
 *   <li>{@code -} or {@code .} miss, {@code =} ring, {@code s} stop;
 *   <li>a capital letter, or {@code !} behind the stroke, accents it; {@code '} makes it soft, {@code _} palm-muted,
 *       {@code ~} swept;
 *   <li>{@code (ut)} is one slot whose direction is said, {@code (d4-2)} a strum over the strings that are named;
 *   <li>spaces and {@code |} may stand anywhere between slots.
 * </ul>
 */
public final class StrokeLine {

    private StrokeLine() {}

    /**
     * Reads a line.
     *
     * @param hand which way the hand goes at each slot
     * @return one stroke for each slot written, at most as many as the hand has slots
     * @throws NotationException if a sign is unknown, a bracket stays open or there are more strokes than slots
     */
    public static List<Stroke> parse(String text, List<Direction> hand) {
        var reader = new StrokeReader(text);
        var strokes = new ArrayList<Stroke>();
        while (reader.hasNext()) {
            if (strokes.size() == hand.size()) {
                throw reader.wrong("stroke.more-than-slots", hand.size());
            }
            strokes.add(reader.next(hand.get(strokes.size())));
        }
        return strokes;
    }

    /** Counts the slots that {@code text} writes, whether or not each can be read. */
    public static int slots(String text) {
        return text.replaceAll("\\([^)]*\\)?", "d")
                .replaceAll(":\\d*", "")
                .replaceAll("[\\s|!'_~]", "")
                .length();
    }

    /**
     * The stroke that {@code sign} writes where the hand goes {@code usual}.
     *
     * @throws NotationException if it writes none, or more than one
     */
    public static Stroke stroke(String sign, Direction usual) {
        var reader = new StrokeReader(sign);
        if (!reader.hasNext()) throw reader.wrong("stroke.none");
        Stroke stroke = reader.next(usual);
        if (reader.hasNext()) throw reader.wrong("stroke.several");
        return stroke;
    }

    /** Writes {@code stroke} so that {@link #stroke} reads it back where the hand goes {@code usual}. */
    public static String format(Stroke stroke, Direction usual) {
        return StrokeSign.of(stroke, usual);
    }
}
