package tactus.app.neck;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;
import tactus.app.hand.InkCanvas;
import tactus.app.work.Settings;
import tactus.formats.font.MusicText;

/**
 * The neck on which a shape is made: twelve frets and more with their true distances, the note and its place in the
 * chord at the end of each string, and the string that is written on. Style class {@code neck-view}.
 */
public final class NeckView extends InkCanvas {

    /** Told where the neck was pressed. */
    @FunctionalInterface
    public interface Press {
        /** @param fret 0 beside the nut */
        void at(int string, int fret);
    }

    /**
     * What stands beside a string.
     *
     * @param open its open note
     * @param note what it sounds now; empty if it is not played
     * @param degree its place in the chord: {@code root}, {@code 5}
     */
    public record StringLabel(String open, String note, String degree) {}

    private static final int FRETS_SHOWN = 12;
    private static final double FOOT = 24;
    private static final List<Integer> MARKED = List.of(3, 5, 7, 9, 12, 15, 17, 19, 21, 24);

    private final ObjectProperty<Optional<HeldShape>> shape =
            new SimpleObjectProperty<>(this, "held", Optional.empty());
    private final ObjectProperty<List<StringLabel>> labels = new SimpleObjectProperty<>(this, "labels", List.of());
    private final IntegerProperty string = new SimpleIntegerProperty(this, "string", 1);
    private final Settings settings;
    private NeckPlan plan;

    public NeckView(Settings settings, Press press) {
        this.settings = settings;
        getStyleClass().add("neck-view");
        setFocusTraversable(true);
        repaintOn(List.of(
                shape,
                labels,
                string,
                focusedProperty(),
                settings.lowStringOnTopProperty(),
                settings.leftHandedProperty()));
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            requestFocus();
            if (plan == null) return;
            OptionalInt onString = plan.stringAt(event.getY());
            OptionalInt onFret = plan.fretAt(event.getX());
            if (onString.isPresent() && onFret.isPresent()) press.at(onString.getAsInt(), onFret.getAsInt());
        });
    }

    public ObjectProperty<Optional<HeldShape>> heldProperty() {
        return shape;
    }

    /** What stands beside the strings, from the lowest-sounding. */
    public ObjectProperty<List<StringLabel>> labelsProperty() {
        return labels;
    }

    /** The string that is written on, from 1, the highest-sounding. */
    public IntegerProperty stringProperty() {
        return string;
    }

    @Override
    protected void paint(GraphicsContext brush, double width, double height) {
        shape.get().ifPresent(held -> {
            plan = plan(held, width, height);
            paintCursor(brush);
            var painting = new NeckPainting(brush, plan, held, inks());
            painting.paint();
            for (int fret = plan.first(); fret < plan.first() + FRETS_SHOWN; fret++) {
                painting.write(Integer.toString(fret), plan.finger(fret), height - 10, 13, MARKED.contains(fret));
            }
            paintLabels(painting);
        });
    }

    private NeckPlan plan(HeldShape held, double width, double height) {
        int highest = held.voicing().frets().stream()
                .mapToInt(Integer::intValue)
                .max()
                .orElse(0);
        return new NeckPlan(
                width,
                height,
                held.voicing().strings(),
                Math.max(1, highest - FRETS_SHOWN + 1),
                FRETS_SHOWN,
                FOOT,
                new NeckPlan.Margins(58, 82),
                new NeckPlan.Turn(
                        settings.lowStringOnTopProperty().get(),
                        settings.leftHandedProperty().get()));
    }

    private void paintCursor(GraphicsContext brush) {
        if (string.get() > plan.strings()) return;
        double y = plan.y(string.get()) - plan.gap() / 2;
        brush.setFill(inks().glow().deriveColor(0, 1, 1, isFocused() ? 0.8 : 0.35));
        brush.fillRoundRect(1, y + 1, plan.width() - 2, plan.gap() - 2, 8, 8);
        if (!isFocused()) return;
        brush.setStroke(inks().warm());
        brush.setLineDashes();
        brush.setLineWidth(1.6);
        brush.strokeRoundRect(1, y + 1, plan.width() - 2, plan.gap() - 2, 8, 8);
    }

    private void paintLabels(NeckPainting painting) {
        double side = Math.signum(plan.end() - plan.finger(0));
        for (int i = 0; i < Math.min(labels.get().size(), plan.strings()); i++) {
            StringLabel label = labels.get().get(i);
            int number = plan.strings() - i;
            double y = plan.y(number);
            painting.write(number + " " + MusicText.signs(label.open), plan.finger(0) - side * 27, y, 13, false);
            painting.write(MusicText.signs(label.note), plan.end() - side * 14, y, 14, true);
            painting.write(MusicText.signs(label.degree), plan.end() + side * 20, y, 13, false);
        }
    }
}
