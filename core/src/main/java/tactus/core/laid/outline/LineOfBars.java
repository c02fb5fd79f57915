package tactus.core.laid.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Length;

/**
 * Some bars of a block beside each other, on the screen or on paper, with where everything on them lies; a pick-up may stand in front
 * of them. What differs between the two is how wide texts are and how high rows; whoever paints it brings those.
 *
 * @param widths of each bar, in whatever is measured there
 */
public record LineOfBars(Block block, List<TimelineBar> bars, List<Double> widths) {

    /**
     * A ribbon as far as it lies on the line.
     *
     * @param begins whether it begins here, and not on a line above
     * @param from its left end
     * @param to its right end
     * @param cuts where a round is cut off on this line
     */
    public record Placed(Ribbon ribbon, boolean begins, double from, double to, List<Double> cuts) {

        public Placed {
            Objects.requireNonNull(ribbon);
            cuts = List.copyOf(cuts);
        }
    }

    /**
     * How words that are sung stand behind each other.
     *
     * @param indent how far behind its moment one begins
     * @param gap what is left between two words
     * @param within what is left between the syllables of a word
     */
    public record Spacing(double indent, double gap, double within) {}

    /** @throws IllegalArgumentException if there is no bar, or not a width for each */
    public LineOfBars {
        bars = List.copyOf(bars);
        widths = List.copyOf(widths);
        if (bars.isEmpty() || bars.size() != widths.size())
            throw new IllegalArgumentException(
                    "a line has a width for each bar, was " + widths.size() + " of " + bars.size());
    }

    /**
     * The same line with an incomplete bar in front, as much narrower than the first one as it is shorter; the others make room for it.
     *
     * @param least how narrow it may get
     * @param room what a line has room for
     */
    public LineOfBars withPickup(TimelineBar pickup, double least, double room) {
        double share = pickup.meter()
                .length()
                .dividedBy(bars.getFirst().meter().length())
                .toDouble();
        double wanted = Math.max(least, widths.getFirst() * share);
        double factor = (room - wanted) / Math.max(room, width());
        var all = new ArrayList<>(bars);
        all.addFirst(pickup);
        var each = new ArrayList<>(widths.stream().map(one -> one * factor).toList());
        each.addFirst(wanted);
        return new LineOfBars(block, all, each);
    }

    /** Where the bar with the index {@code bar} begins. */
    public double x(int bar) {
        double x = 0;
        for (int i = 0; i < bar; i++) x += widths.get(i);
        return x;
    }

    /** How wide all bars are together. */
    public double width() {
        return x(bars.size());
    }

    /** Where the line begins, from the start of the pass. */
    public Length start() {
        return bars.getFirst().isPickup() ? Length.ZERO : inPass(bars.getFirst());
    }

    /** Where it ends, from the start of the pass. */
    public Length end() {
        TimelineBar last = bars.getLast();
        return inPass(last).plus(last.meter().length());
    }

    private Length inPass(TimelineBar bar) {
        return bar.start().minus(block.bars().getFirst().start());
    }

    /** Where a position of the pass lies; what lies behind the line is at its end. */
    public double xAt(Length at) {
        for (int i = 0; i < bars.size(); i++) {
            TimelineBar bar = bars.get(i);
            if (bar.isPickup()) continue;
            double part = at.minus(inPass(bar)).dividedBy(bar.meter().length()).toDouble();
            if (part < 1) return x(i) + Math.max(0, part) * widths.get(i);
        }
        return width();
    }

    /**
     * How much room the note of a bar has: up to the next bar that has one.
     *
     * @param notes of each bar; empty texts where there are none
     */
    public double noteRoom(List<String> notes, int bar) {
        double room = widths.get(bar);
        for (int next = bar + 1; next < notes.size() && notes.get(next).isEmpty(); next++) room += widths.get(next);
        return room;
    }

    /** The texts of which something is sung here. */
    public List<WordLane> sung() {
        return block.words().stream().filter(lane -> !words(lane).isEmpty()).toList();
    }

    /** What of a text is sung here; a first line has what leads to it. */
    public List<Margin.SungAt> words(WordLane lane) {
        return lane.between(start(), end());
    }

    /**
     * Where each of the {@link #words} of a text begins: where it is sung, or behind the one before it.
     *
     * @param wide how wide each of them is
     */
    public List<Double> placesOf(WordLane lane, List<Double> wide, Spacing spacing) {
        var places = new ArrayList<Double>();
        double free = 0;
        for (Margin.SungAt each : words(lane)) {
            double width = wide.get(places.size());
            double x = Math.max(free, xAt(each.at()) + spacing.indent);
            places.add(x);
            free = x + width + (each.goesOn() ? spacing.within : spacing.gap);
        }
        return places;
    }

    /** The ribbons of {@code lane} that lie here. */
    public List<Placed> ribbons(Lane lane) {
        var placed = new ArrayList<Placed>();
        for (Ribbon ribbon : lane.ribbons()) {
            Length from = ribbon.from().max(start());
            Length to = ribbon.to().min(end());
            if (!from.isLessThan(to)) continue;
            List<Double> cuts = ribbon.cuts().stream()
                    .filter(cut -> start().isLessThan(cut) && !end().isLessThan(cut))
                    .map(this::xAt)
                    .toList();
            placed.add(new Placed(ribbon, !ribbon.from().isLessThan(start()), xAt(from), xAt(to), cuts));
        }
        return placed;
    }
}
