package tactus.app.neck;

import java.util.List;
import java.util.Optional;
import tactus.core.music.shape.Barre;
import tactus.core.music.shape.Finger;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.StringRange;
import tactus.core.music.shape.Voicing;
import tactus.core.written.harmony.Chord;

/**
 * A shape as it is drawn.
 *
 * @param grip how it is held; empty if no hand can, then it is drawn without fingers
 * @param strummed the strings that strokes reach, where not all that are held
 */
public record HeldShape(Voicing voicing, Optional<Grip> grip, Optional<StringRange> strummed) {

    /** The shape of {@code chord}: with its own fingers, or those that a hand would take. */
    public static HeldShape of(Chord chord, Neck neck, FrettingHand hand) {
        Optional<Grip> grip = chord.gripOfAnyHand(neck, hand);
        return new HeldShape(chord.voicing(), grip, chord.strummed());
    }

    public static HeldShape of(Grip grip) {
        return new HeldShape(grip.voicing(), Optional.of(grip), Optional.empty());
    }

    Optional<Finger> finger(int string) {
        return grip.flatMap(held -> held.fingering().on(string));
    }

    List<Barre> barres() {
        return grip.map(Grip::barres).orElse(List.of());
    }

    /** Whether an unplayed string is kept quiet by a finger beside it. */
    boolean isDampened(int string) {
        return grip.filter(
                        held -> held.isSkipped(string) && held.dampening(string).isPresent())
                .isPresent();
    }

    boolean isReached(int string) {
        return strummed.map(range -> range.has(string)).orElse(true);
    }
}
