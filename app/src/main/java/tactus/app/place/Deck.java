package tactus.app.place;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.StackPane;

/** Panels that share one room: one of them is in sight, and each is made when it is first wanted. */
public final class Deck<P> {

    private final ObjectProperty<P> chosen;
    private final Function<P, Panel> maker;
    private final Map<P, Panel> made = new HashMap<>();
    private final StackPane stage = new StackPane();

    /**
     * @param chosen which panel is in sight
     * @param maker makes one
     */
    public Deck(ObjectProperty<P> chosen, Function<P, Panel> maker) {
        this.chosen = chosen;
        this.maker = maker;
        chosen.subscribe(_ -> show());
    }

    private Panel panel() {
        return made.computeIfAbsent(chosen.get(), maker);
    }

    /** Brings the chosen panel into sight. */
    public void show() {
        Panel panel = panel();
        if (!stage.getChildren().contains(panel.node())) stage.getChildren().setAll(panel.node());
        panel.shown().run();
    }

    /** The room. */
    public StackPane node() {
        return stage;
    }

    /** A button for each panel of {@code row}, that of the panel in sight pressed. */
    public PanelSwitch<P> switches(List<P> row, Function<P, ToggleButton> toggle) {
        return new PanelSwitch<>(row, chosen, toggle);
    }

    /** Puts the focus where the work of the panel in sight is done. */
    public void takeFocus() {
        // A panel that is shown for the first time can only take the focus once it has been laid out.
        stage.applyCss();
        stage.layout();
        panel().focus().run();
    }
}
