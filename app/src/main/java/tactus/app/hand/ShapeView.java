package tactus.app.hand;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import tactus.core.shape.Voicing;

/**
 * A chord's shape on the neck, lying as the strings do in the picture of the hand: an ink blot where a finger is, a
 * ring on an open string, a cross on one that is not played. Style class {@code shape-view}.
 */
public final class ShapeView extends InkCanvas {

    private static final int FRETS_SHOWN = 4;
    private static final double NUT = 20;
    private static final double FOOT = 16;

    private final ObjectProperty<Optional<Voicing>> voicing =
            new SimpleObjectProperty<>(this, "voicing", Optional.empty());
    private final BooleanProperty lowStringOnTop = new SimpleBooleanProperty(this, "lowStringOnTop", true);

    public ShapeView() {
        getStyleClass().add("shape-view");
        repaintOn(List.of(voicing, lowStringOnTop));
    }

    /** The shape shown; nothing if empty. */
    public ObjectProperty<Optional<Voicing>> voicingProperty() {
        return voicing;
    }

    public BooleanProperty lowStringOnTopProperty() {
        return lowStringOnTop;
    }

    @Override
    protected void paint(GraphicsContext brush, double width, double height) {
        voicing.get().ifPresent(shape -> new Neck(brush, shape, width, height).paint());
    }

    private final class Neck {

        private final GraphicsContext brush;
        private final Voicing shape;
        private final double width;
        private final double gap;
        private final double step;
        private final int first;

        Neck(GraphicsContext brush, Voicing shape, double width, double height) {
            this.brush = brush;
            this.shape = shape;
            this.width = width;
            gap = (height - FOOT) / (shape.strings() + 0.2);
            step = (width - NUT - 4) / FRETS_SHOWN;
            first = firstFret();
        }

        private int firstFret() {
            var held = shape.frets().stream()
                    .filter(fret -> fret > 0)
                    .mapToInt(Integer::intValue)
                    .summaryStatistics();
            return held.getCount() == 0 || held.getMax() <= FRETS_SHOWN ? 1 : held.getMin();
        }

        void paint() {
            paintFrets();
            for (int string = 1; string <= shape.strings(); string++) paintString(string);
        }

        private void paintFrets() {
            brush.setLineDashes();
            brush.setTextAlign(TextAlignment.CENTER);
            brush.setTextBaseline(VPos.BASELINE);
            brush.setFont(Font.font("Open Sans", 13));
            for (int fret = 0; fret <= FRETS_SHOWN; fret++) {
                double x = NUT + fret * step;
                boolean nut = fret == 0 && first == 1;
                brush.setStroke(nut ? ink() : faint());
                brush.setLineWidth(nut ? 3 : 1);
                brush.strokeLine(x, y(1), x, y(shape.strings()));
            }
            brush.setFill(soft());
            double base = Math.max(y(1), y(shape.strings())) + gap / 2 + 11;
            if (first > 1) brush.fillText(Integer.toString(first), NUT + step / 2, base);
        }

        private void paintString(int string) {
            double y = y(string);
            brush.setStroke(faint());
            brush.setLineWidth(0.7 + 0.2 * string);
            brush.strokeLine(NUT, y, width - 4, y);
            shape.fret(string).ifPresentOrElse(fret -> paintFinger(fret, y), () -> paintCross(NUT - 10, y));
        }

        private void paintFinger(int fret, double y) {
            double radius = gap * 0.38;
            if (fret == 0) {
                brush.setStroke(ink());
                brush.setLineWidth(1.5);
                brush.strokeOval(NUT - 10 - radius * 0.8, y - radius * 0.8, radius * 1.6, radius * 1.6);
                return;
            }
            double x = NUT + (fret - first + 0.5) * step;
            brush.setFill(ink());
            brush.fillOval(x - radius * 1.1, y - radius, radius * 2.2, radius * 2);
        }

        private void paintCross(double x, double y) {
            double arm = gap * 0.26;
            brush.setStroke(soft());
            brush.setLineWidth(1.5);
            brush.strokeLine(x - arm, y - arm, x + arm, y + arm);
            brush.strokeLine(x - arm, y + arm, x + arm, y - arm);
        }

        private double y(int string) {
            int fromTop = lowStringOnTop.get() ? shape.strings() - string : string - 1;
            return gap * (fromTop + 0.6);
        }
    }
}
