package tactus.core.patterns.placing;

import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.pattern.PatternFrame;

/**
 * A small change after which a dictation can be placed.
 *
 * @param change what is changed
 */
public record Mend(Statement change, Dictation dictation, PatternFrame frame, Given given) {

    public Mend {
        Objects.requireNonNull(change);
        Objects.requireNonNull(dictation);
        Objects.requireNonNull(frame);
        Objects.requireNonNull(given);
    }

    /** Where the strokes can fall then; at least one way. */
    public Placing placed() {
        return Placing.of(dictation, frame, given);
    }
}
