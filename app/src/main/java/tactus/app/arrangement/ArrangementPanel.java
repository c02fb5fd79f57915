package tactus.app.arrangement;

import java.util.Locale;
import tactus.words.Words;

/** What stands beside the bars. */
public enum ArrangementPanel {
    RULES,
    WHY,
    EXCEPT,
    MARKS,
    WORDS,
    HINTS,
    SUMS,
    COMPARE,
    VERSIONS;

    /** What it is called in the code and in the words: {@code rules}. */
    String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    String title() {
        return Words.of("arrangementPanel." + id());
    }
}
