package tactus.core.chord;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The pitch of each open string.
 *
 * @param open from the lowest-sounding string to the highest, 1 to 12 of them
 */
public record Tuning(List<Pitch> open) {

    /** E A D G B E. */
    public static final Tuning STANDARD = parse("E2 A2 D3 G3 B3 E4");

    /** @throws IllegalArgumentException if there is no string or more than 12 */
    public Tuning {
        open = List.copyOf(open);
        if (open.isEmpty() || open.size() > 12) {
            throw new IllegalArgumentException("a tuning has 1 to 12 strings, was " + open.size());
        }
    }

    /**
     * Reads {@code E2 A2 D3 G3 B3 E4}.
     *
     * @throws tactus.core.time.NotationException if a pitch cannot be read
     */
    public static Tuning parse(String text) {
        return new Tuning(
                Arrays.stream(text.strip().split("\\s+")).map(Pitch::parse).toList());
    }

    public int strings() {
        return open.size();
    }

    /** The open pitch of {@code string}, from 1, the highest-sounding. */
    public Pitch string(int string) {
        return open.get(open.size() - string);
    }

    /** The notes without octaves, as a tuning is usually said: {@code E A D G B E}. */
    public String notes() {
        return open.stream().map(Pitch::note).collect(Collectors.joining(" "));
    }

    @Override
    public String toString() {
        return open.stream().map(Pitch::toString).collect(Collectors.joining(" "));
    }
}
