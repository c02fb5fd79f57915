package tactus.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static tactus.words.WordedSong.PATTERN;
import static tactus.words.WordedSong.song;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.counsel.snag.Kind;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Voicing;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Hint;
import tactus.core.written.song.HintPlace;
import tactus.core.written.song.Song;

/** What is said in words and is not so in what is written; every mend leaves nothing to tell. */
class WordedSnagsTest {

    private static List<Said> of(Song song, Kind kind) {
        return Said.of(song).stream().filter(snag -> snag.kind() == kind).toList();
    }

    private static String mended(Song song, Kind kind) {
        List<Said> found = of(song, kind);
        assertEquals(1, found.size(), Said.of(song).toString());
        assertEquals(List.of(), of(found.getFirst().mended(), kind), "it is mended");
        return found.getFirst().fix();
    }

    private static Pattern pattern(Song song) {
        return song.pattern(PATTERN).orElseThrow();
    }

    /** Strings are counted from the highest (domain rule; common practice of tablature and handbooks). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "E2 A2 D3 G3 B3 E4;start on the low E (string 1);Say “the low E (string 6)”",
                "E2 A2 D3 G3 B3 E4;string 6 (high E) rings on;Say “string 1 (high E)”",
                "E2 A2 D3 G3 B3 E4;the A string = string 2, then the rest;Say “the A string = string 5”",
                "E2 A2 D3 G3 B3 E4;string 5 is the B string;Say “string 2 is the B string”",
                "E2 A2 D3 G3 B3 E4;D string, that is string 3;Say “D string, that is string 4”",
                "E2 A2 D3 G3 B3 E4;low E (string 6), high E (string 1);",
                "E2 A2 D3 G3 B3 E4;the A string is string 5;",
                "E2 A2 D3 G3 B3 E4;low E, string 5, string 4;",
                "E2 A2 D3 G3 B3 E4;thumb on the low e and string 3;",
                "E2 A2 D3 G3 B3 E4;string 3, then the D string;",
                "D2 A2 D3 G3 A3 D4;D string is string 1;",
                "D2 A2 D3 G3 A3 D4;D string is string 6;",
                "D2 A2 D3 G3 A3 D4;A string is string 2;",
                "D2 A2 D3 G3 A3 D4;B string is string 2;",
                "G4 C4 E4 A4;A string (string 1);",
                "B1 E2 A2 D3 G3 B3 E4;lowest string (string 6);Say “lowest string (string 7)”"
            })
    void aStringWithTheNumberOfAnotherIsTold(String tuning, String hint, String mend) {
        Song song = song("4/4", "N.C.: 1 bar", "d-du-udu");
        song = song.withFacts(
                        song.facts().withInstrument(song.facts().instrument().withTuning(Tuning.parse(tuning))))
                .withLesson(song.lesson().withHints(List.of(new Hint(new HintPlace.OfSong(), hint))));
        if (mend == null) assertEquals(List.of(), of(song, Kind.STRING_BY_TWO_NUMBERS));
        else assertEquals(mend, mended(song, Kind.STRING_BY_TWO_NUMBERS));
    }

    /** String 5 of 0x0232 cannot be kept quiet by a finger; who picks, or strums only the high strings, does not meet it. */
    @ParameterizedTest
    @CsvSource({"d-du-udu, true", "t-t-t-t-, false", "p-i-m-a-, false"})
    void aStringThatCannotBeKeptQuietIsToldWhereTheHandSweepsOverIt(String line, boolean isTold) {
        Song song = song("4/4", "D: 1 bar", line).withChord(new Chord("D", Voicing.parse("0x0232")));
        assertEquals(
                isTold ? 1 : 0,
                of(song, Kind.SHAPE_NOT_PLAYABLE).size(),
                Said.of(song).toString());
    }

    /** A suspension has the fourth or the second in the place of the third (common practice). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Sus and back;D xx0232;1.3 1.-;false",
                "Sus and back;D xx0232;1.0 1.-;false",
                "Sus and back;D xx0232;2.5 2.-;true",
                "Sus and back;A x02220;2h3 2.-;false",
                "Sus and back;A x02220;2.0 2.-;false",
                "Sus and back;E 022100;3.2 3.-;false",
                "Sus and back;E 022100;2.3 2.-;true",
                "Sus and back;G 320003;2.1 2.-;true",
                "Sus and back;G 3x0003;2.1 2.-;false",
                "Sus and back;C x32010;4.3 4.-;true",
                "Sus and back;Dsus4 xx0233;1.2 1.-;false",
                "March;D xx0232;2.5 2.-;false",
                "Suspicious;D xx0232;2.5 2.-;false",
                "Am with sus4;Am x02210;2.3 2.-;false"
            })
    void aSuspensionThatIsNoneIsTold(String name, String chord, String moves, boolean isTold) {
        String[] held = chord.split(" ");
        Song song = song("4/4", held[0] + ": 1 bar", "d-d-d-d-").withChord(new Chord(held[0], Voicing.parse(held[1])));
        Pattern moved = pattern(song).withName(name);
        List<String> all = Stream.of(moves.split(" ")).toList();
        for (int i = 0; i < all.size(); i++) moved = moved.withMoves(2 + 2 * i, List.of(FingerMove.parse(all.get(i))));
        assertEquals(
                isTold ? 1 : 0,
                of(song.withPattern(moved), Kind.SUSPENSION_THAT_IS_NONE).size());
    }
}
