package tactus.core.dictation;

import tactus.core.pattern.PatternFrame;

/**
 * A small change after which a dictation can be placed.
 *
 * @param sentence what is changed: {@code swap strokes 2 and 3 (down up)}
 */
public record Mend(String sentence, Dictation dictation, PatternFrame frame, Given given) {

    /** Where the strokes can fall then; at least one way. */
    public Placing placed() {
        return Placing.of(dictation, frame, given);
    }
}
