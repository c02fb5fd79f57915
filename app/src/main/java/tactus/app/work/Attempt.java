package tactus.app.work;

import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.words.Words;

/** Tries what a person asks for. What cannot be had is said where it was asked for; anything else is a fault. */
public final class Attempt {

    private Attempt() {}

    /** Does {@code change}; returns why it cannot be, if it cannot. */
    public static Optional<String> of(Runnable change) {
        try {
            change.run();
            return Optional.empty();
        } catch (Refusal refused) {
            return Optional.of(Words.why(refused));
        }
    }
}
