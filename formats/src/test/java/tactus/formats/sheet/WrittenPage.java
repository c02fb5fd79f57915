package tactus.formats.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import tactus.core.laid.picture.Mark;
import tactus.core.laid.picture.Point;
import tactus.formats.font.Typeface;

/** A page that remembers what was written on it and where. */
final class WrittenPage implements Surface {

    /** Letters with the room they take. */
    record Box(String text, double left, double top, double right, double bottom) {

        boolean covers(Box other) {
            double slack = 0.6;
            return left + slack < other.right
                    && other.left + slack < right
                    && top + slack < other.bottom
                    && other.top + slack < bottom;
        }
    }

    final List<Box> boxes = new ArrayList<>();
    final Leaf leaf;

    WrittenPage(Leaf leaf) {
        this.leaf = leaf;
    }

    static List<WrittenPage> of(Sheet sheet) throws java.io.IOException {
        return sheet.on((leaf, _) -> new WrittenPage(leaf)).stream()
                .map(page -> (WrittenPage) page)
                .toList();
    }

    static String text(Sheet sheet) throws java.io.IOException {
        return of(sheet).stream()
                .flatMap(page -> page.boxes.stream())
                .map(Box::text)
                .collect(Collectors.joining(" "));
    }

    @Override
    public void letters(String text, Typeface face, double size, double width, Point base, Ink ink) {
        // From the top of the capitals to the base line.
        if (!text.isBlank()) boxes.add(new Box(text, base.x(), base.y() - 0.72 * size, base.x() + width, base.y()));
    }

    @Override
    public void line(Point from, Point to, double thickness, Ink ink) {}

    @Override
    public void curve(Mark.Path path, double thickness, Ink ink, float... dashes) {}

    @Override
    public void shape(List<Point> outline, Ink ink, boolean hollow) {}

    @Override
    public void close() {}
}
