package tactus.core.laid.picture;

import java.util.ArrayList;
import java.util.List;
import tactus.core.music.stroke.Direction;

/**
 * The curve that the hand describes: a cosine that crosses the middle of the strings at every crossing and turns above
 * and below them in between.
 */
final class HandPath {

    /** A crossing with the turning points before and after it, in x. */
    record Swing(double before, double middle, double after, Direction direction) {}

    /** How far of the gap a hand that comes back the same way turns from each crossing. */
    private static final double QUICK_TURN = 0.36;

    // Where the control points of a quarter of a cosine lie, as parts of its width and height: a cubic curve through
    // half a cosine (0.3642, from memory) divided in two.
    private static final double EDGE_X = 0.3642;
    private static final double MIDDLE_X = 0.6821;
    private static final double MIDDLE_Y = 0.5;

    private final List<Swing> swings = new ArrayList<>();
    private final double axis;
    private final double height;
    private final boolean downIsDown;

    /**
     * @param axis the y of the middle of the strings
     * @param height how far the hand swings from there
     * @param downIsDown whether a down stroke goes down the page
     */
    HandPath(double axis, double height, boolean downIsDown) {
        this.axis = axis;
        this.height = height;
        this.downIsDown = downIsDown;
    }

    /** Lays the path through crossings at {@code xs}, which rise; the ends reach {@code reach} beyond them. */
    void through(List<Double> xs, List<Direction> directions, double reach) {
        for (int i = 0; i < xs.size(); i++) {
            double x = xs.get(i);
            double before = i == 0 ? x - reach : x - turn(xs, directions, i - 1);
            double after = i == xs.size() - 1 ? x + reach : x + turn(xs, directions, i);
            swings.add(new Swing(before, x, after, directions.get(i)));
        }
    }

    private static double turn(List<Double> xs, List<Direction> directions, int i) {
        double gap = xs.get(i + 1) - xs.get(i);
        return directions.get(i) == directions.get(i + 1) ? gap * QUICK_TURN : gap / 2;
    }

    List<Swing> swings() {
        return swings;
    }

    /** The y at which a hand going {@code direction} comes in; it leaves at the mirrored height. */
    private double entry(Direction direction) {
        return (direction == Direction.DOWN) == downIsDown ? axis - height : axis + height;
    }

    private double exit(Direction direction) {
        return 2 * axis - entry(direction);
    }

    /** The path as curves, silent returns included. */
    List<Mark> curves() {
        var curves = new ArrayList<Mark>();
        for (int i = 0; i < swings.size(); i++) {
            Swing swing = swings.get(i);
            if (i > 0) addReturn(curves, swings.get(i - 1), swing);
            curves.add(quarter(swing.before(), entry(swing.direction()), swing.middle(), axis, false));
            curves.add(reversed(quarter(swing.after(), exit(swing.direction()), swing.middle(), axis, false)));
        }
        return curves;
    }

    private void addReturn(List<Mark> curves, Swing last, Swing next) {
        if (next.before() - last.after() < 0.5) return;
        double middle = (last.after() + next.before()) / 2;
        curves.add(quarter(last.after(), exit(last.direction()), middle, axis, true));
        curves.add(reversed(quarter(next.before(), entry(next.direction()), middle, axis, true)));
    }

    /** From a turning point to the middle of the strings. */
    private static Mark.Path quarter(double turnX, double turnY, double middleX, double middleY, boolean silent) {
        double width = middleX - turnX;
        double rise = middleY - turnY;
        return new Mark.Path(
                new Point(turnX, turnY),
                new Point(turnX + EDGE_X * width, turnY),
                new Point(turnX + MIDDLE_X * width, turnY + MIDDLE_Y * rise),
                new Point(middleX, middleY),
                silent);
    }

    private static Mark.Path reversed(Mark.Path path) {
        return new Mark.Path(path.to(), path.control2(), path.control1(), path.from(), path.isSilent());
    }

    /** Where the hand of {@code swing} is when it has come to {@code y}. */
    double xAt(Swing swing, double y) {
        double entry = entry(swing.direction());
        double progress = Math.clamp((y - axis) / (axis - entry), -1, 1);
        double part = Math.asin(progress) / (Math.PI / 2);
        return swing.middle() + part * (part < 0 ? swing.middle() - swing.before() : swing.after() - swing.middle());
    }

    /** How high the hand is at {@code x}. */
    double yAt(double x) {
        if (swings.isEmpty()) return axis;
        Swing last = null;
        for (Swing swing : swings) {
            if (x < swing.before()) return last == null ? entry(swing.direction()) : returning(last, swing, x);
            if (x <= swing.after()) return crossing(swing, x);
            last = swing;
        }
        return exit(last.direction());
    }

    private double crossing(Swing swing, double x) {
        double part = x < swing.middle()
                ? (x - swing.middle()) / (swing.middle() - swing.before())
                : (x - swing.middle()) / (swing.after() - swing.middle());
        return axis + (axis - entry(swing.direction())) * Math.sin(part * Math.PI / 2);
    }

    private double returning(Swing last, Swing next, double x) {
        double part = (x - last.after()) / (next.before() - last.after());
        double from = exit(last.direction());
        return axis + (from - axis) * Math.cos(part * Math.PI);
    }
}
