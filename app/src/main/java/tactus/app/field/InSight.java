package tactus.app.field;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/** Brings something inside a scrolled page into sight, moving the page as little as needed. */
public final class InSight {

    private InSight() {}

    /** Scrolls {@code scroll} until {@code inside}, anywhere below its content, can be seen; does nothing for others. */
    public static void bring(ScrollPane scroll, Node inside) {
        Node page = scroll.getContent();
        if (!isWithin(page, inside)) return;
        Bounds bounds = page.sceneToLocal(inside.localToScene(inside.getLayoutBounds()));
        Bounds room = scroll.getViewportBounds();
        double width = page.getLayoutBounds().getWidth() - room.getWidth();
        double height = page.getLayoutBounds().getHeight() - room.getHeight();
        if (width > 0 && room.getWidth() > 0)
            scroll.setHvalue(
                    moved(scroll.getHvalue() * width, bounds.getMinX(), bounds.getMaxX() - room.getWidth()) / width);
        if (height > 0 && room.getHeight() > 0)
            scroll.setVvalue(
                    moved(scroll.getVvalue() * height, bounds.getMinY(), bounds.getMaxY() - room.getHeight()) / height);
    }

    /** Where the page's edge goes: not below what begins at {@code first}, nor above what ends at {@code last}. */
    private static double moved(double edge, double first, double last) {
        return Math.clamp(edge, Math.min(first, last), Math.max(first, last));
    }

    private static boolean isWithin(Node page, Node inside) {
        for (Node node = inside; node != null; node = node.getParent()) if (node == page) return true;
        return false;
    }
}
