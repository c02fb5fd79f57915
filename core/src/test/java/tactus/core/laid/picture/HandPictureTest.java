package tactus.core.laid.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Voicing;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.RoleSchool;
import tactus.core.music.time.CountSchool;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.groove.CommonGroove;
import tactus.core.patterns.groove.Drum;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.picking.Held;
import tactus.core.written.song.SongFixture;

class HandPictureTest {

    private static Pattern pattern(String meter, String line) {
        return Pattern.empty(new PatternId("p"), "P", Meter.parse(meter)).withLine(line);
    }

    private static HandPicture large(Pattern pattern) {
        return HandPicture.of(Passage.of(pattern), Frame.of(Frame.Size.LARGE, 800, 300));
    }

    private static <T extends Mark> Stream<T> marks(HandPicture picture, Class<T> kind) {
        return picture.marks().stream().filter(kind::isInstance).map(kind::cast);
    }

    private static double y(HandPicture picture, int string) {
        return marks(picture, Mark.StringLine.class)
                .filter(line -> line.number() == string)
                .findFirst()
                .orElseThrow()
                .from()
                .y();
    }

    /** The strings whose lines the outline of a brush mark crosses. */
    private static String crossed(HandPicture picture, Mark.Brush brush) {
        var heights = brush.outline().stream().mapToDouble(Point::y).summaryStatistics();
        return Stream.of(6, 5, 4, 3, 2, 1)
                .filter(string -> heights.getMin() < y(picture, string) && y(picture, string) < heights.getMax())
                .map(String::valueOf)
                .collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource({"d, 654321", "-u, 654321", "b, 654", "t, 321", "-b, 654", "-t, 321"})
    void aBrushMarkCrossesExactlyTheStringsItReaches(String line, String strings) {
        HandPicture picture = large(pattern("4/4", line));
        Mark.Brush brush = marks(picture, Mark.Brush.class).findFirst().orElseThrow();
        assertEquals(strings, crossed(picture, brush));
    }

    @Test
    void aBrushMarkIsThinWhereItEntersAndThickWhereItLeaves() {
        Mark.Brush down =
                marks(large(pattern("4/4", "d")), Mark.Brush.class).findFirst().orElseThrow();
        Mark.Brush up =
                marks(large(pattern("4/4", "-u")), Mark.Brush.class).findFirst().orElseThrow();
        assertTrue(widthAt(down, true) < widthAt(down, false) / 2, "a down enters at the top");
        assertTrue(widthAt(up, false) < widthAt(up, true) / 2, "an up enters at the bottom");
    }

    private static double widthAt(Mark.Brush brush, boolean top) {
        var heights = brush.outline().stream().mapToDouble(Point::y).summaryStatistics();
        double level = top ? heights.getMin() : heights.getMax();
        double near = (heights.getMax() - heights.getMin()) * 0.15;
        var xs = brush.outline().stream()
                .filter(point -> Math.abs(point.y() - level) < near)
                .mapToDouble(Point::x)
                .summaryStatistics();
        return xs.getMax() - xs.getMin();
    }

    @Test
    void theThickEndOfEveryStrokeLiesOnThePathOfTheHand() {
        HandPicture picture = large(pattern("4/4", "d-du-udu"));
        for (Mark.Brush brush : marks(picture, Mark.Brush.class).toList()) {
            Point start = brush.outline().getFirst();
            double progress =
                    (start.x() - picture.frame().left()) / picture.frame().slotsWidth();
            double shift = 1.0 / 16;
            Point hand = picture.handAt(progress - shift);
            assertEquals(hand.y(), start.y(), 6, "slot " + brush.slot());
        }
    }

    @Test
    void theHandIsInTheMiddleOfTheStringsWhenAStrokeSounds() {
        HandPicture picture = large(pattern("4/4", "dudududu"));
        double middle = (y(picture, 1) + y(picture, 6)) / 2;
        for (int slot = 0; slot < 8; slot++) {
            Point hand = picture.handAt(slot / 8.0);
            assertEquals(middle, hand.y(), 0.01);
            assertEquals(picture.slotX(slot), hand.x(), 0.01);
        }
    }

    @Test
    void turnedOverDownStrokesGoUpThePage() {
        Frame upsideDown = new Frame(Frame.Size.LARGE, 800, 300, false, RoleSchool.LETTERS);
        HandPicture picture = HandPicture.of(Passage.of(pattern("4/4", "b")), upsideDown);
        assertTrue(y(picture, 6) > y(picture, 1));
        Mark.Brush brush = marks(picture, Mark.Brush.class).findFirst().orElseThrow();
        assertEquals("654", crossed(picture, brush));
        assertTrue(brush.outline().getFirst().y() > y(picture, 6), "it enters below string 6");
    }

    @Test
    void missesAreOnlyThePath() {
        HandPicture picture = large(pattern("4/4", "--------"));
        assertEquals(0, marks(picture, Mark.Brush.class).count());
        assertEquals(16, marks(picture, Mark.Path.class).count());
    }

    @Test
    void aMuteIsACrossOnEveryStringAndAStopClosesThemAll() {
        HandPicture picture = large(pattern("4/4", "x-s-"));
        assertEquals(6, marks(picture, Mark.Cross.class).count());
        Mark.StopBar stop = marks(picture, Mark.StopBar.class).findFirst().orElseThrow();
        assertTrue(stop.from().y() < y(picture, 6) && stop.to().y() > y(picture, 1));
    }

    @Test
    void unplayedCountsStandInBrackets() {
        String counts = marks(large(pattern("4/4", "d-du-udu")), Mark.CountText.class)
                .map(Mark.CountText::text)
                .collect(Collectors.joining(" "));
        assertEquals("1 (&) 2 & (3) & 4 &", counts);
    }

    @Test
    void aStrokeAgainstTheHandIsMarkedAsOne() {
        List<Mark.Brush> brushes =
                marks(large(pattern("4/4", "dd")), Mark.Brush.class).toList();
        assertFalse(brushes.get(0).isAgainst());
        assertTrue(brushes.get(1).isAgainst());
    }

    @Test
    void anAllDownHandReturnsSilentlyBetweenItsStrokes() {
        HandPicture picture = large(pattern("4/4", "dddd").withHand(Hand.allDown(Length.EIGHTH)));
        assertEquals(
                14, marks(picture, Mark.Path.class).filter(Mark.Path::isSilent).count());
    }

    @ParameterizedTest
    @EnumSource(Frame.Size.class)
    void everythingLiesInsideTheFrameAtEverySize(Frame.Size size) {
        Frame frame = Frame.of(size, 240, 110);
        HandPicture picture = HandPicture.of(Passage.of(pattern("4/4", "D~u_X5s(pa)=T")), frame);
        marks(picture, Mark.Brush.class)
                .flatMap(brush -> brush.outline().stream())
                .forEach(point -> assertTrue(
                        point.x() >= 0 && point.x() <= 240 && point.y() >= 0 && point.y() <= 110, point.toString()));
        marks(picture, Mark.Path.class)
                .forEach(path -> assertTrue(path.from().y() >= 0 && path.to().y() <= 110 - frame.countsHeight()));
    }

    @Test
    void thirtyTwoSlotsDoNotTouchEachOther() {
        Pattern two = pattern("4/4", "")
                .withDivision(tactus.core.music.time.Division.FOUR)
                .withLine("du".repeat(16));
        HandPicture picture = HandPicture.of(Passage.of(two), Frame.of(Frame.Size.LARGE, 960, 300));
        List<Mark.CountText> counts = marks(picture, Mark.CountText.class).toList();
        for (int i = 1; i < counts.size(); i++) {
            double room =
                    counts.get(i).middle().x() - counts.get(i - 1).middle().x();
            assertTrue(counts.get(i).size() * 1.25 < room, "a bracketed letter fits its slot");
        }
    }

    @Test
    void pluckedStringsAreDabsWithTheirFingerAndAPinchIsTied() {
        HandPicture picture = large(pattern("4/4", "(pa)i!5:3"));
        List<Mark.Finger> fingers = marks(picture, Mark.Finger.class).toList();
        assertEquals(
                List.of("p", "a", "i", "3"),
                fingers.stream().map(Mark.Finger::label).toList());
        assertTrue(fingers.get(2).isAccented());
        assertEquals(1, marks(picture, Mark.Tie.class).count());
        assertEquals(0, marks(picture, Mark.Path.class).count(), "picking fingers do not swing");
    }

    @Test
    void aFigureOnAChordShowsItsStringsAndWhatIsWrong() {
        Pattern figure = pattern("4/4", "p6");
        var held = new Held(Voicing.parse("xx0232"), Optional.of(ChordName.parse("D")), Tuning.STANDARD);
        Passage passage = Passage.of(figure, figure, held, "D");
        List<Fingerprint> fingers = passage.slots().stream()
                .flatMap(slot -> slot.fingers().stream())
                .toList();
        assertEquals(
                List.of(4, 6), fingers.stream().map(Fingerprint::string).toList(), "the root's, and one that is said");
        assertEquals(
                List.of(false, true), fingers.stream().map(Fingerprint::isWrong).toList(), "a dead string");
    }

    @Test
    void aGrooveLiesBetweenTheStringsAndTheCounts() {
        Passage passage = Passage.of(pattern("4/4", "d")).over(CommonGroove.ROCK.groove());
        HandPicture picture = HandPicture.of(passage, Frame.of(Frame.Size.LARGE, 800, 300));
        List<Mark.DrumHit> hits = marks(picture, Mark.DrumHit.class).toList();
        assertEquals(12, hits.size());
        assertEquals(
                picture.slotX(2),
                hits.stream()
                        .filter(hit -> hit.drum() == Drum.SNARE)
                        .findFirst()
                        .orElseThrow()
                        .middle()
                        .x(),
                0.01);
        double lowestString = marks(picture, Mark.StringLine.class)
                .mapToDouble(line -> line.from().y())
                .max()
                .orElseThrow();
        assertTrue(hits.stream().allMatch(hit -> hit.middle().y() > lowestString));
    }

    @Test
    void theCountsAreThoseOfTheSchool() {
        Passage passage = Passage.of(pattern("6/8", "dududu")).countedIn(CountSchool.TAKADIMI, Meter.parse("6/8"));
        assertEquals(
                List.of("ta", "ki", "da", "ta", "ki", "da"),
                passage.slots().stream().map(Passage.Played::spoken).toList());
    }

    @Test
    void namesOfStringsThatWouldTouchAreLeftOutButForTheOuterOnes() {
        Passage passage = Passage.of(pattern("4/4", "d"));
        assertEquals(
                6,
                marks(HandPicture.of(passage, Frame.of(Frame.Size.LARGE, 800, 200)), Mark.StringName.class)
                        .count());
        assertEquals(
                List.of(1, 6),
                marks(HandPicture.of(passage, Frame.of(Frame.Size.LARGE, 800, 110)), Mark.StringName.class)
                        .map(Mark.StringName::number)
                        .toList());
    }

    @Test
    void inABarOfASongOnlyTheStringsOfTheChordAreCrossed() {
        Timeline timeline = Timeline.of(SongFixture.song("4/4", "D: 1 bar", "d"));
        Passage bar = Passage.of(timeline, timeline.bars().getFirst(), 6);
        assertEquals(new Passage.Range(1, 4), bar.slots().getFirst().range().orElseThrow());
    }

    @Test
    void aClickFindsTheNearestSlot() {
        HandPicture picture = large(pattern("4/4", "d"));
        assertEquals(OptionalInt.of(0), picture.slotNear(-50));
        assertEquals(OptionalInt.of(7), picture.slotNear(900));
        assertEquals(OptionalInt.of(3), picture.slotNear(picture.slotX(3) + 5));
    }
}
