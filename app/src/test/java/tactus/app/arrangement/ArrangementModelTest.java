package tactus.app.arrangement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;

import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.app.arrangement.assignment.RulesModel;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.arrangement.section.BarsModel;
import tactus.app.arrangement.section.HarmonyModel;
import tactus.app.arrangement.section.OrderModel;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Assignment;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.records.folder.DataFolder;
import tactus.sound.transport.Transport;
import tactus.words.Words;

class ArrangementModelTest {

    private final Work work = new Work(DemoSong.LANTERN_WALK.song());
    private final PlayerModel player = new PlayerModel(work, mock(Transport.class));
    private final ArrangementModel model = new ArrangementModel(work, player);
    private final Settings settings = new Settings(new DataFolder(Path.of("target", "no-settings")));
    private final OrderModel order = new OrderModel(work, model);
    private final HarmonyModel harmony = new HarmonyModel(work, model, settings);
    private final BarsModel bars = new BarsModel(work, model);
    private final RulesModel rules = new RulesModel(work, model);

    private String where() {
        var choice = model.choice();
        return choice.section().map(SectionId::value).orElse("-") + " " + choice.pass() + "/" + choice.span();
    }

    private String spans() {
        return model.section().orElseThrow().spans().stream()
                .map(span -> span.chord() + " " + Words.value(span.length()))
                .collect(Collectors.joining(", "));
    }

    @Test
    void theFirstChordOfTheFirstSectionIsChosenAtFirst() {
        assertEquals("intro 1/0", where());
        assertEquals(1, player.startBarProperty().get());
    }

    @Test
    void chordAfterChordLeadsThroughPassesAndSectionsAndBack() {
        for (int step = 0; step < 3; step++) model.moveSpan(1);
        assertEquals("intro 1/3", where());
        model.moveSpan(1);
        assertEquals("intro 2/0", where());
        for (int step = 0; step < 4; step++) model.moveSpan(1);
        assertEquals("verse 1/0", where());
        assertEquals(9, player.startBarProperty().get());
        model.moveSpan(-1);
        assertEquals("intro 2/3", where());
    }

    @Test
    void neitherEndIsLeft() {
        model.moveSpan(-1);
        assertEquals("intro 1/0", where());
        model.chooseUse(7);
        for (int step = 0; step < 9; step++) model.moveSpan(1);
        assertEquals("ending 1/2", where());
        model.chooseUse(99);
        assertEquals("ending 1/2", where());
    }

    @Test
    void aSectionThatIsNotPlayedIsShownByItself() {
        model.chooseUse(5);
        order.removeChosen();
        model.chooseSection(new SectionId("bridge"));
        assertTrue(model.choice().use().isEmpty());
        assertEquals(8, model.bars().size());
        assertEquals(1, model.bars().getFirst().number());
    }

    @Test
    void theChoiceStaysNearWhatWasTakenAway() {
        model.chooseUse(7);
        order.deleteSection();
        assertEquals("chorus 1/0", where());
        work.begin(Song.empty("Empty"));
        assertEquals("- 1/0", where());
        assertTrue(model.bars().isEmpty());
        assertTrue(harmony.span().isEmpty());
    }

    @Test
    void inAnEmptySongASectionCanBeAddedAndEverythingElseDoesNothing() {
        work.begin(Song.empty("Empty"));
        order.copySection();
        order.removeChosen();
        order.moveChosen(1);
        order.deleteSection();
        harmony.addSpan();
        bars.removeBar();
        assertEquals(Song.empty("Empty"), work.song());
        order.addSection();
        assertEquals("new-section 1/0", where());
        harmony.addSpan();
        assertEquals("C 1 bar", spans());
    }

    @Test
    void anotherSongIsShownFromItsStart() {
        model.chooseUse(5);
        work.begin(DemoSong.RAIN_ON_THE_BOATHOUSE.song());
        assertEquals("opening 1/0", where());
        assertEquals(1, player.startBarProperty().get());
    }

    @Test
    void aCopyIsASectionOfItsOwn() {
        model.chooseUse(1);
        order.copySection();
        assertEquals("verse-2 1/0", where());
        assertEquals("Verse 2", model.section().orElseThrow().name());
        model.change("edit.section-passes", section -> section.withPasses(1));
        assertEquals(
                2, work.song().section(new SectionId("verse")).orElseThrow().passes());
    }

    /** C for two bars of 4/4, lengthened or shortened by felt beats; whole bars are said as bars. */
    @ParameterizedTest
    @CsvSource({"1, C 9 beats", "4, C 3 bars", "-1, C 7 beats", "-4, C 1 bar", "-7, C 1 beat", "-8, C 2 bars"})
    void aChordIsLengthenedBeatByBeat(int beats, String first) {
        model.chooseUse(1);
        harmony.addBeats(beats);
        assertTrue(spans().startsWith(first + ","), spans());
    }

    @Test
    void aChordOffTheBarLineIsCountedInBeats() {
        model.chooseUse(1);
        harmony.addBeats(-1);
        model.chooseSpan(1);
        harmony.addBeats(4);
        assertTrue(spans().startsWith("C 7 beats, G 8 beats,"), spans());
    }

    @Test
    void anImpossibleNameLengthOrCountIsExplained() {
        assertEquals(
                Optional.of("\"\" is empty: write a chord such as Am7"),
                harmony.rename(" ").refusal().map(Words::why));
        assertEquals(
                Optional.of("a section goes round 1 to 99 times, not 0"),
                model.change("edit.section-passes", section -> section.withPasses(0))
                        .refusal()
                        .map(Words::why));
        assertEquals(Outcome.DONE, harmony.lengthen(SpanLength.beats(3)));
        assertEquals("C 3 beats, G/B 1 bar, Am 1 bar, F 1 bar", spans());
    }

    @Test
    void theMeterOfTheBarOfTheChosenChordIsChanged() {
        model.chooseSpan(2);
        bars.setMeter(Meter.parse("2/4"));
        assertEquals("2/4", model.section().orElseThrow().bars().get(2).toString());
        assertEquals("2/4", bars.meter().orElseThrow().toString());
    }

    @Test
    void theLastBarOfASectionCannotBeTakenAway() {
        for (int i = 0; i < 9; i++) bars.removeBar();
        assertEquals(1, model.section().orElseThrow().bars().size());
    }

    @Test
    void aNumberBeyondThePatternsAssignsNothing() {
        rules.assign(9, false);
        assertFalse(work.canUndoProperty().get());
        rules.assign(2, true);
        assertEquals(
                Optional.of(new PatternId("lantern-march")),
                Assignment.ofLastPass(work.song(), new SectionId("intro")));
    }

    @Test
    void aChordThatCannotBeReadIsRefusedWithTheNearestNames() {
        String wrong = harmony.rename("Cmja7").refusal().map(Words::why).orElseThrow();
        assertTrue(wrong.contains("Cmaj7"), wrong);
        assertEquals("C", harmony.span().orElseThrow().chord());
    }

    @Test
    void aNewChordIsWrittenInTheHouseFormOnceItIsTyped() {
        assertTrue(harmony.rename("A-7").isDone());
        assertEquals("A-7", harmony.span().orElseThrow().chord());
        harmony.settleName();
        assertEquals("Am7", harmony.span().orElseThrow().chord());
        assertTrue(harmony.rename("N.C.").isDone());
        assertEquals("N.C.", harmony.span().orElseThrow().chord());
    }
}
