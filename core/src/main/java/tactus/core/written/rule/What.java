package tactus.core.written.rule;

import java.util.Objects;
import tactus.core.patterns.pattern.PatternId;

/** What the picking hand does for a while. */
public sealed interface What {

    /** A pattern goes round. */
    record Plays(PatternId pattern) implements What {

        public Plays {
            Objects.requireNonNull(pattern);
        }
    }

    /** Something that is no pattern. */
    enum Event implements What {
        /** Nothing sounds; the bars are counted. */
        SILENCE,
        /** Struck once, and it rings on. */
        HELD,
        /** Struck once and stopped; the rest is counted. */
        STOP,
        /** What would be played, on strings that the hand lies on. */
        MUTED
    }
}
