package tactus.words;

import java.util.stream.Collectors;
import tactus.core.taught.logbook.Repertoire;
import tactus.core.taught.practice.WithinReach;

/** What a student can play and what is missing, in words. */
public final class ReachWords {

    /** More would be no plan. */
    private static final int MOST = 3;

    private ReachWords() {}

    /** {@code Lantern Walk (First week)}. */
    public static String title(Repertoire.Entry entry) {
        String version = entry.reach().demand().version();
        return entry.song().title() + (version.isEmpty() ? "" : " (" + version + ")");
    }

    /** The same with what is missing and from which tempo on it fits. */
    public static String line(Repertoire.Entry entry) {
        if (entry.reach().isWithin()) return title(entry);
        return Words.of(
                "reach.line",
                title(entry),
                missing(entry.reach()),
                slower(entry.reach(), entry.song().facts().tempo().perMinute()));
    }

    private static String missing(WithinReach reach) {
        String said = reach.missing().stream().limit(MOST).map(Words::say).collect(Collectors.joining("; "));
        int more = reach.missing().size() - MOST;
        return more > 0 ? said + "; " + Words.of("reach.more", more) : said;
    }

    private static String slower(WithinReach reach, double tempo) {
        return reach.slower().isPresent()
                ? " " + Words.of("reach.slower", (int) (reach.slower().getAsDouble() * tempo))
                : "";
    }
}
