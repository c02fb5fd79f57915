package tactus.app.field;

import javafx.scene.Node;
import javafx.scene.control.ListCell;

/**
 * A row of a list as high as its lines need at the width of the list.
 *
 * @param <T> what the list holds
 */
public abstract class WrappedCell<T> extends ListCell<T> {

    /** The bar that scrolls, and a little room. */
    private static final double BESIDE = 18;

    protected WrappedCell() {
        setPrefWidth(0);
    }

    @Override
    protected double computePrefHeight(double width) {
        Node shown = getGraphic();
        if (shown == null || getListView() == null) return super.computePrefHeight(width);
        double room = getListView().getWidth() - snappedLeftInset() - snappedRightInset() - BESIDE;
        return snappedTopInset() + shown.prefHeight(Math.max(1, room)) + snappedBottomInset();
    }
}
