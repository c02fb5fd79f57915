package tactus.app.setup.shape;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.music.chord.ChordName;
import tactus.core.music.chord.NameGuess;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.ShapeCheck;
import tactus.core.music.search.ShapeFault;
import tactus.core.music.shape.Effort;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Facts;

/** A chord's shape as it sounds in the song's tuning and as one hand holds it. */
public record ChosenShape(Chord chord, Facts facts, Neck neck, FrettingHand hand) {

    private Tuning tuning() {
        return facts.tuning();
    }

    /** Whether the shape has as many strings as the guitar; nothing else is known of one that has not. */
    boolean fits() {
        return chord.fits(tuning());
    }

    /** What it may be called, the best first. */
    List<NameGuess> names() {
        if (!fits()) return List.of();
        List<Integer> sounding = chord.voicing().pitchClasses(tuning(), 0);
        return sounding.isEmpty() ? List.of() : facts.naming().names(sounding);
    }

    /** What is wrong with it. */
    List<ShapeFault> faults() {
        if (!fits()) return List.of();
        var check = new ShapeCheck(tuning());
        var name = chord.meaning().flatMap(meaning -> check.name(meaning, chord.voicing()));
        var fingers = chord.fingering().stream().flatMap(each -> ShapeCheck.fingers(chord.voicing(), each).stream());
        return Stream.of(name.stream(), check.grip(chord.voicing()).stream(), fingers)
                .flatMap(each -> each)
                .toList();
    }

    /** How the hand holds it; empty if it cannot. */
    Optional<Grip> grip() {
        return Grip.of(chord.voicing(), neck, hand);
    }

    /** What it costs the hand; empty if it cannot hold it. */
    Optional<Effort> effort() {
        return grip().map(grip -> grip.effort(neck, hand));
    }

    /** What {@code string} sounds, spelled as the name has it; empty if it is not played. */
    public Optional<SoundingString> sounding(int string) {
        if (!fits() || !chord.voicing().isPlayed(string)) return Optional.empty();
        int pitch =
                tuning().string(string).number() + chord.voicing().fret(string).orElseThrow();
        Optional<ChordName> name =
                chord.meaning().or(() -> names().stream().map(NameGuess::name).findFirst());
        return name.map(each -> SoundingString.of(each, pitch % 12));
    }
}
