package tactus.core.laid.performance;

import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Touch;
import tactus.core.written.rule.Dynamic;

/**
 * How a stroke sounds beyond its pitches: the strings follow each other a few milliseconds apart, accents are louder and
 * quicker, up strokes lighter, and the hand loses a little force from string to string. Fingers pluck together. The
 * figures are from memory of recorded playing, where a strum over six strings takes 20 to 60 ms.
 */
final class Strumming {

    /** How long a palm-muted string sounds, in seconds. */
    static final double PALM_MUTED = 0.14;
    /** How many decibels a step of loudness makes, so that from very soft to very strong there are 24 (from memory). */
    private static final double STEP = 4.8;

    /** Decibels below an accented down stroke. */
    private static final double PLAIN = 4;

    private static final double SOFT = 10;
    private static final double UP = 2.5;
    private static final double PER_STRING = 0.35;
    /** How much softer the fretting hand sounds a note by itself than a stroke does. */
    static final double SLURRED = velocity(PLAIN + 6);

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

    /** The factor of the velocity of all strokes of a place: 1 at very strong, 4.8 decibels less for each step that is softer. */
    static double loudness(double level) {
        return velocity(STEP * (Dynamic.VERY_STRONG.ordinal() - level));
    }

    /** The velocity of the string that is met as number {@code place}, from 0, where one plays as strongly as one can. */
    static double velocity(Stroke stroke, int place) {
        boolean up = stroke.way().filter(Direction.UP::equals).isPresent();
        double below = switch (stroke.force()) {
            case SOFT -> SOFT;
            case PLAIN -> PLAIN;
            case ACCENTED -> 0;
        };
        double loss = stroke instanceof Pluck ? 0 : PER_STRING * place;
        return velocity(below + (up ? UP : 0) + loss);
    }

    /** See {@link Note#velocity}. */
    private static double velocity(double decibelsBelow) {
        return Math.pow(10, -decibelsBelow / 40);
    }
}
