package tactus.core.patterns.dictation;

import java.util.Objects;
import java.util.Optional;
import tactus.core.music.time.Length;

/**
 * {@code all downs}: the stroke that was said on every slot, the hand going down only.
 *
 * @param rate the slots; empty for the beats that are counted
 * @param isAlone whether no stroke was said, so that it is struck on every slot; otherwise it is only how the hand moves
 */
public record Filling(Optional<Length> rate, boolean isAlone) {

    public Filling {
        Objects.requireNonNull(rate);
    }
}
