package tactus.core.music.shape;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What the hand does from one shape to the next.
 *
 * @param motions what each finger does that is on the neck before or after
 * @param distance how far all fingers together go, in millimetres
 * @param seconds an estimate of how long a learner takes (weights from memory); the count of a student replaces it
 */
public record ShapeChange(Map<Finger, Motion> motions, double distance, double seconds) {

    /** What a finger does. */
    public enum Motion {
        STAYS,
        /** Goes along its string without leaving it. */
        SLIDES,
        /** Lifts and lands on another string. */
        MOVES,
        /** Is put on. */
        LANDS,
        /** Is taken off. */
        LIFTS
    }

    private static final double HESITATION = 0.2;
    private static final double NEW_BARRE = 0.25;
    private static final double SECONDS_A_METRE = 0.8;

    public ShapeChange {
        motions = Map.copyOf(motions);
    }

    private record Spot(int fret, List<Integer> strings) {}

    /** The change from {@code before} to {@code after} on {@code neck}. */
    public static ShapeChange between(Grip before, Grip after, Neck neck) {
        Map<Finger, Motion> motions = new EnumMap<>(Finger.class);
        double distance = 0;
        double seconds = 0;
        for (Finger finger : Finger.values()) {
            Optional<Spot> from = spot(before, finger);
            Optional<Spot> to = spot(after, finger);
            if (from.isEmpty() && to.isEmpty()) continue;
            Motion motion = motion(from, to);
            motions.put(finger, motion);
            seconds += seconds(motion);
            if (from.isPresent() && to.isPresent()) distance += distance(from.get(), to.get(), neck);
        }
        boolean barre =
                after.barres().stream().anyMatch(each -> !before.barres().contains(each));
        boolean moved = motions.values().stream().anyMatch(motion -> motion != Motion.STAYS);
        seconds += (barre ? NEW_BARRE : 0) + (moved ? HESITATION : 0) + SECONDS_A_METRE * distance / 1000;
        return new ShapeChange(motions, distance, seconds);
    }

    private static Optional<Spot> spot(Grip grip, Finger finger) {
        List<Integer> strings = IntStream.rangeClosed(1, grip.voicing().strings())
                .filter(string ->
                        grip.fingering().on(string).filter(finger::equals).isPresent())
                .boxed()
                .toList();
        if (strings.isEmpty()) return Optional.empty();
        return Optional.of(new Spot(grip.voicing().fret(strings.getFirst()).orElse(0), strings));
    }

    private static Motion motion(Optional<Spot> from, Optional<Spot> to) {
        if (from.isEmpty()) return Motion.LANDS;
        if (to.isEmpty()) return Motion.LIFTS;
        if (!from.get().strings.equals(to.get().strings)) return Motion.MOVES;
        return from.get().fret == to.get().fret ? Motion.STAYS : Motion.SLIDES;
    }

    private static double seconds(Motion motion) {
        return switch (motion) {
            case STAYS -> 0;
            case SLIDES -> 0.06;
            case MOVES -> 0.16;
            case LANDS -> 0.12;
            case LIFTS -> 0.04;
        };
    }

    private static double distance(Spot from, Spot to, Neck neck) {
        double along = neck.between(from.fret, to.fret);
        double across = Neck.STRING_GAP * (middle(from) - middle(to));
        return Math.hypot(along, across);
    }

    private static double middle(Spot spot) {
        return (spot.strings.getFirst() + spot.strings.getLast()) / 2.0;
    }

    /** How many fingers do {@code motion}. */
    public int count(Motion motion) {
        return (int) motions.values().stream().filter(motion::equals).count();
    }
}
