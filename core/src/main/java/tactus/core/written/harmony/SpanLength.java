package tactus.core.written.harmony;

import java.util.function.Function;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;

/** How long a chord is held, as the teacher counts it. */
public sealed interface SpanLength {

    /** The most beats or bars one chord is held. */
    int MOST = 1_000;

    /** What the length of a chord is counted in. */
    enum Unit {
        BEAT(Beats::new),
        BAR(Bars::new),
        ROUND(Rounds::new),
        /** Not said yet. */
        OPEN(count -> count.equals(Length.WHOLE) ? new Open() : new Bars(count));

        private final Function<Length, SpanLength> length;

        Unit(Function<Length, SpanLength> length) {
            this.length = length;
        }

        /** @throws Refusal unless {@code count} is over 0 and at most 1,000 */
        public SpanLength of(Length count) {
            return length.apply(count);
        }
    }

    /** How many of its unit, more than nothing. */
    Length count();

    /**
     * Where a span of this length ends that starts at {@code from} of {@code bars}.
     *
     * @param round how long one round of what is played there is
     */
    Length end(BarLines bars, Length from, Length round);

    Unit unit();

    /** The same unit with another count. */
    default SpanLength withCount(Length other) {
        return unit().of(other);
    }

    /** Felt beats of the bars that the span lies in. */
    record Beats(Length count) implements SpanLength {

        /** @throws Refusal unless {@code count} is over 0 and at most 1,000 */
        public Beats {
            SpanLength.check(count, Unit.BEAT);
        }

        @Override
        public Length end(BarLines bars, Length from, Length round) {
            return bars.afterBeats(from, count);
        }

        @Override
        public Unit unit() {
            return Unit.BEAT;
        }
    }

    /** Bars, whatever their meters. */
    record Bars(Length count) implements SpanLength {

        /** @throws Refusal unless {@code count} is over 0 and at most 1,000 */
        public Bars {
            SpanLength.check(count, Unit.BAR);
        }

        @Override
        public Length end(BarLines bars, Length from, Length round) {
            return bars.afterBars(from, count);
        }

        @Override
        public Unit unit() {
            return Unit.BAR;
        }
    }

    /** Rounds of the pattern that is assigned to the section. */
    record Rounds(Length count) implements SpanLength {

        /** @throws Refusal unless {@code count} is over 0 and at most 1,000 */
        public Rounds {
            SpanLength.check(count, Unit.ROUND);
        }

        @Override
        public Length end(BarLines bars, Length from, Length round) {
            return from.plus(round.times(count));
        }

        @Override
        public Unit unit() {
            return Unit.ROUND;
        }
    }

    /** Nobody has said yet how long; meanwhile it is a bar. */
    record Open() implements SpanLength {

        @Override
        public Length count() {
            return Length.WHOLE;
        }

        @Override
        public Length end(BarLines bars, Length from, Length round) {
            return bars.afterBars(from, Length.WHOLE);
        }

        @Override
        public Unit unit() {
            return Unit.OPEN;
        }
    }

    /** @throws Refusal unless {@code count} is 1 to 1,000 */
    static SpanLength rounds(long count) {
        return new Rounds(Length.of(count));
    }

    /**
     * The length of {@code from} to {@code to} as a teacher would count it: in bars where both lie on bar lines, in felt
     * beats elsewhere, and in bars and parts of a bar where that would be more beats than can be said; at most 1,000 bars.
     */
    static SpanLength between(BarLines bars, Length from, Length to) {
        Length most = Length.of(MOST);
        Length count = bars.barsBefore(to).minus(bars.barsBefore(from));
        boolean isWhole = bars.start(bars.barAt(from)).equals(from)
                && count.remainderOver(Length.WHOLE).isZero();
        Length beats = bars.beatsBefore(to).minus(bars.beatsBefore(from));
        if (!isWhole && !most.isLessThan(beats)) return new Beats(beats);
        return new Bars(most.isLessThan(count) ? most : count);
    }

    /** @throws Refusal unless {@code count} is 1 to 1,000 */
    static SpanLength beats(long count) {
        return new Beats(Length.of(count));
    }

    /** @throws Refusal unless {@code count} is 1 to 1,000 */
    static SpanLength bars(long count) {
        return new Bars(Length.of(count));
    }

    private static void check(Length count, Unit unit) {
        if (!count.isPositive() || Length.of(MOST).isLessThan(count)) {
            throw new Refusal("span-length." + Lexicon.code(unit), count);
        }
    }
}
