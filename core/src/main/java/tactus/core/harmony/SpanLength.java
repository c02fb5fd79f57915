package tactus.core.harmony;

import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.NotationException;

/** How long a chord is held, as the teacher counts it. */
public sealed interface SpanLength {

    /** The most beats or bars one chord is held. */
    int MOST = 1_000;

    /** How many of its unit, more than nothing. */
    Length count();

    /**
     * Where a span of this length ends that starts at {@code from} of {@code bars}.
     *
     * @param round how long one round of what is played there is
     */
    Length end(BarLines bars, Length from, Length round);

    /** The same unit with another count. */
    SpanLength withCount(Length other);

    /** Felt beats of the bars that the span lies in. */
    record Beats(Length count) implements SpanLength {

        /** @throws IllegalArgumentException unless {@code count} is over 0 and at most 1,000 */
        public Beats {
            SpanLength.check(count, "beats");
        }

        @Override
        public Length end(BarLines bars, Length from, Length round) {
            return bars.afterBeats(from, count);
        }

        @Override
        public Beats withCount(Length other) {
            return new Beats(other);
        }

        @Override
        public String toString() {
            return count + (count.equals(Length.WHOLE) ? " beat" : " beats");
        }
    }

    /** Bars, whatever their meters. */
    record Bars(Length count) implements SpanLength {

        /** @throws IllegalArgumentException unless {@code count} is over 0 and at most 1,000 */
        public Bars {
            SpanLength.check(count, "bars");
        }

        @Override
        public Length end(BarLines bars, Length from, Length round) {
            return bars.afterBars(from, count);
        }

        @Override
        public Bars withCount(Length other) {
            return new Bars(other);
        }

        @Override
        public String toString() {
            return count + (count.equals(Length.WHOLE) ? " bar" : " bars");
        }
    }

    /** Rounds of the pattern that is assigned to the section. */
    record Rounds(Length count) implements SpanLength {

        /** @throws IllegalArgumentException unless {@code count} is over 0 and at most 1,000 */
        public Rounds {
            SpanLength.check(count, "rounds");
        }

        @Override
        public Length end(BarLines bars, Length from, Length round) {
            return from.plus(round.times(count));
        }

        @Override
        public Rounds withCount(Length other) {
            return new Rounds(other);
        }

        @Override
        public String toString() {
            return count + (count.equals(Length.WHOLE) ? " round" : " rounds");
        }
    }

    static SpanLength rounds(long count) {
        return new Rounds(Length.of(count));
    }

    /**
     * The length of {@code from} to {@code to} as a teacher would count it: in bars where both lie on bar lines, in felt
     * beats elsewhere.
     */
    static SpanLength between(BarLines bars, Length from, Length to) {
        int first = bars.barAt(from);
        for (int bar = first + 1; bars.start(first).equals(from) && bar <= bars.bars(); bar++) {
            if (bars.start(bar).equals(to)) return bars(bar - first);
        }
        return new Beats(bars.beatsBefore(to).minus(bars.beatsBefore(from)));
    }

    static SpanLength beats(long count) {
        return new Beats(Length.of(count));
    }

    static SpanLength bars(long count) {
        return new Bars(Length.of(count));
    }

    /**
     * Reads {@code 2 bars}, {@code 1 beat}, {@code 3/2 beats} or {@code 4 rounds}.
     *
     * @throws NotationException if the text is no length of a span
     */
    static SpanLength parse(String text) {
        var parts = text.strip().split("\\s+");
        if (parts.length != 2) throw new NotationException("is not a length such as 2 bars or 3 beats", text, 0);
        Length count = Length.parse(parts[0]);
        try {
            return switch (parts[1]) {
                case "beat", "beats" -> new Beats(count);
                case "bar", "bars" -> new Bars(count);
                case "round", "rounds" -> new Rounds(count);
                default -> throw new NotationException("counts no beats, bars or rounds", text, text.indexOf(parts[1]));
            };
        } catch (NotationException wrong) {
            throw wrong;
        } catch (IllegalArgumentException wrong) {
            throw new NotationException("is no length: " + wrong.getMessage(), text, 0);
        }
    }

    private static void check(Length count, String unit) {
        if (!count.isPositive() || Length.of(MOST).isLessThan(count)) {
            throw new IllegalArgumentException(
                    "a chord lasts more than 0 and at most 1,000 " + unit + ", was " + count);
        }
    }
}
