package tactus.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import tactus.app.player.PlayerModel;
import tactus.app.start.ShelfModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.SongSeconds;
import tactus.core.taught.practice.DueStroke;
import tactus.core.taught.practice.LadderStep;
import tactus.core.taught.practice.Round;
import tactus.core.taught.practice.Skill;
import tactus.core.taught.practice.Take;
import tactus.formats.demo.DemoSong;
import tactus.records.folder.DataFolder;
import tactus.sound.device.AudioIn;
import tactus.sound.device.MidiIn;
import tactus.sound.device.RecordedIn;
import tactus.sound.transport.Transport;

/** The ladder is played and what is played along is judged, on a clock that the test sets. */
class PracticeModelTest {

    private final Work work = new Work(DemoSong.LANTERN_WALK.song());
    private final Transport transport = mock(Transport.class);
    private final PlayerModel player = new PlayerModel(work, transport);
    private final Settings settings = new Settings(new DataFolder(Path.of("target", "no-settings")));
    private final PracticeModel model = new PracticeModel(
            work,
            settings,
            player,
            new ClassModel(
                    new LogbookDesk(Path.of("target", "no-settings"), Runnable::run, Runnable::run),
                    new ShelfModel(settings, _ -> {})));

    @BeforeEach
    void climbOn() {
        when(transport.isPlaying()).thenReturn(true);
        when(transport.isSilent()).thenReturn(Optional.empty());
        model.refresh();
    }

    private int rounds;
    private double last;

    /** Back at the beginning is the next round. */
    private void at(double seconds) {
        if (seconds < last - 0.25) rounds++;
        last = seconds;
        when(transport.place()).thenReturn(Optional.of(new Transport.Place(rounds, new SongSeconds(seconds))));
        player.tick();
    }

    /** Plays the strokes that are due as many seconds late. */
    private void round(double late) {
        round(late, 0);
    }

    /** @param without so many strokes at the beginning are not played */
    private void round(double late, int without) {
        LadderStep step = model.step().orElseThrow();
        double start = work.timeline().bar(1).map(TimelineBar::seconds).orElseThrow();
        double speed = player.speedProperty().get();
        List<DueStroke> due =
                DueStroke.of(work.timeline(), step.bars().from(), step.bars().to(), speed);
        for (DueStroke stroke : due.subList(without, due.size())) {
            at(start + (stroke.seconds() + late) * speed);
            model.tap(stroke.way());
        }
    }

    @Test
    void aStepIsPlayedAtTheTempoItBeginsWithAndTheSpeedComesBackAfterIt() {
        model.play();
        LadderStep step = model.step().orElseThrow();
        assertTrue(player.isPlaying());
        assertEquals((double) step.from() / step.to(), player.speedProperty().get(), 1e-9);
        model.play();
        assertFalse(player.isPlaying());
        assertEquals(1, player.speedProperty().get());
        assertTrue(model.takes().takeProperty().get().isEmpty(), "nothing was played along");
    }

    @Test
    void everyRoundIsJudgedAndCleanOnesAreCountedInARow() {
        model.play();
        round(0.005);
        double first = work.timeline()
                .bar(model.step().orElseThrow().bars().from())
                .orElseThrow()
                .seconds();
        at(first);
        assertEquals(100, model.takes().takeProperty().get().orElseThrow().score());
        assertEquals(1, model.takes().cleanProperty().get());
        round(0.005);
        at(first);
        assertEquals(2, model.takes().cleanProperty().get());
        round(0.2);
        at(first);
        assertEquals(0, model.takes().cleanProperty().get(), "one that is not clean ends the row");
        round(0.005);
        at(first);
        model.tap(Optional.empty());
        model.play();
        assertEquals(1, model.takes().cleanProperty().get(), "a round that was broken off is neither clean nor not");
        assertEquals(
                100, model.takes().takeProperty().get().orElseThrow().score(), "the last whole round stays in sight");
    }

    @Test
    void aStrokeJustBeforeTheNextRoundBelongsToIt() {
        model.play();
        round(-0.04);
        LadderStep step = model.step().orElseThrow();
        double first = work.timeline().bar(step.bars().from()).orElseThrow().seconds();
        double next = work.timeline().bar(step.bars().to() + 1).orElseThrow().seconds();
        at(next - 0.03);
        model.tap(Optional.empty());
        at(first);
        assertEquals(List.of(), take().extra());
        round(-0.04, 1);
        at(first);
        assertEquals(List.of(), take().extra());
        double speed = player.speedProperty().get();
        assertEquals(-0.03 / speed, take().strokes().getFirst().late().orElseThrow(), 1e-6, "of the second round");
        assertEquals(-0.04, take().strokes().get(1).late().orElseThrow(), 1e-6);
    }

    private Take take() {
        return model.takes().takeProperty().get().orElseThrow();
    }

    @Test
    void tapsCountOnlyWhileTheStepIsPlayedAndAnotherStepForgetsThem() {
        model.tap(Optional.empty());
        model.play();
        round(0);
        model.climb(1);
        assertFalse(player.isPlaying());
        assertTrue(model.takes().takeProperty().get().isEmpty());
        model.climb(-99);
        assertEquals(0, model.chosenProperty().get());
        model.climb(99_999);
        assertEquals(
                model.stepsProperty().get().size() - 1, model.chosenProperty().get());
    }

    /** Whatever else is played, its strokes are none of the bars that went round, and the tempo is the song's again. */
    @Test
    void whatElseIsPlayedEndsThePractice() {
        model.standIn().playsProperty().set(true);
        model.play();
        round(0);
        player.playSong();
        assertTrue(player.isPlaying());
        assertFalse(model.takes().isRunning());
        assertEquals(1, player.speedProperty().get());
        at(1);
        model.tap(Optional.empty());
        assertTrue(model.takes().earlyProperty().get(), "a stroke that belongs to nothing");
    }

    /** Claps that come 80 ms late, as they do over a wireless device: from then on a steady student is judged steady. */
    @Test
    void aDelayIsMeasuredByClappingAndTakenOff() {
        settings.delaysProperty().set(settings.delaysProperty().get().with("", 0));
        model.input().measure(model.pattern());
        for (double click : List.of(0.0, 1.0, 2.0, 3.0, 0.0, 1.0, 2.0, 3.0)) {
            at(player.clicks().get((int) click) + 0.08);
            model.tap(Optional.empty());
        }
        assertEquals(80, settings.delaysProperty().get().of(""));
        assertTrue(model.input().saidProperty().get().contains("80 ms"));
        assertTrue(model.takes().takeProperty().get().isEmpty(), "claps are no take");
        assertEquals(0.08, model.input().late(), 1e-9);
        settings.delaysProperty().set(settings.delaysProperty().get().with("", 0));
    }

    @Test
    void unevenClapsAreAskedForAgainAndAPressMoreGivesUp() {
        settings.delaysProperty().set(settings.delaysProperty().get().with("", 0));
        model.input().measure(model.pattern());
        for (double off : List.of(0.1, 0.3, 0.0, -0.2, 0.25, -0.1, 0.3, 0.15)) {
            at(player.clicks().get(1) + off);
            model.tap(Optional.empty());
        }
        assertEquals(0, settings.delaysProperty().get().of(""));
        assertTrue(model.input().saidProperty().get().contains("too far apart"));
        model.input().measure(model.pattern());
        model.input().measure(model.pattern());
        assertEquals("", model.input().saidProperty().get());
        assertFalse(player.isPlaying());
    }

    @Test
    void withoutAMidiInstrumentItIsSaid() {
        var input = new InputModel(settings, player, stroke -> MidiIn.open(stroke), Optional::empty, System::nanoTime);
        input.toggleMidi();
        assertTrue(
                input.saidProperty().get().contains("no MIDI instrument"),
                input.saidProperty().get());
        assertTrue(input.midiProperty().get().isEmpty());
    }

    /** The stand-in is a recording; what it hears is tested where sound is. */
    @Test
    void aMicrophoneHearsTheStudentAloneAndIsMissedWhenItIsGone() throws Exception {
        FxToolkit.registerPrimaryStage();
        var ins = new ArrayDeque<AudioIn>(List.of(new RecordedIn(new float[44_100 * 600], 44_100)));
        ins.add(new RecordedIn(new float[100], 44_100));
        var input =
                new InputModel(settings, player, MidiIn::open, () -> Optional.ofNullable(ins.poll()), System::nanoTime);
        var onlyCountIn = player.loopModel().onlyCountInProperty();
        input.toggleMicrophone();
        assertEquals(Optional.of("recording"), input.hearingProperty().get());
        assertTrue(onlyCountIn.get(), "what is played would be heard as the student's");
        input.headphonesProperty().set(true);
        assertFalse(onlyCountIn.get());
        input.toggleMicrophone();
        assertTrue(input.hearingProperty().get().isEmpty());
        input.headphonesProperty().set(false);
        assertFalse(onlyCountIn.get(), "nothing is listened to");
        WaitForAsyncUtils.waitForAsyncFx(5_000, input::toggleMicrophone);
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> input.hearingProperty().get().isEmpty());
        assertTrue(
                input.saidProperty().get().contains("gone"),
                input.saidProperty().get());
        assertFalse(onlyCountIn.get());
        input.toggleMicrophone();
        assertTrue(
                input.saidProperty().get().contains("no microphone"),
                input.saidProperty().get());
    }

    /** Goes on picture by picture, in rounds. */
    private void pictures(double since, double until) {
        LadderStep step = model.step().orElseThrow();
        double speed = player.speedProperty().get();
        double from = work.timeline().bar(step.bars().from()).orElseThrow().seconds();
        double to = work.timeline().bar(step.bars().to() + 1).orElseThrow().seconds();
        for (double at = from + since * (to - from); at < from + until * (to - from); at += speed / 30) at(at);
    }

    @Test
    void aStrokeIsJudgedWhenItComesAndTheRoundSoFarIsShown() {
        model.play();
        LadderStep step = model.step().orElseThrow();
        double speed = player.speedProperty().get();
        double start = work.timeline().bar(1).map(TimelineBar::seconds).orElseThrow();
        List<DueStroke> due =
                DueStroke.of(work.timeline(), step.bars().from(), step.bars().to(), speed);
        at(start + (due.get(0).seconds() + 0.05) * speed);
        model.tap(due.get(0).way());
        Round.Judged now = model.takes().nowProperty().get().orElseThrow();
        assertEquals(0.05, now.last().orElseThrow().late().getAsDouble(), 1e-6);
        assertEquals(1, now.take().strokes().size());
        assertEquals(due.size(), now.due().size());
        at(start + (due.get(0).seconds() + 0.12) * speed);
        model.tap(due.get(0).way());
        assertTrue(model.takes().nowProperty().get().orElseThrow().last().isEmpty(), "it belongs to none");
        assertTrue(model.takes().takeProperty().get().isEmpty(), "no round is over");
        model.play();
        assertTrue(model.takes().nowProperty().get().isEmpty());
        Take broken = model.takes().shown().orElseThrow();
        assertEquals(1, broken.strokes().size(), "of a first round that is broken off, what was due so far");
        assertEquals(0, model.takes().cleanProperty().get());
    }

    /** By its keys, on the test's clock; as an instrument and by a microphone it plays in the window's tests. */
    @Test
    void theStandInPlaysAsWellAsItIsToldWhileTheRoundGoesBy() {
        String from = model.step().orElseThrow().bars().toString();
        model.standIn().skillProperty().set(new Skill(60, 4, 0, 0, 0, 0, Optional.empty()));
        model.standIn().playsProperty().set(true);
        model.play();
        pictures(-0.2, 0.5);
        Round.Judged now = model.takes().nowProperty().get().orElseThrow();
        assertTrue(now.take().strokes().size() > 1
                && now.take().strokes().size() < now.due().size());
        assertEquals(60, now.take().meanMs(), 6);
        pictures(0.5, 1);
        at(work.timeline()
                .bar(model.step().orElseThrow().bars().from())
                .orElseThrow()
                .seconds());
        Take round = model.takes().takeProperty().get().orElseThrow();
        assertEquals(0, round.missed(), from);
        assertEquals(60, round.meanMs(), 6);
        assertEquals(List.of(), round.extra());
        model.play();
        model.standIn().playsProperty().set(false);
        model.standIn().playsProperty().set(true);
        assertEquals(0, model.takes().takeProperty().get().orElseThrow().missed(), "nothing is struck by that");
        model.standIn().skillProperty().set(new Skill(-20, 4, 0, 1, 0, 0, Optional.empty()));
        model.play();
        pictures(-0.2, 1);
        assertTrue(model.takes().nowProperty().get().isEmpty(), "who misses everything plays nothing");
    }

    @Test
    void barsThatTheSongNoLongerHasDoNotGoRound() {
        assertEquals(Outcome.DONE, model.loopBars("97-100"));
        assertEquals(new BarRange(97, 100), model.looped().orElseThrow().range());
        work.change("edit.order", song -> song.withOrder(song.order().subList(0, 2)));
        model.refresh();
        assertTrue(model.ownBarsProperty().get().isEmpty());
        model.play();
        assertTrue(player.isPlaying());
        work.change("edit.order", song -> song.withOrder(List.of()));
        model.refresh();
        assertFalse(model.loopBars("1").isDone(), "a song without bars has none to go round");
    }
}
