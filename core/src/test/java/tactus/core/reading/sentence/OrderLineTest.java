package tactus.core.reading.sentence;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.Meter;
import tactus.core.written.section.Except;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;
import tactus.core.written.song.Song;

/** The running order as one types it. */
class OrderLineTest {

    private static final Song SONG = Song.empty("Order")
            .withSections(Stream.of("Intro", "Verse", "Chorus", "Verse 2", "Bridge (quiet, slow)", "Ending")
                    .map(name -> new Section(
                            new SectionId(name.toLowerCase()
                                    .replaceAll("[^a-z0-9]+", "-")
                                    .replaceAll("-$", "")),
                            name,
                            List.of(Meter.of(4, 4)),
                            List.of(),
                            1))
                    .toList());

    private static Song read(String line) {
        return new OrderLine(SONG).read(line);
    }

    private static String names(Song song) {
        return song.order().stream()
                .map(id -> song.section(id).orElseThrow().name())
                .collect(Collectors.joining(" > "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Intro, Verse, Chorus; Intro > Verse > Chorus",
                "intro,VERSE , chorus; Intro > Verse > Chorus",
                "Verse x2; Verse > Verse",
                "(Verse, Chorus) x2, Ending; Verse > Chorus > Verse > Chorus > Ending",
                "Verse ×3; Verse > Verse > Verse",
                "(Verse x2, Chorus) x2; Verse > Verse > Chorus > Verse > Verse > Chorus",
                "Verse 2, Verse; Verse 2 > Verse",
                "Verse 2 x2; Verse 2 > Verse 2",
                "Bridge (quiet, slow), Verse; Bridge (quiet, slow) > Verse",
                "((Verse)); Verse",
                "Intro,, Verse,; Intro > Verse",
                "''; ''"
            })
    void aLineIsPlayedAsItReads(String line, String names) {
        assertEquals(names, names(read(line)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Intro, Verse, Chorus, Verse, Chorus; Intro, (Verse, Chorus) x2",
                "Chorus, Chorus, Chorus; Chorus x3",
                "Verse, Verse, Chorus, Verse, Verse, Chorus, Ending; (Verse x2, Chorus) x2, Ending",
                "Intro; Intro"
            })
    void anOrderIsWrittenAsShortAsItReadsWell(String line, String written) {
        assertEquals(written, new OrderLine(read(line)).text());
    }

    @Test
    void whatIsWrittenIsReadAsTheSameOrder() {
        var random = new Random(4);
        for (int i = 0; i < 300; i++) {
            Song song = SONG.withOrder(
                    Stream.generate(() -> SONG.sections().get(random.nextInt(6)).id())
                            .limit(random.nextInt(14))
                            .toList());
            var line = new OrderLine(song);
            assertEquals(song, line.read(line.text()), line.text());
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Intro, Vers; 7; order-line.unknown",
                "Verses; 0; order-line.unknown",
                "Intro, (Verse, Chorus; 7; order-line.bracket-open",
                "Intro), Verse; 5; order-line.closes-bracket",
                "Verse x0; 7; order-line.too-often",
                "Verse x1001; 7; order-line.too-often",
                "(Verse x500, Chorus x400) x2; 27; order-line.too-often"
            })
    void aSlipIsPointedAt(String line, int index, String code) {
        var wrong = assertThrows(NotationException.class, () -> read(line));
        assertEquals(code + " " + index, wrong.reason().code() + " " + wrong.index());
    }

    @Test
    void entriesKeepWhatIsOtherInThemWhereverTheyGo() {
        Song song = read("Intro, Verse, Chorus, Verse, Ending");
        Use special = song.uses().get(3).withExcepts(List.of(Except.runs(2))).withName(Optional.of("Last verse"));
        Song with = song.withUse(special);
        var line = new OrderLine(with);
        assertEquals("Intro, Verse, Chorus, Last verse, Ending", line.text());
        Song moved = line.read("Last verse, Intro, Verse, Chorus x2, Ending");
        assertEquals(special, moved.uses().getFirst());
        assertEquals(
                List.of(4, 1, 2, 3, 6, 5), moved.uses().stream().map(Use::id).toList());
    }

    @Test
    void bracketsWithoutEndAreRefusedAndNotFollowed() {
        assertThrows(NotationException.class, () -> read("(".repeat(10_000) + "Verse"));
    }
}
