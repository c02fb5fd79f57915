package tactus.core.song;

import java.util.Objects;
import java.util.Optional;
import tactus.core.library.Level;
import tactus.core.refusal.Refusal;

/**
 * What stands above a song.
 *
 * @param title 1 to 100 characters
 * @param note a line for whoever plays it, at most 200 characters, may be empty
 * @param level for whom the song is arranged, if that is said
 */
public record Heading(String title, String note, Optional<Level> level) {

    /** @throws Refusal if a text is too long, or the title empty */
    public Heading {
        Objects.requireNonNull(level);
        title = title.strip();
        note = note.strip();
        if (title.isEmpty() || title.length() > 100) {
            throw new Refusal("facts.title-characters", title.length());
        }
        if (note.length() > 200) throw new Refusal("facts.note-most", note.length());
    }

    /** A heading that does not say for whom. */
    public Heading(String title, String note) {
        this(title, note, Optional.empty());
    }
}
