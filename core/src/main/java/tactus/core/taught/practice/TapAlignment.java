package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;

/**
 * Which tap belongs to which stroke, so that the whole costs least. A player who drifts or is late as a whole is followed: the
 * strokes are also laid at other tempos and later or earlier, and one of these is taken if the taps lie much better there.
 */
final class TapAlignment {

    /** What a stroke or a tap without its counterpart costs, in seconds; ours. */
    static final double ALONE = 0.15;
    /** What the wrong way costs, in seconds; ours. */
    static final double WRONG_WAY = 0.04;

    private static final double REACH = 2 * ALONE + WRONG_WAY;
    /** The fewest strokes from which a tempo can be told. */
    private static final int ENOUGH = 16;
    /** How much cheaper another tempo must be, since every take lies a little better somewhere else. */
    private static final double MUCH = 0.8;
    /** Taps that lie so well in the mean need no other tempo, in seconds. */
    private static final double WELL = 0.035;
    /** The tempos and shifts that are tried: per cent, and seconds. */
    private static final int MOST_PERCENT = 8;

    /** So many strokes lead on to the next ones; a tempo is off by no more than this part. */
    private static final int STEP = 8;

    private static final double STEEPEST = 0.12;
    /** A long take is tried at its beginning, its middle and its end, in so many strokes each; the best lines are tried on all. */
    private static final int PART = 48;

    private static final int PROMISING = 4;
    private static final int SHIFTS = 4;
    private static final double SHIFT = 0.05;

    private static final byte PLAYED = 0;
    private static final byte MISSED = 1;
    private static final byte EXTRA = 2;

    private final List<DueStroke> due;
    private final List<Tap> taps;
    private final double[] at;
    private int[] tapOf = {};
    private double cost;

    private TapAlignment(List<DueStroke> due, List<Tap> taps, Line line) {
        this(due, taps, line.places(due));
    }

    /** @param at where each stroke is looked for */
    private TapAlignment(List<DueStroke> due, List<Tap> taps, double[] at) {
        this.due = due;
        this.taps = taps;
        this.at = at;
        align();
    }

    /**
     * The tap of each stroke by its index, -1 for none.
     *
     * @param taps in the order of time
     */
    static int[] of(List<DueStroke> due, List<Tap> taps) {
        var plain = new TapAlignment(due, taps, Line.AS_DUE);
        if (due.size() < ENOUGH || taps.size() < ENOUGH / 2 || plain.cost < WELL * due.size()) return plain.tapOf;
        TapAlignment best = followed(due, taps);
        if (plain.cost < best.cost) best = plain;
        for (Line line : promising(due, taps)) {
            var other = new TapAlignment(due, taps, line);
            if (other.cost < best.cost) best = other;
        }
        for (int i = 0; i < 2; i++) {
            TapAlignment refined = best.refined();
            if (refined.cost < best.cost) best = refined;
        }
        return best.cost < MUCH * plain.cost ? best.tapOf : plain.tapOf;
    }

    /** The same beside the click alone, whatever tempo the player keeps. */
    static int[] plain(List<DueStroke> due, List<Tap> taps) {
        return new TapAlignment(due, taps, Line.AS_DUE).tapOf;
    }

    /** The tempos and shifts at which the beginning, the middle and the end of a take cost least together. */
    private static List<Line> promising(List<DueStroke> due, List<Tap> taps) {
        double start = due.getFirst().seconds();
        var lines = new ArrayList<Line>();
        for (int percent = -MOST_PERCENT; percent <= MOST_PERCENT; percent++) {
            for (int step = -SHIFTS; step <= SHIFTS; step++) {
                double rate = percent / 100.0;
                lines.add(new Line(step * SHIFT - rate * start, rate));
            }
        }
        var costs = new IdentityHashMap<Line, Double>();
        for (Line line : lines) costs.put(line, costInParts(due, taps, line));
        lines.sort(Comparator.comparingDouble(costs::get));
        return lines.subList(0, PROMISING);
    }

    private static double costInParts(List<DueStroke> due, List<Tap> taps, Line line) {
        if (due.size() <= 3 * PART) return new TapAlignment(due, taps, line).cost;
        double cost = 0;
        for (int from : new int[] {0, (due.size() - PART) / 2, due.size() - PART}) {
            List<DueStroke> part = due.subList(from, from + PART);
            double start = part.getFirst().seconds();
            double end = part.getLast().seconds();
            int first = firstAfter(taps, start + line.at(start) - ALONE);
            int last = firstAfter(taps, end + line.at(end) + ALONE);
            cost += new TapAlignment(part, taps.subList(first, last), line).cost;
        }
        return cost;
    }

    private static int firstAfter(List<Tap> taps, double seconds) {
        int low = 0;
        int high = taps.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (taps.get(middle).seconds() < seconds) low = middle + 1;
            else high = middle;
        }
        return low;
    }

    /**
     * Goes along with a player whose tempo is his own: a few bars are laid where the bars before them lead to, and lead on themselves.
     */
    private static TapAlignment followed(List<DueStroke> due, List<Tap> taps) {
        var at = new double[due.size()];
        Line line = Line.AS_DUE;
        int firstTap = 0;
        for (int from = 0; from < due.size(); from += STEP) {
            List<DueStroke> part = due.subList(from, Math.min(due.size(), from + 2 * STEP));
            double start = part.getFirst().seconds();
            double reached = start + line.at(start) - REACH;
            while (firstTap < taps.size() && taps.get(firstTap).seconds() < reached) firstTap++;
            double end = part.getLast().seconds();
            int lastTap = firstTap;
            while (lastTap < taps.size() && taps.get(lastTap).seconds() < end + line.at(end) + REACH) lastTap++;
            line = new TapAlignment(part, taps.subList(firstTap, lastTap), line)
                    .line()
                    .orElse(line);
            double[] places = line.places(part);
            System.arraycopy(places, 0, at, from, Math.min(STEP, places.length));
        }
        return new TapAlignment(due, taps, at);
    }

    /**
     * How late strokes come.
     *
     * @param late at the start of everything, in seconds
     * @param rate how much later in each second
     */
    private record Line(double late, double rate) {

        private static final Line AS_DUE = new Line(0, 0);

        double[] places(List<DueStroke> due) {
            return due.stream()
                    .mapToDouble(stroke -> stroke.seconds() + at(stroke.seconds()))
                    .toArray();
        }

        double at(double seconds) {
            return late + rate * seconds;
        }
    }

    /** The straight line through what was found, where it is enough. */
    private Optional<Line> line() {
        int count = 0;
        double sumX = 0;
        double sumY = 0;
        double sumXx = 0;
        double sumXy = 0;
        for (int i = 0; i < tapOf.length; i++) {
            if (tapOf[i] < 0) continue;
            double x = due.get(i).seconds();
            double y = taps.get(tapOf[i]).seconds() - x;
            count++;
            sumX += x;
            sumY += y;
            sumXx += x * x;
            sumXy += x * y;
        }
        double across = count * sumXx - sumX * sumX;
        if (count < STEP || across <= 0) return Optional.empty();
        double rate = Math.clamp((count * sumXy - sumX * sumY) / across, -STEEPEST, STEEPEST);
        return Optional.of(new Line((sumY - rate * sumX) / count, rate));
    }

    /** The same on the straight line through what was found. */
    private TapAlignment refined() {
        return line().map(line -> new TapAlignment(due, taps, line)).orElse(this);
    }

    private double cost(int stroke, Tap tap) {
        boolean isWrong = Take.isWrongWay(due.get(stroke), tap);
        return Math.abs(tap.seconds() - at[stroke]) + (isWrong ? WRONG_WAY : 0);
    }

    /**
     * Goes through strokes and taps together. A row holds, for the taps near its stroke, the least cost of everything up to
     * there; taps before them are behind one, those after them are too many for now.
     */
    private void align() {
        int strokes = at.length;
        var rows = new byte[strokes][];
        var firsts = new int[strokes];
        double[] before = {0};
        int beforeFirst = 0;
        int first = 0;
        int last = 0;
        for (int stroke = 0; stroke < strokes; stroke++) {
            while (first < taps.size() && taps.get(first).seconds() < at[stroke] - REACH) first++;
            last = Math.max(last, first);
            while (last < taps.size() && taps.get(last).seconds() <= at[stroke] + REACH) last++;
            var now = new double[last - first + 1];
            rows[stroke] = new byte[now.length];
            firsts[stroke] = first;
            for (int tap = first; tap <= last; tap++) {
                double missed = earlier(before, beforeFirst, tap) + ALONE;
                double extra = tap > first ? now[tap - first - 1] + ALONE : Double.MAX_VALUE;
                double played = tap > first
                        ? earlier(before, beforeFirst, tap - 1) + cost(stroke, taps.get(tap - 1))
                        : Double.MAX_VALUE;
                byte way = played <= missed && played <= extra ? PLAYED : missed <= extra ? MISSED : EXTRA;
                now[tap - first] = way == PLAYED ? played : way == MISSED ? missed : extra;
                rows[stroke][tap - first] = way;
            }
            before = now;
            beforeFirst = first;
        }
        cost = earlier(before, beforeFirst, taps.size());
        follow(rows, firsts);
    }

    /** The least cost up to {@code tap}; behind the row every tap is one too many. */
    private static double earlier(double[] row, int first, int tap) {
        int index = tap - first;
        return index < row.length ? row[Math.max(0, index)] : row[row.length - 1] + (index - row.length + 1) * ALONE;
    }

    private void follow(byte[][] rows, int[] firsts) {
        tapOf = new int[rows.length];
        Arrays.fill(tapOf, -1);
        int tap = taps.size();
        for (int stroke = rows.length - 1; stroke >= 0; stroke--) {
            tap = Math.min(tap, firsts[stroke] + rows[stroke].length - 1);
            while (tap > firsts[stroke] && rows[stroke][tap - firsts[stroke]] == EXTRA) tap--;
            if (tap <= firsts[stroke] || rows[stroke][tap - firsts[stroke]] == MISSED) continue;
            tapOf[stroke] = --tap;
        }
    }
}
