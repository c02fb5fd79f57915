package tactus.app.neck;

import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.TextAlignment;
import tactus.app.hand.Inks;
import tactus.core.music.shape.Barre;

/** Paints a neck and the shape on it. */
final class NeckPainting {

    private static final String FAMILY = "Open Sans";

    private final GraphicsContext brush;
    private final NeckPlan plan;
    private final HeldShape shape;
    private final Inks inks;

    NeckPainting(GraphicsContext brush, NeckPlan plan, HeldShape shape, Inks inks) {
        this.brush = brush;
        this.plan = plan;
        this.shape = shape;
        this.inks = inks;
        brush.setLineDashes();
        brush.setLineCap(StrokeLineCap.ROUND);
        brush.setTextAlign(TextAlignment.CENTER);
        brush.setTextBaseline(VPos.CENTER);
    }

    void paint() {
        paintFrets();
        for (int string = 1; string <= plan.strings(); string++) paintString(string);
        shape.barres().forEach(this::paintBarre);
        for (int string = 1; string <= plan.strings(); string++) paintHeld(string);
        paintReach();
    }

    private void paintFrets() {
        double top = Math.min(plan.y(1), plan.y(plan.strings()));
        double bottom = Math.max(plan.y(1), plan.y(plan.strings()));
        for (int fret = plan.first() - 1; fret < plan.first() + plan.shown(); fret++) {
            boolean nut = fret == 0;
            brush.setStroke(nut ? inks.ink() : inks.faint());
            brush.setLineWidth(nut ? 4 : 1);
            brush.strokeLine(plan.wire(fret), top, plan.wire(fret), bottom);
        }
    }

    private void paintString(int string) {
        boolean played = shape.voicing().isPlayed(string);
        brush.setStroke(played && shape.isReached(string) ? inks.soft() : inks.faint());
        brush.setLineWidth(0.8 + 0.25 * string * 6 / plan.strings());
        if (!played) brush.setLineDashes(2, 5);
        double y = plan.y(string);
        brush.strokeLine(plan.wire(plan.first() - 1), y, plan.wire(plan.first() + plan.shown() - 1), y);
        brush.setLineDashes();
    }

    private void paintBarre(Barre barre) {
        double x = plan.finger(barre.fret());
        brush.setStroke(inks.ink());
        brush.setLineWidth(plan.gap() * 0.5);
        brush.strokeLine(x, plan.y(barre.lowest()), x, plan.y(barre.highest()));
    }

    private void paintHeld(int string) {
        double y = plan.y(string);
        int fret = shape.voicing().fret(string).orElse(-1);
        if (fret > 0) paintFinger(string, plan.finger(fret), y);
        else if (fret == 0) paintOpen(plan.finger(0), y);
        else paintCross(plan.finger(0), y, shape.isDampened(string));
    }

    private void paintFinger(int string, double x, double y) {
        double radius = Math.min(17, plan.gap() * 0.46);
        brush.setFill(inks.ink());
        brush.fillOval(x - radius * 1.15, y - radius, radius * 2.3, radius * 2);
        brush.setFill(inks.glow());
        brush.setFont(Font.font(FAMILY, FontWeight.BOLD, Math.max(10, radius * 1.35)));
        shape.finger(string).ifPresent(finger -> brush.fillText(Character.toString(finger.sign()), x, y));
    }

    private void paintOpen(double x, double y) {
        double radius = Math.min(7, plan.gap() * 0.3);
        brush.setStroke(inks.ink());
        brush.setLineWidth(1.6);
        brush.strokeOval(x - radius, y - radius, radius * 2, radius * 2);
    }

    /** A string that is not played; with a bar under the cross where a finger keeps it quiet. */
    private void paintCross(double x, double y, boolean dampened) {
        double arm = Math.min(5, plan.gap() * 0.24);
        brush.setStroke(inks.soft());
        brush.setLineWidth(1.6);
        brush.strokeLine(x - arm, y - arm, x + arm, y + arm);
        brush.strokeLine(x - arm, y + arm, x + arm, y - arm);
        if (dampened) brush.strokeLine(x - arm - 3, y, x + arm + 3, y);
    }

    /** A brush mark across the strings that strokes reach, as the hand makes it, where they do not reach all. */
    private void paintReach() {
        shape.strummed().ifPresent(range -> {
            int lowest = Math.min(range.lowest(), plan.strings());
            double x = plan.end();
            double from = plan.y(lowest);
            double to = plan.y(Math.min(range.highest(), lowest));
            brush.setFill(inks.warm());
            double over = Math.signum(to - from) * plan.gap() * 0.4;
            brush.fillPolygon(
                    new double[] {x - 1, x + 1, x + 4.5, x - 4.5},
                    new double[] {from - over, from - over, to + over, to + over},
                    4);
        });
    }

    /** Writes {@code text} with its middle at a place. */
    void write(String text, double x, double y, double size, boolean strong) {
        brush.setFill(strong ? inks.ink() : inks.soft());
        brush.setFont(Font.font(FAMILY, strong ? FontWeight.BOLD : FontWeight.NORMAL, size));
        brush.fillText(text, x, y);
    }
}
