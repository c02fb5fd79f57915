package tactus.formats.song;

import java.util.List;
import tactus.core.stroke.Hand;
import tactus.core.stroke.Stroke;
import tactus.core.stroke.StrokeLine;
import tactus.core.time.Division;
import tactus.core.time.Grid;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.NotationException;

/** A stroke that stands alone: written as if the hand were going down. */
final class KeptStroke {

    private static final Grid ONE_SLOT = Grid.of(Meter.of(1, 4), 1, Division.ONE);
    private static final Hand GOING_DOWN = Hand.pendulum(Length.QUARTER);

    private KeptStroke() {}

    static String format(Stroke stroke) {
        return StrokeLine.format(List.of(stroke), ONE_SLOT, GOING_DOWN);
    }

    /** @throws NotationException if the text is not exactly one stroke */
    static Stroke parse(String text) {
        List<Stroke> strokes = StrokeLine.parse(text, ONE_SLOT, GOING_DOWN);
        if (strokes.isEmpty()) throw new NotationException("is no stroke", text, 0);
        return strokes.getFirst();
    }
}
