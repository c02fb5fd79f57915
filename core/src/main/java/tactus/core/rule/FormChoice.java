package tactus.core.rule;

import java.util.Optional;
import tactus.core.pattern.Form;

/**
 * Which form of a pattern is played.
 *
 * @param rule the form's rule; empty for the pattern as it is written
 */
public record FormChoice(Optional<Form.Rule> rule) {

    public static final FormChoice FULL = new FormChoice(Optional.empty());

    public static FormChoice of(Form.Rule rule) {
        return new FormChoice(Optional.of(rule));
    }
}
