package tactus.formats.sheet;

import java.io.IOException;
import java.util.Comparator;
import java.util.List;
import tactus.core.laid.picture.HandPicture;
import tactus.core.laid.picture.Mark;
import tactus.core.laid.picture.Point;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.pitch.Tuning;
import tactus.formats.font.Typeface;

/** Prints a picture of the hand over the strings. */
final class PrintedPicture {

    /** How wide the dark edge of an accent is, in points. */
    private static final double EDGE = 0.6;

    private final Pen pen;
    private final Tuning tuning;
    private final NoteSchool notes;
    private final double left;
    private final double top;

    PrintedPicture(Pen pen, Tuning tuning, NoteSchool notes, double left, double top) {
        this.pen = pen;
        this.tuning = tuning;
        this.notes = notes;
        this.left = left;
        this.top = top;
    }

    void print(HandPicture picture) throws IOException {
        for (Mark mark : picture.marks()) print(mark);
    }

    /** Prints no more than the strokes, over one line in place of the strings, since there is room for little else. */
    void printStrokes(HandPicture picture, double width, double height) throws IOException {
        double base = height - 0.5;
        pen.line(at(new Point(0, base)), at(new Point(width, base)), 0.5, Ink.FAINT);
        int chopped = -1;
        for (Mark mark : picture.marks()) {
            switch (mark) {
                case Mark.Brush brush -> printStroke(brush);
                case Mark.Cross cross -> {
                    // One cross for all strings.
                    if (cross.slot() != chopped) printSmallCross(cross, base / 2);
                    chopped = cross.slot();
                }
                case Mark.Finger _, Mark.StopBar _ -> print(mark);
                case Mark.Trail trail -> {
                    // What rings on is one line here, not six.
                    var low = new Point(trail.to().x(), base);
                    pen.line(at(new Point(trail.from().x(), base)), at(low), 1.2, Ink.SOFT);
                }
                default -> {}
            }
        }
    }

    /** From where it enters the strings to where it leaves them; the outline would be thinner than a line. */
    private void printStroke(Mark.Brush brush) throws IOException {
        var byHeight = Comparator.comparingDouble(Point::y);
        Point highest = brush.outline().stream().min(byHeight).orElseThrow();
        Point lowest = brush.outline().stream().max(byHeight).orElseThrow();
        if (brush.isAccented()) printEdged(at(highest), at(lowest), 1.3);
        else pen.line(at(highest), at(lowest), brush.isAgainst() ? 0.6 : 1.1, Ink.DARK);
    }

    /** An accent is wider and has a dark edge, so that it is one in grey too. */
    private void printEdged(Point from, Point to, double thickness) throws IOException {
        pen.line(from, to, thickness + 2 * EDGE, Ink.DARK);
        pen.line(from, to, thickness, Ink.WARM);
    }

    private void printSmallCross(Mark.Cross cross, double middle) throws IOException {
        Point at = at(new Point(cross.middle().x(), middle));
        double arm = 1.7;
        printCross(cross.isAccented(), at, arm, 0.8);
    }

    private void print(Mark mark) throws IOException {
        switch (mark) {
            case Mark.StringLine line -> pen.line(at(line.from()), at(line.to()), line.thickness() * 0.6, Ink.FAINT);
            case Mark.BeatLine line -> pen.line(at(line.from()), at(line.to()), line.isBar() ? 0.9 : 0.4, Ink.FAINT);
            case Mark.Path path -> printPath(path);
            case Mark.Brush brush -> {
                List<Point> outline = brush.outline().stream().map(this::at).toList();
                if (brush.isAccented() && !brush.isAgainst()) pen.shape(outline, Ink.WARM, false);
                boolean isEdge = brush.isAccented() || brush.isAgainst();
                pen.shape(outline, Ink.DARK, isEdge);
            }
            case Mark.Cross cross -> printCross(cross);
            case Mark.StopBar bar -> pen.line(at(bar.from()), at(bar.to()), bar.thickness(), Ink.DARK);
            case Mark.Trail trail -> pen.line(at(trail.from()), at(trail.to()), trail.thickness(), Ink.SOFT);
            case Mark.Finger finger -> printFinger(finger);
            case Mark.Tie tie -> pen.line(at(tie.from()), at(tie.to()), tie.thickness(), Ink.DARK);
            case Mark.MoveText move -> printLetters(move.text(), at(move.middle()), move.size(), Ink.WARM);
            case Mark.DrumHit hit -> pen.disc(at(hit.middle()), hit.radius(), Ink.SOFT, false);
            case Mark.DrumName _ -> {}
            case Mark.CountText count -> printCount(count);
            case Mark.StringName name -> printName(name);
        }
    }

    private void printPath(Mark.Path path) throws IOException {
        var moved = new Mark.Path(
                at(path.from()), at(path.control1()), at(path.control2()), at(path.to()), path.isSilent());
        if (path.isSilent()) pen.curve(moved, 0.5, Ink.FAINT, 0.6f, 3);
        else pen.curve(moved, 0.7, Ink.SOFT, 0.8f, 2);
    }

    private void printCross(Mark.Cross cross) throws IOException {
        Point middle = at(cross.middle());
        double arm = cross.arm();
        printCross(cross.isAccented(), middle, arm, 0.9);
    }

    private void printCross(boolean isAccented, Point middle, double arm, double thickness) throws IOException {
        Point[] ends = {
            moved(middle, -arm, -arm), moved(middle, arm, arm), moved(middle, -arm, arm), moved(middle, arm, -arm)
        };
        for (int i = 0; i < ends.length; i += 2) {
            if (isAccented) printEdged(ends[i], ends[i + 1], thickness);
            else pen.line(ends[i], ends[i + 1], thickness, Ink.DARK);
        }
    }

    private void printFinger(Mark.Finger finger) throws IOException {
        Point middle = at(finger.middle());
        Ink ink = finger.isAccented() ? Ink.WARM : Ink.DARK;
        if (finger.isAccented() && !finger.isWrong()) pen.disc(middle, finger.radius() + 2 * EDGE, Ink.DARK, false);
        pen.disc(middle, finger.radius(), ink, finger.isWrong());
        printLetters(finger.label(), middle, finger.radius() * 1.35, finger.isWrong() ? ink : Ink.PAPER);
    }

    private void printLetters(String text, Point middle, double size, Ink ink) throws IOException {
        if (!text.isEmpty()) pen.centred(text, middle.x(), middle.y() + size * 0.36, Typeface.BOLD, size, ink);
    }

    private void printCount(Mark.CountText count) throws IOException {
        Point middle = at(count.middle());
        Typeface face = count.isPlayed() && count.isNumber() ? Typeface.BOLD : Typeface.REGULAR;
        pen.centred(count.text(), middle.x(), middle.y(), face, count.size(), count.isPlayed() ? Ink.DARK : Ink.SOFT);
    }

    private void printName(Mark.StringName name) throws IOException {
        String note = tuning.note(name.number(), notes);
        if (note.isEmpty()) return;
        String text = name.number() + " " + note;
        Point right = at(name.right());
        double width = pen.width(text, Typeface.REGULAR, name.size());
        pen.text(text, right.x() - width, right.y() + name.size() * 0.35, Typeface.REGULAR, name.size(), Ink.SOFT);
    }

    private Point at(Point inPicture) {
        return moved(inPicture, left, top);
    }

    private static Point moved(Point point, double right, double down) {
        return new Point(point.x() + right, point.y() + down);
    }
}
