package tactus.console;

import java.util.List;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.chord.ChordName;
import tactus.core.music.chord.NameGuess;
import tactus.core.music.chord.Naming;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.pitch.Pitch;
import tactus.core.music.pitch.Spelling;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Voicing;
import tactus.words.Words;

/**
 * Answers queries about chords on one guitar.
 *
 * @param most how many shapes of a name
 */
record ChordAnswers(Instrument guitar, Neck neck, FrettingHand hand, NoteSchool school, boolean fromNut, int most) {

    private static final Naming NAMING = new Naming(Spelling.BY_KEY, Key.parse("C"));

    ChordAnswer answer(String query) {
        String plain = query.strip();
        try {
            return isShape(plain) ? named(plain) : shapes(plain);
        } catch (Refusal wrong) {
            return new ChordAnswer.Unread(plain, Words.why(wrong));
        }
    }

    /** A shape begins with a fret or an x, a name with a letter. */
    private static boolean isShape(String query) {
        return !query.isEmpty() && "xX0123456789-".indexOf(query.charAt(0)) >= 0;
    }

    private ChordAnswer named(String query) {
        Voicing written = Voicing.parse(query);
        Voicing shape = fromNut ? written.fromNut(guitar.capo()) : written;
        List<Pitch> notes = shape.pitches(guitar.tuning(), guitar.capo());
        if (notes.isEmpty()) throw new Refusal("shape.silent", query);
        List<Integer> classes = shape.pitchClasses(guitar.tuning(), guitar.capo());
        List<NameGuess> names = NAMING.names(classes);
        return new ChordAnswer.Named(query, shape, notes, classes, names, Grip.of(shape, neck, hand), school);
    }

    private ChordAnswer shapes(String query) {
        if (ChordName.isNoChord(query)) throw new Refusal("command.says-no-chord", query);
        ChordName name = ChordName.parse(query, school);
        var found = new ShapeSearch(guitar.tuning(), neck, hand).find(name, most);
        return new ChordAnswer.Found(query, name, found, school);
    }
}
