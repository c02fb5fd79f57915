package tactus.app.setup;

import java.util.Locale;
import tactus.words.Words;

/** What stands below the chords in the set-up. */
public enum SetUpPanel {
    SHAPE,
    CAPO,
    TUNING,
    CHANGES;

    /** What it is called in the code and in the words: {@code shape}. */
    String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    String title() {
        return Words.of("panel." + id());
    }
}
