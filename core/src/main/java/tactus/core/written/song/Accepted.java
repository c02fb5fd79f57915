package tactus.core.written.song;

import java.util.List;
import java.util.Objects;
import tactus.core.ground.refusal.Refusal;

/**
 * A snag that is meant so, as long as the numbers behind it stay the same.
 *
 * @param numbers the exact values that were found when it was accepted
 * @param reason why it is meant, 1 to 200 characters
 */
public record Accepted(SnagId snag, List<String> numbers, String reason) {

    /** @throws Refusal if the reason is outside its range */
    public Accepted {
        Objects.requireNonNull(snag);
        numbers = List.copyOf(numbers);
        reason = reason.strip();
        if (reason.isEmpty() || reason.length() > 200) throw new Refusal("accepted.reason-characters", reason.length());
    }

    boolean isAbout(SnagId id, List<String> found) {
        return snag.equals(id) && numbers.equals(found);
    }
}
