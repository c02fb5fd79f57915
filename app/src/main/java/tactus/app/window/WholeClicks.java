package tactus.app.window;

import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.MenuButton;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/**
 * A click on a button counts though the button has moved away before the mouse is let go: to press one takes the focus
 * from a field, which takes what was typed and puts its help away, so that all below it moves up.
 */
final class WholeClicks {

    /** How far a hand moves the mouse while it clicks, in pixels. */
    private static final double STILL = 4;

    private Optional<ButtonBase> pressed = Optional.empty();
    private Point2D at = Point2D.ZERO;

    static void in(Scene scene) {
        var clicks = new WholeClicks();
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, clicks::press);
        scene.addEventFilter(MouseEvent.MOUSE_RELEASED, clicks::release);
    }

    private void press(MouseEvent event) {
        pressed = event.getButton() == MouseButton.PRIMARY ? button(event.getTarget()) : Optional.empty();
        at = place(event);
    }

    private void release(MouseEvent event) {
        Optional<ButtonBase> button = pressed;
        pressed = Optional.empty();
        if (event.getButton() != MouseButton.PRIMARY || at.distance(place(event)) > STILL) return;
        // One that is still armed fires by itself.
        button.filter(each -> each.getScene() != null && !each.isArmed()).ifPresent(ButtonBase::fire);
    }

    private static Point2D place(MouseEvent event) {
        return new Point2D(event.getSceneX(), event.getSceneY());
    }

    private static Optional<ButtonBase> button(Object target) {
        for (Node node = target instanceof Node hit ? hit : null; node != null; node = node.getParent())
            if (node instanceof ButtonBase button && !(button instanceof MenuButton)) return Optional.of(button);
        return Optional.empty();
    }
}
