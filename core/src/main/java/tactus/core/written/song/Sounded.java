package tactus.core.written.song;

import java.util.Optional;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Key;
import tactus.core.written.harmony.Chord;

/** The names of chords as they sound: behind the capo, tuned down, and where a chorus is raised. */
public final class Sounded {

    private Sounded() {}

    /**
     * What sounds while the shape called {@code chord} is held.
     *
     * @param up semitones that the bars are raised by
     * @return empty if the name cannot be read, or is none
     */
    public static Optional<ChordName> name(Facts facts, String chord, int up) {
        int all = facts.instrument().transposition() + up;
        Key key = facts.shapesKey().plus(all);
        return Chord.meaning(chord).map(name -> name.transposed(all, facts.spelling(), key));
    }
}
