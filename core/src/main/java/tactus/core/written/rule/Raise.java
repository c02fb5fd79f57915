package tactus.core.written.rule;

import java.util.Objects;
import tactus.core.ground.refusal.Refusal;

/**
 * A section in another key than the song.
 *
 * @param semitones how far up, -11 to 11, not 0
 */
public record Raise(int semitones, Way way) {

    /** How the change is met. */
    public enum Way {
        /** The capo is moved; the shapes stay. */
        CAPO,
        /** The capo stays; other shapes are held, barred where the old ones had open strings. */
        SHAPES,
        /** It is left out: the section is played where the song is. */
        LEFT_OUT
    }

    /** @throws Refusal if {@code semitones} is out of range */
    public Raise {
        Objects.requireNonNull(way);
        if (semitones == 0 || Math.abs(semitones) > 11) {
            throw new Refusal("raise.section-raised", semitones);
        }
    }
}
