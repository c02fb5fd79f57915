package tactus.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static tactus.words.WordedSong.VERSE;
import static tactus.words.WordedSong.ruled;
import static tactus.words.WordedSong.song;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;

/** A verse that goes round twice: what holds on both passes is not said of the first alone, and what holds on one is. */
class BarNoteTest {

    @ParameterizedTest
    @CsvSource({
        "Verse: up 2 with the capo, up 2 with the capo",
        "'Verse, last pass: up 2 with the capo', '/ up 2 with the capo'",
        "Verse: tempo 84, tempo 84",
        "'Verse, last pass: tempo 84', 'pass 2: tempo 84'",
        "Verse: soft, p",
        "'Verse, last pass: soft', 'pass 2: p'"
    })
    void whatHoldsOnAllPassesIsSaidOfAll(String rule, String note) {
        Song song = ruled(song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu"), rule)
                .withSection(VERSE, verse -> verse.withPasses(2));
        Timeline timeline = Timeline.of(song);
        String notes = Outline.of(timeline).uses().getFirst().blocks().stream()
                .map(block -> BarNote.besideRibbons(
                        new SongWords(song),
                        timeline,
                        block.alike(timeline, block.bars().getFirst())))
                .collect(Collectors.joining(" / "));
        assertEquals(note, notes.strip());
    }
}
