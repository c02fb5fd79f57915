package tactus.core.song;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import tactus.core.harmony.Chord;
import tactus.core.pitch.Instrument;
import tactus.core.refusal.Refusal;
import tactus.core.rule.Company;

/**
 * Another way of playing the same song, such as {@code first week}. It says only what it changes; which patterns it
 * plays is said by rules that hold in it as well.
 *
 * @param name 1 to 40 characters
 * @param standIns easier shapes, each under the name of the chord that it stands in for
 * @param capo another place of the capo, under the same shapes
 * @param isPlain whether it leaves out what the fretting hand adds to the shapes
 * @param company who plays along, if not as in the song
 * @param mostStrokes how many times a second the hand may cross the strings at most, 1 to 20
 * @param overlay what else is other in it
 */
public record Version(
        String name,
        List<Chord> standIns,
        OptionalInt capo,
        boolean isPlain,
        Optional<Company> company,
        OptionalInt mostStrokes,
        Overlay overlay) {

    /** The version that changes nothing. */
    public static final String FULL = "full";

    /** @throws Refusal if the name is outside its range or is that of the full version */
    public Version {
        Objects.requireNonNull(capo);
        Objects.requireNonNull(company);
        Objects.requireNonNull(mostStrokes);
        Objects.requireNonNull(overlay);
        name = name.strip();
        standIns = List.copyOf(standIns);
        if (name.isEmpty() || name.length() > 40 || name.contains(":") || name.contains(",")) {
            throw new Refusal("version.name-characters");
        }
        if (name.equalsIgnoreCase(FULL)) throw new Refusal("version.full-always");
        if (capo.isPresent() && (capo.getAsInt() < 0 || capo.getAsInt() > Instrument.HIGHEST_CAPO)) {
            throw new Refusal("instrument.capo-fret", capo.getAsInt());
        }
        if (mostStrokes.isPresent() && (mostStrokes.getAsInt() < 1 || mostStrokes.getAsInt() > 20)) {
            throw new Refusal("version.allows-strokes", mostStrokes.getAsInt());
        }
    }

    /** Returns a version that changes nothing yet. */
    public static Version of(String name) {
        return new Version(
                name, List.of(), OptionalInt.empty(), false, Optional.empty(), OptionalInt.empty(), Overlay.NONE);
    }

    /** The same with other shapes in place of the song's. */
    public Version withStandIns(List<Chord> others) {
        return new Version(name, others, capo, isPlain, company, mostStrokes, overlay);
    }

    /** The same with another capo, or the song's. */
    public Version withCapo(OptionalInt other) {
        return new Version(name, standIns, other, isPlain, company, mostStrokes, overlay);
    }

    /** The same with or without what the fretting hand adds. */
    public Version withPlain(boolean plain) {
        return new Version(name, standIns, capo, plain, company, mostStrokes, overlay);
    }

    /** The same with others who play along, or those of the song. */
    public Version withCompany(Optional<Company> other) {
        return new Version(name, standIns, capo, isPlain, other, mostStrokes, overlay);
    }

    /** The same for a hand of another speed, in strokes a second, or any. */
    public Version withMostStrokes(OptionalInt other) {
        return new Version(name, standIns, capo, isPlain, company, other, overlay);
    }

    /** The same with something else that is other in it. */
    public Version withOverlay(Overlay other) {
        return new Version(name, standIns, capo, isPlain, company, mostStrokes, other);
    }
}
