package tactus.core.patterns.dictation;

import tactus.core.ground.language.Lexicon;
import tactus.core.ground.statement.Statement;

/** What can be meant in two ways by whoever says a pattern. What is a habit of theirs is asked once and remembered. */
public enum Doubt {
    /** {@code mute down}: one stroke, or two. Each time it may be the other, so that it is no habit. */
    BREATH,
    /** {@code D-DU}: a hyphen is a slot without a stroke, or joins. */
    HYPHEN,
    /** {@code top string}: string 6, or string 1. */
    END,
    /** {@code thumb one thumb two}: counts, or fingers. */
    FINGERS,
    /** {@code thumb, then 3, 2, 1}: fingers, or strings. */
    DIGITS,
    /** {@code pause}: the chord rings on, or is stopped. */
    PAUSE,
    /** {@code let go}: the chord is stopped, or rings on. */
    LET_GO,
    /** {@code chunk}: a dead stroke, or a down under the palm. */
    CHUNK;

    /** Whether the same is meant whenever the same person says it. */
    public boolean isHabit() {
        return this != BREATH;
    }

    /** How it is called in settings and statements: {@code let-go}. */
    public String code() {
        return Lexicon.code(this);
    }

    /** What is meant, as it is said where it was a habit that was asked about. */
    public Statement meaning(boolean first) {
        return Statement.of("manner." + code() + (first ? "-first" : "-second"));
    }
}
