package tactus.core.written.rule;

import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.patterns.pattern.PatternId;

/**
 * What is played where: {@code Chorus, last pass: Driving eighths, last time form}.
 *
 * @param isAlternative whether it is only offered as another way; then it is shown and printed, and something else is played
 */
public record Rule(Where where, Play play, boolean isAlternative) {

    public Rule {
        Objects.requireNonNull(where);
        Objects.requireNonNull(play);
    }

    /** A rule that is played. */
    public Rule(Where where, Play play) {
        this(where, play, false);
    }

    /** The pattern it assigns, if it does. */
    public Optional<PatternId> pattern() {
        return play.what().filter(What.Plays.class::isInstance).map(what -> ((What.Plays) what).pattern());
    }

    /** The patterns it speaks of: what is played, and what a second guitar plays. */
    public Stream<PatternId> patterns() {
        return Stream.concat(pattern().stream(), play.second().flatMap(SecondGuitar::pattern).stream());
    }

    /** The same place with something else to play. */
    public Rule withPlay(Play other) {
        return new Rule(where, other, isAlternative);
    }

    /** The same for another place. */
    public Rule withWhere(Where other) {
        return new Rule(other, play, isAlternative);
    }

    /** The same as what is played, or as what is offered beside it. */
    public Rule asAlternative(boolean alternative) {
        return new Rule(where, play, alternative);
    }
}
