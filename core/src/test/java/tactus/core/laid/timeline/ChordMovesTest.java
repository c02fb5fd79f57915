package tactus.core.laid.timeline;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.ArrayList;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.HandPicture;
import tactus.core.laid.picture.Mark;
import tactus.core.laid.picture.Passage;
import tactus.core.outside.English;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.ChordMove;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongFixture;

/** Hammer-ons and added fingers that belong to a chord, whatever is played on it. */
class ChordMovesTest {

    private static Song moved(Song song, String moves) {
        Chord chord = song.chord("D").orElseThrow();
        return song.withChord(chord.withMoves(ChordMove.parse(moves)));
    }

    /** The highest string as it is struck, a slur in brackets, each with bar and count. */
    private static String highest(Song song) {
        var heard = new ArrayList<String>();
        for (TimelineStroke stroke : Timeline.of(song).strokes()) {
            String at = stroke.bar() + ":" + stroke.count() + "=";
            stroke.slurred().stream()
                    .filter(slur -> slur.string() == 1)
                    .forEach(slur -> heard.add(at + "(" + slur.pitch().number() + ")"));
            stroke.strings().stream()
                    .filter(struck -> struck.string() == 1)
                    .forEach(struck -> heard.add(at + struck.pitch().number()));
        }
        return heard.stream().collect(Collectors.joining(" "));
    }

    /** D is xx0232, so that string 1 sounds F#4 (66), open E4 (64), at fret 3 G4 (67). */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                // On slots of the pattern, in every bar that the chord lasts.
                "4/4 4/4;D: 2 bars;d-d-d-d-;1 1.0, 3 1.-;1:1=64 1:2=64 1:3=66 1:4=66 2:1=64 2:2=64 2:3=66 2:4=66",
                // Between two slots: the hammer-on comes in its own time.
                "4/4;D: 1 bar;d-d-d-d-;1 1.0, 1& 1h2;1:1=64 1:1&=(66) 1:2=66 1:3=66 1:4=66",
                // Where nothing is struck at that slot.
                "4/4;D: 1 bar;d---d---;1 1.0, 2 1h2;1:1=64 1:2=(66) 1:3=66",
                // Counted from where the chord begins.
                "4/4;C: 2 beats, D: 2 beats;d-d-;1 1.3, 2 1.-;1:1=64 1:2=64 1:3=67 1:4=66",
                // A chord that is over before the count has no such move.
                "4/4;D: 1 beat, C: 3 beats;d-;2 1.3;1:1=66 1:2=64",
                "3/4;D: 1 bar;d-d-d-;3 1.3, 3& 1/2;1:1=66 1:2=66 1:3=67 1:3&=(66)",
                // In 6/8 the counts are eighths.
                "6/8;D: 1 bar;d--d--;1 1.0, 4 1.2;1:1=64 1:4=66",
                "4/4;D: 1 bar;d-d-d-d-;1 9.0;1:1=66 1:2=66 1:3=66 1:4=66"
            })
    void fingersMoveOnAChordAtTheirCounts(String meters, String chords, String line, String moves, String expected) {
        assertEquals(expected, highest(moved(SongFixture.song(meters, chords, line), moves)));
    }

    /** The picture of a bar drew the strokes alone, so that nobody saw on which string the finger comes down. */
    @Test
    void thePictureOfABarHasWhatTheFingersDoInIt() {
        Timeline timeline = Timeline.of(moved(SongFixture.song("4/4", "D: 1 bar", "d-d-d-d-"), "1 1.0, 1& 1h2, 3 2.-"));
        HandPicture picture = HandPicture.of(
                Passage.of(timeline, timeline.bars().getFirst(), 6), Frame.of(Frame.Size.SMALL, 200, 60));
        assertEquals(
                "0 h2 −",
                picture.marks().stream()
                        .filter(Mark.MoveText.class::isInstance)
                        .map(each -> ((Mark.MoveText) each).text())
                        .collect(Collectors.joining(" ")));
    }

    @Test
    void aRuleThatCutsTheChordInTwoLeavesTheFingerWhereItIs() {
        Song song = moved(SongFixture.song("4/4", "D: 1 bar", "d-d-d-d-"), "2 1.3");
        Song soft = song.withRule(English.rule(song, "Verse, bar 1.3-1: soft"));
        assertEquals("1:1=66 1:2=67 1:3=67 1:4=67", highest(soft));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "1 1.0, 1& 1h2;1 1.0, 1& 1h2",
                " 2a 3/4 ;2a 3/4",
                "1&1h2;!3",
                "2 1.3,1 1.0;1 1.0, 2 1.3",
                "'';''",
                "5 2.-;5 2.-"
            })
    void movesAreReadAndWrittenInOrder(String text, String written) {
        if (written.startsWith("!")) assertThrows(NotationException.class, () -> ChordMove.parse(text));
        else assertEquals(written, ChordMove.line(ChordMove.parse(text)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"0 1.0", "33 1.0", "1x 1.0", "1 1.99", "1 13.0", "1", "&", "1 1.0;2 1.2", "1 1h", "99999 1.0"})
    void whatIsNoMoveIsToldWithItsPlace(String text) {
        NotationException told = assertThrows(NotationException.class, () -> ChordMove.parse(text));
        assertEquals(text, told.text());
    }
}
