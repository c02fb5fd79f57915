package tactus.core.written.section;

import java.util.Objects;
import tactus.core.ground.refusal.Refusal;

/**
 * A few words at a beat: where the voice comes in, a word to listen for.
 *
 * @param bar of the section, from 1; 0 stands in front of its first bar
 * @param beat the felt beat, from 1
 * @param text 1 to 60 characters
 */
public record Cue(int bar, int beat, PassChoice passes, String text) {

    private static final int LONGEST = 60;

    /** @throws Refusal if the place or the text is outside its range */
    public Cue {
        Objects.requireNonNull(passes);
        text = text.strip();
        if (bar < 0 || bar > Section.MOST_BARS) {
            throw new Refusal("cue.stands-bar", bar);
        }
        if (beat < 1 || beat > 32) throw new Refusal("cue.stands-beat", beat);
        if (text.isEmpty() || text.length() > LONGEST) {
            throw new Refusal("cue.characters", text.length());
        }
    }

    /** @throws Refusal if the text is empty or too long */
    public Cue withText(String other) {
        return new Cue(bar, beat, passes, other);
    }
}
