package tactus.formats.demo;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tactus.core.counsel.snag.Kind;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Company;
import tactus.core.written.rule.FitChoice;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Section;
import tactus.core.written.song.Song;
import tactus.formats.song.SongFile;
import tactus.words.Words;

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
        assertTrue(song.rules().stream().anyMatch(rule -> !rule.where().pass().isEvery()));
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

    /** Each has two mistakes of different kinds, as a real lesson's papers would. */
    @ParameterizedTest
    @EnumSource(DemoSong.class)
    void hasMistakesOfTwoSortsThatTheSnagsFind(DemoSong demo) {
        Song song = demo.song();
        long kinds = Snags.of(song, Timeline.of(song), Words.lexicon()).stream()
                .map(Snag::kind)
                .distinct()
                .count();
        assertTrue(kinds >= 2, "kinds of snags: " + kinds);
    }

    @Test
    void togetherTheyUseEverythingAnArrangementHas() {
        List<Song> songs = Stream.of(DemoSong.values()).map(DemoSong::song).toList();
        List<Rule> rules = songs.stream().flatMap(song -> song.rules().stream()).toList();
        assertEquals(
                EnumSet.allOf(Where.Level.class),
                EnumSet.copyOf(rules.stream().map(rule -> rule.where().level()).toList()));
        Set<Object> events =
                rules.stream().flatMap(rule -> rule.play().what().stream()).collect(Collectors.toSet());
        assertTrue(events.containsAll(List.of(What.Event.HELD, What.Event.STOP, What.Event.MUTED)));
        assertEquals(
                EnumSet.of(FitChoice.CUT, FitChoice.CARRY, FitChoice.WHOLE_ROUNDS),
                EnumSet.copyOf(rules.stream()
                        .flatMap(rule -> rule.play().fit().stream())
                        .toList()));
        assertTrue(rules.stream().anyMatch(rule -> rule.play().raise().isPresent()));
        assertTrue(rules.stream().anyMatch(rule -> rule.play().pause().isPresent()));
        assertEquals(
                4,
                songs.stream()
                        .flatMap(song -> song.uses().stream())
                        .flatMap(use -> use.excepts().stream())
                        .map(except -> except.change().getClass())
                        .distinct()
                        .count());
        assertTrue(songs.stream().anyMatch(song -> song.facts().pickup() > 0));
        assertTrue(songs.stream().anyMatch(song -> song.versions().all().size() > 1));
        assertTrue(songs.stream().anyMatch(song -> !song.facts().tuning().equals(Tuning.STANDARD)));
        assertTrue(songs.stream().anyMatch(song -> song.facts().company() != Company.ALONE));
        assertTrue(songs.stream()
                .flatMap(song -> song.sections().stream())
                .anyMatch(section ->
                        section.spans().stream().anyMatch(span -> span.length() instanceof SpanLength.Rounds)));
    }

    @Test
    void togetherTheyShowManyMetersAShortBarAndSlipsOfManySorts() {
        Set<Meter> meters = Stream.of(DemoSong.values())
                .flatMap(demo -> demo.song().sections().stream())
                .flatMap(section -> section.bars().stream())
                .collect(Collectors.toSet());
        assertTrue(meters.containsAll(
                Stream.of("4/4", "6/8", "3/4", "2/4", "7/8").map(Meter::parse).toList()));
        Set<Kind> kinds = Stream.of(DemoSong.values())
                .map(DemoSong::song)
                .flatMap(song -> Snags.of(song, Timeline.of(song), Words.lexicon()).stream())
                .map(Snag::kind)
                .collect(Collectors.toSet());
        assertTrue(kinds.size() >= 8, kinds.toString());
    }
}
