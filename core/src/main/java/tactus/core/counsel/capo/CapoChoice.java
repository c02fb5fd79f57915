package tactus.core.counsel.capo;

import java.util.List;
import java.util.Objects;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Key;
import tactus.core.music.shape.Shape;

/**
 * One way to play a song at its pitch: a capo fret, strings tuned down or not, and the shapes that follow.
 *
 * @param tunedDown by how many semitones the strings are lowered
 * @param shapesKey the key of the shapes under the fingers
 * @param chords for each chord of the song the shape it becomes
 * @param shapeCost the effort of the shapes, each weighted by how long it lasts
 * @param changeCost the effort of the changes, each weighted by how often it comes
 * @param cramp what the place of the capo, and tuning down, add
 */
public record CapoChoice(
        int tunedDown,
        int capo,
        Key shapesKey,
        List<ChordShape> chords,
        double shapeCost,
        double changeCost,
        double cramp) {

    /**
     * A chord under the fingers.
     *
     * @param name the name of the shape
     */
    public record ChordShape(ChordName name, Shape shape) {

        public ChordShape {
            Objects.requireNonNull(name);
            Objects.requireNonNull(shape);
        }
    }

    public CapoChoice {
        Objects.requireNonNull(shapesKey);
        chords = List.copyOf(chords);
    }

    /** The same shapes with the capo elsewhere, which sounds in another key. */
    CapoChoice withCapo(int other) {
        return new CapoChoice(
                tunedDown, other, shapesKey, chords, shapeCost, changeCost, CapoPlan.cramp(tunedDown, other));
    }

    /** Everything together; the best choice has the least. */
    public double cost() {
        return shapeCost + changeCost + cramp;
    }

    /** How good the song is under the hand this way, from 100 down to 0: how hard its shapes and changes are, how thin they sound, how high the capo sits. */
    public int ease() {
        return (int) Math.max(0, Math.round(100 - 1.5 * cost()));
    }

    /** How many of its shapes need a barre. */
    public int barres() {
        return (int)
                chords.stream().filter(chord -> chord.shape().grip().hasBarre()).count();
    }

    /** The widest stretch of its shapes in millimetres. */
    public int stretch() {
        return (int) Math.round(chords.stream()
                .mapToDouble(chord -> chord.shape().grip().stretch())
                .max()
                .orElse(0));
    }

    /** Whether the capo sits so high that the hand is cramped (above fret 7, common practice). */
    public boolean isCramped() {
        return capo > CapoPlan.CRAMPED_ABOVE;
    }
}
