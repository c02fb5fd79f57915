package tactus.formats.sheet;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import tactus.core.harmony.Chord;
import tactus.core.picture.Point;
import tactus.core.shape.Barre;
import tactus.core.shape.Finger;
import tactus.core.shape.FrettingHand;
import tactus.core.shape.Grip;
import tactus.core.shape.Neck;
import tactus.core.shape.Voicing;
import tactus.formats.font.ChordText;
import tactus.formats.font.Typeface;

/** A shape on a piece of the neck as the screen has it: string 6 on top, the nut on the left, fingers where they press. */
final class ShapePicture {

    static final double WIDTH = 99;
    private static final double HEAD = 13;
    private static final double STRING = 7.6;
    private static final double FRET = 17;
    private static final double MARKS = 11;
    private static final double FOOT = 13;
    private static final int FEWEST_FRETS = 4;

    private final Pen pen;
    private final Voicing voicing;
    private final String name;
    private final Optional<Grip> grip;
    private final int first;
    private final int frets;
    private final double left;
    private final double top;

    /** @param top where the name of the chord begins */
    ShapePicture(Pen pen, Chord chord, double left, double top) {
        this.pen = pen;
        this.left = left + MARKS;
        this.top = top + HEAD + 4;
        voicing = chord.voicing();
        name = ChordText.of(chord.name());
        grip = chord.grip(Neck.USUAL, FrettingHand.USUAL).or(() -> chord.grip(Neck.USUAL, FrettingHand.LARGEST));
        var held = voicing.frets().stream().mapToInt(Integer::intValue).filter(fret -> fret > 0);
        var range = held.summaryStatistics();
        int highest = range.getCount() == 0 ? 0 : range.getMax();
        first = highest <= FEWEST_FRETS ? 1 : range.getMin();
        frets = Math.max(FEWEST_FRETS, highest - first + 1);
    }

    /** How high a picture of so many strings is, with the name above it. */
    static double height(int strings) {
        return HEAD + 4 + (strings - 1) * STRING + FOOT;
    }

    void print() throws IOException {
        pen.text(name, left, top - 7, Typeface.BOLD, 11, Ink.DARK);
        pen.text(
                voicing.toString(),
                left + pen.width(name, Typeface.BOLD, 11) + 5,
                top - 7,
                Typeface.REGULAR,
                8.5,
                Ink.SOFT);
        double bottom = y(1);
        for (int fret = 0; fret <= frets; fret++) {
            boolean isNut = fret == 0 && first == 1;
            pen.line(
                    new Point(x(fret), y(voicing.strings())),
                    new Point(x(fret), bottom),
                    isNut ? 2.2 : 0.5,
                    isNut ? Ink.DARK : Ink.FAINT);
        }
        for (int string = 1; string <= voicing.strings(); string++) {
            pen.line(new Point(x(0), y(string)), new Point(x(frets), y(string)), 0.4 + 0.08 * string, Ink.SOFT);
        }
        if (first > 1)
            pen.centred(Integer.toString(first), x(0) + width() / 2, bottom + 9, Typeface.REGULAR, 7.5, Ink.SOFT);
        for (Barre barre : grip.map(Grip::barres).orElse(List.of())) print(barre);
        for (int string : IntStream.rangeClosed(1, voicing.strings()).toArray()) printString(string);
    }

    private void print(Barre barre) throws IOException {
        double at = middle(barre.fret());
        pen.line(new Point(at, y(barre.lowest())), new Point(at, y(barre.highest())), 3.4, Ink.DARK);
    }

    private void printString(int string) throws IOException {
        var fret = voicing.fret(string);
        double mark = left - 5;
        if (fret.isEmpty()) {
            pen.centred("×", mark, y(string) + 2.6, Typeface.REGULAR, 8, Ink.SOFT);
        } else if (fret.getAsInt() == 0) {
            pen.disc(new Point(mark, y(string)), 2, Ink.DARK, true);
        } else {
            var middle = new Point(middle(fret.getAsInt()), y(string));
            pen.disc(middle, 3.5, Ink.DARK, false);
            Optional<Finger> finger = grip.flatMap(held -> held.fingering().on(string));
            if (finger.isPresent()) {
                pen.centred(
                        String.valueOf(finger.get().sign()), middle.x(), middle.y() + 2, Typeface.BOLD, 5.6, Ink.PAPER);
            }
        }
    }

    private double width() {
        return Math.min(FRET, (WIDTH - MARKS - 10) / frets);
    }

    private double x(int line) {
        return left + line * width();
    }

    private double middle(int fret) {
        return x(fret - first) + width() / 2;
    }

    private double y(int string) {
        return top + (voicing.strings() - string) * STRING;
    }
}
