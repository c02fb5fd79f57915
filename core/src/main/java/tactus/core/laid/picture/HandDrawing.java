package tactus.core.laid.picture;

import java.util.ArrayList;
import java.util.List;
import tactus.core.laid.picture.Frame.Size;
import tactus.core.laid.picture.Passage.Played;
import tactus.core.laid.picture.Passage.Range;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Stop;
import tactus.core.music.stroke.Strum;
import tactus.core.music.stroke.Touch;
import tactus.core.music.time.Length;
import tactus.core.patterns.groove.Drum;

/** Works out every mark of one picture. */
final class HandDrawing {

    /** How far the hand swings beyond the outer strings, in gaps between strings. */
    private static final double OVERSWING = 1.7;
    /** How far a brush mark reaches over its outer strings, in gaps. */
    private static final double OVERSHOOT = 0.42;

    private static final double LEAST_GAP_FOR_NAMES = 11.5;
    private static final double DRUM_LINE = 14;
    private static final int BRUSH_STEPS = 10;
    private static final int CAP_STEPS = 7;

    private final Passage passage;
    private final Frame frame;
    private final double gap;
    private final double axis;
    private final double slotWidth;
    private final HandPath path;
    private final List<Mark> marks = new ArrayList<>();
    private final FingerDrawing fingers;

    HandDrawing(Passage passage, Frame frame) {
        this.passage = passage;
        this.frame = frame;
        double room = frame.height() - frame.countsHeight() - drumsHeight();
        double gaps = passage.strings() - 1 + 2 * (passage.crossings().isEmpty() ? OVERSHOOT : OVERSWING);
        gap = room / (gaps + 0.5);
        axis = room / 2;
        slotWidth = slotWidth();
        fingers = new FingerDrawing(frame, gap, slotWidth, marks, this::x, this::y);
        path = new HandPath(axis, gap * gaps / 2, frame.lowStringOnTop());
        path.through(
                passage.crossings().stream()
                        .map(crossing -> x(crossing.middle()))
                        .toList(),
                passage.crossings().stream().map(Passage.Crossing::direction).toList(),
                reach());
    }

    private double slotWidth() {
        return passage.slots().stream()
                .mapToDouble(slot -> 2 * (x(slot.middle()) - x(slot.at())))
                .max()
                .orElse(frame.slotsWidth());
    }

    private double reach() {
        var crossings = passage.crossings();
        if (crossings.size() < 2) return slotWidth / 2;
        return (x(crossings.get(1).middle()) - x(crossings.get(0).middle())) / 2;
    }

    HandPicture picture() {
        addBeatLines();
        addStrings();
        marks.addAll(path.curves());
        for (Played slot : passage.slots()) addStroke(slot);
        addDrums();
        if (frame.countsHeight() > 0) passage.slots().forEach(this::addCount);
        return new HandPicture(frame, passage, marks, path);
    }

    private void addBeatLines() {
        double bottom = frame.height() - 2;
        for (Length beat : passage.beats()) {
            boolean bar = passage.bars().contains(beat);
            if (frame.size() == Size.TINY && !bar) continue;
            marks.add(new Mark.BeatLine(new Point(x(beat), 2), new Point(x(beat), bottom), bar));
        }
    }

    private void addStrings() {
        double right = frame.width() - 2;
        for (int string = 1; string <= passage.strings(); string++) {
            double y = y(string);
            boolean named = frame.size().namesStrings();
            double left = named ? frame.left() - Math.min(14, gap * 0.9) : 0;
            double thickness = (0.7 + 0.28 * string) * (frame.size() == Size.LARGE ? 1 : 0.5);
            marks.add(new Mark.StringLine(string, new Point(left, y), new Point(right, y), thickness));
            if (named && isRoomForName(string))
                marks.add(new Mark.StringName(
                        string, new Point(left - 5, y), Math.min(frame.size() == Size.PRINT ? 9 : 14, gap * 0.85)));
        }
    }

    /** Where names would touch each other only the outer strings are named. */
    private boolean isRoomForName(int string) {
        boolean outer = string == 1 || string == passage.strings();
        return outer || frame.size() != Size.LARGE || gap >= LEAST_GAP_FOR_NAMES;
    }

    private void addStroke(Played slot) {
        switch (slot.stroke()) {
            case Strum strum -> slot.range().ifPresent(range -> addBrush(slot, range, strum));
            case Pluck pluck -> fingers.add(slot, pluck);
            case Mute mute -> slot.range().ifPresent(range -> addCrosses(slot, range, mute.force()));
            case Stop _ -> addStop(slot);
            case Ring _ -> addTrails(slot);
            case Miss _ -> {}
        }
        fingers.addMoves(slot);
    }

    private void addBrush(Played slot, Range range, Strum strum) {
        Direction direction = strum.direction();
        boolean accented = strum.force().isAccented();
        HandPath.Swing swing = swingOf(slot, direction);
        double first = y(direction == Direction.DOWN ? range.lowest() : range.highest());
        double last = y(direction == Direction.DOWN ? range.highest() : range.lowest());
        double way = frame.lowStringOnTop() == (direction == Direction.DOWN) ? 1 : -1;
        double from = first - way * gap * OVERSHOOT;
        double to = last + way * gap * OVERSHOOT;
        double thick = Math.min(gap * 0.72, slotWidth * 0.3) * weight(strum.force()) * (0.55 + 0.15 * slot.loudness());
        double lean = strum.touch() == Touch.SWEPT ? slotWidth * 0.16 : 0;
        marks.add(new Mark.Brush(slot.index(), outline(swing, from, to, thick, lean), accented, slot.isAgainst()));
        if (strum.touch() == Touch.PALM_MUTED) fingers.addPalm(slot, Math.max(from, to) + gap * 0.3);
    }

    private static double weight(Force force) {
        return switch (force) {
            case SOFT -> 0.5;
            case PLAIN -> 1;
            case ACCENTED -> 1.7;
        };
    }

    private HandPath.Swing swingOf(Played slot, Direction direction) {
        double middle = x(slot.middle());
        return path.swings().stream()
                .filter(swing -> swing.direction() == direction && Math.abs(swing.middle() - middle) < 0.01)
                .findFirst()
                .orElse(new HandPath.Swing(middle - slotWidth / 2, middle, middle + slotWidth / 2, direction));
    }

    /** The path between two heights, growing from a thin point to {@code thick}, leaning, and rounded off at the end. */
    private List<Point> outline(HandPath.Swing swing, double from, double to, double thick, double lean) {
        var left = new ArrayList<Point>();
        var right = new ArrayList<Point>();
        for (int step = 0; step <= BRUSH_STEPS; step++) {
            double part = (double) step / BRUSH_STEPS;
            double y = from + part * (to - from);
            double half = thick / 2 * (0.10 + 0.90 * Math.pow(part, 0.85));
            double x = path.xAt(swing, y) + lean * (part - 0.5) * 2;
            left.add(new Point(x - half, y));
            right.addFirst(new Point(x + half, y));
        }
        addCap(left, path.xAt(swing, to) + lean, to, thick, to > from ? 1 : -1);
        left.addAll(right);
        return left;
    }

    /** Rounds off the thick end, from its left to its right. */
    private void addCap(List<Point> outline, double x, double y, double thick, int way) {
        double depth = Math.min(thick * 0.42, gap * 0.34);
        for (int step = 1; step < CAP_STEPS; step++) {
            double angle = Math.PI * step / CAP_STEPS;
            outline.add(new Point(x - thick / 2 * Math.cos(angle), y + way * depth * Math.sin(angle)));
        }
    }

    private void addCrosses(Played slot, Range range, Force force) {
        double arm = Math.min(gap * 0.34, slotWidth * 0.2) * (force.isAccented() ? 1.25 : 1);
        for (int string = range.highest(); string <= range.lowest(); string++) {
            var middle = new Point(x(slot.middle()), y(string));
            marks.add(new Mark.Cross(slot.index(), middle, arm, force.isAccented(), slot.isAgainst()));
        }
    }

    private void addStop(Played slot) {
        double x = x(slot.middle());
        double over = gap * 0.5;
        var top = new Point(x, Math.min(y(1), y(passage.strings())) - over);
        var bottom = new Point(x, Math.max(y(1), y(passage.strings())) + over);
        marks.add(new Mark.StopBar(slot.index(), top, bottom, Math.max(2, Math.min(gap * 0.34, slotWidth * 0.2))));
    }

    private void addTrails(Played slot) {
        double half = x(slot.middle()) - x(slot.at());
        double x = x(slot.at());
        for (int string = 1; string <= passage.strings(); string++) {
            marks.add(new Mark.Trail(
                    slot.index(),
                    new Point(x - half * 0.5, y(string)),
                    new Point(x + 2 * half * 0.92, y(string)),
                    Math.max(1, gap * 0.1)));
        }
    }

    /** A groove has two lines between the strings and the counts: the hat's, and one for kick and snare. */
    private double drumsHeight() {
        return passage.drums().isEmpty() || !frame.size().namesStrings() ? 0 : 2 * DRUM_LINE;
    }

    private void addDrums() {
        if (drumsHeight() == 0) return;
        for (Passage.DrumHit hit : passage.drums()) {
            marks.add(new Mark.DrumHit(
                    hit.drum(), new Point(x(hit.at()) + slotWidth / 2, drumY(hit.drum())), DRUM_LINE * 0.36));
        }
        for (Drum drum : List.of(Drum.HAT, Drum.SNARE)) {
            marks.add(new Mark.DrumName(drum, new Point(frame.left() - 8, drumY(drum))));
        }
    }

    private double drumY(Drum drum) {
        double top = frame.height() - frame.countsHeight() - drumsHeight();
        return top + DRUM_LINE * (drum == Drum.HAT ? 0.5 : 1.5);
    }

    private void addCount(Played slot) {
        boolean played = slot.stroke().isStruck() || slot.stroke() instanceof Stop;
        boolean number = slot.count().isNumber();
        String spoken = slot.spoken();
        double base = frame.height() - frame.countsHeight() * 0.33;
        marks.add(new Mark.CountText(
                slot.index(),
                played ? spoken : "(" + spoken + ")",
                new Point(x(slot.middle()), base),
                countSize(number),
                played,
                number));
    }

    private double countSize(boolean number) {
        double size = Math.min(frame.countsHeight() * (frame.size().namesStrings() ? 0.42 : 0.66), slotWidth * 0.62);
        return number ? size : size * 0.84;
    }

    private double x(Length at) {
        return frame.left() + at.toDouble() / passage.length().toDouble() * frame.slotsWidth();
    }

    private double y(int string) {
        double fromAxis = (passage.strings() + 1) / 2.0 - string;
        return axis + (frame.lowStringOnTop() ? fromAxis : -fromAxis) * gap;
    }
}
