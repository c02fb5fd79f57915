package tactus.core.chord;

import java.util.Objects;

/**
 * A chord of a song: the name of its shape and how it is held.
 *
 * @param name as the teacher writes it, 1 to 24 characters
 */
public record Chord(String name, Voicing voicing) {

    private static final int LONGEST_NAME = 24;

    /** @throws IllegalArgumentException if {@code name} is empty or too long */
    public Chord {
        name = checkedName(name);
        Objects.requireNonNull(voicing);
    }

    /**
     * Returns {@code name} without surrounding spaces.
     *
     * @throws IllegalArgumentException if it is empty, too long or has spaces inside
     */
    public static String checkedName(String name) {
        String plain = name.strip();
        if (plain.isEmpty() || plain.length() > LONGEST_NAME || plain.contains(" ")) {
            throw new IllegalArgumentException(
                    "a chord's name has 1 to 24 characters and no spaces, was \"" + plain + "\"");
        }
        return plain;
    }
}
