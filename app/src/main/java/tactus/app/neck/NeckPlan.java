package tactus.app.neck;

import java.util.OptionalInt;
import tactus.core.music.shape.Neck;

/**
 * Where strings and frets of a drawn neck lie.
 *
 * @param strings how many there are
 * @param first the first fret shown, from 1
 * @param shown how many frets are shown
 * @param foot room below for the numbers of frets
 * @param margins room beside the frets, for open strings and for what is written at the other end
 */
record NeckPlan(
        double width, double height, int strings, int first, int shown, double foot, Margins margins, Turn turn) {

    /**
     * Room in pixels.
     *
     * @param nut on the side of the nut
     * @param end on the side of the bridge
     */
    record Margins(double nut, double end) {}

    /**
     * How the neck is turned.
     *
     * @param lowStringOnTop whether the lowest-sounding string lies on top
     * @param leftHanded whether the nut is on the right
     */
    record Turn(boolean lowStringOnTop, boolean leftHanded) {}

    private static final Neck NECK = Neck.USUAL;

    /** Between two strings. */
    double gap() {
        return (height - foot) / (strings + 0.2);
    }

    double y(int string) {
        int fromTop = turn.lowStringOnTop ? strings - string : string - 1;
        return gap() * (fromTop + 0.6);
    }

    /** Where the wire of {@code fret} lies; frets grow closer as they do on a neck. The nut is the wire before the first. */
    double wire(int fret) {
        double part = NECK.between(first - 1, fret) / NECK.between(first - 1, first - 1 + shown);
        double along = margins.nut + part * (width - margins.nut - margins.end);
        return turned(along);
    }

    /** Where a finger at {@code fret} lies; 0 is beside the nut, where open strings are marked. */
    double finger(int fret) {
        return fret == 0 ? turned(margins.nut - 12) : (wire(fret - 1) + wire(fret)) / 2;
    }

    /** The middle of the room at the end of the neck. */
    double end() {
        return turned(width - margins.end / 2);
    }

    private double turned(double along) {
        return turn.leftHanded ? width - along : along;
    }

    /** The string nearest to {@code y}; empty outside. */
    OptionalInt stringAt(double y) {
        for (int string = 1; string <= strings; string++) {
            if (Math.abs(y(string) - y) <= gap() / 2) return OptionalInt.of(string);
        }
        return OptionalInt.empty();
    }

    /** The fret whose room {@code x} lies in; 0 beside the nut, empty beyond the last. */
    OptionalInt fretAt(double x) {
        double along = turn.leftHanded ? width - x : x;
        if (along < margins.nut) return OptionalInt.of(0);
        for (int fret = first; fret < first + shown; fret++) {
            double wire = turn.leftHanded ? width - wire(fret) : wire(fret);
            if (along <= wire) return OptionalInt.of(fret);
        }
        return OptionalInt.empty();
    }
}
