package tactus.core.patterns.picking;

import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import tactus.core.music.chord.ChordName;
import tactus.core.music.chord.Degree;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Voicing;

/**
 * A chord as the fretting hand holds it.
 *
 * @param name what it is called; empty where nobody can tell, then every note it sounds belongs to it
 * @param tuning the one that the names of shapes are meant in, with as many strings as the shape
 * @param school which strings the fingers take on it
 */
public record Held(Voicing voicing, Optional<ChordName> name, Tuning tuning, FingerSchool school) {

    /** @throws IllegalArgumentException if the shape is for other strings */
    public Held {
        Objects.requireNonNull(name);
        Objects.requireNonNull(school);
        if (voicing.strings() != tuning.strings()) {
            throw new IllegalArgumentException(
                    "the shape has " + voicing.strings() + " strings, the tuning " + tuning.strings());
        }
    }

    /** A chord on which the fingers follow the root. */
    public Held(Voicing voicing, Optional<ChordName> name, Tuning tuning) {
        this(voicing, name, tuning, FingerSchool.FOLLOWING);
    }

    /** The same with fingers of another school. */
    public Held with(FingerSchool other) {
        return new Held(voicing, name, tuning, other);
    }

    int strings() {
        return tuning.strings();
    }

    OptionalInt fret(int string) {
        return voicing.fret(string);
    }

    int pitchClass(int string, int fret) {
        return Math.floorMod(tuning.string(string).number() + fret, 12);
    }

    /** The strings that are played, from the lowest-sounding number up: 1 is the highest. */
    IntStream played() {
        return IntStream.rangeClosed(1, strings()).filter(voicing::isPlayed);
    }

    /** The notes that belong to the chord: bit 0 for C, bit 11 for B. */
    int tones() {
        int mask = 0;
        if (name.isPresent()) {
            for (int pitchClass : name.get().pitchClasses()) mask |= 1 << pitchClass;
            return mask;
        }
        for (int string = 1; string <= strings(); string++) {
            if (voicing.isPlayed(string))
                mask |= 1 << pitchClass(string, fret(string).orElseThrow());
        }
        return mask;
    }

    /** Whether a string held there sounds a note of the chord, or one that may be there besides. */
    boolean belongs(int string, int fret) {
        int note = pitchClass(string, fret);
        return name.map(chord -> chord.has(note)).orElseGet(() -> (tones() & 1 << note) != 0);
    }

    /** The lowest-sounding string that carries the bass note; the lowest that is played if none does; 0 without any. */
    public int rootString() {
        int lowest = played().max().orElse(0);
        if (name.isEmpty()) return lowest;
        int bass = name.get().bass().pitchClass();
        return played().filter(string -> pitchClass(string, fret(string).orElseThrow()) == bass)
                .max()
                .orElse(lowest);
    }

    /** The pitch class of the fifth; of no note where the chord has none or no name. */
    OptionalInt fifth() {
        return name.stream()
                .flatMap(chord -> chord.quality().degrees().stream()
                        .filter(Degree::isFifth)
                        .map(degree -> (chord.root().pitchClass() + degree.semitones()) % 12))
                .mapToInt(Integer::intValue)
                .findFirst();
    }
}
