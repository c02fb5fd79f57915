package tactus.app.practice;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Rectangle2D;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import tactus.app.hand.InkCanvas;
import tactus.core.taught.logbook.Progress;
import tactus.words.Words;

/**
 * The tempo of one song week by week: a step as high as the fastest clean take, hatched where none was clean. Style class {@code
 * tempo-chart}.
 */
final class TempoChart extends InkCanvas {

    private static final double HEIGHT = 168;
    private static final double FOOT = 24;
    private static final double HEAD = 26;
    private static final double LEFT = 4;
    private static final double WIDEST = 74;
    private static final String FAMILY = "Open Sans";

    private final ObjectProperty<Progress.OfSong> song = new SimpleObjectProperty<>(this, "song", null);

    TempoChart(Progress.OfSong shown) {
        getStyleClass().add("tempo-chart");
        repaintOn(List.of(song));
        song.set(shown);
        var said = new ArrayList<String>();
        for (Progress.Week week : shown.weeks())
            said.add(Words.of(
                    "class.week",
                    Words.date("date.day", week.monday()),
                    week.tempo().orElse(0),
                    week.score()));
        setAccessibleText(shown.song() + ": " + String.join("; ", said));
    }

    @Override
    protected double computePrefHeight(double width) {
        return HEIGHT;
    }

    @Override
    protected void paint(GraphicsContext brush, double width, double height) {
        if (song.get() == null) return;
        List<Progress.Week> weeks = song.get().weeks();
        int most = song.get().best().orElse(1);
        int least = weeks.stream()
                .flatMap(week -> week.tempo().stream())
                .mapToInt(Integer::intValue)
                .min()
                .orElse(0);
        // The floor is no zero, so that a few beats a minute are seen.
        double floor = Math.max(0, least - Math.max(8, (most - least) * 0.5));
        double wide = Math.min(WIDEST, (width - LEFT) / Math.max(1, weeks.size()));
        double room = HEIGHT - FOOT - HEAD;
        brush.setFont(Font.font(FAMILY, 13));
        brush.setTextAlign(TextAlignment.CENTER);
        brush.setTextBaseline(VPos.BOTTOM);
        for (int i = 0; i < weeks.size(); i++) {
            Progress.Week week = weeks.get(i);
            double x = LEFT + i * wide;
            double high = week.tempo()
                    .map(tempo -> room * (tempo - floor) / Math.max(1, most - floor))
                    .orElse(8.0);
            paintWeek(brush, week, i == weeks.size() - 1, new Rectangle2D(x, HEIGHT - FOOT - high, wide, high));
            brush.setFill(inks().ink());
            if (wide > 46 || i % 2 == 0) brush.fillText(Words.date("date.day", week.monday()), x + wide / 2, HEIGHT);
        }
        brush.setStroke(inks().ink());
        brush.setLineWidth(1);
        brush.strokeLine(LEFT, HEIGHT - FOOT + 0.5, LEFT + wide * weeks.size(), HEIGHT - FOOT + 0.5);
    }

    private void paintWeek(GraphicsContext brush, Progress.Week week, boolean isLast, Rectangle2D bar) {
        boolean isClean = week.tempo().isPresent();
        if (isClean) {
            brush.setFill(isLast ? inks().ink() : inks().soft());
            brush.fillRect(bar.getMinX() + 3, bar.getMinY(), bar.getWidth() - 6, bar.getHeight());
        } else {
            brush.setStroke(inks().warm());
            brush.setLineWidth(1.5);
            for (double at = bar.getMinX() + 4; at < bar.getMaxX() - 8; at += 6)
                brush.strokeLine(at, bar.getMaxY(), at + 5, bar.getMinY());
        }
        brush.setFill(isClean ? inks().ink() : inks().warm());
        String said = week.tempo().map(String::valueOf).orElse(Words.of("class.not-clean"));
        brush.fillText(said, bar.getMinX() + bar.getWidth() / 2, bar.getMinY() - 2);
    }
}
