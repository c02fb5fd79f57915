package tactus.app.place;

import java.util.List;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;

/** A button for each panel of a place, that of the panel in sight pressed. Style class {@code panel-switch}. */
public final class PanelSwitch<P> extends HBox {

    /** @param toggle the button of a panel, which shows it */
    public PanelSwitch(List<P> panels, ObjectProperty<P> shown, Function<P, ToggleButton> toggle) {
        getStyleClass().add("panel-switch");
        for (P panel : panels) {
            ToggleButton button = toggle.apply(panel);
            shown.subscribe(now -> button.setSelected(now == panel));
            button.selectedProperty().subscribe(selected -> {
                if (!selected && shown.get() == panel) button.setSelected(true);
            });
            getChildren().add(button);
        }
    }
}
