package tactus.app.hand;

import java.util.List;
import javafx.beans.value.ObservableValue;
import javafx.css.CssMetaData;
import javafx.css.SimpleStyleableObjectProperty;
import javafx.css.Styleable;
import javafx.css.StyleableObjectProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/**
 * A region that is painted in the inks of the theme: {@code -tactus-ink}, {@code -tactus-soft}, {@code -tactus-faint},
 * {@code -tactus-warm}, {@code -tactus-glow} and {@code -tactus-paper} in the stylesheet.
 */
public abstract class InkCanvas extends Region {

    private static final StyleablePropertyFactory<InkCanvas> FACTORY =
            new StyleablePropertyFactory<>(Region.getClassCssMetaData());
    private static final CssMetaData<InkCanvas, Color> INK = colour("-tactus-ink");
    private static final CssMetaData<InkCanvas, Color> SOFT = colour("-tactus-soft");
    private static final CssMetaData<InkCanvas, Color> FAINT = colour("-tactus-faint");
    private static final CssMetaData<InkCanvas, Color> WARM = colour("-tactus-warm");
    private static final CssMetaData<InkCanvas, Color> GLOW = colour("-tactus-glow");

    private static final CssMetaData<InkCanvas, Color> PAPER = colour("-tactus-paper");

    private final StyleableObjectProperty<Color> ink = property(INK);
    private final StyleableObjectProperty<Color> soft = property(SOFT);
    private final StyleableObjectProperty<Color> faint = property(FAINT);
    private final StyleableObjectProperty<Color> warm = property(WARM);
    private final StyleableObjectProperty<Color> glow = property(GLOW);
    private final StyleableObjectProperty<Color> paper = property(PAPER);
    private final Canvas canvas = new Canvas();

    protected InkCanvas() {
        getChildren().add(canvas);
        repaintOn(List.of(ink, soft, faint, warm, glow, paper));
    }

    private static CssMetaData<InkCanvas, Color> colour(String name) {
        return FACTORY.createColorCssMetaData(name, node -> node.property(name), Color.BLACK);
    }

    private StyleableObjectProperty<Color> property(CssMetaData<InkCanvas, Color> data) {
        return new SimpleStyleableObjectProperty<>(data, this, data.getProperty(), Color.BLACK);
    }

    private StyleableObjectProperty<Color> property(String name) {
        return List.of(ink, soft, faint, warm, glow, paper).stream()
                .filter(property -> property.getName().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Paints anew whenever one of {@code values} changes. */
    protected final void repaintOn(List<? extends ObservableValue<?>> values) {
        values.forEach(value -> value.subscribe(_ -> repaint()));
    }

    @Override
    protected void layoutChildren() {
        boolean fits = canvas.getWidth() == getWidth() && canvas.getHeight() == getHeight();
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        if (!fits) repaint();
    }

    /** Paints the whole canvas anew, if it has room. */
    protected final void repaint() {
        if (!(canvas.getWidth() > 1 && canvas.getHeight() > 1)) return;
        GraphicsContext brush = canvas.getGraphicsContext2D();
        brush.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        paint(brush, canvas.getWidth(), canvas.getHeight());
    }

    /** Paints on the cleared canvas. */
    protected abstract void paint(GraphicsContext brush, double width, double height);

    /** The colours as the theme has them now. */
    protected final Inks inks() {
        return new Inks(ink.get(), soft.get(), faint.get(), warm.get(), glow.get(), paper.get());
    }

    @Override
    public final List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return FACTORY.getCssMetaData();
    }
}
