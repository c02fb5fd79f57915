package tactus.app.setup;

import tactus.core.pitch.NoteSchool;
import tactus.core.song.Chord;

/** Names of chords as they stand in a field that is typed in: plain signs, and the letters of the user's school. */
final class MusicNames {

    private MusicNames() {}

    static String typed(String name, NoteSchool school) {
        if (school == NoteSchool.INTERNATIONAL) return name;
        return Chord.meaning(name).map(meaning -> meaning.written(school)).orElse(name);
    }
}
