package tactus.app.arrangement;

import java.util.List;
import java.util.Locale;
import tactus.words.Words;

/** What stands beside the bars. */
public enum ArrangementPanel {
    RULES,
    WHY,
    EXCEPT,
    MARKS,
    SUMS,
    COMPARE,
    VERSIONS;

    /** The panels as their buttons stand, row by row. */
    static final List<List<ArrangementPanel>> ROWS =
            List.of(List.of(RULES, WHY, EXCEPT, MARKS), List.of(SUMS, COMPARE, VERSIONS));

    /** What it is called in the code and in the words: {@code rules}. */
    String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    String title() {
        return Words.of("arrangementPanel." + id());
    }
}
