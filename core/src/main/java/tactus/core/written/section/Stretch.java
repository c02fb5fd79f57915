package tactus.core.written.section;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;

/** Some bars or beats of a section: bars 5 to 8, the third beat of bar 4, the last two bars. */
public sealed interface Stretch {

    /** Where a stretch lies, from the start of the section. */
    record Bounds(Length from, Length to) {

        public Bounds {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }
    }

    /**
     * Bars or beats counted from the start.
     *
     * @param fromBar from 1
     * @param fromBeat the felt beat of that bar it starts with, from 1
     * @param toBar the last bar of it
     * @param toBeat the last felt beat of it in that bar; empty for the whole bar
     */
    record Counted(int fromBar, int fromBeat, int toBar, OptionalInt toBeat) implements Stretch {

        /** @throws Refusal if a bar or a beat is out of range, or it ends before it starts */
        public Counted {
            checkBar(fromBar);
            checkBar(toBar);
            if (fromBeat < 1 || fromBeat > 32 || toBeat.orElse(1) < 1 || toBeat.orElse(1) > 32) {
                throw new Refusal("stretch.beats-counted");
            }
            boolean endsEarly = toBeat.isPresent() && toBeat.getAsInt() < fromBeat;
            if (toBar < fromBar || toBar == fromBar && endsEarly) throw new Refusal("stretch.end-before");
        }

        /** Whether it is whole bars. */
        public boolean isWhole() {
            return fromBeat == 1 && toBeat.isEmpty();
        }

        @Override
        public Optional<Bounds> in(BarLines bars) {
            int first = fromBar - 1;
            int last = Math.min(toBar, bars.bars()) - 1;
            if (first >= bars.bars()) return Optional.empty();
            Length from = beat(bars, first, fromBeat - 1);
            Length to = toBeat.isEmpty() ? bars.start(last + 1) : beat(bars, last, toBeat.getAsInt());
            return from.isLessThan(to) ? Optional.of(new Bounds(from, to)) : Optional.empty();
        }

        private static Length beat(BarLines bars, int bar, int beats) {
            return bars.afterBeats(bars.start(bar), Length.of(beats)).min(bars.start(bar + 1));
        }

        @Override
        public Counted movedBy(int bars) {
            return new Counted(fromBar + bars, fromBeat, toBar + bars, toBeat);
        }

        @Override
        public String code() {
            if (fromBar == toBar && isWhole()) return Integer.toString(fromBar);
            if (fromBar == toBar && toBeat.equals(OptionalInt.of(fromBeat))) return fromBar + "." + fromBeat;
            String from = fromBeat == 1 ? "" : "." + fromBeat;
            String to = toBeat.isEmpty() ? "" : "." + toBeat.getAsInt();
            return fromBar + from + "-" + toBar + to;
        }
    }

    /**
     * The last bars, whole.
     *
     * @param count how many, from 1
     */
    record Last(int count) implements Stretch {

        /** @throws Refusal if there can be no such bars */
        public Last {
            checkBar(count);
        }

        @Override
        public Optional<Bounds> in(BarLines bars) {
            if (bars.bars() == 0) return Optional.empty();
            return Optional.of(new Bounds(bars.start(Math.max(0, bars.bars() - count)), bars.length()));
        }

        @Override
        public Last movedBy(int bars) {
            return this;
        }

        @Override
        public String code() {
            return "-" + count;
        }
    }

    /** Where it lies among {@code bars}; empty if they have no such bar or beat. */
    Optional<Bounds> in(BarLines bars);

    /** The same so many bars later; counted from the end it stays. */
    Stretch movedBy(int bars);

    /** Returns {@code 5}, {@code 5-8}, {@code 4.3}, {@code 4.3-5.2} or, for the last two bars, {@code -2}. */
    String code();

    /** Returns the bars from {@code first} to {@code last}, both included. */
    static Stretch bars(int first, int last) {
        return new Counted(first, 1, last, OptionalInt.empty());
    }

    /** Returns the last {@code count} bars. */
    static Stretch last(int count) {
        return new Last(count);
    }

    /**
     * Reads a stretch as {@link #code} writes it.
     *
     * @throws NotationException if the text is no stretch
     */
    static Stretch ofCode(String code) {
        Matcher written = Code.WRITTEN.matcher(code.strip());
        if (!written.matches()) {
            throw new NotationException("stretch.unread", code, NotationException.stop(written.pattern(), code));
        }
        if (written.group(1) != null) return last(Integer.parseInt(written.group(1)));
        int from = Integer.parseInt(written.group(2));
        OptionalInt fromBeat = number(written.group(3));
        if (written.group(4) == null) return new Counted(from, fromBeat.orElse(1), from, fromBeat);
        return new Counted(from, fromBeat.orElse(1), Integer.parseInt(written.group(4)), number(written.group(5)));
    }

    private static OptionalInt number(String digits) {
        return digits == null ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(digits));
    }

    private static void checkBar(int bar) {
        if (bar < 1 || bar > Section.MOST_BARS) throw new Refusal("stretch.bars-counted");
    }

    /** How codes are written. */
    final class Code {
        private static final Pattern WRITTEN = Pattern.compile(
                "-(\\d{1,5})|(\\d{1,5})(?:\\.(\\d{1,2}))?(?:\\s*[-–]\\s*(\\d{1,5})(?:\\.(\\d{1,2}))?)?");

        private Code() {}
    }
}
