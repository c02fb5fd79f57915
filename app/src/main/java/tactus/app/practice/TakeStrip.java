package tactus.app.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import tactus.app.hand.InkCanvas;
import tactus.core.taught.practice.DueStroke;
import tactus.core.taught.practice.Take;

/**
 * A take over its bars: a tick for each stroke, above the line where it was early and below where it was late, as long as it was
 * far; a ring where it was missed, a dot where it is not due yet. Style class {@code take-strip}.
 */
final class TakeStrip extends InkCanvas {

    private static final double ROW = 74;
    private static final double LINE = 44;
    private static final double FAR = 0.1;
    private static final double REACH = 24;
    private static final double WARM = 0.03;
    private static final double DOT = 5;
    private static final int BARS_A_ROW = 8;
    private static final String FAMILY = "Open Sans";

    private final ObjectProperty<Optional<Take>> take = new SimpleObjectProperty<>(this, "take", Optional.empty());
    private final ObjectProperty<List<DueStroke>> toCome = new SimpleObjectProperty<>(this, "toCome", List.of());

    TakeStrip() {
        getStyleClass().add("take-strip");
        repaintOn(List.of(take, toCome));
        take.subscribe(_ -> requestLayout());
    }

    /** What is due behind the take in the same round. */
    ObjectProperty<List<DueStroke>> toComeProperty() {
        return toCome;
    }

    ObjectProperty<Optional<Take>> takeProperty() {
        return take;
    }

    private List<Integer> bars() {
        return Stream.concat(
                        take.get().stream()
                                .flatMap(shown -> shown.strokes().stream())
                                .map(Take.Played::due),
                        toCome.get().stream())
                .map(DueStroke::bar)
                .distinct()
                .toList();
    }

    @Override
    protected double computePrefHeight(double width) {
        return Math.max(1, (bars().size() + BARS_A_ROW - 1) / BARS_A_ROW) * ROW;
    }

    @Override
    protected void paint(GraphicsContext brush, double width, double height) {
        if (take.get().isEmpty()) return;
        List<Integer> bars = bars();
        double wide = width / Math.min(BARS_A_ROW, Math.max(1, bars.size()));
        for (int i = 0; i < bars.size(); i++) {
            int bar = bars.get(i);
            var strokes = new ArrayList<Take.Played>();
            for (Take.Played each : take.get().get().strokes()) if (each.due().bar() == bar) strokes.add(each);
            List<DueStroke> left =
                    toCome.get().stream().filter(each -> each.bar() == bar).toList();
            String chord = strokes.isEmpty()
                    ? left.getFirst().chord()
                    : strokes.getFirst().due().chord();
            paintBar(
                    brush, bar + "  " + chord, strokes, left.size(), i % BARS_A_ROW * wide, i / BARS_A_ROW * ROW, wide);
        }
    }

    private void paintBar(
            GraphicsContext brush,
            String name,
            List<Take.Played> strokes,
            int toCome,
            double left,
            double top,
            double wide) {
        brush.setStroke(inks().soft());
        brush.setLineWidth(1);
        brush.strokeLine(left + 0.5, top + 4, left + 0.5, top + ROW - 8);
        brush.strokeLine(left, top + LINE, left + wide - 4, top + LINE);
        brush.setFill(inks().ink());
        brush.setFont(Font.font(FAMILY, 13));
        brush.setTextAlign(TextAlignment.LEFT);
        brush.setTextBaseline(VPos.TOP);
        brush.fillText(name, left + 6, top + 2);
        double step = (wide - 16) / (strokes.size() + toCome);
        for (int i = 0; i < strokes.size(); i++) paintStroke(brush, strokes.get(i), left + 10 + i * step, top + LINE);
        brush.setFill(inks().soft());
        for (int i = strokes.size(); i < strokes.size() + toCome; i++)
            brush.fillOval(left + 10 + i * step - DOT / 2, top + LINE - DOT / 2, DOT, DOT);
    }

    private void paintStroke(GraphicsContext brush, Take.Played stroke, double x, double y) {
        if (stroke.late().isEmpty()) {
            brush.setStroke(inks().warm());
            brush.setLineWidth(1.5);
            brush.strokeOval(x - 4, y - 4, 8, 8);
            return;
        }
        double late = stroke.late().getAsDouble();
        boolean isFar = Math.abs(late) > WARM || stroke.isWrongWay();
        brush.setStroke(isFar ? inks().warm() : inks().ink());
        brush.setLineWidth(stroke.isWrongWay() ? 4 : 2.2);
        double reach = REACH * Math.clamp(late / FAR, -1, 1);
        brush.strokeLine(x, y, x, y + (Math.abs(reach) < 1.5 ? Math.copySign(1.5, reach) : reach));
    }
}
