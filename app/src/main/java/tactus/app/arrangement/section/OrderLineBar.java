package tactus.app.arrangement.section;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TakenArea;
import tactus.words.Words;

/** The running order as a line to be typed, explained while it is. Style class {@code order-line}. */
public final class OrderLineBar extends VBox {

    private final OrderModel order;
    private final TakenArea line;

    public OrderLineBar(OrderModel order) {
        this.order = order;
        getStyleClass().add("order-line");
        var problem = new ProblemLabel();
        line = new TakenArea("order-line", order::takeLine, problem);
        line.watch(order::problem);
        line.setPromptText(Words.of("order.prompt"));
        var help = new Label(Words.of("order.help"));
        help.getStyleClass().add("quiet");
        help.setWrapText(true);
        help.setMinHeight(USE_PREF_SIZE);
        help.visibleProperty().bind(line.focusedProperty());
        help.managedProperty().bind(help.visibleProperty());
        getChildren().setAll(new NamedField(Words.of("order.line"), line), problem, help);
    }

    /** Shows the running order as it is. */
    public void show() {
        line.show("order", order.line());
    }

    /** Puts the cursor into the line. */
    public void takeFocus() {
        line.requestFocus();
        line.end();
    }
}
