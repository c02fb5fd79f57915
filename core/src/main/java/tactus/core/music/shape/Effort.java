package tactus.core.music.shape;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;

/**
 * What a shape costs the hand, part by part; the weights are those of {@link Cost}.
 *
 * @param parts what there is to pay; parts that cost nothing are left out
 */
public record Effort(List<Part> parts) {

    /** What is paid for. */
    public enum Kind {
        FINGERS,
        THUMB,
        BARRE,
        STRETCH,
        /** Strings left out between two that are played. */
        SKIPPED,
        /** Strings left out at the edge. */
        AVOIDED,
        HEIGHT,
        /** Strings that do not sound; three alone make no accompaniment. */
        THIN,
        /** Frets above the third that open strings sound beside, which have another tone. */
        MIXED,
        /** Notes of the name that are missing, or there besides. */
        INCOMPLETE;

        /** Whether it takes something off how full the shape sounds, rather than off how easily it is held. */
        public boolean isOfSound() {
            return compareTo(THIN) >= 0;
        }
    }

    /**
     * One part.
     *
     * @param amount fingers, strings under barres, millimetres, strings, or frets above the third
     */
    public record Part(Kind kind, int amount, double cost) {

        public Part {
            Objects.requireNonNull(kind);
        }
    }

    private static final double FULL_EASE = 100;
    /** The points of ease that a cost of 1 takes off. */
    public static final double EASE_STEP = 1.5;

    private static final double FULLNESS_STEP = 4;

    public Effort {
        parts = List.copyOf(parts);
    }

    static Effort of(Grip grip, Neck neck, FrettingHand hand) {
        var parts = new ArrayList<Part>();
        Set<Finger> used = grip.fingering().used();
        boolean thumb = used.remove(Finger.THUMB);
        add(parts, Kind.FINGERS, used.size(), Cost.fingers(used.size()) + crowding(grip));
        if (thumb) add(parts, Kind.THUMB, 1, Cost.THUMB);
        addBarres(parts, grip, neck);
        add(parts, Kind.STRETCH, (int) Math.round(grip.stretch()), Cost.stretch(grip.stretch(), hand));
        addStrings(parts, grip);
        addHeight(parts, grip, neck);
        addSound(parts, grip.voicing());
        return new Effort(parts);
    }

    private static void add(List<Part> parts, Kind kind, int amount, double cost) {
        if (cost > 0) parts.add(new Part(kind, amount, cost));
    }

    /** Three fingers side by side on one fret are in each other's way. */
    private static double crowding(Grip grip) {
        int most = 0;
        for (int string = 1; string <= grip.voicing().strings(); string++) {
            int fret = grip.voicing().fret(string).orElse(0);
            if (fret > 0) most = Math.max(most, fingersAt(grip, fret));
        }
        return most > 2 ? 1.5 * (most - 2) : 0;
    }

    private static int fingersAt(Grip grip, int fret) {
        Set<Finger> fingers = EnumSet.noneOf(Finger.class);
        for (int string = 1; string <= grip.voicing().strings(); string++) {
            if (grip.voicing().fret(string).orElse(0) == fret)
                grip.fingering().on(string).ifPresent(fingers::add);
        }
        return fingers.size();
    }

    private static void addBarres(List<Part> parts, Grip grip, Neck neck) {
        // Two barres may lie over one string.
        var strings = new TreeSet<Integer>();
        double cost = 0;
        for (Barre barre : grip.barres()) {
            boolean openBeyond = isOpenBeyond(grip.voicing(), barre.highest());
            double stiff = barre.fret() + neck.capo() <= 1 ? 1.3 : 1;
            for (int string = barre.highest(); string <= barre.lowest(); string++) strings.add(string);
            cost += Cost.barre(barre.strings(), openBeyond) * stiff + (barre.finger() == Finger.INDEX ? 0 : 2);
        }
        add(parts, Kind.BARRE, strings.size(), cost);
    }

    private static boolean isOpenBeyond(Voicing voicing, int highest) {
        for (int string = highest - 1; string >= 1; string--)
            if (voicing.fret(string).orElse(-1) == 0) return true;
        return false;
    }

    private static void addStrings(List<Part> parts, Grip grip) {
        int skipped = 0;
        int avoided = 0;
        double skips = 0;
        double avoids = 0;
        boolean below = true;
        for (int string = grip.voicing().strings(); string >= 1; string--) {
            if (grip.voicing().isPlayed(string)) {
                below = false;
            } else if (grip.isSkipped(string)) {
                skipped++;
                skips += grip.dampening(string).isPresent() ? Cost.SKIPPED_DAMPED : Cost.SKIPPED_OPEN;
            } else {
                avoided++;
                boolean damped = grip.dampening(string).isPresent();
                avoids += below ? Cost.AVOIDED_BELOW : damped ? Cost.AVOIDED_DAMPED : Cost.AVOIDED_ABOVE;
            }
        }
        add(parts, Kind.SKIPPED, skipped, skips);
        add(parts, Kind.AVOIDED, avoided, avoids);
    }

    private static void addHeight(List<Part> parts, Grip grip, Neck neck) {
        var held = grip.voicing().frets().stream()
                .filter(fret -> fret > 0)
                .mapToInt(Integer::intValue)
                .summaryStatistics();
        if (held.getCount() == 0) return;
        int height = Cost.aboveComfort(held.getMin()) + Cost.beyondBody(held.getMax(), neck);
        add(parts, Kind.HEIGHT, height, Cost.height(held.getMin(), held.getMax(), neck));
    }

    private static void addSound(List<Part> parts, Voicing voicing) {
        int silent = (int) voicing.frets().stream()
                .filter(fret -> fret == Voicing.NOT_PLAYED)
                .count();
        add(parts, Kind.THIN, silent, Cost.thin(silent, voicing.strings()));
        int highest = Collections.max(voicing.frets());
        if (!voicing.isMovable()) add(parts, Kind.MIXED, Cost.beyondOpenTone(highest), Cost.mixed(highest));
    }

    /** The effort with what the name lacks added. */
    public Effort withIncomplete(int notes, double cost) {
        var all = new ArrayList<>(parts);
        add(all, Kind.INCOMPLETE, notes, cost);
        return new Effort(all);
    }

    /** The effort with what {@code other} pays for an incomplete name added. */
    Effort withIncompleteOf(Effort other) {
        return other.parts.stream()
                .filter(part -> part.kind() == Kind.INCOMPLETE)
                .findFirst()
                .map(part -> withIncomplete(part.amount(), part.cost()))
                .orElse(this);
    }

    /** What the hand alone pays, however thin or incomplete it sounds. */
    public double handCost() {
        return parts.stream()
                .filter(part -> !part.kind().isOfSound())
                .mapToDouble(Part::cost)
                .sum();
    }

    /** All of it; 0 for open strings, about 40 for a full barre at the first fret. */
    public double cost() {
        return parts.stream().mapToDouble(Part::cost).sum();
    }

    /** How easy the shape is to hold, from 100 for open strings down to 0, however it sounds. */
    public int ease() {
        return (int) Math.max(0, Math.round(FULL_EASE - EASE_STEP * handCost()));
    }

    /** How full it sounds, from 100 for every string and every note of its name down to 0. */
    public int fullness() {
        return (int) Math.max(0, Math.round(FULL_EASE - FULLNESS_STEP * (cost() - handCost())));
    }
}
