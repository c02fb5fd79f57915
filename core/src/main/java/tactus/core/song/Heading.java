package tactus.core.song;

import tactus.core.refusal.Refusal;

/**
 * What stands above a song.
 *
 * @param title 1 to 100 characters
 * @param note a line for whoever plays it, at most 200 characters, may be empty
 */
public record Heading(String title, String note) {

    /** @throws Refusal if a text is too long, or the title empty */
    public Heading {
        title = title.strip();
        note = note.strip();
        if (title.isEmpty() || title.length() > 100) {
            throw new Refusal("facts.title-characters", title.length());
        }
        if (note.length() > 200) throw new Refusal("facts.note-most", note.length());
    }
}
