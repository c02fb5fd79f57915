package tactus.core.laid.sum;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.language.Ordinals;
import tactus.core.ground.refusal.NotationException;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.reading.sentence.UseNames;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.section.Except;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Song;

class SumsTest {

    private static final Meter FOUR = Meter.parse("4/4");

    /** A verse of eight bars twice, a chorus of two, the verse again: at 120 a bar lasts two seconds. */
    private static Song arranged() {
        HarmonyLine line = English.line("C x2 | G x2 | C x2 | G x2", FOUR, Optional.empty());
        Song song = song("4/4", "C: 1 bar", "d-du-udu");
        var verse = new Section(VERSE, "Verse", line.bars(), line.spans(), 2);
        HarmonyLine two = English.line("D | (2/4) G", FOUR, Optional.empty());
        var chorus = new Section(new SectionId("chorus"), "Chorus", two.bars(), two.spans(), 1);
        return song.withSection(verse).withSection(chorus).withOrder(List.of(VERSE, chorus.id(), VERSE));
    }

    @Test
    void roundsBarsBeatsAndSecondsAreAddedUpForEveryPartAndInAll() {
        Song song = arranged();
        Sums sums = Sums.of(song, Timeline.of(song));
        assertEquals(34, sums.bars());
        assertEquals(134, sums.beats());
        assertEquals(67.0, sums.seconds(), 1e-9);
        assertEquals(
                List.of("first Verse 2 16 64 32.0", "Chorus 1 2 6 3.0", "second Verse 2 16 64 32.0"),
                sums.parts().stream()
                        .map(part -> new UseNames(English.LEXICON, song).of(part.use()) + " " + part.passes() + " "
                                + part.bars() + " " + part.beats() + " " + part.seconds())
                        .toList());
        assertEquals(Optional.of(Length.of(16)), sums.parts().getFirst().rounds());
        assertEquals(Optional.empty(), sums.parts().get(1).rounds());
        assertEquals("8", sums.parts().getFirst().shape().toString().replace("4+4", "8"));
    }

    /** Bars are counted from the first bar line on (common practice); the beats in front of it sound all the same. */
    @Test
    void aPickUpIsNoBarButHasItsBeats() {
        Song written = arranged();
        Song song = written.withFacts(Aspect.PICKUP.put(written.facts(), 1));
        Sums sums = Sums.of(song, Timeline.of(song));
        assertEquals(34, sums.bars());
        assertEquals(135, sums.beats());
        assertEquals(67.5, sums.seconds(), 1e-9);
        assertEquals(16, sums.parts().getFirst().bars());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C G Am F C G Am F; 4+4",
                "C G Am F Dm G C C; 8",
                "C G Am F C G Am F C G Am F Dm G C C; 4+4+8",
                "C G Am F C G Am F C; 4+4+1",
                "C G Am F; 4",
                "C G; 2",
                "C G Am F Em Am; 6",
                "C C C C C C C C C C C C; 4+4+4"
            })
    void phrasesBeginWhereTheChordsStartAsBefore(String chords, String shape) {
        HarmonyLine line = English.line(chords.replace(" ", " | "), FOUR, Optional.empty());
        var section = new Section(VERSE, "Verse", line.bars(), line.spans(), 1);
        assertEquals(shape, PhraseShape.of(section, Length.WHOLE).toString());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "0; bar 1, first Verse, pass 1, beat 1",
                "17.4; bar 9, first Verse, pass 2, beat 3",
                "32; bar 17, Chorus, pass 1, beat 1",
                "34.5; bar 18, Chorus, pass 1, beat 2",
                "35; bar 19, second Verse, pass 1, beat 1",
                "66.9; bar 34, second Verse, pass 2, beat 4"
            })
    void aTimeFallsOnABarAndBeat(double seconds, String place) {
        Song song = arranged();
        assertEquals(place, said(song, Moment.at(Timeline.of(song), seconds).orElseThrow()));
    }

    private static String said(Song song, Moment moment) {
        TimelineBar bar = moment.bar();
        return "bar " + bar.number() + ", " + new UseNames(English.LEXICON, song).of(bar.use()) + ", pass " + bar.pass()
                + ", beat " + moment.beat();
    }

    @Test
    void timesOutsideTheSongAreNowhereAndAPauseIsPartOfItsBeat() {
        Song song = arranged();
        assertTrue(Moment.at(Timeline.of(song), 67.1).isEmpty());
        assertTrue(Moment.at(Timeline.of(song), -0.1).isEmpty());
        Song paused = song.withRule(English.rule(song, "Chorus: pause of 4 beats"));
        assertEquals(
                "bar 18, Chorus, pass 1, beat 2",
                said(paused, Moment.at(Timeline.of(paused), 36.4).orElseThrow()));
    }

    /** 34 bars less one of two beats: 134 beats in 60 seconds are 134 a minute. */
    @Test
    void theTempoFollowsFromALengthAndTheErrorFromBoth() {
        Recording recording = Recording.of(Timeline.of(arranged()), 60).orElseThrow();
        assertEquals(134.0, recording.tempo(), 1e-9);
        assertEquals(7.0, recording.difference(), 1e-9);
        assertEquals(7.0 / 34, recording.perBar(), 1e-9);
        assertTrue(Recording.of(Timeline.of(Song.empty("Empty")), 60).isEmpty());
    }

    @ParameterizedTest
    @CsvSource({"3:24, 204", "0:05, 5", "204, 204", "3:24.5, 204.5", "12:00, 720"})
    void aLengthIsReadAsAClock(String text, double seconds) {
        assertEquals(seconds, Recording.parse(text), 1e-9);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "3:60", "x", "-3:00", "3:24:10"})
    void whatIsNoLengthIsRefused(String text) {
        assertThrows(NotationException.class, () -> Recording.parse(text));
    }

    @Test
    void aTappedTempoIsThatOfAllTapsAndForgetsWhatWasTappedLongBefore() {
        assertEquals(
                120.0, TappedTempo.of(List.of(0.0, 0.5, 1.0, 1.5)).orElseThrow().perMinute(), 1e-9);
        assertEquals(
                90.0,
                TappedTempo.of(List.of(0.0, 9.0, 9.0 + 2 / 3.0, 9.0 + 4 / 3.0))
                        .orElseThrow()
                        .perMinute(),
                1e-6);
        TappedTempo uneven = TappedTempo.of(List.of(0.0, 0.52, 1.0, 1.5, 2.0)).orElseThrow();
        assertEquals(120.0, uneven.perMinute(), 1.5);
        assertTrue(uneven.spread() > 2);
        assertTrue(TappedTempo.of(List.of(0.0, 0.5)).isEmpty());
        assertTrue(TappedTempo.of(List.of()).isEmpty());
    }

    @Test
    void usesAreNamedByTheirOrdinal() {
        Song song = arranged();
        assertEquals("second Verse", new UseNames(English.LEXICON, song).of(2));
        var ordinals = new Ordinals(English.LEXICON);
        assertEquals(
                List.of("first", "tenth", "11th", "21st", "22nd", "113th"),
                Stream.of(1, 10, 11, 21, 22, 113).map(ordinals::of).toList());
        for (int number = 1; number < 130; number++) {
            assertEquals(Optional.of(number), ordinals.number(ordinals.of(number)));
        }
    }

    @Test
    void anExceptionCountsInTheSums() {
        Song song = arranged();
        Song longer = song.withUse(song.uses().getFirst().plus(Except.runs(3)));
        assertEquals(42, Sums.of(longer, Timeline.of(longer)).bars());
    }
}
