package tactus.app.field;

import javafx.scene.Node;
import javafx.scene.layout.VBox;

/**
 * A column of texts that wrap. It is asked how high it is before it is told how wide, and a text that knows no width wraps at
 * every word or not at all; so it answers for the width it has, or would like to have.
 */
public class WrappingBox extends VBox {

    public WrappingBox(Node... children) {
        super(children);
    }

    private double known(double width) {
        if (width >= 0) return width;
        return getWidth() > 0 ? getWidth() : prefWidth(-1);
    }

    @Override
    protected double computePrefHeight(double width) {
        return super.computePrefHeight(known(width));
    }

    @Override
    protected double computeMinHeight(double width) {
        return super.computeMinHeight(known(width));
    }
}
