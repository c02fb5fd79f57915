package tactus.core.picture;

import java.util.List;
import java.util.function.Function;
import java.util.function.IntToDoubleFunction;
import java.util.function.ToDoubleFunction;
import tactus.core.pattern.FingerMove;
import tactus.core.picture.Passage.Played;
import tactus.core.stroke.Pluck;
import tactus.core.stroke.RoleSchool;
import tactus.core.stroke.Touch;
import tactus.core.time.Length;

/** Works out the marks of single strings: what fingers pluck, and what the fretting hand changes. */
final class FingerDrawing {

    private final Frame frame;
    private final double gap;
    private final double slotWidth;
    private final List<Mark> marks;
    private final ToDoubleFunction<Length> x;
    private final IntToDoubleFunction y;
    private final Function<Fingerprint, String> label;

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
        label = print -> label(print, frame.roles());
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
                    frame.size() == Frame.Size.TINY ? "" : label.apply(print),
                    pluck.force().isAccented(),
                    print.isWrong()));
        }
        if (pluck.touch() == Touch.PALM_MUTED) addPalm(slot, middle, strings.getMax());
    }

    private void addPalm(Played slot, double middle, int string) {
        double at = y.applyAsDouble(string) + gap * 0.55;
        double half = slotWidth * 0.3;
        marks.add(new Mark.StopBar(
                slot.index(), new Point(middle - half, at), new Point(middle + half, at), Math.max(1.5, gap * 0.12)));
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
