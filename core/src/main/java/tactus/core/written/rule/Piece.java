package tactus.core.written.rule;

import java.util.Objects;
import tactus.core.music.time.Length;

/**
 * As much of a chord as has one and the same rule.
 *
 * @param span the chord, from 0
 * @param spans how many chords the pass has
 * @param chord its name
 * @param isLastOfName whether no other chord of that name comes behind it in the pass
 * @param start from the start of the pass
 * @param sharesBar whether its chord has no bar to itself
 * @param isSung whether somebody sings there
 */
public record Piece(
        int span,
        int spans,
        String chord,
        boolean isLastOfName,
        Length start,
        Length end,
        boolean sharesBar,
        boolean isSung) {

    public Piece {
        Objects.requireNonNull(chord);
        Objects.requireNonNull(end);
        Objects.requireNonNull(start);
    }
}
