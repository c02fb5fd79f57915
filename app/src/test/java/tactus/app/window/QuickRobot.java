package tactus.app.window;

import java.util.function.Supplier;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/** Real clicks and presses without the rests of a robot, which are fifty times as long as the work that they wait for. */
final class QuickRobot extends FxRobot {

    private static final long PATIENCE_MS = 20_000;

    private final Runnable settled;
    private Robot hand;

    /** @param settled waits until what was done is worked off */
    QuickRobot(Runnable settled) {
        this.settled = settled;
    }

    /** The one that presses keys and the mouse; it knows where the mouse is. */
    Robot hand() {
        if (hand == null) inWindow(() -> hand = new Robot());
        return hand;
    }

    /** Does {@code what} in the window's own thread. */
    static void inWindow(Runnable what) {
        WaitForAsyncUtils.waitForAsyncFx(PATIENCE_MS, what);
    }

    @Override
    public FxRobot interact(Runnable what) {
        inWindow(what);
        settled.run();
        return this;
    }

    @Override
    public FxRobot clickOn(Node node, MouseButton... buttons) {
        return clickAt(() -> point(node).query(), buttons);
    }

    @Override
    public FxRobot clickOn(String query, MouseButton... buttons) {
        return clickAt(() -> point(query).query(), buttons);
    }

    @Override
    public FxRobot clickOn(Point2D at, MouseButton... buttons) {
        return clickAt(() -> at, buttons);
    }

    /** Finds the place and presses there at once: what is computed beside the window might move it in between. */
    private FxRobot clickAt(Supplier<Point2D> place, MouseButton... buttons) {
        MouseButton button = buttons.length == 0 ? MouseButton.PRIMARY : buttons[0];
        Robot mouse = hand();
        inWindow(() -> {
            mouse.mouseMove(place.get());
            mouse.mousePress(button);
        });
        // A hand lets go later than the window is laid out again.
        settled.run();
        inWindow(() -> mouse.mouseRelease(button));
        settled.run();
        return this;
    }
}
