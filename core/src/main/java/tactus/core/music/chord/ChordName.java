package tactus.core.music.chord;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.pitch.Spelling;

/**
 * The name of a chord: {@code Am7}, {@code C/E}, {@code F#dim7}.
 *
 * @param bass the lowest note; the root unless the name says another
 */
public record ChordName(NoteName root, Quality quality, NoteName bass) {

    /** The longest text that is read, in characters. */
    public static final int LONGEST = 40;

    public ChordName {
        Objects.requireNonNull(root);
        Objects.requireNonNull(quality);
        Objects.requireNonNull(bass);
    }

    /** A chord with its root in the bass. */
    public ChordName(NoteName root, Quality quality) {
        this(root, quality, root);
    }

    /**
     * Reads a name in any of the forms teachers write: {@code Am7}, {@code A-7}, {@code C(9)}, {@code F#°7}, {@code G/B}.
     *
     * @throws tactus.core.ground.refusal.NotationException if it cannot be read; it says where, and the nearest readable names
     */
    public static ChordName parse(String text) {
        return parse(text, NoteSchool.INTERNATIONAL);
    }

    /** Reads a name as {@link #parse(String)} does, with the letters of {@code school}. */
    public static ChordName parse(String text, NoteSchool school) {
        ChordNameReader.Read read = ChordNameReader.read(text, school);
        return read.name().orElseThrow(read.why());
    }

    /** Reads a name as {@link #parse(String)} does; empty if it cannot be read, which is found out at once. */
    public static Optional<ChordName> find(String text) {
        return ChordNameReader.read(text, NoteSchool.INTERNATIONAL).name();
    }

    /** Whether {@code text} says that no chord is played: {@code N.C.}, {@code NC}, {@code no chord}. */
    public static boolean isNoChord(String text) {
        return text.strip().matches("(?i)n\\.? ?c\\.?|no chord");
    }

    /** Whether another note than the root is in the bass. */
    public boolean isSlash() {
        return bass.pitchClass() != root.pitchClass();
    }

    /** The same name with its notes moved and spelled as {@code key} has them. */
    public ChordName transposed(int semitones, Spelling spelling, Key key) {
        NoteName movedRoot = spelling.name(Math.floorMod(root.pitchClass() + semitones, 12), key);
        NoteName movedBass = isSlash() ? movedBass(movedRoot, semitones, spelling, key) : movedRoot;
        return new ChordName(movedRoot, quality, movedBass);
    }

    /** A bass that belongs to the chord keeps its letter above the root: the third of D is F sharp in any key. */
    private NoteName movedBass(NoteName movedRoot, int semitones, Spelling spelling, Key key) {
        int interval = Math.floorMod(bass.pitchClass() - root.pitchClass(), 12);
        return quality.degrees().stream()
                .filter(degree -> degree.semitones() == interval)
                .findFirst()
                .map(degree -> degree.above(movedRoot))
                .orElseGet(() -> spelling.name(Math.floorMod(bass.pitchClass() + semitones, 12), key));
    }

    /** The pitch classes of its notes, the bass first, then from the root up; each once. */
    public List<Integer> pitchClasses() {
        Set<Integer> classes = new LinkedHashSet<>();
        classes.add(bass.pitchClass());
        for (Degree degree : quality.degrees()) {
            classes.add((root.pitchClass() + degree.semitones()) % 12);
        }
        return List.copyOf(classes);
    }

    /** Whether a note belongs to it: one of its own, or one that may be there besides, as the third of an eleventh. */
    public boolean has(int pitchClass) {
        return pitchClasses().contains(pitchClass)
                || quality.tolerated().stream()
                        .anyMatch(degree -> (root.pitchClass() + degree.semitones()) % 12 == pitchClass);
    }

    /** Its notes as they are spelled, the bass first. */
    public List<NoteName> notes() {
        var notes = new ArrayList<NoteName>();
        for (int pitchClass : pitchClasses()) notes.add(note(pitchClass));
        return notes;
    }

    /** How the name spells a note: the sharp fifth of C is G sharp, not A flat. */
    public NoteName note(int pitchClass) {
        if (pitchClass == bass.pitchClass()) return bass;
        int interval = Math.floorMod(pitchClass - root.pitchClass(), 12);
        for (Degree degree : quality.degrees()) {
            if (degree.semitones() == interval) return degree.above(root);
        }
        return Spelling.BY_KEY.name(pitchClass, new Key(root.pitchClass(), quality.has(Degree.FLAT_THREE)));
    }

    /** The name in our house form, which {@link #parse} reads as the same chord. */
    @Override
    public String toString() {
        return written(NoteSchool.INTERNATIONAL);
    }

    /** The name in our house form with the letters of {@code school}. */
    public String written(NoteSchool school) {
        return school.written(root) + quality + (isSlash() ? "/" + school.written(bass) : "");
    }
}
