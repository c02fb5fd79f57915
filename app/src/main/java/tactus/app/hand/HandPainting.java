package tactus.app.hand;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.function.IntFunction;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.TextAlignment;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.HandPicture;
import tactus.core.laid.picture.Mark;
import tactus.core.laid.picture.Point;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** Paints the marks of one picture. */
final class HandPainting {

    private static final String FAMILY = "Open Sans";
    private static final double LEAST_GLOW = 0.15;

    private final GraphicsContext brush;
    private final HandPicture picture;
    private final IntFunction<String> names;
    private final Inks inks;
    private final boolean large;

    /** @param names what a string is called, by its number; empty where there is none */
    HandPainting(GraphicsContext brush, HandPicture picture, IntFunction<String> names, Inks inks) {
        this.brush = brush;
        this.picture = picture;
        this.names = names;
        this.inks = inks;
        this.large = picture.frame().size() == Frame.Size.LARGE;
    }

    /** Marks the slot that is written next: a frame where the picture has the focus, a line below it where not. */
    void paintCursor(int slot, boolean focused) {
        if (slot >= picture.passage().slots().size()) return;
        double width = picture.slotWidth(slot);
        double left = picture.slotX(slot) - width / 2;
        double height = picture.frame().height();
        brush.setFill(inks.glow().deriveColor(0, 1, 1, focused ? 0.55 : 0.25));
        brush.fillRoundRect(left + 1, 4, width - 2, height - 8, 8, 8);
        brush.setStroke(inks.warm());
        brush.setLineDashes();
        brush.setLineWidth(focused ? 2 : 1);
        if (focused) brush.strokeRoundRect(left + 1, 4, width - 2, height - 8, 8, 8);
        else brush.strokeLine(left + 4, height - 5, left + width - 4, height - 5);
    }

    /** A line where strokes fell, in a shade as wide as they lay apart; a ring where none came. */
    void paintFallen(List<HandView.Fallen> fallen) {
        if (fallen.isEmpty()) return;
        DoubleSummaryStatistics strings = picture.marks().stream()
                .filter(Mark.StringLine.class::isInstance)
                .mapToDouble(mark -> ((Mark.StringLine) mark).from().y())
                .summaryStatistics();
        double top = strings.getMin() - 8;
        double bottom = strings.getMax() + 8;
        double wide = picture.frame().slotsWidth() / picture.passage().length().toDouble();
        brush.setLineDashes();
        for (HandView.Fallen each : fallen) {
            if (each.slot() >= picture.passage().slots().size()) continue;
            double x = picture.slotX(each.slot()) + each.late() * wide;
            brush.setStroke(inks.warm());
            if (each.isMissed()) {
                brush.setLineWidth(2);
                brush.strokeOval(x - 7, bottom + 2, 14, 14);
                continue;
            }
            double spread = Math.max(2, each.spread() * wide);
            brush.setFill(inks.warm().deriveColor(0, 1, 1, 0.18));
            brush.fillRect(x - spread, top, 2 * spread, bottom - top);
            brush.setLineWidth(2.5);
            brush.strokeLine(x, top, x, bottom);
        }
    }

    /** Paints what does not move. */
    void paintStill() {
        paintPath();
        for (Mark mark : picture.marks()) paint(mark);
    }

    /**
     * Paints a moment of playing: the slot that is lit, {@code still} over it, and the hand.
     *
     * @param playing as in {@link HandView#playingProperty}, inside the passage
     * @param still paints what does not move
     */
    void paintMoment(double playing, Runnable still) {
        paintGlow(playing);
        still.run();
        paintHand(picture.handAt(playing));
    }

    /** The slot that is played lights up when it is struck and fades while the hand goes on to the next. */
    private void paintGlow(double playing) {
        picture.indexAt(playing).ifPresent(slot -> paintGlow(playing, slot));
    }

    private void paintGlow(double playing, int slot) {
        double width = picture.slotWidth(slot);
        double start = picture.passage().slots().get(slot).at().toDouble();
        double length = width
                / picture.frame().slotsWidth()
                * picture.passage().length().toDouble();
        double left = Math.clamp(1 - (playing - start) / length, 0, 1);
        brush.setFill(inks.glow().deriveColor(0, 1, 1, LEAST_GLOW + (1 - LEAST_GLOW) * left));
        brush.fillRect(
                picture.slotX(slot) - width / 2, 0, width, picture.frame().height());
    }

    private void paintHand(Point hand) {
        double radius = large ? 11 : 4;
        brush.setFill(inks.warm());
        brush.fillOval(hand.x() - radius, hand.y() - radius, 2 * radius, 2 * radius);
        if (!large) return;
        brush.setStroke(inks.glow());
        brush.setLineWidth(2.5);
        brush.setLineDashes();
        brush.strokeOval(hand.x() - radius + 4, hand.y() - radius + 4, 2 * radius - 8, 2 * radius - 8);
    }

    private void paint(Mark mark) {
        switch (mark) {
            case Mark.StringLine line -> level(line.from(), line.to(), line.thickness(), inks.faint());
            case Mark.BeatLine line -> upright(line.from(), line.to(), line.isBar() ? 2 : 1, inks.faint());
            case Mark.Path _ -> {}
            case Mark.Brush stroke -> paintBrush(stroke);
            case Mark.Cross cross -> paintCross(cross);
            case Mark.StopBar bar -> line(bar.from(), bar.to(), bar.thickness(), inks.ink());
            case Mark.Trail trail -> level(trail.from(), trail.to(), trail.thickness(), inks.soft());
            case Mark.Finger finger -> paintFinger(finger);
            case Mark.Tie tie -> line(tie.from(), tie.to(), tie.thickness(), inks.ink());
            case Mark.MoveText move -> paintMove(move);
            case Mark.DrumHit hit -> paintDrum(hit);
            case Mark.DrumName name -> paintDrumName(name);
            case Mark.CountText count -> paintCount(count);
            case Mark.StringName name -> paintName(name);
        }
    }

    /** A horizontal line, filled rather than drawn, which is quicker and sharper. */
    private void level(Point from, Point to, double thickness, Color colour) {
        brush.setFill(colour);
        brush.fillRect(from.x(), from.y() - thickness / 2, to.x() - from.x(), thickness);
    }

    private void upright(Point from, Point to, double thickness, Color colour) {
        brush.setFill(colour);
        brush.fillRect(Math.round(from.x() - thickness / 2), from.y(), thickness, to.y() - from.y());
    }

    private void line(Point from, Point to, double thickness, Color colour) {
        brush.setLineDashes();
        brush.setLineCap(StrokeLineCap.BUTT);
        brush.setLineWidth(thickness);
        brush.setStroke(colour);
        brush.strokeLine(from.x(), from.y(), to.x(), to.y());
    }

    /** The whole way of the hand in two goes, since each go costs as much as its length. */
    private void paintPath() {
        brush.setLineCap(StrokeLineCap.BUTT);
        brush.setLineWidth(large ? 1.5 : 0.8);
        tracePath(false);
        brush.setStroke(large ? inks.soft() : inks.faint());
        brush.setLineDashes(large ? new double[] {1.5, 4.5} : new double[0]);
        brush.stroke();
        if (!tracePath(true)) return;
        brush.setStroke(inks.faint());
        brush.setLineDashes(1, 6);
        brush.stroke();
    }

    /** Makes the silent or the other parts of the way the current path. Answers whether there are any. */
    private boolean tracePath(boolean silent) {
        brush.beginPath();
        Point end = null;
        for (Mark mark : picture.marks()) {
            if (!(mark instanceof Mark.Path path) || path.isSilent() != silent) continue;
            if (!path.from().equals(end))
                brush.moveTo(path.from().x(), path.from().y());
            brush.bezierCurveTo(
                    path.control1().x(),
                    path.control1().y(),
                    path.control2().x(),
                    path.control2().y(),
                    path.to().x(),
                    path.to().y());
            end = path.to();
        }
        return end != null;
    }

    private void paintBrush(Mark.Brush stroke) {
        Color colour = stroke.isAccented() ? inks.warm() : inks.ink();
        brush.beginPath();
        Point first = stroke.outline().getFirst();
        brush.moveTo(first.x(), first.y());
        for (Point point : stroke.outline()) brush.lineTo(point.x(), point.y());
        brush.closePath();
        brush.setLineDashes();
        brush.setLineJoin(StrokeLineJoin.ROUND);
        if (stroke.isAgainst()) {
            brush.setStroke(colour);
            brush.setLineWidth(large ? 2 : 1);
            brush.stroke();
        } else {
            brush.setFill(colour);
            brush.fill();
            if (stroke.isAccented()) {
                brush.setStroke(inks.ink());
                brush.setLineWidth(edge());
                brush.stroke();
            }
        }
    }

    private void paintCross(Mark.Cross cross) {
        Color colour = cross.isAccented() ? inks.warm() : inks.ink();
        double x = cross.middle().x();
        double y = cross.middle().y();
        double arm = cross.arm();
        double thickness = (large ? 2.2 : 1.1) * (cross.isAccented() ? 1.5 : 1);
        if (cross.isAccented()) cross(x, y, arm, thickness + 2 * edge(), inks.ink());
        cross(x, y, arm, thickness, colour);
    }

    private void cross(double x, double y, double arm, double thickness, Color colour) {
        line(new Point(x - arm, y - arm), new Point(x + arm, y + arm), thickness, colour);
        line(new Point(x - arm, y + arm), new Point(x + arm, y - arm), thickness, colour);
    }

    /** How wide the dark edge of an accent is, so that it is one without its colour too. */
    private double edge() {
        return large ? 1.6 : 0.8;
    }

    /** A finger is a dab of ink on its string, with its letter in it; a wrong one is hollow. */
    private void paintFinger(Mark.Finger finger) {
        Color colour = finger.isAccented() ? inks.warm() : inks.ink();
        double radius = finger.radius();
        double left = finger.middle().x() - radius;
        double top = finger.middle().y() - radius;
        brush.setLineDashes();
        brush.setFill(finger.isWrong() ? inks.paper() : colour);
        brush.fillOval(left, top, 2 * radius, 2 * radius);
        brush.setStroke(colour);
        brush.setLineWidth(large ? 2 : 1);
        if (finger.isWrong()) brush.strokeOval(left, top, 2 * radius, 2 * radius);
        else if (finger.isAccented()) {
            brush.setStroke(inks.ink());
            brush.setLineWidth(edge());
            brush.strokeOval(left, top, 2 * radius, 2 * radius);
        }
        Color letter = finger.isWrong() ? colour : inks.paper();
        letters(finger.label(), finger.middle(), Math.max(7, radius * 1.35), letter);
    }

    private void paintDrum(Mark.DrumHit hit) {
        double x = hit.middle().x();
        double y = hit.middle().y();
        double radius = hit.radius();
        switch (hit.drum()) {
            case KICK -> {
                brush.setFill(inks.soft());
                brush.fillOval(x - radius, y - radius, 2 * radius, 2 * radius);
            }
            case SNARE -> {
                line(new Point(x - radius, y - radius), new Point(x + radius, y + radius), 2, inks.soft());
                line(new Point(x - radius, y + radius), new Point(x + radius, y - radius), 2, inks.soft());
            }
            case HAT -> line(new Point(x, y - radius), new Point(x, y + radius), 2, inks.soft());
        }
    }

    private void paintDrumName(Mark.DrumName name) {
        brush.setFont(Font.font(FAMILY, FontWeight.NORMAL, 13));
        brush.setFill(inks.soft());
        brush.setTextAlign(TextAlignment.RIGHT);
        brush.setTextBaseline(VPos.CENTER);
        brush.fillText(
                Words.of("drum." + name.drum()), name.right().x(), name.right().y());
    }

    private void paintMove(Mark.MoveText move) {
        letters(move.text(), move.middle(), move.size(), inks.warm());
    }

    private void letters(String text, Point middle, double size, Color colour) {
        if (text.isEmpty()) return;
        brush.setFont(Font.font(FAMILY, FontWeight.BOLD, size));
        brush.setFill(colour);
        brush.setTextAlign(TextAlignment.CENTER);
        brush.setTextBaseline(VPos.CENTER);
        brush.fillText(text, middle.x(), middle.y());
    }

    private void paintCount(Mark.CountText count) {
        boolean strong = count.isPlayed() && count.isNumber();
        brush.setFont(Font.font(FAMILY, strong ? FontWeight.BOLD : FontWeight.NORMAL, count.size()));
        brush.setFill(count.isPlayed() ? inks.ink() : inks.soft());
        brush.setTextAlign(TextAlignment.CENTER);
        brush.setTextBaseline(VPos.BASELINE);
        brush.fillText(count.text(), count.middle().x(), count.middle().y());
    }

    private void paintName(Mark.StringName name) {
        String note = names.apply(name.number());
        if (note.isEmpty()) return;
        brush.setFont(Font.font(FAMILY, FontWeight.NORMAL, Math.max(13, name.size())));
        brush.setFill(inks.soft());
        brush.setTextAlign(TextAlignment.RIGHT);
        brush.setTextBaseline(VPos.CENTER);
        brush.fillText(
                name.number() + " " + MusicText.signs(note),
                name.right().x(),
                name.right().y());
    }
}
