package tactus.app.bench;

import java.util.Locale;
import tactus.words.Words;

/** What stands below the picture of the bench. */
public enum BenchPanel {
    FACTS,
    PLACEMENTS,
    FORMS,
    FINGERS,
    GROOVE,
    LIBRARY,
    TAPPING;

    /** What it is called in the code and in the words: {@code facts}. */
    String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The last part of the id of the command that shows it. */
    String action() {
        return this == PLACEMENTS ? "dictate" : id();
    }

    String title() {
        return Words.of("benchPanel." + id());
    }
}
