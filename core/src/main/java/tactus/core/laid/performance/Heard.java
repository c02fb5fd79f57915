package tactus.core.laid.performance;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Length;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.song.Passes;
import tactus.core.written.song.Song;

/**
 * What is heard: laid out, from where to where, and whether it goes round. Whoever plays it, draws it, judges what is played
 * along or writes it out is given the same one.
 */
public sealed interface Heard {

    /** What it is a part of. */
    Timeline timeline();

    /** Where it begins, in seconds at the song's tempo. */
    double from();

    /** Where it ends, in seconds at the song's tempo. */
    double to();

    /** Whether it begins anew at its end. */
    default boolean goesRound() {
        return true;
    }

    /** The pattern that is heard alone; empty if it is a part of the song. */
    default Optional<Pattern> alone() {
        return Optional.empty();
    }

    /** The song from a bar to its end. */
    record FromBar(Timeline timeline, TimelineBar first) implements Heard {

        public FromBar {
            Objects.requireNonNull(timeline);
            Objects.requireNonNull(first);
        }

        @Override
        public double from() {
            return first.seconds();
        }

        @Override
        public double to() {
            return timeline.seconds();
        }

        @Override
        public boolean goesRound() {
            return false;
        }
    }

    /**
     * The bars of one entry of the running order.
     *
     * @param begun a bar of it
     * @param isAsWritten without what is other in that entry
     */
    record OneEntry(Timeline timeline, TimelineBar begun, boolean isAsWritten) implements Heard {

        public OneEntry {
            Objects.requireNonNull(timeline);
            Objects.requireNonNull(begun);
        }

        /** The entry of {@code begun}, which is a bar of {@code timeline}. */
        public static OneEntry of(Song song, Timeline timeline, TimelineBar begun, boolean isAsWritten) {
            Timeline heard = isAsWritten ? Timeline.of(Passes.withoutExceptions(song, begun.use())) : timeline;
            return new OneEntry(heard, begun, isAsWritten);
        }

        private List<TimelineBar> bars() {
            return timeline.bars().stream()
                    .filter(bar -> bar.use() == begun.use())
                    .toList();
        }

        @Override
        public double from() {
            return bars().getFirst().seconds();
        }

        @Override
        public double to() {
            return timeline.seconds(bars().getLast().end());
        }
    }

    /** Bars that were asked for; always those of the song, since what is played along with them is judged by it. */
    record Bars(Timeline timeline, BarRange range) implements Heard {

        /** @throws IllegalArgumentException if the first of them is not there */
        public Bars {
            if (timeline.bar(range.from()).isEmpty()) throw new IllegalArgumentException("no bar " + range.from());
        }

        private TimelineBar first() {
            return timeline.bar(range.from()).orElseThrow();
        }

        @Override
        public double from() {
            return first().seconds();
        }

        @Override
        public double to() {
            return timeline.seconds(timeline.bar(range.to()).orElse(first()).end());
        }

        /** How long a bar to breathe before a further round is, in seconds at the song's tempo. */
        public double breath() {
            return ClickTrack.countInSeconds(timeline, first());
        }
    }

    /** A pattern alone, on the first chord that the song plays it on. */
    record OnePattern(Timeline timeline, Pattern pattern) implements Heard {

        public OnePattern {
            Objects.requireNonNull(timeline);
            Objects.requireNonNull(pattern);
        }

        /** {@code pattern} as {@code song} plays it. */
        public static OnePattern of(Song song, Pattern pattern) {
            return new OnePattern(PatternAlone.of(song, pattern), pattern);
        }

        @Override
        public double from() {
            return timeline.seconds(start(pattern));
        }

        @Override
        public double to() {
            return timeline.seconds(
                    start(pattern).plus(pattern.frame().pickupLength()).plus(pattern.length()));
        }

        /** Where {@code pattern} begins when it is heard alone, its pick-up first, from the start of what is laid out. */
        public static Length start(Pattern pattern) {
            return PatternAlone.start(pattern);
        }

        @Override
        public Optional<Pattern> alone() {
            return Optional.of(pattern);
        }
    }

    /** The click alone, over the beats of a pattern. */
    record ClickAlone(OnePattern beats) implements Heard {

        public ClickAlone {
            Objects.requireNonNull(beats);
        }

        /** The click over the beats of {@code pattern}. */
        public static ClickAlone of(Song song, Pattern pattern) {
            return new ClickAlone(OnePattern.of(song, Pattern.empty(pattern.id(), pattern.name(), pattern.frame())));
        }

        @Override
        public Timeline timeline() {
            return beats.timeline();
        }

        @Override
        public double from() {
            return beats.from();
        }

        @Override
        public double to() {
            return beats.to();
        }

        @Override
        public Optional<Pattern> alone() {
            return beats.alone();
        }
    }
}
