package tactus.formats.font;

import tactus.core.music.chord.ChordLetters;
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
        String written = MusicText.signs(ChordLetters.written(Chord.plainName(name), school));
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
}
