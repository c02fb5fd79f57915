package tactus.core.performance;

import tactus.core.rule.Dynamic;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Pluck;
import tactus.core.stroke.Stroke;
import tactus.core.stroke.Touch;

/**
 * How a stroke sounds beyond its pitches: the strings follow each other a few milliseconds apart, accents are louder and
 * quicker, up strokes lighter, and the hand loses a little force from string to string. Fingers pluck together. The
 * figures are from memory of recorded playing, where a strum over six strings takes 20 to 60 ms.
 */
final class Strumming {

    /** How long a palm-muted string sounds, in seconds. */
    static final double PALM_MUTED = 0.14;
    /** The velocity of a note that the fretting hand sounds by itself. */
    static final double SLURRED = 0.42;

    private static final double PER_STEP = 0.16;
    private static final double PLAIN_SPREAD = 0.008;
    private static final double ACCENTED_SPREAD = 0.005;
    private static final double SWEPT_SPREAD = 0.045;
    private static final double PINCHED_SPREAD = 0.001;

    private Strumming() {}

    /** Seconds from one string to the next. */
    static double spread(Stroke stroke) {
        if (stroke.touch() == Touch.SWEPT) return SWEPT_SPREAD;
        if (stroke instanceof Pluck) return PINCHED_SPREAD;
        return stroke.force().isAccented() ? ACCENTED_SPREAD : PLAIN_SPREAD;
    }

    /**
     * How the level of a place changes the velocity of its strokes: 1 at medium, a sixth less for each step that is softer
     * and as much more for each that is stronger (from memory).
     */
    static double loudness(double level) {
        return 1 + (level - Dynamic.MEDIUM.ordinal()) * PER_STEP;
    }

    /** The velocity of the string that is met as number {@code place}, from 0. */
    static double velocity(Stroke stroke, int place) {
        boolean up = stroke.way().filter(Direction.UP::equals).isPresent();
        double first = up ? 0.56 : 0.66;
        double force = switch (stroke.force()) {
            case SOFT -> -0.24;
            case PLAIN -> 0;
            case ACCENTED -> 0.28;
        };
        double loss = stroke instanceof Pluck ? 0 : 0.02 * place;
        return (first + force) * (1 - loss);
    }
}
