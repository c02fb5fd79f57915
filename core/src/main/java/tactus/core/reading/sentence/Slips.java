package tactus.core.reading.sentence;

import java.util.function.Supplier;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;

/** What is wrong with a sentence, and where. */
record Slips(String sentence) {

    NotationException wrong(String code, int at, Object... values) {
        return new NotationException(code, sentence, Math.min(at, sentence.length()), values);
    }

    /** @throws NotationException if there can be no such value */
    <T> T ranged(Supplier<T> value, int at) {
        try {
            return value.get();
        } catch (Refusal wrong) {
            throw wrong("rule-reader.impossible", at, wrong.reason());
        }
    }

    /** How far in a part its first letter stands. */
    static int indent(String part) {
        return part.isBlank() ? 0 : part.indexOf(part.strip());
    }
}
