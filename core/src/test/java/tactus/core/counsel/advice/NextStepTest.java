package tactus.core.counsel.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tactus.core.counsel.advice.NextStep.Kind;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongFixture;

/** The steps of the work in the order in which it is really done: each is named until it is done. */
class NextStepTest {

    private static final SectionId VERSE = new SectionId("verse");

    private static Optional<Kind> next(Song song, int snags, SinceOpened progress, Kind... dismissed) {
        Set<Kind> gone = EnumSet.noneOf(Kind.class);
        gone.addAll(List.of(dismissed));
        return NextStep.of(song, Timeline.of(song), snags, progress, gone).map(NextStep::kind);
    }

    private static Kind next(Song song) {
        return next(song, 0, SinceOpened.NONE).orElseThrow();
    }

    @Test
    void aSongThatGrowsIsLedFromStepToStep() {
        Song song = Song.empty("Walk");
        assertEquals(Kind.SECTION, next(song));
        song = song.withSection(new Section(VERSE, "Verse", List.of(Meter.of(4, 4)), List.of(), 1));
        assertEquals(Kind.CHORDS, next(song));
        song = song.withSection(VERSE, verse -> verse.withSpans(List.of(new Span("F", SpanLength.bars(1)))));
        assertEquals(Kind.SHAPES, next(song));
        song = song.withChord(new Chord("F", Voicing.parse("133211")));
        assertEquals(Kind.PATTERN, next(song));
        Pattern pattern =
                SongFixture.song("4/4", "F: 1 bar", "d-du-udu").patterns().getFirst();
        song = song.withPattern(pattern).withOrder(List.of(VERSE));
        assertEquals(Kind.ASSIGN, next(song));
        song = song.withRule(new Rule(Where.in(VERSE), Play.pattern(pattern.id())));
        assertEquals(Kind.CAPO, next(song), "a barre may be saved by a capo");
        SinceOpened compared = SinceOpened.NONE.withCapoCompared();
        Song unplayed = song.withOrder(List.of());
        assertEquals(Optional.of(Kind.ORDER), next(unplayed, 0, compared));
        assertEquals(Optional.of(Kind.SNAGS), next(song, 2, compared));
        assertEquals(Optional.of(Kind.HEAR), next(song, 0, compared));
        assertEquals(Optional.of(Kind.SHEET), next(song, 0, compared.withHeard()));
        assertEquals(Optional.empty(), next(song, 0, compared.withHeard().withSheetSeen()));
    }

    @Test
    void whatWasDismissedIsNotSaidAgainAndWhatIsBehindItIs() {
        Song song = Song.empty("Walk");
        assertEquals(Optional.of(Kind.PATTERN), next(song, 0, SinceOpened.NONE, Kind.SECTION));
        assertEquals(Optional.empty(), next(song, 0, SinceOpened.NONE, Kind.values()));
    }

    @Test
    void openShapesNeedNoCapo() {
        Song song = SongFixture.song("4/4", "C: 1 bar", "d-du-udu");
        assertEquals(Optional.of(Kind.HEAR), next(song, 0, SinceOpened.NONE));
    }
}
