package tactus.app.setup.fact;

import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;
import javafx.scene.text.TextAlignment;
import tactus.app.hand.InkCanvas;
import tactus.app.work.Settings;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Pitch;
import tactus.core.music.pitch.StringTension;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/**
 * The open strings as they are tuned: each with its pitch, how many semitones it lies from the one it is made for, drawn
 * as a peg that has been turned that far, and what this does to its tension. Style class {@code tuning-view}.
 */
final class TuningView extends InkCanvas {

    private static final String FAMILY = "Open Sans";
    private static final double LABEL = 60;
    private static final double FIGURES = 296;
    private static final int WIDEST = 6;

    private final ObjectProperty<Instrument> instrument =
            new SimpleObjectProperty<>(this, "instrument", Instrument.USUAL);
    private final Settings settings;

    TuningView(Settings settings) {
        this.settings = settings;
        getStyleClass().add("tuning-view");
        repaintOn(List.of(instrument, settings.lowStringOnTopProperty()));
    }

    ObjectProperty<Instrument> instrumentProperty() {
        return instrument;
    }

    @Override
    protected void paint(GraphicsContext brush, double width, double height) {
        Instrument guitar = instrument.get();
        List<StringTension> tensions = StringTension.of(guitar);
        double gap = Math.min(46, (height - 24) / tensions.size());
        brush.setTextBaseline(VPos.CENTER);
        brush.setLineDashes();
        double middle = LABEL + (width - LABEL - FIGURES) / 2;
        double step = (width - LABEL - FIGURES) / 2 / (WIDEST + 1);
        paintScale(brush, middle, step, gap * tensions.size());
        for (int i = 0; i < tensions.size(); i++) {
            int row = settings.lowStringOnTopProperty().get() ? i : tensions.size() - 1 - i;
            paintString(brush, guitar, tensions.get(i), gap * (row + 0.5), middle, step, width);
        }
    }

    private void paintScale(GraphicsContext brush, double middle, double step, double bottom) {
        brush.setFont(Font.font(FAMILY, 13));
        brush.setTextAlign(TextAlignment.CENTER);
        for (int semitones = -WIDEST; semitones <= WIDEST; semitones += 2) {
            double x = middle + semitones * step;
            brush.setStroke(semitones == 0 ? inks().ink() : inks().faint());
            brush.setLineWidth(semitones == 0 ? 2 : 0.5);
            brush.strokeLine(x, 4, x, bottom);
            brush.setFill(inks().soft());
            brush.fillText(semitones > 0 ? "+" + semitones : semitones == 0 ? "0" : "−" + -semitones, x, bottom + 12);
        }
    }

    private void paintString(
            GraphicsContext brush,
            Instrument guitar,
            StringTension tension,
            double y,
            double middle,
            double step,
            double width) {
        int strings = guitar.tuning().strings();
        Pitch pitch = guitar.strings().string(tension.string());
        double peg = middle + Math.clamp(tension.semitones(), -WIDEST, WIDEST) * step;
        brush.setStroke(inks().soft());
        brush.setLineWidth(0.8 + 0.25 * tension.string() * 6 / strings);
        brush.strokeLine(LABEL, y, width - FIGURES, y);
        paintPeg(brush, tension, peg, middle, y);
        write(
                brush,
                tension.string() + "  " + MusicText.signs(guitar.strings().note(tension.string())) + pitch.octave(),
                4,
                y,
                true);
        String hertz = String.format(
                java.util.Locale.ENGLISH, "%.2f Hz", guitar.concert().frequency(pitch));
        write(brush, hertz, width - FIGURES + 14, y, false);
        write(brush, said(tension), width - FIGURES + 104, y, tension.isTight());
    }

    /** A brush mark from where the peg stood to where it was turned; warm where the string is tightened. */
    private void paintPeg(GraphicsContext brush, StringTension tension, double peg, double middle, double y) {
        var colour = tension.semitones() > 0 ? inks().warm() : inks().ink();
        brush.setFill(colour);
        if (tension.semitones() != 0) {
            brush.fillPolygon(new double[] {middle, peg, peg}, new double[] {y, y - 5, y + 5}, 3);
        }
        brush.fillOval(peg - 7, y - 7, 14, 14);
    }

    private void write(GraphicsContext brush, String text, double x, double y, boolean strong) {
        brush.setTextAlign(TextAlignment.LEFT);
        brush.setFill(strong ? inks().ink() : inks().soft());
        brush.setFont(Font.font(FAMILY, strong ? FontWeight.BOLD : FontWeight.NORMAL, 14));
        brush.fillText(text, x, y);
    }

    private static String said(StringTension tension) {
        int percent = tension.percent();
        if (percent == 0) return Words.of("tension.usual");
        if (tension.isTight()) return Words.of("tension.tight", percent);
        return Words.of(
                tension.isSlack() ? "tension.slack" : percent > 0 ? "tension.more" : "tension.less", Math.abs(percent));
    }
}
