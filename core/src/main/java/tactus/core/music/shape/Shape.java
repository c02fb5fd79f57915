package tactus.core.music.shape;

import java.util.Objects;
import java.util.Set;
import tactus.core.music.chord.Degree;

/**
 * A way to hold a chord, with what it costs.
 *
 * @param missing notes of the chord's name that it leaves out
 */
public record Shape(Grip grip, Effort effort, Set<Degree> missing) {

    public Shape {
        Objects.requireNonNull(effort);
        Objects.requireNonNull(grip);
        missing = Set.copyOf(missing);
    }

    /** The same shape elsewhere on a neck: behind a capo the frets lie closer, so it stretches less. */
    public Shape at(Neck neck, FrettingHand hand) {
        Grip there = grip.at(neck);
        return new Shape(there, there.effort(neck, hand).withIncompleteOf(effort), missing);
    }

    /** What is held. */
    public Voicing voicing() {
        return grip.voicing();
    }

    /** How easy it is to hold, from 100 down to 0. */
    public int ease() {
        return effort.ease();
    }

    /** How full it sounds, from 100 down to 0. */
    public int fullness() {
        return effort.fullness();
    }

    /** The fingers as they are written beside the frets: {@code x32010}. */
    public String fingers() {
        return grip.fingering().toText(voicing());
    }
}
