package tactus.core.rule;

import java.util.Objects;
import java.util.Optional;
import tactus.core.pattern.PatternId;

/** What is played where: {@code Chorus, last pass: Driving eighths, last time form}. */
public record Rule(Where where, Play play) {

    public Rule {
        Objects.requireNonNull(where);
        Objects.requireNonNull(play);
    }

    /** The pattern it assigns, if it does. */
    public Optional<PatternId> pattern() {
        return play.what().filter(What.Plays.class::isInstance).map(what -> ((What.Plays) what).pattern());
    }

    /** The same place with something else to play. */
    public Rule withPlay(Play other) {
        return new Rule(where, other);
    }

    /** The same for another place. */
    public Rule withWhere(Where other) {
        return new Rule(other, play);
    }
}
