package tactus.core.written.song;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.patterns.library.Level;

/**
 * What stands above a song.
 *
 * @param title 1 to 100 characters
 * @param note a line for whoever plays it, at most 200 characters, may be empty
 * @param level for whom the song is arranged, if that is said
 * @param tags by which it is found, each once, at most 20 of 1 to 30 characters
 */
public record Heading(String title, String note, Optional<Level> level, List<String> tags) {

    private static final int MOST_TAGS = 20;
    private static final int LONGEST_TAG = 30;

    /** @throws Refusal if a text is too long, the title empty, or there are too many tags */
    public Heading {
        Objects.requireNonNull(level);
        title = title.strip();
        note = note.strip();
        if (title.isEmpty() || title.length() > 100) {
            throw new Refusal("facts.title-characters", title.length());
        }
        tags = tags.stream()
                .map(tag -> tag.strip().replaceAll("[,;\\s]+", " "))
                .filter(tag -> !tag.isEmpty())
                .distinct()
                .toList();
        if (tags.size() > MOST_TAGS || tags.stream().anyMatch(tag -> tag.length() > LONGEST_TAG))
            throw new Refusal("facts.tags", MOST_TAGS, LONGEST_TAG);
        if (note.length() > 200) throw new Refusal("facts.note-most", note.length());
    }

    /** A heading without tags. */
    public Heading(String title, String note, Optional<Level> level) {
        this(title, note, level, List.of());
    }

    /** A heading that does not say for whom. */
    public Heading(String title, String note) {
        this(title, note, Optional.empty());
    }
}
