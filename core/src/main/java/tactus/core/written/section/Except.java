package tactus.core.written.section;

import java.util.List;
import java.util.Objects;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.Loop;
import tactus.core.written.harmony.Span;

/**
 * What is other than in the section when it is used again. Kept as an exception, so that a change to the section
 * reaches every use of it.
 *
 * @param on the passes it holds for
 */
public record Except(PassChoice on, Change change) {

    /** What is other. */
    public sealed interface Change {}

    /** The section goes round another number of times; holds for the whole use. */
    public record Runs(int passes) implements Change {
        /** @throws Refusal unless {@code passes} is 1 to 99 */
        public Runs {
            Section.checkPasses(passes);
        }
    }

    /**
     * Other bars and chords in place of some.
     *
     * @param where the bars that are replaced, whole ones
     */
    public record OtherBars(Stretch where, Bars instead) implements Change {
        public OtherBars {
            Objects.requireNonNull(where);
            Objects.requireNonNull(instead);
        }
    }

    /** Bars and chords that are added at the end. */
    public record ExtraBars(Bars added) implements Change {
        public ExtraBars {
            Objects.requireNonNull(added);
        }
    }

    /** Bars that are left out, whole ones. */
    public record LeftOut(Stretch where) implements Change {
        public LeftOut {
            Objects.requireNonNull(where);
        }
    }

    /** Other words, line by line; none where nothing is sung. */
    public record OtherWords(List<WordLine> words) implements Change {
        public OtherWords {
            words = List.copyOf(words);
        }

        /** Of long texts few have as many lines; to read every syllable of all of them costs more than to compare two. */
        @Override
        public int hashCode() {
            return words.size();
        }
    }

    /** Somebody sings elsewhere. */
    public record OtherVoice(List<Stretch> voice) implements Change {
        public OtherVoice {
            voice = List.copyOf(voice);
        }
    }

    /**
     * Bars with their chords.
     *
     * @param bars the meter of each, at least one
     * @param loops bars that are written once and go round
     */
    public record Bars(List<Meter> bars, List<Span> spans, List<Loop> loops) {
        /** @throws Refusal if there is no bar */
        public Bars {
            bars = List.copyOf(bars);
            spans = List.copyOf(spans);
            loops = List.copyOf(loops);
            if (bars.isEmpty()) throw new Refusal("except.exception-least");
        }

        /** Bars that are written out. */
        public Bars(List<Meter> bars, List<Span> spans) {
            this(bars, spans, List.of());
        }
    }

    public Except {
        Objects.requireNonNull(on);
        Objects.requireNonNull(change);
    }

    /** Returns an exception that holds for every pass. */
    public static Except always(Change change) {
        return new Except(PassChoice.EVERY, change);
    }

    /** Returns: goes round {@code passes} times. */
    public static Except runs(int passes) {
        return always(new Runs(passes));
    }

    /** Returns: other bars there. */
    public static Except otherBars(Stretch where, Bars instead) {
        return always(new OtherBars(where, instead));
    }
}
