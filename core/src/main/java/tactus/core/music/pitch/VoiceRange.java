package tactus.core.music.pitch;

import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;

/** The notes that somebody sings well, or that a tune has: {@code A3-E5}; C4 is middle C. */
public record VoiceRange(Pitch lowest, Pitch highest) {

    private static final Pattern FORM = Pattern.compile("([^\\s\\-–]+)(?:\\s*[-–]\\s*|\\s+)([^\\s\\-–]+)");

    /** @throws Refusal if the lowest note is the higher one */
    public VoiceRange {
        Objects.requireNonNull(lowest);
        Objects.requireNonNull(highest);
        if (lowest.compareTo(highest) > 0) throw new Refusal("voice-range.order", lowest, highest);
    }

    /**
     * Reads two pitches with a hyphen or a space between them.
     *
     * @throws NotationException if the text is no range
     */
    public static VoiceRange parse(String text) {
        Matcher range = FORM.matcher(text.strip());
        if (!range.matches()) throw new NotationException("voice-range.unread", text, text.length());
        return new VoiceRange(Pitch.parse(range.group(1)), Pitch.parse(range.group(2)));
    }

    @Override
    public String toString() {
        return lowest + "-" + highest;
    }
}
