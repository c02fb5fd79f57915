package tactus.core.song;

import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.NotationException;

/** How long a chord is held, as the teacher counts it. */
public sealed interface SpanLength {

    /** The most beats or bars one chord is held. */
    int MOST = 1_000;

    /** How many of its unit, more than nothing. */
    Length count();

    /** Where a span of this length ends that starts at {@code from} of {@code bars}. */
    Length end(BarLines bars, Length from);

    /** The same unit with another count. */
    SpanLength withCount(Length other);

    /** Felt beats of the bars that the span lies in. */
    record Beats(Length count) implements SpanLength {

        /** @throws IllegalArgumentException unless {@code count} is over 0 and at most 1,000 */
        public Beats {
            SpanLength.check(count, "beats");
        }

        @Override
        public Length end(BarLines bars, Length from) {
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
        public Length end(BarLines bars, Length from) {
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

    static SpanLength beats(long count) {
        return new Beats(Length.of(count));
    }

    static SpanLength bars(long count) {
        return new Bars(Length.of(count));
    }

    /**
     * Reads {@code 2 bars}, {@code 1 beat} or {@code 3/2 beats}.
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
                default -> throw new NotationException("counts neither beats nor bars", text, text.indexOf(parts[1]));
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
