package tactus.app.field;

import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** A field with its name above it. Style class {@code field}. */
public final class NamedField extends VBox {

    public NamedField(String name, Control control) {
        getStyleClass().add("field");
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        label.setLabelFor(control);
        control.setAccessibleText(name);
        getChildren().setAll(label, control);
    }
}
