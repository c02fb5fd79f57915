package tactus.app.field;

import javafx.beans.value.ObservableNumberValue;
import javafx.scene.Node;
import javafx.scene.layout.Region;

/** Two nodes beside each other, or the second below the first where there is no room. */
public final class BesideOrBelow extends Region {

    private static final double GAP = 8;

    private final Node first;
    private final Node second;
    private final ObservableNumberValue room;

    /** @param room how wide both together may be */
    public BesideOrBelow(Node first, Node second, ObservableNumberValue room) {
        this.first = first;
        this.second = second;
        this.room = room;
        getChildren().setAll(first, second);
        room.subscribe(_ -> requestLayout());
    }

    private boolean fits() {
        return first.prefWidth(-1) + GAP + second.prefWidth(-1) <= room.doubleValue();
    }

    @Override
    protected double computePrefWidth(double height) {
        double both = first.prefWidth(-1) + GAP + second.prefWidth(-1);
        return fits() ? both : Math.max(first.prefWidth(-1), second.prefWidth(-1));
    }

    @Override
    protected double computePrefHeight(double width) {
        double one = first.prefHeight(-1);
        double other = second.prefHeight(-1);
        return fits() ? Math.max(one, other) : one + other;
    }

    @Override
    protected void layoutChildren() {
        double below = fits() ? 0 : first.prefHeight(-1);
        double beside = fits() ? first.prefWidth(-1) + GAP : 0;
        double line = fits() ? getHeight() : below;
        double middle = (line - first.prefHeight(-1)) / 2;
        first.resizeRelocate(0, middle, first.prefWidth(-1), first.prefHeight(-1));
        double secondMiddle = fits() ? (line - second.prefHeight(-1)) / 2 : 0;
        double width = Math.min(second.prefWidth(-1), Math.max(0, room.doubleValue() - beside));
        second.resizeRelocate(beside, below + secondMiddle, width, second.prefHeight(-1));
    }
}
