package tactus.core.written.song;

import java.util.Objects;
import tactus.core.ground.refusal.Refusal;

/**
 * Something to keep in mind: {@code keep the first finger down}.
 *
 * @param text 1 to 1,000 characters
 */
public record Hint(HintPlace about, String text) {

    private static final int LONGEST = 1_000;

    /** @throws Refusal if the text is empty or too long */
    public Hint {
        Objects.requireNonNull(about);
        text = text.strip().replaceAll("\\s+", " ");
        if (text.isEmpty() || text.length() > LONGEST) throw new Refusal("hint.text-characters", text.length());
    }
}
