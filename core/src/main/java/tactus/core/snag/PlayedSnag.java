package tactus.core.snag;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import tactus.core.pattern.PatternId;
import tactus.core.section.SectionId;
import tactus.core.song.ChangeCount;
import tactus.core.sum.Recording;
import tactus.core.time.Length;
import tactus.core.timeline.Fit;

/** A snag of what is played. */
public sealed interface PlayedSnag extends Snag {

    /** A number of seconds or the like as it is shown, so that what cannot be seen makes no other snag. */
    static String rounded(double number, int decimals) {
        return String.format(Locale.ROOT, "%." + decimals + "f", number);
    }

    /**
     * A pattern is cut though nobody said that it shall be.
     *
     * @param span the chord, from 0
     * @param bar of the section, from 1
     * @param beat of the bar, from 1
     * @param chords the names of those it is cut on in the same way
     * @param fit what does not come out even
     * @param beats the same in felt beats
     * @param times how often in the song
     */
    record Cut(
            SectionId section,
            PatternId pattern,
            SnagPlace.InUse place,
            int bar,
            Length beat,
            List<String> chords,
            Fit fit,
            InBeats beats,
            int times,
            Fix mend)
            implements PlayedSnag {

        public Cut {
            chords = List.copyOf(chords);
            Objects.requireNonNull(beat);
            Objects.requireNonNull(beats);
            Objects.requireNonNull(fit);
            Objects.requireNonNull(mend);
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(place);
            Objects.requireNonNull(section);
        }

        /**
         * Lengths in felt beats of the bars there.
         *
         * @param rest what is left of the chord behind the last whole round
         */
        public record InBeats(Length chord, Length round, Length rest, Length missing) {

            public InBeats {
                Objects.requireNonNull(chord);
                Objects.requireNonNull(missing);
                Objects.requireNonNull(rest);
                Objects.requireNonNull(round);
            }
        }

        @Override
        public Kind kind() {
            return Kind.PATTERN_CUT;
        }

        @Override
        public List<Object> about() {
            return List.of(section, pattern, place.span());
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers(
                    "length-of-chord", fit.span(),
                    "length-of-round", fit.round(),
                    "whole-rounds", fit.rounds(),
                    "not-played", fit.missing(),
                    "times", times);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(mend);
        }
    }

    /**
     * The guitar stops for long and nothing says how to count on.
     *
     * @param bar of the section, from 1
     */
    record Stop(SectionId section, SnagPlace.InUse place, int bar, Length beats, Optional<Fix> fix)
            implements PlayedSnag {

        public Stop {
            Objects.requireNonNull(beats);
            Objects.requireNonNull(fix);
            Objects.requireNonNull(place);
            Objects.requireNonNull(section);
        }

        @Override
        public Kind kind() {
            return Kind.STOP_WITHOUT_COUNT;
        }

        @Override
        public List<Object> about() {
            return List.of(section, bar);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("beats", beats);
        }
    }

    /**
     * Nothing is struck as long as a chord lasts.
     *
     * @param bar of the section, from 1
     * @param times how often in the song
     */
    record NotStruck(SectionId section, SnagPlace.InUse place, int bar, String chord, PatternId pattern, int times)
            implements PlayedSnag {

        public NotStruck {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(place);
            Objects.requireNonNull(section);
        }

        @Override
        public Kind kind() {
            return Kind.CHORD_NOT_STRUCK;
        }

        @Override
        public List<Object> about() {
            return List.of(section, pattern, place.span());
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("times", times);
        }
    }

    /** A pattern is faster than the shown version allows. */
    record TooFast(PatternId pattern, String version, double perSecond, int most) implements PlayedSnag {

        public TooFast {
            Objects.requireNonNull(pattern);
            Objects.requireNonNull(version);
        }

        @Override
        public Kind kind() {
            return Kind.TOO_FAST_FOR_VERSION;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InPattern(pattern, 0);
        }

        @Override
        public List<Object> about() {
            return List.of(pattern, version);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("strokes-a-second", rounded(perSecond, 1), "allowed", most);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new RuleFix.OnlyBeats(version));
        }
    }

    /**
     * A change takes longer than the pattern leaves for it.
     *
     * @param left seconds between the strokes
     * @param tempo the fastest at which it fits, in beats a minute
     */
    record TooQuick(SnagPlace.InUse place, ChangeCount change, double left, int tempo) implements PlayedSnag {

        public TooQuick {
            Objects.requireNonNull(change);
            Objects.requireNonNull(place);
        }

        @Override
        public Kind kind() {
            return Kind.CHANGE_TOO_QUICK;
        }

        @Override
        public List<Object> about() {
            return List.of(change.from(), change.to());
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("seconds-needed", rounded(change.seconds(), 2), "seconds-left", rounded(left, 2));
        }
    }

    /** The song is not as long as the recording. */
    record OtherLength(Recording recording) implements PlayedSnag {

        public OtherLength {
            Objects.requireNonNull(recording);
        }

        /** The tempo at which it would be as long, to a tenth. */
        public double tempo() {
            return Math.round(recording.tempo() * 10) / 10.0;
        }

        @Override
        public Kind kind() {
            return Kind.NOT_AS_LONG_AS_RECORDING;
        }

        @Override
        public SnagPlace place() {
            return SnagPlace.InFacts.LENGTH;
        }

        @Override
        public List<Object> about() {
            return List.of();
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("seconds", rounded(recording.difference(), 1));
        }

        @Override
        public Optional<Fix> fix() {
            return recording.isPossible() ? Optional.of(new SetUpFix.TakeTempo(tempo())) : Optional.empty();
        }
    }
}
