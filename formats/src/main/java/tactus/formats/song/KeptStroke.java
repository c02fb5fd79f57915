package tactus.formats.song;

import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.StrokeLine;

/** A stroke that stands alone: written as if the hand were going down. */
final class KeptStroke {

    private KeptStroke() {}

    static String format(Stroke stroke) {
        return StrokeLine.format(stroke, Direction.DOWN);
    }

    /** @throws tactus.core.ground.refusal.NotationException if the text is not exactly one stroke */
    static Stroke parse(String text) {
        return StrokeLine.stroke(text, Direction.DOWN);
    }
}
