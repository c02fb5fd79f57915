package tactus.core.performance;

import tactus.core.stroke.Direction;
import tactus.core.stroke.Force;

/**
 * How a strum sounds beyond its pitches: the strings follow each other a few milliseconds apart, accents are louder and
 * quicker, up strokes lighter, and the hand loses a little force from string to string. The figures are from memory of
 * recorded strumming, where six strings take 20 to 60 ms.
 */
final class Strumming {

    private static final double PLAIN_SPREAD = 0.008;
    private static final double ACCENTED_SPREAD = 0.005;

    private Strumming() {}

    /** Seconds from one string to the next. */
    static double spread(Force force) {
        return force.isAccented() ? ACCENTED_SPREAD : PLAIN_SPREAD;
    }

    /** The velocity of the string that is met as number {@code place}, from 0. */
    static double velocity(Direction direction, Force force, int place) {
        double first = direction == Direction.DOWN ? 0.66 : 0.56;
        double accent = force.isAccented() ? 0.28 : 0;
        return (first + accent) * (1 - 0.02 * place);
    }
}
