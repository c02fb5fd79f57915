package tactus.core.laid.picture;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import tactus.core.music.time.Length;

/**
 * The hand over the strings, laid out in a frame.
 *
 * @param marks the shapes, in the order in which they are painted
 */
public final class HandPicture {

    private final Frame frame;
    private final Passage passage;
    private final List<Mark> marks;
    private final HandPath path;

    HandPicture(Frame frame, Passage passage, List<Mark> marks, HandPath path) {
        this.frame = frame;
        this.passage = passage;
        this.marks = List.copyOf(marks);
        this.path = path;
    }

    /** Draws {@code passage} into {@code frame}. */
    public static HandPicture of(Passage passage, Frame frame) {
        return new HandDrawing(passage, frame).picture();
    }

    /** What is drawn, from the back to the front. */
    public List<Mark> marks() {
        return marks;
    }

    /** How large it is drawn, and how. */
    public Frame frame() {
        return frame;
    }

    /** What it shows. */
    public Passage passage() {
        return passage;
    }

    /** Where the hand is at {@code position}, in whole notes from the start of the passage. */
    public Point handAt(double position) {
        double shift = passage.slots().isEmpty()
                ? 0
                : slotAt(position).middle().minus(slotAt(position).at()).toDouble();
        double x = x(Math.min(position + shift, passage.length().toDouble()));
        return new Point(x, path.yAt(x));
    }

    private Passage.Played slotAt(double position) {
        return passage.slots().get(indexAt(position).orElse(0));
    }

    /** The index of the slot that {@code position}, in whole notes, lies in; empty before the first. */
    public OptionalInt indexAt(double position) {
        int begun = 0;
        for (Passage.Played slot : passage.slots()) {
            if (slot.at().toDouble() > position + 1e-9) break;
            begun++;
        }
        return begun == 0 ? OptionalInt.empty() : OptionalInt.of(begun - 1);
    }

    /** The index of the slot nearest to {@code x}; empty if there is none. */
    public OptionalInt slotNear(double x) {
        return passage.slots().stream()
                .min(Comparator.comparingDouble(slot -> Math.abs(x(slot.middle()) - x)))
                .map(slot -> OptionalInt.of(slot.index()))
                .orElse(OptionalInt.empty());
    }

    /** The x of the middle of the slot with {@code index}. */
    public double slotX(int index) {
        return x(passage.slots().get(index).middle());
    }

    /** The width of the slot with {@code index}. */
    public double slotWidth(int index) {
        var slot = passage.slots().get(index);
        return 2 * (x(slot.middle()) - x(slot.at()));
    }

    private double x(Length at) {
        return x(at.toDouble());
    }

    private double x(double position) {
        return frame.left() + position / passage.length().toDouble() * frame.slotsWidth();
    }
}
