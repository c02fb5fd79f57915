package tactus.core.rule;

import tactus.core.pattern.PatternId;

/** What the picking hand does for a while. */
public sealed interface What {

    /** A pattern goes round. */
    record Plays(PatternId pattern) implements What {}

    /** Something that is no pattern. */
    enum Event implements What {
        /** Nothing sounds; the bars are counted. */
        SILENCE("silence"),
        /** Struck once, and it rings on. */
        HELD("held strum"),
        /** Struck once and stopped; the rest is counted. */
        STOP("stop and count"),
        /** What would be played, on strings that the hand lies on. */
        MUTED("muted strokes");

        private final String word;

        Event(String word) {
            this.word = word;
        }

        /** How a rule says it: {@code stop and count}. */
        public String word() {
            return word;
        }
    }
}
