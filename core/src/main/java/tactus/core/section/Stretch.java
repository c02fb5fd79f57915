package tactus.core.section;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.NotationException;

/**
 * Some bars or beats of a section: {@code bars 5-8}, {@code bar 4.3} (its third beat), {@code bars 4.3-5.2}, {@code last
 * 2 bars}.
 *
 * @param fromBar from 1; or from the end: -1 is the last bar
 * @param fromBeat the felt beat of that bar it starts with, from 1
 * @param toBar the last bar of it, counted as {@code fromBar} is
 * @param toBeat the last felt beat of it in that bar; 0 for the whole bar
 */
public record Stretch(int fromBar, int fromBeat, int toBar, int toBeat) {

    private static final int MOST = Section.MOST_BARS;
    private static final Pattern BARS =
            Pattern.compile("(?:bars?\\s+)?(\\d{1,5})(?:\\.(\\d{1,2}))?(?:\\s*[-–]\\s*(\\d{1,5})(?:\\.(\\d{1,2}))?)?");
    private static final Pattern LAST = Pattern.compile("last\\s+(?:(\\d{1,5})\\s+)?bars?");

    /** Where a stretch lies, from the start of the section. */
    public record Bounds(Length from, Length to) {}

    /** @throws IllegalArgumentException if a bar or a beat is out of range, or it ends before it starts */
    public Stretch {
        if (fromBar == 0 || toBar == 0 || Math.abs(fromBar) > MOST || Math.abs(toBar) > MOST) {
            throw new IllegalArgumentException("bars are counted from 1 to 10,000");
        }
        if (fromBar < 0 && (fromBeat != 1 || toBar != -1 || toBeat != 0) || fromBar > 0 && toBar < 0) {
            throw new IllegalArgumentException("counted from the end, a stretch is the last bars, whole");
        }
        if (fromBeat < 1 || fromBeat > 32 || toBeat < 0 || toBeat > 32) {
            throw new IllegalArgumentException("beats are counted from 1 to 32");
        }
        if (toBar < fromBar || toBar == fromBar && toBeat > 0 && toBeat < fromBeat) {
            throw new IllegalArgumentException("a stretch cannot end before it starts");
        }
    }

    /** Returns the bars from {@code first} to {@code last}, both included. */
    public static Stretch bars(int first, int last) {
        return new Stretch(first, 1, last, 0);
    }

    /** Returns the last {@code count} bars. */
    public static Stretch last(int count) {
        return new Stretch(-count, 1, -1, 0);
    }

    /**
     * Reads a stretch as {@link #toString} writes it.
     *
     * @throws NotationException if the text is no stretch
     */
    public static Stretch parse(String text) {
        String plain = text.strip();
        try {
            Matcher last = LAST.matcher(plain);
            if (last.matches()) return last(number(last.group(1), 1));
            Matcher bars = BARS.matcher(plain);
            if (bars.matches()) return read(bars);
        } catch (NotationException wrong) {
            throw wrong;
        } catch (IllegalArgumentException wrong) {
            throw new NotationException("are no bars of a section: " + wrong.getMessage(), text, 0);
        }
        throw new NotationException("are no bars such as 5-8, 4.3 or last 2 bars", text, 0);
    }

    private static Stretch read(Matcher bars) {
        int from = Integer.parseInt(bars.group(1));
        int fromBeat = number(bars.group(2), 1);
        if (bars.group(3) == null) return new Stretch(from, fromBeat, from, number(bars.group(2), 0));
        return new Stretch(from, fromBeat, Integer.parseInt(bars.group(3)), number(bars.group(4), 0));
    }

    private static int number(String digits, int otherwise) {
        return digits == null ? otherwise : Integer.parseInt(digits);
    }

    /** Where it lies among {@code bars}; empty if they have no such bar or beat. */
    public Optional<Bounds> in(BarLines bars) {
        int first = index(fromBar, bars);
        int last = Math.min(index(toBar, bars), bars.bars() - 1);
        if (first < 0) first = fromBar < 0 && last >= 0 ? 0 : first;
        if (first < 0 || first >= bars.bars() || last < first) return Optional.empty();
        Length from = beat(bars, first, fromBeat - 1);
        Length to = toBeat == 0 ? bars.start(last + 1) : beat(bars, last, toBeat);
        return from.isLessThan(to) ? Optional.of(new Bounds(from, to)) : Optional.empty();
    }

    /** The same so many bars later; counted from the end it stays. */
    Stretch movedBy(int bars) {
        return fromBar < 0 ? this : new Stretch(fromBar + bars, fromBeat, toBar + bars, toBeat);
    }

    private static int index(int bar, BarLines bars) {
        return bar > 0 ? bar - 1 : bars.bars() + bar;
    }

    private static Length beat(BarLines bars, int bar, int beats) {
        return bars.afterBeats(bars.start(bar), Length.of(beats)).min(bars.start(bar + 1));
    }

    /** Returns {@code bars 5-8}, {@code bar 4.3} or {@code last 2 bars}. */
    @Override
    public String toString() {
        if (fromBar < 0) return fromBar == -1 ? "last bar" : "last " + -fromBar + " bars";
        boolean oneBeat = fromBar == toBar && toBeat == fromBeat;
        if (fromBar == toBar && fromBeat == 1 && toBeat == 0) return "bar " + fromBar;
        if (oneBeat) return "bar " + fromBar + "." + fromBeat;
        return "bars " + fromBar + (fromBeat == 1 ? "" : "." + fromBeat) + "-" + toBar
                + (toBeat == 0 ? "" : "." + toBeat);
    }
}
