package tactus.core.music.stroke;

import java.util.Objects;
import tactus.core.ground.refusal.Refusal;

/** What one finger plucks: a string, whatever a role comes to on the chord, or a string at a fret. */
public sealed interface Pick {

    /** The most strings an instrument can have. */
    int MOST_STRINGS = 12;

    /** The highest fret that is written. */
    int MOST_FRET = 24;

    /**
     * A string as the chord's shape holds it.
     *
     * @param string from 1, the highest-sounding, to 12
     */
    record OnString(int string) implements Pick {
        /** @throws Refusal if there is no such string */
        public OnString {
            checkString(string);
        }
    }

    /** A finger; the chord says on which string. */
    record ByRole(Role role) implements Pick {

        public ByRole {
            Objects.requireNonNull(role);
        }
    }

    /**
     * A note of a figure, whatever the chord is.
     *
     * @param string from 1, the highest-sounding, to 12
     * @param fret from 0, counted from the capo, to 24
     */
    record Fretted(int string, int fret) implements Pick {
        /** @throws Refusal if there is no such string or fret */
        public Fretted {
            checkString(string);
            if (fret < 0 || fret > MOST_FRET) {
                throw new Refusal("pick.fret", fret);
            }
        }
    }

    private static void checkString(int string) {
        if (string < 1 || string > MOST_STRINGS) {
            throw new Refusal("pick.string", string);
        }
    }
}
