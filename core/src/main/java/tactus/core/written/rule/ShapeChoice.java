package tactus.core.written.rule;

import java.util.Objects;
import java.util.Optional;
import tactus.core.written.harmony.Chord;

/**
 * Which of several shapes of a name is held.
 *
 * @param label that of the shapes that are meant; empty for those without one. A chord that has no such shape keeps its own
 */
public record ShapeChoice(Optional<String> label) {

    public static final ShapeChoice USUAL = new ShapeChoice(Optional.empty());

    public ShapeChoice {
        Objects.requireNonNull(label);
    }

    /** What the chord written as {@code written} is called in this shape. */
    public String of(String written) {
        String plain = Chord.plainName(written);
        return label.map(each -> plain + Chord.LABELLED + each).orElse(plain);
    }
}
