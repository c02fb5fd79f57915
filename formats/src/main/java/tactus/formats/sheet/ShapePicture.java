package tactus.formats.sheet;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import tactus.core.laid.picture.Point;
import tactus.core.music.shape.Barre;
import tactus.core.music.shape.Finger;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Voicing;
import tactus.core.written.harmony.Chord;
import tactus.formats.font.ChordText;
import tactus.formats.font.Typeface;

/** A shape on a piece of the neck as the screen has it: turned as the look says, fingers where they press. */
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
    private final String note;
    private final SheetLook look;
    private final double scale;
    private final Optional<Grip> grip;
    private final int first;
    private final int frets;
    private double left;
    private double top;

    /**
     * @param note what is said behind the frets; may be empty
     * @param scale how much larger than usual it is
     */
    ShapePicture(Pen pen, Chord chord, String note, SheetLook look, double scale) {
        this.pen = pen;
        this.note = note;
        this.look = look;
        this.scale = scale;
        voicing = chord.voicing();
        name = ChordText.of(chord.name(), look.notes());
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

    /** @param at where the name of the chord begins */
    void print(double at, double from) throws IOException {
        left = at + MARKS * scale;
        top = from + (HEAD + 4) * scale;
        double letters = Math.min(scale, 1.6);
        pen.text(name, left, top - 7 * scale, Typeface.BOLD, 11 * letters, Ink.DARK);
        double behind = left + pen.width(name, Typeface.BOLD, 11 * letters) + 5;
        String frets = note.isEmpty() ? voicing.toString() : voicing + " " + note;
        double size = 8.5 * letters;
        double room = at + (WIDTH - 6) * scale - behind;
        while (size > 5 && pen.width(frets, Typeface.REGULAR, size) > room) size -= 0.5;
        pen.text(frets, behind, top - 7 * scale, Typeface.REGULAR, size, Ink.SOFT);
        printNeck();
    }

    private void printNeck() throws IOException {
        double bottom = Math.max(y(1), y(voicing.strings()));
        double upper = Math.min(y(1), y(voicing.strings()));
        for (int fret = 0; fret <= frets; fret++) {
            boolean isNut = fret == 0 && first == 1;
            pen.line(
                    new Point(x(fret), upper),
                    new Point(x(fret), bottom),
                    isNut ? 2.2 : 0.5,
                    isNut ? Ink.DARK : Ink.FAINT);
        }
        for (int string = 1; string <= voicing.strings(); string++) {
            pen.line(new Point(x(0), y(string)), new Point(x(frets), y(string)), 0.4 + 0.08 * string, Ink.SOFT);
        }
        if (first > 1)
            pen.centred(
                    Integer.toString(first),
                    (x(0) + x(1)) / 2,
                    bottom + 9 * scale,
                    Typeface.REGULAR,
                    7.5 * scale,
                    Ink.SOFT);
        for (Barre barre : grip.map(Grip::barres).orElse(List.of())) print(barre);
        for (int string : IntStream.rangeClosed(1, voicing.strings()).toArray()) printString(string);
    }

    private void print(Barre barre) throws IOException {
        double at = middle(barre.fret());
        pen.line(new Point(at, y(barre.lowest())), new Point(at, y(barre.highest())), 3.4 * scale, Ink.DARK);
    }

    private void printString(int string) throws IOException {
        var fret = voicing.fret(string);
        double mark = x(0) + (look.leftHanded() ? 5 : -5) * scale;
        if (fret.isEmpty()) {
            pen.centred("×", mark, y(string) + 2.6 * scale, Typeface.REGULAR, 8 * scale, Ink.SOFT);
        } else if (fret.getAsInt() == 0) {
            pen.disc(new Point(mark, y(string)), 2 * scale, Ink.DARK, true);
        } else {
            var middle = new Point(middle(fret.getAsInt()), y(string));
            pen.disc(middle, 3.5 * scale, Ink.DARK, false);
            Optional<Finger> finger = grip.flatMap(held -> held.fingering().on(string));
            if (finger.isPresent()) {
                pen.centred(
                        String.valueOf(finger.get().sign()),
                        middle.x(),
                        middle.y() + 2 * scale,
                        Typeface.BOLD,
                        5.6 * scale,
                        Ink.PAPER);
            }
        }
    }

    private double width() {
        return scale * Math.min(FRET, (WIDTH - MARKS - 10) / frets);
    }

    /** Where a fret lies; the nut is on the right for a left-handed player. */
    private double x(int line) {
        return look.leftHanded() ? left + (frets - line) * width() : left + line * width();
    }

    private double middle(int fret) {
        return (x(fret - first) + x(fret - first + 1)) / 2;
    }

    private double y(int string) {
        int row = look.lowStringOnTop() ? voicing.strings() - string : string - 1;
        return top + row * STRING * scale;
    }
}
