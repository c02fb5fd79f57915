package tactus.core.music.shape;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Puts fingers on a shape: one finger a fret line, a lower finger never beyond a higher one, on one fret from the low
 * string to the high one; barres where there are more strings than fingers or it is less work (common practice).
 */
final class GripFinder {

    private static final Finger[] ORDER = {Finger.INDEX, Finger.MIDDLE, Finger.RING, Finger.LITTLE};
    /** How much farther than their share of the span two fingers next to each other reach. */
    private static final double SPREAD = 1.25;

    /** For each number of fingers, every choice of as many, from the index on. */
    private static final List<List<int[]>> CHOICES = List.of(
            List.of(new int[0]),
            List.of(new int[] {0}, new int[] {1}, new int[] {2}, new int[] {3}),
            List.of(
                    new int[] {0, 1},
                    new int[] {0, 2},
                    new int[] {0, 3},
                    new int[] {1, 2},
                    new int[] {1, 3},
                    new int[] {2, 3}),
            List.of(new int[] {0, 1, 2}, new int[] {0, 1, 3}, new int[] {0, 2, 3}, new int[] {1, 2, 3}),
            List.of(new int[] {0, 1, 2, 3}));

    private final Neck neck;
    private final FrettingHand hand;

    GripFinder(Neck neck, FrettingHand hand) {
        this.neck = neck;
        this.hand = hand;
    }

    /** A finger's place while fingers are being found: the strings are indices from the lowest-sounding, 0. */
    private record Touch(int fret, int from, int to) {

        int strings() {
            return to - from + 1;
        }

        boolean isBarre() {
            return to > from;
        }
    }

    private record Choice(List<Touch> touches, int[] fingers, boolean thumb, double cost) {}

    Optional<Grip> find(Voicing voicing) {
        int[] frets = voicing.frets().stream().mapToInt(Integer::intValue).toArray();
        Choice best = best(frets, 0, false);
        if (hand.thumb()) best = cheaper(best, withThumb(frets));
        return Optional.ofNullable(best).map(choice -> grip(voicing, choice));
    }

    private static Choice cheaper(Choice a, Choice b) {
        if (a == null || b == null) return a == null ? b : a;
        return b.cost < a.cost ? b : a;
    }

    /** The thumb takes the lowest string, at most one fret beyond the lowest of the fingers. */
    private Choice withThumb(int[] frets) {
        if (frets[0] <= 0) return null;
        int lowest = 99;
        for (int i = 1; i < frets.length; i++) if (frets[i] > 0) lowest = Math.min(lowest, frets[i]);
        if (lowest == 99 || frets[0] > lowest + 1 || frets[0] < lowest - 1) return null;
        return best(frets, 1, true);
    }

    /** The cheapest way to hold the strings from {@code first} on. */
    private Choice best(int[] frets, int first, boolean thumb) {
        int[] lines = lines(frets, first);
        if (lines.length > ORDER.length) return null;
        Choice best = null;
        for (int barres = 0; barres < 1 << lines.length; barres++) {
            List<Touch> touches = touches(frets, first, lines, barres);
            if (touches != null) best = cheaper(best, fingered(frets, touches, thumb));
        }
        return best;
    }

    /** The frets that are held, from the lowest. */
    private static int[] lines(int[] frets, int first) {
        int held = 0;
        for (int i = first; i < frets.length; i++) if (frets[i] > 0) held |= 1 << frets[i];
        int[] lines = new int[Integer.bitCount(held)];
        for (int i = 0; i < lines.length; i++) {
            lines[i] = Integer.numberOfTrailingZeros(held);
            held &= held - 1;
        }
        return lines;
    }

    /** @return null if a barre that is asked for cannot be laid, or it takes more fingers than there are */
    private static List<Touch> touches(int[] frets, int first, int[] lines, int barres) {
        var touches = new ArrayList<Touch>();
        for (int line = 0; line < lines.length; line++) {
            int fret = lines[line];
            if ((barres & 1 << line) != 0) {
                Touch barre = barre(frets, first, fret);
                if (barre == null) return null;
                touches.add(barre);
                continue;
            }
            for (int i = first; i < frets.length; i++) if (frets[i] == fret) touches.add(new Touch(fret, i, i));
        }
        return touches.size() > ORDER.length ? null : touches;
    }

    private static Touch barre(int[] frets, int first, int fret) {
        int from = -1;
        int to = -1;
        for (int i = first; i < frets.length; i++) {
            if (frets[i] != fret) continue;
            if (from < 0) from = i;
            to = i;
        }
        if (from == to) return null;
        for (int i = from; i <= to; i++) if (frets[i] < fret) return null;
        return new Touch(fret, from, to);
    }

    private Choice fingered(int[] frets, List<Touch> touches, boolean thumb) {
        int[] best = null;
        double least = Double.MAX_VALUE;
        for (int[] fingers : CHOICES.get(touches.size())) {
            double awkward = awkwardness(touches, fingers);
            if (awkward < least && reaches(touches, fingers)) {
                least = awkward;
                best = fingers;
            }
        }
        if (best == null) return null;
        double cost = Cost.fingers(touches.size()) + (thumb ? Cost.THUMB : 0) + least;
        for (Touch touch : touches) {
            boolean openBeyond = touch.to + 1 < frets.length && frets[touch.to + 1] == 0;
            if (touch.isBarre()) cost += Cost.barre(touch.strings(), openBeyond);
        }
        return new Choice(touches, best, thumb, cost);
    }

    /** How far the fingers are from one finger a fret, the index on the lowest; a barre wants the index. */
    private static double awkwardness(List<Touch> touches, int[] fingers) {
        int base = touches.isEmpty() ? 0 : touches.getFirst().fret;
        double sum = 0;
        for (int i = 0; i < fingers.length; i++) {
            sum += 0.1 * Math.abs(fingers[i] - (touches.get(i).fret - base));
            // A barre of another finger leaves room for the index alone behind it.
            if (touches.get(i).isBarre() && fingers[i] > 0) sum += i > 1 ? 8 : 2;
        }
        return sum;
    }

    private boolean reaches(List<Touch> touches, int[] fingers) {
        for (int i = 0; i < fingers.length; i++) {
            for (int j = i + 1; j < fingers.length; j++) {
                double reach = hand.span() * (fingers[j] - fingers[i]) / 3.0;
                double slack = fingers[j] - fingers[i] == 3 ? 1 : SPREAD;
                if (neck.between(touches.get(i).fret, touches.get(j).fret) > reach * slack) return false;
            }
        }
        return true;
    }

    private Grip grip(Voicing voicing, Choice choice) {
        int strings = voicing.strings();
        var fingers = new ArrayList<Set<Finger>>(Collections.nCopies(strings, Set.of()));
        var barres = new ArrayList<Barre>();
        if (choice.thumb) fingers.set(0, EnumSet.of(Finger.THUMB));
        for (int i = 0; i < choice.fingers.length; i++) {
            Touch touch = choice.touches.get(i);
            Finger finger = ORDER[choice.fingers[i]];
            for (int string = touch.from; string <= touch.to; string++) {
                if (voicing.frets().get(string) == touch.fret) fingers.set(string, EnumSet.of(finger));
            }
            if (touch.isBarre()) barres.add(new Barre(finger, touch.fret, strings - touch.from, strings - touch.to));
        }
        return new Grip(voicing, new Fingering(fingers), barres, stretch(choice.touches));
    }

    private double stretch(List<Touch> touches) {
        if (touches.isEmpty()) return 0;
        return neck.between(touches.getFirst().fret, touches.getLast().fret);
    }
}
