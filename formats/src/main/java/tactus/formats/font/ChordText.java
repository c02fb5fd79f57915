package tactus.formats.font;

import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.written.harmony.Chord;

/** Names of chords as a user reads them. */
public final class ChordText {

    private ChordText() {}

    /**
     * {@code name} with the letters of {@code school} and proper signs, and its label in brackets; one that cannot be read
     * stays as it is.
     */
    public static String of(String name, NoteSchool school) {
        String plain = Chord.plainName(name);
        String written = school == NoteSchool.INTERNATIONAL
                ? MusicText.signs(plain)
                : Chord.meaning(plain).map(meaning -> of(meaning, school)).orElse(plain);
        return Chord.label(name)
                .map(label -> written + " (" + label.replace('-', ' ') + ")")
                .orElse(written);
    }

    /** {@code name} in international letters with proper signs, and its label in brackets. */
    public static String of(String name) {
        return of(name, NoteSchool.INTERNATIONAL);
    }

    public static String of(ChordName name, NoteSchool school) {
        return MusicText.signs(name.written(school));
    }

    /** {@code name} as it stands in a field that is typed in: plain signs, and the letters of {@code school}. */
    public static String typed(String name, NoteSchool school) {
        if (school == NoteSchool.INTERNATIONAL) return name;
        return Chord.meaning(name)
                .map(meaning -> Chord.labelledAs(name, meaning.written(school)))
                .orElse(name);
    }
}
