package tactus.formats.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import tactus.core.laid.picture.Mark;
import tactus.core.laid.picture.Point;
import tactus.formats.font.MusicText;
import tactus.formats.font.Typeface;

/** Draws on a page, and sets text with musical signs in it. */
final class Pen {

    private static final int DISC_STEPS = 24;

    private final Surface surface;
    private final Fonts fonts;

    Pen(Surface surface, Fonts fonts) {
        this.surface = surface;
        this.fonts = fonts;
    }

    double width(String text, Typeface face, double size) {
        return fonts.width(text, face, size);
    }

    /** Returns {@code text}, cut short with an ellipsis where it is wider than {@code room}. */
    String fitted(String text, double room, Typeface face, double size) {
        if (width(text, face, size) <= room) return text;
        String shorter = text;
        while (!shorter.isEmpty() && width(shorter + "…", face, size) > room) {
            shorter = shorter.substring(0, shorter.length() - 1);
        }
        return shorter.strip() + "…";
    }

    /** Sets {@code text} with its base line starting at {@code x}, {@code y}. */
    void text(String text, double x, double y, Typeface face, double size, Ink ink) throws IOException {
        double at = x;
        for (MusicText.Run run : MusicText.runs(text)) {
            String settable = fonts.settable(run, face);
            double width = fonts.width(run.text(), face, size);
            surface.letters(settable, Fonts.face(run, face), Fonts.sizeOf(run, size), width, new Point(at, y), ink);
            at += width;
        }
    }

    void centred(String text, double middle, double y, Typeface face, double size, Ink ink) throws IOException {
        text(text, middle - width(text, face, size) / 2, y, face, size, ink);
    }

    void line(Point from, Point to, double thickness, Ink ink) throws IOException {
        surface.line(from, to, thickness, ink);
    }

    void curve(Mark.Path path, double thickness, Ink ink, float... dashes) throws IOException {
        surface.curve(path, thickness, ink, dashes);
    }

    /** Fills the shape, or draws only its edge where {@code hollow}. */
    void shape(List<Point> outline, Ink ink, boolean hollow) throws IOException {
        surface.shape(outline, ink, hollow);
    }

    /** An empty box to tick. */
    void box(double left, double top, double size, Ink ink) throws IOException {
        shape(
                List.of(
                        new Point(left, top),
                        new Point(left + size, top),
                        new Point(left + size, top + size),
                        new Point(left, top + size)),
                ink,
                true);
    }

    /** Fills a round spot, or draws only its edge where {@code hollow}. */
    void disc(Point middle, double radius, Ink ink, boolean hollow) throws IOException {
        var outline = new ArrayList<Point>();
        for (int step = 0; step < DISC_STEPS; step++) {
            double angle = 2 * Math.PI * step / DISC_STEPS;
            outline.add(new Point(middle.x() + radius * Math.cos(angle), middle.y() + radius * Math.sin(angle)));
        }
        if (hollow) shape(outline, Ink.PAPER, false);
        shape(outline, ink, hollow);
    }
}
