package tactus.app.field;

import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.VBox;

/** A field with its name above it. Style class {@code field}. */
public final class NamedField extends VBox {

    public NamedField(String name, Control control) {
        getStyleClass().add("field");
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        label.setLabelFor(control);
        control.setAccessibleText(name);
        // A text can be shortened where there is little room, a choice cannot.
        if (!(control instanceof TextInputControl)) control.setMinWidth(USE_PREF_SIZE);
        getChildren().setAll(label, control);
    }
}
