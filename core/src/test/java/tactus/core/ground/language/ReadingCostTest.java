package tactus.core.ground.language;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.song;

import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import tactus.core.counsel.comparison.Recap;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.chord.ChordName;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.StrokeLine;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.library.Library;
import tactus.core.patterns.library.RhythmQuery;
import tactus.core.patterns.placing.Given;
import tactus.core.patterns.placing.Placing;
import tactus.core.reading.chart.Chart;
import tactus.core.reading.sentence.HintSentence;
import tactus.core.reading.sentence.OrderLine;
import tactus.core.reading.sentence.RuleSentence;
import tactus.core.reading.sentence.SungText;
import tactus.core.taught.shelf.SongQuery;
import tactus.core.written.harmony.ChordMove;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/**
 * What is read while one types is counted in bytes of memory asked for, which are the same on every machine: readers make small values
 * as they go. Expressions that try again and again make none; they are told by the processor's time of 32 times as long a text
 * against that of a short one, far beyond what a busy machine does to it.
 */
class ReadingCostTest {

    private static final Meter FOUR = Meter.of(4, 4);
    private static final Song SONG = arranged();

    private static final Map<String, Consumer<String>> READERS = Map.ofEntries(
            Map.entry("a rule", text -> new RuleSentence(English.LEXICON, SONG).parse(text)),
            Map.entry("a hint", text -> new HintSentence(English.LEXICON, SONG).parse(text, Optional.empty())),
            Map.entry("a running order", text -> OrderLine.of(SONG, text)),
            Map.entry("a first running order", text -> OrderLine.of(Song.empty("New"), text)),
            Map.entry("chords", text -> English.line(text, FOUR, Optional.empty())),
            Map.entry("a dictation", English::dictation),
            Map.entry("where strokes fall", text -> Placing.of(English.dictation(text), FOUR, 4, Given.NOTHING)),
            Map.entry("a pasted song", text -> Chart.read(text, FOUR, English.LEXICON)),
            Map.entry("words", text -> new SungText(new BarLines(Collections.nCopies(16, FOUR))).parse(text)),
            Map.entry("what was said at the end", text -> Recap.of(SONG, text, English.LEXICON)),
            Map.entry(
                    "a search for a rhythm",
                    text -> RhythmQuery.parse(text, English.LEXICON, _ -> "x").find(Library.patterns())),
            Map.entry("a search for a song", text -> SongQuery.parse(text, English.LEXICON, List.of())),
            Map.entry("strokes", text -> StrokeLine.parse(text, List.of(Direction.DOWN, Direction.UP))),
            Map.entry("a groove", text -> English.groove(text, FOUR, 4)),
            Map.entry("bars", English::stretch),
            Map.entry("moves of fingers", ChordMove::parse));

    private static final List<String> TEXTS = List.of(
            "the last time we play the chorus please let it ring a bit longer than before and then stop ",
            "in the last bar of the second Verse, last pass, on every D, in the last 2 bars of the chorus, ",
            "last pass ",
            "down up mute down, up on the and of two, ",
            "G | C D | Em x2 | [C | D] x2 | ",
            "three bars D, one A and that twice, then ",
            "Verse\nC G Am F\nwords of the song are here\n",
            "car-ry the lan-tern - - down ",
            "1 2 and 3 and 4 ",
            "[",
            "(",
            ")",
            ":",
            ",",
            " ",
            "x ",
            "abcdefghijklmnop",
            "7");

    private static Song arranged() {
        Song song = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");
        var chorus = song.sections().getFirst().copiedAs(new SectionId("chorus"), "Chorus");
        return song.withSection(chorus)
                .withOrder(List.of(song.sections().getFirst().id(), chorus.id(), chorus.id()));
    }

    @Test
    void whatIsReadWhileOneTypesTakesNoMoreThanItsLengthAsks() {
        var slow = new ArrayList<String>();
        READERS.forEach((name, reader) -> TEXTS.forEach(text -> {
            Cost once = cost(reader, filled(text, 400));
            Cost long32 = cost(reader, filled(text, 12_800));
            if (long32.bytes > 50 * once.bytes + 8_000_000 || long32.nanos > 100 * once.nanos + 30_000_000)
                slow.add(name + ": \"" + text + "\" costs " + once + ", and 32 times as long " + long32);
        }));
        assertEquals(List.of(), slow);
    }

    @Test
    void nothingOfTwoHundredLettersAsksForMoreThanAFewMegabytes() {
        var large = new ArrayList<String>();
        READERS.forEach((name, reader) -> TEXTS.forEach(text -> {
            long bytes = bytes(reader, filled(text, 200));
            if (bytes > 6_000_000) large.add(name + ": \"" + text + "\" asks for " + bytes);
        }));
        assertEquals(List.of(), large);
    }

    @Test
    void whetherAWordIsAChordIsFoundOutWithoutLookingForNamesLikeIt() {
        long found = bytes(ChordName::find, "time we play the chorus");
        long explained = bytes(ChordName::parse, "time we play the chorus");
        assertTrue(20 * found < explained, found + " against " + explained);
    }

    private static String filled(String unit, int length) {
        return unit.repeat(length / unit.length() + 1).substring(0, length);
    }

    private record Cost(long bytes, long nanos) {}

    private static long bytes(Consumer<String> reader, String text) {
        return cost(reader, text).bytes;
    }

    /** What reading asks for; what is made once for all texts is made before. */
    private static Cost cost(Consumer<String> reader, String text) {
        var threads = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        long bytes = Long.MAX_VALUE;
        long nanos = Long.MAX_VALUE;
        for (int time = 0; time < 3; time++) {
            long bytesBefore = threads.getCurrentThreadAllocatedBytes();
            long nanosBefore = threads.getCurrentThreadCpuTime();
            try {
                reader.accept(text);
            } catch (Refusal unread) {
                assertTrue(unread.getMessage() != null);
            }
            nanos = Math.min(nanos, threads.getCurrentThreadCpuTime() - nanosBefore);
            bytes = Math.min(bytes, threads.getCurrentThreadAllocatedBytes() - bytesBefore);
        }
        return new Cost(bytes, nanos);
    }
}
