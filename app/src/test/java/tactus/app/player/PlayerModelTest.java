package tactus.app.player;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.clearInvocations;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import tactus.app.work.Work;
import tactus.core.laid.performance.PatternAlone;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.SongSeconds;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Stretch;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.sound.score.Playback;
import tactus.sound.score.Score;
import tactus.sound.transport.Transport;

/** What the player asks of the transport, and what it makes of the answers. */
class PlayerModelTest {

    private static final double BEAT = 60.0 / 92;

    private final Transport transport = mock(Transport.class);
    private final Work work = new Work(DemoSong.LANTERN_WALK.song());
    private final PlayerModel player = new PlayerModel(work, transport);

    private Playback played() {
        var score = ArgumentCaptor.forClass(Score.class);
        verify(transport).play(score.capture());
        return score.getValue().playback();
    }

    private void at(double seconds) {
        when(transport.isPlaying()).thenReturn(true);
        when(transport.isSilent()).thenReturn(Optional.of(true));
        when(transport.place()).thenReturn(Optional.of(new Transport.Place(0, new SongSeconds(seconds))));
        player.tick();
    }

    private Pattern pattern(String id) {
        return work.song().pattern(new PatternId(id)).orElseThrow();
    }

    @Test
    void theSongIsPlayedFromTheStartBarToItsEnd() {
        player.startBarProperty().set(9);
        player.playSong();
        Playback playback = played();
        assertEquals(8 * 4 * BEAT, playback.from(), 1e-9);
        assertEquals((100 * 4 + 2) * BEAT, playback.to(), 1e-9, "the ending pauses for two beats");
        assertFalse(playback.loops());
        assertTrue(playback.countsIn());
    }

    @Test
    void aSongWithAPickUpIsPlayedFromIt() {
        work.begin(DemoSong.KETTLE_FOR_THE_STEWARDS.song());
        player.playSong();
        assertEquals(0, played().from(), 1e-9);
        at(0.1);
        assertEquals(0, player.barNow().orElseThrow().number());
        at(60.0 / 84 + 0.1);
        assertEquals(1, player.barNow().orElseThrow().number());
    }

    @Test
    void aSectionGoesRoundWithOrWithoutWhatIsOtherThisTime() {
        work.begin(DemoSong.LAST_CHAIR_WALTZ.song());
        int first = work.timeline().barsOf(3, 1).getFirst().number();
        player.loopsProperty().set(true);
        player.startBarProperty().set(first);
        player.playSong();
        Playback with = played();
        player.stop();
        player.withoutExceptionsProperty().set(true);
        clearInvocations(transport);
        player.playSong();
        Playback without = played();
        double beat = 60.0 / 126;
        assertEquals(
                (47 + 47 + 45) * beat, with.to() - with.from(), 1e-9, "three times, the last without its short bar");
        assertEquals((47 + 47) * beat, without.to() - without.from(), 1e-9);
    }

    /** What is played along is judged by the song, so the song is what must be heard. */
    @Test
    void barsThatAreAskedForAreThoseOfTheSongWhateverTheLoopIsWithout() {
        work.begin(DemoSong.LAST_CHAIR_WALTZ.song());
        int last = work.timeline().barsOf(3, 3).getLast().number();
        player.playBars(new BarRange(last - 3, last));
        List<Double> clicks = player.clicks();
        Playback song = played();
        player.stop();
        clearInvocations(transport);
        player.loopsProperty().set(true);
        player.withoutExceptionsProperty().set(true);
        player.playBars(new BarRange(last - 3, last));
        assertEquals(clicks, player.clicks());
        assertEquals(song, played());
    }

    /** In the waltz the fourth entry goes round three times, and as it is written twice. */
    @Test
    void aLoopWithoutExceptionsStaysInItsSectionAndIsShownThere() {
        work.begin(DemoSong.LAST_CHAIR_WALTZ.song());
        player.loopsProperty().set(true);
        player.withoutExceptionsProperty().set(true);
        int last = work.timeline().barsOf(3, 3).getLast().number();
        player.startBarProperty().set(last);
        player.playSong();
        Playback round = played();
        double beat = 60.0 / 126;
        assertEquals((47 + 47) * beat, round.to() - round.from(), 1e-9);
        for (double seconds = round.from(); seconds < round.to(); seconds += beat) {
            at(seconds + 0.01);
            TimelineBar bar = player.barNow().orElseThrow();
            assertEquals(3, bar.use());
            assertTrue(bar.pass() <= 2, bar.toString());
            assertTrue(work.timeline().bars().contains(bar), "a bar that is on the screen");
            double within = player.positionInSong() - bar.start().toDouble();
            assertTrue(within >= 0 && within < bar.meter().length().toDouble(), bar + " at " + within);
        }
    }

    @Test
    void aBarThatIsLeftOutThisTimeIsHeardInALoopWithoutExceptionsAndLitNowhere() {
        work.change(
                "edit.except",
                song -> song.withUse(song.uses()
                        .get(1)
                        .withExcepts(List.of(new Except(PassChoice.EVERY, new Except.LeftOut(Stretch.last(2)))))));
        player.loopsProperty().set(true);
        player.startBarProperty().set(work.timeline().barsOf(1, 2).getLast().number());
        player.playSong();
        double start = work.timeline().barsOf(1, 1).getFirst().seconds();
        player.withoutExceptionsProperty().set(true);
        at(start + 7 * 4 * BEAT + 0.01);
        assertEquals(1, player.barNow().orElseThrow().use());
        assertEquals(8, player.barNow().orElseThrow().numberInSection());
        assertTrue(Double.isNaN(player.positionInSong()), "the bar is not on the screen");
        at(start + 8 * 4 * BEAT + 0.01);
        assertEquals(2, player.barNow().orElseThrow().pass());
        assertEquals(work.timeline().barsOf(1, 2).getFirst().start().toDouble(), player.positionInSong(), 0.01);
    }

    @Test
    void whileABeatIsHeldThePositionGoesSlower() {
        player.playSong();
        double end = work.timeline().seconds();
        at(end - 3 * BEAT);
        double before = player.positionProperty().get();
        at(end - 2 * BEAT);
        assertEquals(1 / 12.0, player.positionProperty().get() - before, 1e-9, "a beat that lasts three");
    }

    @Test
    void theLoopIsTheWholeSectionOfTheStartBar() {
        player.loopsProperty().set(true);
        player.startBarProperty().set(12);
        player.playSong();
        Playback playback = played();
        assertEquals(8 * 4 * BEAT, playback.from(), 1e-9);
        assertEquals(24 * 4 * BEAT, playback.to(), 1e-9);
        assertTrue(playback.loops());
    }

    @Test
    void aStartBarBeyondTheEndIsTheLastBar() {
        player.startBarProperty().set(5_000);
        player.playSong();
        assertEquals(99 * 4 * BEAT, played().from(), 1e-9);
    }

    @Test
    void aPatternGoesRoundForItsOwnLength() {
        player.playPattern(pattern("tin-roof"));
        Playback playback = played();
        assertEquals(0, playback.from());
        assertEquals(4 * BEAT, playback.to(), 1e-9);
        assertTrue(playback.loops());
    }

    @Test
    void whereOneIsFollowsFromTheTransport() {
        player.startBarProperty().set(9);
        player.playSong();
        at(8 * 4 * BEAT - 0.5);
        assertTrue(player.isCountingIn());
        at(8 * 4 * BEAT + 2.6 * BEAT);
        assertFalse(player.isCountingIn());
        assertEquals(9, player.barNow().orElseThrow().number());
        assertEquals("3&", player.strokeNow().orElseThrow().count().toString());
        assertEquals(2.6 / 4, player.positionIn(pattern("bass-and-brush")), 1e-9);
        assertTrue(Double.isNaN(player.positionIn(pattern("tin-roof"))));
        assertTrue(player.silentProperty().get());
    }

    @Test
    void whenTheTransportHasEndedThePlayerHasToo() {
        player.playSong();
        when(transport.isPlaying()).thenReturn(false);
        when(transport.isSilent()).thenReturn(Optional.empty());
        player.tick();
        assertFalse(player.isPlaying());
        assertTrue(Double.isNaN(player.positionProperty().get()));
    }

    @Test
    void anEditWhilePlayingGoesOnWithTheChangedSong() {
        player.playSong();
        work.change(
                "edit.strokes", song -> song.withPattern(pattern("held-strum").withLine("dddd")));
        verify(transport).replace(any());
        assertTrue(player.isPlaying());
    }

    @Test
    void aLoopSwitchedOnWhilePlayingIsNotTakenForCountingIn() {
        player.startBarProperty().set(12);
        player.playSong();
        player.loopsProperty().set(true);
        at(8 * 4 * BEAT + 1);
        assertFalse(player.isCountingIn());
        assertEquals(9, player.barNow().orElseThrow().number());
    }

    @Test
    void anEditOrAnotherSpeedWhileNothingPlaysPlaysNothing() {
        work.change(
                "edit.strokes", song -> song.withPattern(pattern("held-strum").withLine("dddd")));
        player.speedProperty().set(0.5);
        verify(transport, never()).replace(any());
        verify(transport, never()).play(any());
    }

    @Test
    void playingStopsWhenWhatIsPlayedIsTakenAway() {
        player.playPattern(pattern("tin-roof"));
        work.change("edit.delete", song -> song.withoutPattern(new PatternId("tin-roof")));
        assertFalse(player.isPlaying());
        verify(transport).stop();
    }

    @Test
    void aSongOfNoBarsCannotBePlayed() {
        work.begin(Song.empty("Empty"));
        player.playSong();
        assertFalse(player.isPlaying());
    }

    @Test
    void aPatternOfAnEmptySongIsHeardOnAChordOfItsOwn() {
        work.begin(Song.empty("Empty").withPattern(pattern("tin-roof")));
        player.playPattern(pattern("tin-roof"));
        var score = ArgumentCaptor.forClass(Score.class);
        verify(transport).play(score.capture());
        assertTrue(score.getValue().events() > 20);
    }

    @Test
    void thePatternIsHeardOnAChordOfTheSectionThatPlaysIt() {
        var preview = PatternAlone.of(work.song(), pattern("driving-eighths"));
        assertEquals(
                List.of("F"),
                preview.spans().stream().map(span -> span.chord()).distinct().toList());
    }
}
