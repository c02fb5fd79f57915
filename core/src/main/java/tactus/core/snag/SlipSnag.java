package tactus.core.snag;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.section.SectionId;
import tactus.core.time.Length;

/** A slip of the hand in writing: a letter, a number, one thing unlike all others. */
public sealed interface SlipSnag extends Snag {

    /**
     * A chord off the key where another one stands between the same neighbours elsewhere, whose name is a letter away.
     *
     * @param span its index, from 0
     * @param likely the other chord
     * @param times how often that stands between the same chords
     */
    record LetterAway(SectionId section, int bar, int span, String chord, String likely, int times)
            implements SlipSnag {

        public LetterAway {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(likely);
            Objects.requireNonNull(section);
        }

        @Override
        public Kind kind() {
            return Kind.CHORD_A_LETTER_AWAY;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InSection(section, bar, span);
        }

        @Override
        public List<Object> about() {
            return List.of(section, span, chord);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("times", times);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new SectionFix.CallChord(section, span, likely));
        }
    }

    /** A section that is called half of another one and has not half its bars. */
    record NoHalf(SectionId section, SectionId whole, int bars, int wholeBars) implements SlipSnag {

        public NoHalf {
            Objects.requireNonNull(section);
            Objects.requireNonNull(whole);
        }

        @Override
        public Kind kind() {
            return Kind.HALF_THAT_IS_NONE;
        }

        @Override
        public SnagPlace place() {
            return SnagPlace.InSection.start(section);
        }

        @Override
        public List<Object> about() {
            return List.of(section, whole);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("bars", bars, "bars-of-the-whole", wholeBars);
        }
    }

    /**
     * A mark stands in a bar that the section does not have.
     *
     * @param mark a cue's text, or the bars where somebody sings
     * @param bar from 1
     */
    record BeyondBars(SectionId section, String mark, int bar, int bars) implements SlipSnag {

        public BeyondBars {
            Objects.requireNonNull(mark);
            Objects.requireNonNull(section);
        }

        @Override
        public Kind kind() {
            return Kind.MARK_BEYOND_BARS;
        }

        @Override
        public SnagPlace place() {
            return SnagPlace.InSection.start(section);
        }

        @Override
        public List<Object> about() {
            return List.of(section, mark, bar);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("bar", bar, "bars", bars);
        }
    }

    /**
     * The stop at the end of a pass is unlike those of all other passes of its section.
     *
     * @param beats how long it is, in felt beats
     * @param others how long the others are
     * @param times how many of them there are
     */
    record StopUnlike(SectionId section, SnagPlace place, Length beats, Length others, int times) implements SlipSnag {

        public StopUnlike {
            Objects.requireNonNull(beats);
            Objects.requireNonNull(others);
            Objects.requireNonNull(place);
            Objects.requireNonNull(section);
        }

        @Override
        public Kind kind() {
            return Kind.STOPS_UNLIKE;
        }

        @Override
        public List<Object> about() {
            return List.of(section, place);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("beats", beats, "beats-of-the-others", others);
        }
    }
}
