package tactus.app.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;

import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.records.folder.DataFolder;
import tactus.sound.transport.Transport;
import tactus.words.Words;

/** Texts as they stand after every key: half a word, a number that goes on, something very long. */
class TypedTextTest {

    @TempDir
    private Path folder;

    private Work work;
    private BenchParts parts;

    @BeforeEach
    void open() {
        work = new Work(DemoSong.LANTERN_WALK.song());
        var settings = new Settings(new DataFolder(folder));
        parts = BenchParts.of(work, new PlayerModel(work, mock(Transport.class)), settings, Optional::empty);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "bass, miss, up, down, up, accent",
                "bass, up, down, up, string 4 fret 3, 4:2",
                "down, down up, up down up on 3 and",
                "pinch 5 1, string 12 fret 24, let ring, palm muted",
                "D D U U D U, no 4",
                "d-du-udu 9999999999",
                "thumb, index, thumb, ring finger, 5:24 accent"
            })
    void everyAnswerToHalfATextOnANewPatternCanBeTaken(String text) {
        parts.bench().add();
        Song before = work.song();
        var dictation = parts.dictation();
        int answers = 0;
        for (int length = 1; length <= text.length(); length++) {
            dictation.textProperty().set(text.substring(0, length));
            var answer = dictation.answerProperty().get();
            if (answer.placing().isEmpty()) {
                String typed = text.substring(0, length).strip();
                assertTrue(typed.isEmpty() || answer.wrong().isPresent(), "\"" + typed + "\" is passed over");
                continue;
            }
            var placing = answer.placing().orElseThrow();
            for (var mend : placing.mends()) {
                assertFalse(
                        mend.placed().best().isEmpty(), text.substring(0, length) + ": " + Words.say(mend.change()));
            }
            int offered = placing.best().size() + placing.mends().size();
            for (int index = 0; index < offered; index++, answers++) {
                dictation.take(index);
                if (work.canUndoProperty().get() && !work.song().equals(before)) work.undo();
                dictation.textProperty().set("");
                dictation.textProperty().set(text.substring(0, length));
            }
        }
        assertTrue(answers > 5, answers + " answers");
        assertEquals(before, work.song());
    }
}
