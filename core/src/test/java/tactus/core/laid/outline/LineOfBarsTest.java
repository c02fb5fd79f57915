package tactus.core.laid.outline;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.song.SongFixture;

/** Where everything on a line of bars lies, for screen and paper alike. */
class LineOfBarsTest {

    private static final List<TimelineBar> BARS = Timeline.of(
                    SongFixture.song("4/4 4/4 2/4 4/4 4/4 6/8 4/4", "C: 7 bars", "d-du-udu"))
            .bars();
    private static final Length LENGTH = BARS.getLast().end();
    private static final LineOfBars.Spacing SPACING = new LineOfBars.Spacing(2, 4, 1);

    private static Ribbon ribbon(Length from, Length to, Length... cuts) {
        return new Ribbon(from, to, Optional.empty(), Optional.empty(), FormChoice.FULL, List.of(cuts));
    }

    private static Margin.SungAt word(Length at, boolean goesOn) {
        return new Margin.SungAt(at, 1, "la", goesOn, false);
    }

    private static Block block(List<Ribbon> ribbons, List<Margin.SungAt> words) {
        return new Block(
                BARS, List.of(new Lane(List.of(1), ribbons)), List.of(), List.of(new WordLane(List.of(1), words)));
    }

    /** The lines that {@code block} stands on, {@code count} bars on each, every bar 10 wide. */
    private static List<LineOfBars> lines(Block block, int count) {
        var lines = new ArrayList<LineOfBars>();
        for (int from = 0; from < BARS.size(); from += count) {
            List<TimelineBar> bars = BARS.subList(from, Math.min(from + count, BARS.size()));
            lines.add(new LineOfBars(block, bars, Collections.nCopies(bars.size(), 10.0)));
        }
        return lines;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 8})
    void howeverBarsAreDividedEveryWordEveryCutAndAllOfARibbonStandOnOneLine(int count) {
        var random = new Random(count);
        for (int round = 0; round < 200; round++) {
            Length from = LENGTH.times(random.nextInt(48)).dividedBy(96);
            Length to = from.plus(LENGTH.times(1 + random.nextInt(48)).dividedBy(96));
            Length cut = to.plus(LENGTH.minus(to).times(1 + random.nextInt(8)).dividedBy(8));
            Length sung = LENGTH.times(random.nextInt(96)).dividedBy(96);
            Block block = block(
                    List.of(ribbon(Length.ZERO, from), ribbon(from, to), ribbon(to, LENGTH, cut)),
                    List.of(word(Length.of(-1, 4), true), word(sung, false)));
            double wide = 0;
            int begun = 0;
            int cuts = 0;
            int words = 0;
            for (LineOfBars line : lines(block, count)) {
                double end = 0;
                for (LineOfBars.Placed placed : line.ribbons(block.lanes().getFirst())) {
                    assertEquals(end, placed.from(), 1e-9, "without a gap");
                    end = placed.to();
                    begun += placed.begins() ? 1 : 0;
                    cuts += placed.cuts().size();
                }
                wide += end;
                for (WordLane lane : line.sung()) words += line.words(lane).size();
            }
            assertEquals(10.0 * BARS.size(), wide, 1e-9);
            assertEquals(from.isZero() ? (to.equals(LENGTH) ? 1 : 2) : to.equals(LENGTH) ? 2 : 3, begun);
            assertEquals(to.equals(LENGTH) ? 0 : 1, cuts, "a cut at a bar line is the end of the line before");
            assertEquals(2, words);
        }
    }

    @Test
    void wordsThatAreSungCloseTogetherStandBehindEachOther() {
        Length eighth = Length.of(1, 8);
        Block block =
                block(List.of(), List.of(word(Length.ZERO, true), word(eighth, false), word(eighth.times(2), false)));
        LineOfBars line = lines(block, 1).getFirst();
        WordLane lane = line.sung().getFirst();
        assertEquals(
                List.of(2.0, 2 + 3 + 1.0, 2 + 3 + 1 + 3 + 4.0), line.placesOf(lane, List.of(3.0, 3.0, 3.0), SPACING));
        assertEquals(
                List.of(2.0, 3.25, 4.5),
                line.placesOf(lane, List.of(0.25, 0.25, 0.25), new LineOfBars.Spacing(2, 1, 1)),
                "where there is room, where they are sung");
    }

    @Test
    void aNoteHasTheRoomUpToTheNextOne() {
        LineOfBars line = lines(block(List.of(), List.of()), 4).getFirst();
        List<String> notes = List.of("softly", "", "", "stop");
        assertEquals(30, line.noteRoom(notes, 0));
        assertEquals(10, line.noteRoom(notes, 3));
        assertEquals(40, line.noteRoom(List.of("softly", "", "", ""), 0));
    }

    @Test
    void aPickUpIsAsNarrowAsItIsShortAndTheOthersMakeRoomForIt() {
        TimelineBar first = BARS.getFirst();
        var pickup =
                new TimelineBar(0, Meter.parse("1/4"), Length.ZERO, 0, first.section(), 0, 1, OptionalInt.empty(), 0);
        LineOfBars full = lines(block(List.of(), List.of()), 4).getFirst().withPickup(pickup, 1, 40);
        assertEquals(40, full.width(), 1e-9);
        assertEquals(2.5, full.widths().getFirst());
        assertEquals(2.5, full.xAt(Length.ZERO), 1e-9, "the pass begins behind it");
        assertEquals(Length.ZERO, full.start());
        LineOfBars least = lines(block(List.of(), List.of()), 4).getFirst().withPickup(pickup, 6, 40);
        assertEquals(6, least.widths().getFirst());
        assertTrue(least.widths().stream().skip(1).allMatch(each -> Math.abs(each - 8.5) < 1e-9));
    }
}
