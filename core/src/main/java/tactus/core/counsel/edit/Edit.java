package tactus.core.counsel.edit;

import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;
import tactus.core.ground.statement.Statement;
import tactus.core.written.song.Song;

/**
 * A change of a song: what it is called, what it does, and what else comes of it that a person must be told. Every change
 * goes through one.
 */
public interface Edit {

    /** What it does, as the end of "Undo: ...". */
    Statement label();

    /** The song after it. A song that it does not apply to (any more) stays as it is. */
    Song appliedTo(Song song);

    /** What comes of it in {@code before} beside what its label says. */
    default List<Consequence> consequences(Song before) {
        return List.of();
    }

    /**
     * Returns an edit of which nothing else comes.
     *
     * @param code of its label
     * @param values what the label speaks of
     */
    static Edit of(String code, UnaryOperator<Song> change, Object... values) {
        return new Plain(Statement.of(code, values), change);
    }

    /** An edit of which nothing else comes. */
    record Plain(Statement label, UnaryOperator<Song> change) implements Edit {

        public Plain {
            Objects.requireNonNull(label);
            Objects.requireNonNull(change);
        }

        @Override
        public Song appliedTo(Song song) {
            return change.apply(song);
        }
    }
}
