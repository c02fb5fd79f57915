package tactus.core.written.harmony;

import java.util.Objects;

/**
 * A chord held for a length.
 *
 * @param chord the name of a chord of the song; one that the song has no shape for is silent
 */
public record Span(String chord, SpanLength length) {

    /** @throws IllegalArgumentException if {@code chord} cannot be a chord's name */
    public Span {
        chord = Chord.checkedName(chord);
        Objects.requireNonNull(length);
    }
}
