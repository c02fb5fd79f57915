package tactus.core.patterns.placing;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.patterns.groove.Groove;

/**
 * What is known beside a dictation.
 *
 * @param struck counts that carry a stroke, as they are written: {@code 3&}
 * @param lateStart whether the first stroke may come later than on count 1
 * @param groove what the drums play; strokes on its snare are likelier
 */
public record Given(List<String> struck, boolean lateStart, Optional<Groove> groove) {

    public static final Given NOTHING = new Given(List.of(), false, Optional.empty());

    public Given {
        Objects.requireNonNull(groove);
        struck = List.copyOf(struck);
    }
}
