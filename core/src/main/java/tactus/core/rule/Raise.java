package tactus.core.rule;

import java.util.Objects;

/**
 * A section in another key than the song.
 *
 * @param semitones how far up, -11 to 11, not 0
 */
public record Raise(int semitones, Way way) {

    /** How the change is met. */
    public enum Way {
        /** The capo is moved; the shapes stay. */
        CAPO("with the capo"),
        /** The capo stays; other shapes are held, barred where the old ones had open strings. */
        SHAPES("with other shapes"),
        /** It is left out: the section is played where the song is. */
        LEFT_OUT("but left out");

        private final String word;

        Way(String word) {
            this.word = word;
        }

        /** How a rule says it: {@code with the capo}. */
        public String word() {
            return word;
        }
    }

    /** @throws IllegalArgumentException if {@code semitones} is out of range */
    public Raise {
        Objects.requireNonNull(way);
        if (semitones == 0 || Math.abs(semitones) > 11) {
            throw new IllegalArgumentException(
                    "a section is raised by 1 to 11 semitones, or lowered by as many, was " + semitones);
        }
    }

    /** Returns {@code up 2 with the capo}. */
    @Override
    public String toString() {
        return (semitones > 0 ? "up " : "down ") + Math.abs(semitones) + " " + way.word();
    }
}
