package tactus.core.dictation;

/**
 * The one question that splits the placements best.
 *
 * @param text as it is asked: {@code is the second up on 2& or on 3&?}
 * @param stroke the stroke it is about, from 0
 * @param lastEarlier the last slot of the earlier answer; the later one begins behind it
 */
public record Question(String text, int stroke, int lastEarlier) {}
