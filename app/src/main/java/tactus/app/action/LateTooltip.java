package tactus.app.action;

import javafx.scene.control.Control;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/** A tool tip that is made when the mouse first comes: a window has many, and making one costs as much as a popup. */
public final class LateTooltip {

    private LateTooltip() {}

    /** Gives {@code control} a tool tip. */
    public static void install(Control control, String text) {
        control.addEventHandler(MouseEvent.MOUSE_ENTERED, _ -> {
            if (control.getTooltip() == null) control.setTooltip(new Tooltip(text));
        });
    }
}
