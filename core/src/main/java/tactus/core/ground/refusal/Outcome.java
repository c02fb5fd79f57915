package tactus.core.ground.refusal;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * What became of something that a person asked for: it is done, or it cannot be had, and why. A mistake of the program is
 * neither; it is thrown.
 */
public sealed interface Outcome {

    /** It is as was asked for; also where there was nothing to do. */
    Outcome DONE = new Done();

    /** It is as was asked for. */
    record Done() implements Outcome {}

    /** Nothing was changed, since {@code why}. */
    record Refused(Refusal why) implements Outcome {
        public Refused {
            Objects.requireNonNull(why);
        }
    }

    /** Does {@code change}; what it refuses is the outcome, everything else that it throws is thrown. */
    static Outcome of(Runnable change) {
        return from(() -> {
            change.run();
            return DONE;
        });
    }

    /** What {@code change} answers, or what it refuses; everything else that it throws is thrown. */
    static Outcome from(Supplier<Outcome> change) {
        try {
            return change.get();
        } catch (Refusal why) {
            return new Refused(why);
        }
    }

    /**
     * It cannot be had.
     *
     * @param code the reason's code
     * @param values what its sentence speaks of
     */
    static Outcome refused(String code, Object... values) {
        return new Refused(new Refusal(code, values));
    }

    /** Whether it is as was asked for. */
    default boolean isDone() {
        return this instanceof Done;
    }

    /** Why it cannot be had; empty if it is done. */
    default Optional<Refusal> refusal() {
        return this instanceof Refused(Refusal why) ? Optional.of(why) : Optional.empty();
    }
}
