package tactus.app.neck;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.canvas.GraphicsContext;
import tactus.app.hand.InkCanvas;
import tactus.app.work.Settings;

/**
 * A chord's shape on a short piece of neck: an ink blot with its number where a finger is, a bar where one lies across,
 * a ring on an open string, a cross on one that is not played. Style class {@code shape-view}.
 */
public final class ShapeView extends InkCanvas {

    private static final int FRETS_SHOWN = 4;
    private static final double FOOT = 17;

    private final ObjectProperty<Optional<HeldShape>> shape =
            new SimpleObjectProperty<>(this, "held", Optional.empty());
    private final Settings settings;

    public ShapeView(Settings settings) {
        this.settings = settings;
        getStyleClass().add("shape-view");
        repaintOn(List.of(shape, settings.lowStringOnTopProperty(), settings.leftHandedProperty()));
    }

    /** The shape shown; nothing if empty. */
    public ObjectProperty<Optional<HeldShape>> heldProperty() {
        return shape;
    }

    @Override
    protected void paint(GraphicsContext brush, double width, double height) {
        shape.get().ifPresent(held -> {
            int first = firstFret(held);
            var plan = new NeckPlan(
                    width,
                    height,
                    held.voicing().strings(),
                    first,
                    FRETS_SHOWN,
                    first > 1 ? FOOT : 4,
                    new NeckPlan.Margins(24, 12),
                    new NeckPlan.Turn(
                            settings.lowStringOnTopProperty().get(),
                            settings.leftHandedProperty().get()));
            var painting = new NeckPainting(brush, plan, held, inks());
            painting.paint();
            if (first > 1) painting.write(Integer.toString(first), plan.finger(first), height - 8, 13, false);
        });
    }

    private static int firstFret(HeldShape held) {
        var frets = held.voicing().frets().stream()
                .filter(fret -> fret > 0)
                .mapToInt(Integer::intValue)
                .summaryStatistics();
        return frets.getCount() == 0 || frets.getMax() <= FRETS_SHOWN ? 1 : frets.getMin();
    }
}
