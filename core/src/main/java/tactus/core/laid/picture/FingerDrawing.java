package tactus.core.laid.picture;

import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.function.ToDoubleFunction;
import tactus.core.laid.picture.Passage.Played;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.RoleSchool;
import tactus.core.music.stroke.Touch;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.FingerMove;

/** Works out the marks of single strings: what fingers pluck, and what the fretting hand changes. */
final class FingerDrawing {

    private final Frame frame;
    private final double gap;
    private final double slotWidth;
    private final List<Mark> marks;
    private final ToDoubleFunction<Length> x;
    private final IntToDoubleFunction y;

    FingerDrawing(
            Frame frame,
            double gap,
            double slotWidth,
            List<Mark> marks,
            ToDoubleFunction<Length> x,
            IntToDoubleFunction y) {
        this.frame = frame;
        this.gap = gap;
        this.slotWidth = slotWidth;
        this.marks = marks;
        this.x = x;
        this.y = y;
    }

    private static String label(Fingerprint print, RoleSchool school) {
        return print.role()
                .map(role -> role.label(school))
                .or(() -> print.fret().map(String::valueOf))
                .orElse("");
    }

    void add(Played slot, Pluck pluck) {
        double middle = x.applyAsDouble(slot.middle());
        double weight = switch (pluck.force()) {
            case SOFT -> 0.75;
            case PLAIN -> 1;
            case ACCENTED -> 1.25;
        };
        double radius = Math.min(gap * (frame.size().namesStrings() ? 0.46 : 0.6), slotWidth * 0.42) * weight;
        var strings = slot.fingers().stream().mapToInt(Fingerprint::string).summaryStatistics();
        if (pluck.isPinch() && strings.getCount() > 1) {
            var top = new Point(middle, y.applyAsDouble(strings.getMin()));
            var bottom = new Point(middle, y.applyAsDouble(strings.getMax()));
            marks.add(new Mark.Tie(slot.index(), top, bottom, Math.max(1, gap * 0.1)));
        }
        for (Fingerprint print : slot.fingers()) {
            marks.add(new Mark.Finger(
                    slot.index(),
                    new Point(middle, y.applyAsDouble(print.string())),
                    radius,
                    frame.size() == Frame.Size.TINY ? "" : label(print, frame.roles()),
                    pluck.force().isAccented(),
                    print.isWrong()));
        }
        if (pluck.touch() == Touch.PALM_MUTED) addPalm(slot, y.applyAsDouble(strings.getMax()) + gap * 0.55);
    }

    /** The edge of the hand on the strings: a short thick line at {@code height}, under what it damps. */
    void addPalm(Played slot, double height) {
        double middle = x.applyAsDouble(slot.middle());
        double half = slotWidth * 0.3;
        marks.add(new Mark.StopBar(
                slot.index(),
                new Point(middle - half, height),
                new Point(middle + half, height),
                Math.max(1.5, Math.min(5, gap * 0.2))));
    }

    /** A finger of the fretting hand: the fret it goes to, on its string, at the start of the slot. */
    void addMoves(Played slot) {
        if (frame.countsHeight() == 0) return;
        for (FingerMove move : slot.moves()) {
            String text =
                    move.sound() == FingerMove.Sound.SILENT ? "" : move.sound().sign();
            marks.add(new Mark.MoveText(
                    slot.index(),
                    text + move.fret().map(String::valueOf).orElse("−"),
                    new Point(x.applyAsDouble(slot.at()), y.applyAsDouble(move.string())),
                    Math.min(gap * 0.8, slotWidth * 0.4)));
        }
    }
}
