package tactus.core.music.chord;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.music.pitch.Spelling;
import tactus.core.outside.English;
import tactus.core.outside.Table;

class ChordNameTest {

    static List<String[]> symbols() {
        return Table.rows("symbols.tsv");
    }

    /** Every symbol of tonal, chord-symbol, daccord and the chord dataset; their meaning where two of them agree. */
    @ParameterizedTest
    @MethodSource("symbols")
    void everySymbolOfTheParsersIsReadAsTwoOfThemAgree(String symbol, String semitones) {
        ChordName name = ChordName.parse("D" + symbol);
        if (!semitones.isEmpty()) assertEquals(semitones, semitones(name), symbol + " read as " + name);
        assertEquals(name, ChordName.parse(name.toString()), "the house form of " + symbol);
    }

    private static String semitones(ChordName name) {
        return name.quality().degrees().stream()
                .map(Degree::semitones)
                .distinct()
                .sorted()
                .map(Object::toString)
                .collect(Collectors.joining(" "));
    }

    /** The spellings teachers use for one chord (common practice). */
    @ParameterizedTest
    @CsvSource({
        "Am7, A-7, Amin7, Ami7, A−7",
        "Cadd9, C(9), Cadd2, C2, C (add 9)",
        "F#dim7, F#°7, F♯o7, F# dim 7, F#dim7",
        "Bm7b5, Bø, BØ7, B-7b5, Bm7(♭5)",
        "Dbmaj7, Db^7, D♭Δ, DbM7, DbMaj7",
        "A7sus4, A7sus, A7 sus4, A7(sus4), Asus7",
        "Cmmaj7, CmM7, Cm(maj7), C-^7, Cm/maj7",
        "G7b9#11, G7(b9 #11), G7(♭9‚♯11), G7-9+11, G7b9#11",
        "Eaug, E+, E(#5), Eaug., E+5",
        "D69, D6/9, D6add9, D9/6, D(6 9)",
        "C7(no5), C7no5, C7omit5, C7(omit 5), C7 no5",
        "C/G, C / G, C/ G, Cmaj/G, C\\G",
        "Dsus4, DSUS4, DSus, Dsus 4, D4",
        "Ebdim, EbDim, EbDIM, Eb°, E♭o",
        "F6/A, FM6/A, F add6/A, Fadd13/A, Fmaj6/A",
        "Gsus2sus4, Gsus24, Gsus2/4, Gsus4sus2, Gsus4(add9)"
    })
    void variantsAreWrittenInOneHouseForm(String house, String a, String b, String c, String d) {
        for (String variant : List.of(a, b, c, d)) {
            assertEquals(house, ChordName.parse(variant.replace('‚', ',')).toString(), variant);
        }
    }

    @ParameterizedTest
    @CsvSource({"G/B, 11 7 2", "D/F#, 6 2 9", "Am/G, 7 9 0 4", "C/D, 2 0 4 7", "E5, 4 11", "C11, 0 7 10 2 5"})
    void theBassComesFirst(String name, String classes) {
        assertEquals(
                classes,
                ChordName.parse(name).pitchClasses().stream()
                        .map(Object::toString)
                        .collect(Collectors.joining(" ")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Cmja7|2|Cmaj7",
                "Csus5|4|Csus4",
                "C7(b9|5|bracket",
                "C/C|2|write C",
                "Bb/A#|3|write Bb",
                "am7|0|Am7",
                "X7|0|A to G",
                "Hm|0|write Bm,",
                "Hm7x|0|nearest names are Bm7,",
                "H/H|0|nearest names are B",
                "C/Q|2|no note",
                "''|0|empty"
            })
    void aNameThatCannotBeReadSaysWhereAndWhatIsNear(String text, int index, String near) {
        var wrong = assertThrows(NotationException.class, () -> ChordName.parse(text));
        assertTrue(English.of(wrong).contains(near), English.of(wrong));
        assertEquals(index, wrong.index());
    }

    @Test
    void aNameOfTwoHundredCharactersIsRefusedInAShortSentence() {
        var wrong = assertThrows(NotationException.class, () -> ChordName.parse("C7" + "b9".repeat(99)));
        assertTrue(English.of(wrong).contains("has 200 characters"), English.of(wrong));
        assertTrue(English.of(wrong).length() < 160, English.of(wrong));
    }

    @Test
    void hIsBNaturalInTheSchoolThatWritesIt() {
        assertEquals("Bm", ChordName.parse("Hm", NoteSchool.WITH_H).toString());
        assertEquals("Bb7", ChordName.parse("B7", NoteSchool.WITH_H).toString());
        assertEquals(
                "Hm7/Fis", ChordName.parse("Bm7/F#").written(NoteSchool.WITH_H).replace("F#", "Fis"));
    }

    @Test
    void noChordIsNoChord() {
        for (String text : List.of("N.C.", "NC", "n.c.", "no chord")) assertTrue(ChordName.isNoChord(text), text);
        assertFalse(ChordName.isNoChord("Nc7"));
    }

    static List<String[]> majorKeys() {
        return Table.rows("keys.tsv").stream()
                .filter(row -> !row[0].endsWith("m"))
                .toList();
    }

    /** Transposing the chords of C gives the chords of every major key as tonal 6.4.3 spells them. */
    @ParameterizedTest
    @MethodSource("majorKeys")
    void transposingKeepsTheSpellingOfTheKey(String key, String sevenths, String triads, String dominants) {
        String[] inC = "Cmaj7 Dm7 Em7 Fmaj7 G7 Am7 Bm7b5 C Dm Em F G Am Bdim A7 B7 C7 D7 E7".split(" ");
        String[] expected = String.join(" ", sevenths, triads, dominants).split(" ");
        Key to = Key.parse(key);
        for (int i = 0; i < inC.length; i++) {
            assertEquals(
                    expected[i],
                    ChordName.parse(inC[i])
                            .transposed(to.tonic(), Spelling.BY_KEY, to)
                            .toString());
        }
    }

    @Test
    void theBassOfASlashChordKeepsItsLetterAboveTheRoot() {
        ChordName moved = ChordName.parse("D/F#").transposed(-1, Spelling.BY_KEY, Key.parse("Gb"));
        assertEquals("C#/E#", moved.toString());
        assertEquals(
                "Ab/C",
                ChordName.parse("G/B")
                        .transposed(1, Spelling.BY_KEY, Key.parse("Ab"))
                        .toString());
    }

    @Test
    void notesAreSpelledByTheirDegree() {
        assertEquals("D F# A C", notes("D7"));
        assertEquals("C E G# B", notes("Cmaj7#5"));
        assertEquals("Cb Eb Gb", notes("Cb"));
    }

    private static String notes(String name) {
        return ChordName.parse(name).notes().stream().map(Object::toString).collect(Collectors.joining(" "));
    }
}
