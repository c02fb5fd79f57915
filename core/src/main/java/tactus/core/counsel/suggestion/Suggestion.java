package tactus.core.counsel.suggestion;

import java.util.List;
import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.written.rule.Rule;
import tactus.core.written.song.Song;

/**
 * Rules that could be added.
 *
 * @param reason why
 */
public record Suggestion(Statement reason, List<Rule> rules) {

    public Suggestion {
        Objects.requireNonNull(reason);
        rules = List.copyOf(rules);
    }

    /** {@code song} with the rules. */
    public Song addedTo(Song song) {
        Song more = song;
        for (Rule rule : rules) more = more.withRule(rule);
        return more;
    }

    /** Whether {@code song} has them all already. */
    boolean isIn(Song song) {
        return song.rules().containsAll(rules);
    }
}
