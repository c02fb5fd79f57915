package tactus.core.patterns.picking;

import java.util.EnumSet;
import java.util.Objects;
import java.util.Set;
import tactus.core.music.stroke.Pick;

/**
 * What a pick comes to on a chord.
 *
 * @param string from 1, the highest-sounding
 * @param fret from 0, counted from the capo; that of the shape unless a finger moves
 * @param remarks what the teacher should see
 */
public record Plucked(Pick pick, int string, int fret, Set<Remark> remarks) {

    /** What there is to see about a plucked string. */
    public enum Remark {
        /** The shape leaves the string out, so that the hand mutes it. */
        NOT_PLAYED,
        /** The note is not in the chord. */
        OFF_CHORD,
        /** A finger of the fretting hand moves to another string for it. */
        FINGER_MOVES,
        /** The chord has too few strings: the finger shares its string with another one. */
        SHARED,
        /** The teacher put the finger here. */
        ASKED,
        /** The instrument has no such string. */
        NO_STRING
    }

    public Plucked {
        Objects.requireNonNull(pick);
        remarks = remarks.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(remarks));
    }

    /** Whether a note is heard. */
    public boolean sounds() {
        return !remarks.contains(Remark.NOT_PLAYED) && !remarks.contains(Remark.NO_STRING);
    }
}
