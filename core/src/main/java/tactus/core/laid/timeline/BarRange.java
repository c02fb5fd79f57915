package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.Refusal;

/**
 * Bars of a song.
 *
 * @param from the first, from 1
 * @param to the last, not before {@code from}
 */
public record BarRange(int from, int to) {

    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,5})(?:\\s*[-–]\\s*(\\d{1,5}))?");

    /** @throws IllegalArgumentException if there is none */
    public BarRange {
        if (from < 1 || to < from) throw new IllegalArgumentException("no bars from " + from + " to " + to);
    }

    /**
     * Reads {@code 9-24} or {@code 9}; what goes beyond {@code last} ends there.
     *
     * @param last the last bar of the song
     * @throws Refusal if it cannot be read or the song has no such bars
     */
    public static BarRange parse(String text, int last) {
        Matcher said = WRITTEN.matcher(text.strip());
        if (!said.matches()) throw new Refusal("take.bars", text, last);
        int from = Integer.parseInt(said.group(1));
        int to = said.group(2) == null ? from : Integer.parseInt(said.group(2));
        if (from < 1 || to < from || from > last) throw new Refusal("take.bars", text, last);
        return new BarRange(from, Math.min(to, last));
    }

    /** {@code bars}, in order, as ranges: 3, 5-8. */
    public static List<BarRange> of(List<Integer> bars) {
        var ranges = new ArrayList<BarRange>();
        for (int bar : bars) {
            boolean goesOn = !ranges.isEmpty() && ranges.getLast().to == bar - 1;
            ranges.add(new BarRange(goesOn ? ranges.removeLast().from : bar, bar));
        }
        return List.copyOf(ranges);
    }

    /** Whether the bar {@code number} is one of them. */
    public boolean has(int number) {
        return number >= from && number <= to;
    }

    @Override
    public String toString() {
        return from == to ? String.valueOf(from) : from + "-" + to;
    }
}
