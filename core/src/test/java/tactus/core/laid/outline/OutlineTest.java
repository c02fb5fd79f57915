package tactus.core.laid.outline;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Except;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.Use;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongFixture;

/** The song as a page: what is folded is what is played alike, and nothing else. */
class OutlineTest {

    private static final Song VERSE_TWICE = twoUses();

    /** A verse of two bars in two passes, played twice. */
    private static Song twoUses() {
        Song song = SongFixture.song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");
        SectionId verse = song.sections().getFirst().id();
        return song.withSection(verse, section -> section.withPasses(2)).withOrder(List.of(verse, verse));
    }

    private static Outline outline(Song song) {
        return Outline.of(Timeline.of(song));
    }

    private static Song ruled(String... sentences) {
        Song ruled = VERSE_TWICE;
        for (String sentence : sentences) ruled = ruled.withRule(English.rule(ruled, sentence));
        return ruled;
    }

    private static String verse() {
        return VERSE_TWICE.sections().getFirst().name();
    }

    /** Screen and paper set a position by its part of the bar, whatever the bars' meters and widths are. */
    @Test
    void aPositionLiesWhereItsPartOfItsBarIs() {
        Song song = SongFixture.song("4/4 2/4 4/4", "C: 2 bars, G: 1 bar", "d-du-udu");
        Block block = outline(song).uses().getFirst().blocks().getFirst();
        var line = new LineOfBars(block, block.bars().subList(1, 3), List.of(60.0, 100.0));
        assertEquals(Length.of(1, 1), line.start());
        assertEquals(Length.of(5, 2), line.end());
        assertEquals(0, line.xAt(Length.of(1, 2)), "what is before the line is at its start");
        assertEquals(30, line.xAt(Length.of(5, 4)), "half of a bar of 2/4");
        assertEquals(60, line.xAt(Length.of(3, 2)));
        assertEquals(85, line.xAt(Length.of(7, 4)), "a quarter of a bar of 4/4");
        assertEquals(160, line.xAt(Length.of(9, 1)), "what is behind it is at its end");
    }

    @Test
    void aSecondUseThatIsPlayedAlikeIsTheSame() {
        Outline outline = outline(VERSE_TWICE);
        assertEquals(OptionalInt.empty(), outline.uses().getFirst().sameAs());
        assertEquals(OptionalInt.of(0), outline.uses().get(1).sameAs());
        assertEquals(
                List.of(1, 2), outline.uses().getFirst().blocks().getFirst().passes());
    }

    /** Whatever makes the second use another to the ear unfolds it: loudness, key, an event, a form, a pause. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "last %s: very strong",
                "last %s: up 2 with the capo",
                "last %s: up 2 with other shapes",
                "last %s, last pass: silence",
                "last %s, chord 1: stop and count",
                "last %s: only downs form",
                "last %s, bar 2: muted strokes",
                "last %s, last chord: pause of 1 beat",
                "last %s, pass 1: held strum",
                "last %s: soft to strong"
            })
    void whatIsHeardOtherwiseIsNotTheSame(String rule) {
        OutlinedUse last = outline(ruled(rule.formatted(verse()))).uses().get(1);
        assertEquals(OptionalInt.empty(), last.sameAs(), rule);
        assertEquals(OptionalInt.of(0), last.like());
        assertTrue(!last.other().isEmpty());
    }

    @Test
    void onlyTheBarsThatAreOtherAreNamed() {
        OutlinedUse last = outline(ruled("last %s, pass 2, chord 2: silence".formatted(verse())))
                .uses()
                .get(1);
        assertEquals(List.of(8), last.other().stream().map(bar -> bar.number()).toList());
    }

    @Test
    void aPassThatPlaysSomethingElseHasARibbonOfItsOwn() {
        Block block = outline(ruled("%s, last pass: held strum".formatted(verse())))
                .uses()
                .getFirst()
                .blocks()
                .getFirst();
        assertEquals(
                List.of(List.of(1), List.of(2)),
                block.lanes().stream().map(Lane::passes).toList());
    }

    @Test
    void aPassWithOtherBarsHasALineOfItsOwn() {
        Use first = VERSE_TWICE.uses().getFirst();
        var bars = new Except.Bars(List.of(Meter.of(4, 4)), List.of(new Span("Am", SpanLength.bars(1))));
        Song song = VERSE_TWICE.withUse(first.plus(new Except(
                tactus.core.written.section.PassChoice.of(2), new Except.OtherBars(Stretch.bars(2, 2), bars))));
        List<Block> blocks = outline(song).uses().getFirst().blocks();
        assertEquals(
                List.of(List.of(1), List.of(2)),
                blocks.stream().map(Block::passes).toList());
    }

    @Test
    void aRibbonSaysFromWhereToWhereAndWhereARoundIsCut() {
        Song song = SongFixture.song("4/4 4/4", "C: 6 beats, G: 2 beats", "d-du-udu");
        List<Ribbon> ribbons = outline(song)
                .uses()
                .getFirst()
                .blocks()
                .getFirst()
                .lanes()
                .getFirst()
                .ribbons();
        assertEquals("0-2 cut 3/2 2", text(ribbons));
    }

    private static String text(List<Ribbon> ribbons) {
        return ribbons.stream()
                .map(ribbon -> ribbon.from() + "-" + ribbon.to() + " cut "
                        + ribbon.cuts().stream().map(Object::toString).collect(Collectors.joining(" ")))
                .collect(Collectors.joining(", "));
    }

    /** Against a second computation: the strokes of both uses, written out with their places, are compared as text. */
    @Test
    void forAnySongTheSameIsWhatSoundsAndIsCalledTheSame() {
        var random = new Random(3);
        String[] says = {"soft", "silence", "held strum", "only downs form", "very strong", "stop and count"};
        for (int i = 0; i < 150; i++) {
            Song song = VERSE_TWICE.withOrder(IntStream.range(0, 3)
                    .mapToObj(_ -> VERSE_TWICE.sections().getFirst().id())
                    .toList());
            for (int rule = random.nextInt(3); rule >= 0; rule--) {
                String where = random.nextBoolean() ? "last " + verse() : verse() + ", pass " + (1 + random.nextInt(2));
                song = song.withRule(English.rule(song, where + ": " + says[random.nextInt(says.length)]));
            }
            Timeline timeline = Timeline.of(song);
            for (OutlinedUse use : Outline.of(timeline).uses()) {
                int first = IntStream.range(0, use.use())
                        .filter(before -> sound(timeline, before).equals(sound(timeline, use.use())))
                        .findFirst()
                        .orElse(-1);
                assertEquals(first < 0 ? OptionalInt.empty() : OptionalInt.of(first), use.sameAs());
            }
        }
    }

    private static String sound(Timeline timeline, int use) {
        var text = new StringBuilder();
        for (int pass = 1; pass <= 2; pass++)
            for (var bar : timeline.barsOf(use, pass))
                for (var stroke : timeline.strokesIn(bar.number()))
                    text.append(bar.inSection())
                            .append(stroke.start().minus(bar.start()))
                            .append(stroke.stroke())
                            .append(stroke.strings())
                            .append(stroke.loudness())
                            .append(timeline.spans().get(stroke.span()).played().what())
                            .append(timeline.spans().get(stroke.span()).played().form())
                            .append('\n');
        return text.toString();
    }

    /** Two patterns of the same strokes are two names, and a page that says "the same" would lose one; a held strum is struck anew. */
    @Test
    void aPatternOfTheSameStrokesUnderAnotherNameIsNotTheSameAndHeldStrumsAreABoxEach() {
        Pattern first = VERSE_TWICE.patterns().getFirst();
        Song song = VERSE_TWICE.withPattern(first.copiedAs(new PatternId("twin"), "Twin"));
        assertEquals(OptionalInt.of(0), outline(song).uses().getLast().sameAs());
        Song twin = song.withRule(English.rule(song, "last " + verse() + ": Twin"));
        assertEquals(OptionalInt.empty(), outline(twin).uses().getLast().sameAs());
        int spans = VERSE_TWICE.sections().getFirst().spans().size();
        assertEquals(spans, ribbons(song, "held strum"));
        assertEquals(1, ribbons(song, "silence"));
    }

    /** How many ribbons its first verse has where {@code event} is all that is played. */
    private static int ribbons(Song song, String event) {
        Outline outline = outline(song.withRule(English.rule(song, verse() + ": " + event)));
        return outline.uses()
                .getFirst()
                .blocks()
                .getFirst()
                .lanes()
                .getFirst()
                .ribbons()
                .size();
    }

    @Test
    void anEmptySongHasAnEmptyPage() {
        assertEquals(List.of(), outline(Song.empty("Nothing")).uses());
        Section none = VERSE_TWICE.sections().getFirst().withSpans(List.of());
        assertEquals(2, outline(VERSE_TWICE.withSection(none)).uses().size());
    }
}
