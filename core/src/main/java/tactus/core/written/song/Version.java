package tactus.core.written.song;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.written.harmony.Chord;

/**
 * Another way of playing the same song, such as {@code first week}. It says only what it changes; which patterns it
 * plays is said by rules that hold in it as well.
 *
 * @param name 1 to 40 characters
 * @param standIns easier shapes, each under the name of the chord that it stands in for
 * @param facts those that are others than the song's
 * @param isPlain whether it leaves out what the fretting hand adds to the shapes
 * @param mostStrokes how many times a second the hand may cross the strings at most, 1 to 20
 * @param overlay what else is other in it
 */
public record Version(
        String name,
        List<Chord> standIns,
        OtherFacts facts,
        boolean isPlain,
        Optional<Integer> mostStrokes,
        Overlay overlay) {

    /** The version that changes nothing. */
    public static final String FULL = "full";

    /** @throws Refusal if the name is outside its range or is that of the full version */
    public Version {
        Objects.requireNonNull(facts);
        Objects.requireNonNull(mostStrokes);
        Objects.requireNonNull(overlay);
        name = name.strip();
        standIns = List.copyOf(standIns);
        if (name.isEmpty() || name.length() > 40 || name.contains(":") || name.contains(",")) {
            throw new Refusal("version.name-characters");
        }
        if (name.equalsIgnoreCase(FULL)) throw new Refusal("version.full-always");
        if (mostStrokes.isPresent() && (mostStrokes.get() < 1 || mostStrokes.get() > 20)) {
            throw new Refusal("version.allows-strokes", mostStrokes.get());
        }
    }

    /** Returns a version that changes nothing yet. */
    public static Version of(String name) {
        return new Version(name, List.of(), OtherFacts.NONE, false, Optional.empty(), Overlay.NONE);
    }

    /** The same with other shapes in place of the song's. */
    public Version withStandIns(List<Chord> others) {
        return new Version(name, others, facts, isPlain, mostStrokes, overlay);
    }

    /** The same with other facts. */
    public Version withFacts(OtherFacts others) {
        return new Version(name, standIns, others, isPlain, mostStrokes, overlay);
    }

    /** The same with another capo, key, tempo or company, or with that of the song. */
    public <T> Version with(Aspect<T> aspect, Optional<T> other) {
        return withFacts(facts.with(aspect, other));
    }

    /** The same with or without what the fretting hand adds. */
    public Version withPlain(boolean plain) {
        return new Version(name, standIns, facts, plain, mostStrokes, overlay);
    }

    /** The same for a hand of another speed, in strokes a second, or any. */
    public Version withMostStrokes(Optional<Integer> other) {
        return new Version(name, standIns, facts, isPlain, other, overlay);
    }

    /** The same with something else that is other in it. */
    public Version withOverlay(Overlay other) {
        return new Version(name, standIns, facts, isPlain, mostStrokes, other);
    }
}
