package tactus.core.section;

import java.util.Objects;

/**
 * A few words at a beat: where the voice comes in, a word to listen for.
 *
 * @param bar of the section, from 1; 0 stands in front of its first bar
 * @param beat the felt beat, from 1
 * @param text 1 to 60 characters
 */
public record Cue(int bar, int beat, PassChoice passes, String text) {

    private static final int LONGEST = 60;

    /** @throws IllegalArgumentException if the place or the text is outside its range */
    public Cue {
        Objects.requireNonNull(passes);
        text = text.strip();
        if (bar < 0 || bar > Section.MOST_BARS) {
            throw new IllegalArgumentException("a cue stands at bar 0 (in front) to 10,000, not " + bar);
        }
        if (beat < 1 || beat > 32) throw new IllegalArgumentException("a cue stands at beat 1 to 32, not " + beat);
        if (text.isEmpty() || text.length() > LONGEST) {
            throw new IllegalArgumentException("a cue has 1 to 60 characters, this one " + text.length());
        }
    }
}
