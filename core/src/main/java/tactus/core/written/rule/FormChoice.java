package tactus.core.written.rule;

import java.util.Objects;
import java.util.Optional;
import tactus.core.patterns.pattern.Form;

/**
 * Which form of a pattern is played.
 *
 * @param rule the form's rule; empty for the pattern as it is written
 */
public record FormChoice(Optional<Form.Derivation> rule) {

    public FormChoice {
        Objects.requireNonNull(rule);
    }

    public static final FormChoice FULL = new FormChoice(Optional.empty());

    /** The form that {@code rule} derives. */
    public static FormChoice of(Form.Derivation rule) {
        return new FormChoice(Optional.of(rule));
    }
}
