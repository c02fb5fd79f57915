package tactus.core.counsel.edit;

import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Song;

/**
 * Another of a song's facts. Where capo or tuning move under the same shapes, the song sounds in another key.
 *
 * @param value what it becomes
 */
public record ChangeFact<T>(Aspect<T> aspect, T value) implements Edit {

    public ChangeFact {
        Objects.requireNonNull(aspect);
        Objects.requireNonNull(value);
    }

    /**
     * An edit after which {@code aspect} is what {@code text} says.
     *
     * @param facts those that whoever typed it saw
     * @throws tactus.core.ground.refusal.Refusal if it cannot be read
     */
    public static <T> ChangeFact<T> typed(Aspect<T> aspect, String text, Facts facts) {
        return new ChangeFact<>(aspect, aspect.form().typed(text, facts));
    }

    @Override
    public Statement label() {
        return Statement.of("edit.fact", aspect);
    }

    /** @throws tactus.core.ground.refusal.Refusal if the song cannot have it */
    @Override
    public Song appliedTo(Song song) {
        return song.withFacts(aspect.edited(song.facts(), value));
    }
}
