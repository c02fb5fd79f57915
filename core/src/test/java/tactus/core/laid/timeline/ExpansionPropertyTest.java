package tactus.core.laid.timeline;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Dynamic;
import tactus.core.written.rule.FitChoice;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.section.Use;
import tactus.core.written.song.Song;

/** What holds for any song: 120 songs made by chance from sections, exceptions and rules of every kind. */
class ExpansionPropertyTest {

    private static final List<Meter> METERS = List.of(
            Meter.parse("4/4"), Meter.parse("3/4"), Meter.parse("6/8"), Meter.parse("2+2+3/8"), Meter.parse("2/4"));
    private static final List<String> CHORDS = List.of("C", "G", "D");

    private static IntStream seeds() {
        return IntStream.range(0, 120);
    }

    private final class Maker {

        private final Random random;

        Maker(int seed) {
            random = new Random(seed);
        }

        private <T> T any(List<T> list) {
            return list.get(random.nextInt(list.size()));
        }

        Song song() {
            Song song = Song.empty("Chance")
                    .withChord(new Chord("C", Voicing.parse("x32010")))
                    .withChord(new Chord("G", Voicing.parse("320003")))
                    .withChord(new Chord("D", Voicing.parse("xx0232")));
            for (int i = 0; i < 3; i++) {
                song = song.withPattern(Pattern.empty(new PatternId("p" + i), "P" + i, any(METERS))
                        .withBeats(1 + random.nextInt(5))
                        .withLine("d-u"));
            }
            for (int i = 0; i < 3; i++) song = song.withSection(section(i));
            var uses = new ArrayList<Use>();
            for (int i = 1; i <= 5; i++) uses.add(use(i));
            song = song.withUses(uses);
            var rules = new ArrayList<Rule>();
            rules.add(new Rule(Where.EVERYWHERE, Play.pattern(new PatternId("p0"))));
            for (int i = 0; i < 14; i++) rules.add(new Rule(where(), play()));
            return song.withRules(rules);
        }

        private Section section(int number) {
            var bars = bars();
            return new Section(new SectionId("s" + number), "S" + number, bars, filling(bars), 1 + random.nextInt(3))
                    .withVoice(List.of(Stretch.bars(1, 1)));
        }

        private List<Meter> bars() {
            var bars = new ArrayList<Meter>();
            for (int i = 0; i < 2 + random.nextInt(5); i++) bars.add(any(METERS));
            return bars;
        }

        /** Chords that fill the bars, cut at any felt beat. */
        private List<Span> filling(List<Meter> bars) {
            var lines = new BarLines(bars);
            int beats = bars.stream().mapToInt(bar -> bar.beats().size()).sum();
            var spans = new ArrayList<Span>();
            for (int at = 0; at < beats; ) {
                int length = Math.min(beats - at, 1 + random.nextInt(5));
                Length from = lines.afterBeats(Length.ZERO, Length.of(at));
                Length to = lines.afterBeats(Length.ZERO, Length.of(at + length));
                spans.add(new Span(any(CHORDS), SpanLength.between(lines, from, to)));
                at += length;
            }
            return spans;
        }

        private Use use(int id) {
            var excepts = new ArrayList<Except>();
            for (int i = random.nextInt(3); i > 0; i--) excepts.add(except());
            return new Use(id, new SectionId("s" + random.nextInt(3)), excepts);
        }

        Except except() {
            var bars = bars().subList(0, 1 + random.nextInt(2));
            var instead = new Except.Bars(bars, filling(bars));
            return new Except(
                    any(List.of(PassChoice.EVERY, PassChoice.LAST, PassChoice.of(1))),
                    switch (random.nextInt(4)) {
                        case 0 -> new Except.Runs(1 + random.nextInt(3));
                        case 1 -> new Except.ExtraBars(instead);
                        case 2 -> new Except.LeftOut(Stretch.last(1));
                        default -> new Except.OtherBars(Stretch.bars(1, 1), instead);
                    });
        }

        private Where where() {
            Where where = random.nextInt(5) == 0 ? Where.EVERYWHERE : Where.in(new SectionId("s" + random.nextInt(3)));
            if (random.nextInt(4) == 0) where = where.withPass(any(List.of(PassChoice.LAST, PassChoice.BUT_LAST)));
            if (random.nextInt(4) == 0) where = where.withUse(UseChoice.LAST);
            if (random.nextInt(2) == 0)
                where = where.withPart(any(List.of(
                        new Part.OnChord(1 + random.nextInt(3)),
                        new Part.OnChordFromEnd(1),
                        new Part.SharedBars(),
                        new Part.InHalf(random.nextBoolean()),
                        new Part.Voice(random.nextBoolean()),
                        new Part.InBars(English.stretch("1.2-2")))));
            return where;
        }

        private Play play() {
            return switch (random.nextInt(6)) {
                case 0 -> Play.of(any(List.of(What.Event.values())));
                case 1 -> Play.OPEN.with(any(List.of(FitChoice.values())));
                case 2 -> Play.OPEN.with(FormChoice.of(any(List.of(Form.Derivation.values()))));
                case 3 -> Play.OPEN.with(new Swell(any(List.of(Dynamic.values())), any(List.of(Dynamic.values()))));
                default -> Play.pattern(new PatternId("p" + random.nextInt(3)));
            };
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theSpansOfEveryBarFillItExactly(int seed) {
        Timeline timeline = Timeline.of(new Maker(seed).song());
        Length at = Length.ZERO;
        for (TimelineSpan span : timeline.spans()) {
            assertEquals(at, span.start());
            at = span.end();
        }
        assertEquals(timeline.length(), at);
        for (TimelineBar bar : timeline.bars()) {
            Length filled = timeline.spansIn(bar).stream()
                    .map(span -> span.end().min(bar.end()).minus(span.start().max(bar.start())))
                    .reduce(Length.ZERO, Length::plus);
            assertEquals(bar.meter().length(), filled);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyStrokeLiesInItsSpanAndBarAndTheSpanSaysItsRule(int seed) {
        Song song = new Maker(seed).song();
        Timeline timeline = Timeline.of(song);
        Length before = Length.ZERO;
        for (TimelineStroke stroke : timeline.strokes()) {
            TimelineSpan span = timeline.spans().get(stroke.span());
            TimelineBar bar = timeline.bar(stroke.bar()).orElseThrow();
            assertFalse(stroke.start().isLessThan(span.start()));
            assertFalse(span.end().isLessThan(stroke.end()));
            assertFalse(stroke.start().isLessThan(bar.start()));
            assertTrue(stroke.start().isLessThan(bar.end()));
            assertFalse(stroke.start().isLessThan(before), "in order");
            assertTrue(song.rules().contains(span.played().rule().orElseThrow()));
            before = stroke.start();
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void takingBackWhatWasExceptedRestoresTheSong(int seed) {
        var maker = new Maker(seed);
        Song song = maker.song();
        Timeline before = Timeline.of(song);
        Use use = song.uses().get(2);
        Song other = song.withUse(use.plus(maker.except()).plus(maker.except()));
        Use changed = other.uses().get(2);
        Song restored = other.withUse(changed.minus(changed.excepts().size() - 1));
        restored = restored.withUse(restored.uses().get(2).minus(use.excepts().size()));
        assertEquals(song, restored);
        assertEquals(before, Timeline.of(restored));
    }

    /** The sums of bars and beats, added up from the sections by hand, are those of the timeline. */
    @ParameterizedTest
    @MethodSource("seeds")
    void barsAreThoseOfTheSectionsPassByPass(int seed) {
        Song song = new Maker(seed)
                .song()
                .withOrder(List.of(new SectionId("s0"), new SectionId("s1"), new SectionId("s0")));
        Length length = Length.ZERO;
        int bars = 0;
        for (SectionId id : song.order()) {
            Section section = song.section(id).orElseThrow();
            bars += section.passes() * section.bars().size();
            for (Meter meter : section.bars())
                length = length.plus(meter.length().times(section.passes()));
        }
        Timeline timeline = Timeline.of(song);
        assertEquals(bars, timeline.bars().size());
        assertEquals(length, timeline.length());
        assertEquals(Optional.of(bars), timeline.bar(bars).map(TimelineBar::number));
    }
}
