package tactus.core.ground.refusal;

import java.util.Objects;
import tactus.core.ground.statement.Statement;

/**
 * Something that a person asked for and cannot have: a capo at fret 13, a name of 300 letters. It is shown where it was
 * asked for. A mistake of the program is never one of these.
 */
public class Refusal extends IllegalArgumentException {

    private static final long serialVersionUID = 1;

    private final transient Statement reason;

    /** Refuses for {@code reason}. */
    public Refusal(Statement reason) {
        super(reason.toString());
        this.reason = Objects.requireNonNull(reason);
    }

    /**
     * @param code the reason's code
     * @param values what its sentence speaks of
     */
    public Refusal(String code, Object... values) {
        this(Statement.of(code, values));
    }

    /** Why it cannot be. */
    public Statement reason() {
        return reason;
    }
}
