package tactus.app.demo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tactus.core.snag.Snag;
import tactus.core.snag.Snags;
import tactus.core.song.Section;
import tactus.core.song.Song;
import tactus.core.stroke.Miss;
import tactus.core.stroke.Strum;
import tactus.core.time.Meter;
import tactus.core.timeline.Timeline;
import tactus.formats.song.SongFile;

/** The demo songs are what a real lesson would have. */
class DemoSongTest {

    @ParameterizedTest
    @EnumSource(DemoSong.class)
    void isReadWithoutAFaultAndWrittenAsItIs(DemoSong demo) throws IOException {
        String name = demo.title().toLowerCase().replace(' ', '-') + SongFile.ENDING;
        try (InputStream in = DemoSong.class.getResourceAsStream(name)) {
            byte[] bytes = in.readAllBytes();
            var opened = SongFile.read(new ByteArrayInputStream(bytes), Path.of(name));
            assertTrue(opened.isWhole(), opened.problems().toString());
            assertEquals(demo.title(), opened.song().facts().title());
            assertEquals(new String(bytes), new String(SongFile.toBytes(opened.song())));
        }
    }

    @ParameterizedTest
    @EnumSource(DemoSong.class)
    void hasFortyBarsAndMoreAndSectionsThatComeAgain(DemoSong demo) {
        Song song = demo.song();
        assertTrue(Timeline.of(song).bars().size() >= 40);
        assertTrue(new HashSet<>(song.order()).size() < song.order().size(), "a section is played twice");
        assertTrue(song.sections().stream()
                .anyMatch(section -> section.lastPassPattern().isPresent()));
    }

    @ParameterizedTest
    @EnumSource(DemoSong.class)
    void everyChordHasAShapeAndEveryStrumSounds(DemoSong demo) {
        Timeline timeline = Timeline.of(demo.song());
        timeline.strokes().stream()
                .filter(stroke -> stroke.stroke() instanceof Strum)
                .forEach(stroke -> assertFalse(stroke.strings().isEmpty(), stroke.toString()));
        for (Section section : demo.song().sections()) {
            section.spans()
                    .forEach(span -> assertTrue(demo.song().chord(span.chord()).isPresent(), span.chord()));
        }
    }

    @ParameterizedTest
    @EnumSource(DemoSong.class)
    void everyPatternIsPlayedSomewhereAndStrikesSomething(DemoSong demo) {
        Song song = demo.song();
        song.patterns().forEach(pattern -> {
            assertFalse(song.usesOf(pattern.id()).isEmpty(), pattern.name());
            assertTrue(pattern.played().stream().anyMatch(stroke -> !(stroke instanceof Miss)), pattern.name());
        });
    }

    @Test
    void togetherTheyShowThreeMetersAShortBarAndSlipsOfEverySort() {
        Set<Meter> meters = Stream.of(DemoSong.values())
                .flatMap(demo -> demo.song().sections().stream())
                .flatMap(section -> section.bars().stream())
                .collect(Collectors.toSet());
        assertEquals(Set.of(Meter.parse("4/4"), Meter.parse("6/8"), Meter.parse("3/4"), Meter.parse("2/4")), meters);
        Set<Snag.Kind> kinds = Stream.of(DemoSong.values())
                .map(DemoSong::song)
                .flatMap(song -> Snags.of(song, Timeline.of(song)).stream())
                .map(Snag::kind)
                .collect(Collectors.toSet());
        assertEquals(
                Set.of(
                        Snag.Kind.SPANS_DO_NOT_FILL_BARS,
                        Snag.Kind.PATTERN_CUT,
                        Snag.Kind.AGAINST_THE_HAND,
                        Snag.Kind.SHAPE_NOT_ITS_NAME),
                kinds);
    }
}
