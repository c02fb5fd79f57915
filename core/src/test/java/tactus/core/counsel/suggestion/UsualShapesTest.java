package tactus.core.counsel.suggestion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Shape;
import tactus.core.music.shape.Voicing;
import tactus.core.patterns.library.Level;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Except;
import tactus.core.written.section.Stretch;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongFixture;

/** Chords that are written have a shape at once. */
class UsualShapesTest {

    private static final ShapeSearch SEARCH = new ShapeSearch(Tuning.STANDARD, Neck.USUAL, FrettingHand.USUAL);

    private static final Song SONG = SongFixture.song("4/4", "C: 1 bar", "d-du-udu");

    private static Optional<Voicing> usual(ChordName name) {
        return SEARCH.first(name).map(Shape::voicing);
    }

    private static Song with(Song song, String... chords) {
        return song.withSection(
                song.sections().getFirst().id(),
                section -> section.withSpans(Stream.of(chords)
                        .map(name -> new Span(name, SpanLength.bars(1)))
                        .toList()));
    }

    private static Song given(Song before, Song after) {
        return UsualShapes.given(before, after, UsualShapesTest::usual);
    }

    private static String offered(Song song) {
        return song.chords().stream().filter(Chord::isOffered).map(Chord::name).collect(Collectors.joining(" "));
    }

    @Test
    void onlyInAFirstLessonABarreWaitsForItsSmallForm() {
        Shape barre = SEARCH.first(ChordName.parse("F")).orElseThrow();
        Shape open = SEARCH.first(ChordName.parse("C")).orElseThrow();
        Shape small = SEARCH.first(ChordName.parse("Fmaj7")).orElseThrow();
        var first = Optional.of(Level.FIRST_LESSONS);
        assertEquals(small, UsualShapes.first(barre, first, _ -> Optional.of(small)));
        assertEquals(barre, UsualShapes.first(barre, first, _ -> Optional.empty()));
        assertEquals(open, UsualShapes.first(open, first, _ -> Optional.of(small)));
        assertEquals(barre, UsualShapes.first(barre, Optional.of(Level.EASY), _ -> Optional.of(small)));
        assertEquals(barre, UsualShapes.first(barre, Optional.empty(), _ -> Optional.of(small)));
    }

    @Test
    void aChordThatIsWrittenSoundsAtOnceAndIsTheProgramsChoice() {
        Song song = given(SONG, with(SONG, "Em", "A7", "Bm7b5"));
        assertEquals("Em A7 Bm7b5", offered(song));
        assertTrue(Timeline.of(song).strokes().stream()
                .filter(stroke -> stroke.stroke().isStruck())
                .noneMatch(stroke -> stroke.strings().isEmpty()));
    }

    @Test
    void aNameThatIsStillBeingTypedLeavesNothingBehind() {
        Song typed = SONG;
        for (String name : new String[] {"A", "Am", "Am7"}) typed = given(typed, with(typed, name));
        assertEquals("Am7", offered(typed));
    }

    @Test
    void aShapeThatSomebodyChoseStaysEvenWhereItIsWrittenNowhere() {
        Song song = given(SONG, with(SONG, "Em"));
        assertTrue(song.chord("C").isPresent());
        Song kept = song.withChord(song.chord("Em").orElseThrow().confirmed());
        assertFalse(given(kept, with(kept, "D")).chord("Em").orElseThrow().isOffered());
    }

    @Test
    void whatIsNoChordOrCannotBeReadGetsNone() {
        assertEquals("", offered(given(SONG, with(SONG, "N.C.", "Gx9", "?"))));
    }

    @Test
    void chordsOfAnExceptionGetOneToo() {
        var bars = new Except.Bars(
                SONG.sections().getFirst().bars(), java.util.List.of(new Span("Dm", SpanLength.bars(1))));
        Song after = SONG.withUse(SONG.uses().getFirst().plus(Except.otherBars(Stretch.bars(1, 1), bars)));
        assertEquals("Dm", offered(given(SONG, after)));
    }

    @Test
    void changingAShapeMakesItOnesOwn() {
        Chord offered = Chord.offered("Em", Voicing.parse("022000"));
        assertFalse(offered.withVoicing(Voicing.parse("022003")).isOffered());
        assertTrue(offered.withName("E5").isOffered());
    }
}
