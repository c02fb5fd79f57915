package tactus.formats.sheet;

import java.io.IOException;
import java.util.List;
import tactus.core.laid.picture.Mark;
import tactus.core.laid.picture.Point;
import tactus.formats.font.Typeface;

/** A page to draw on, whatever it becomes: the origin is in its upper left corner, lengths are points before scaling. */
interface Surface {

    /**
     * Sets letters of one font, which all have a sign in it.
     *
     * @param width how wide they are
     */
    void letters(String text, Typeface face, double size, double width, Point base, Ink ink) throws IOException;

    void line(Point from, Point to, double thickness, Ink ink) throws IOException;

    void curve(Mark.Path path, double thickness, Ink ink, float... dashes) throws IOException;

    /** Fills the shape, or draws only its edge where {@code hollow}. */
    void shape(List<Point> outline, Ink ink, boolean hollow) throws IOException;

    /** Nothing more is drawn on it. */
    void close() throws IOException;

    /** A page on which nothing is seen, to find out how much room everything takes. */
    Surface BLANK = new Surface() {
        @Override
        public void letters(String text, Typeface face, double size, double width, Point base, Ink ink) {}

        @Override
        public void line(Point from, Point to, double thickness, Ink ink) {}

        @Override
        public void curve(Mark.Path path, double thickness, Ink ink, float... dashes) {}

        @Override
        public void shape(List<Point> outline, Ink ink, boolean hollow) {}

        @Override
        public void close() {}
    };
}
