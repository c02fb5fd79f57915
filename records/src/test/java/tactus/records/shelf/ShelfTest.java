package tactus.records.shelf;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.laid.timeline.Timeline;
import tactus.core.taught.practice.Demand;
import tactus.core.taught.shelf.ShelvedSong;
import tactus.core.taught.shelf.SongQuery;
import tactus.core.written.song.Song;
import tactus.formats.song.SongFile;
import tactus.words.Words;

/** The demo songs in a folder, found by what a teacher would type, and an index that follows what happens to them. */
class ShelfTest {

    private static final Path DEMOS = Path.of("..", "formats", "src", "main", "resources", "tactus", "formats", "demo");

    @TempDir
    private Path root;

    private Path songs;
    private Shelf shelf;

    @BeforeEach
    void copyDemos() throws IOException {
        songs = Files.createDirectories(root.resolve("songs/autumn"));
        try (var files = Files.list(DEMOS)) {
            for (Path file :
                    files.filter(each -> each.toString().endsWith(".json")).toList())
                Files.copy(file, songs.resolve(file.getFileName()), StandardCopyOption.REPLACE_EXISTING);
        }
        shelf = new Shelf(root.resolve("shelf.db"), Words.lexicon());
    }

    private List<ShelvedSong> refreshed() throws IOException {
        return shelf.refresh(List.of(root.resolve("songs")), _ -> {}, () -> false);
    }

    private static String titles(List<ShelvedSong> found) {
        return String.join(", ", found.stream().map(ShelvedSong::title).toList());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "'';Kettle for the Stewards, Lantern Walk, Last Chair Waltz, Rain on the Boathouse, Seven Steps to the Pond",
                "capo 2;Lantern Walk",
                "no capo, 6/8;Rain on the Boathouse",
                "3/4;Last Chair Waltz",
                "2+2+3/8;''",
                "7/8;Seven Steps to the Pond",
                "key F;Last Chair Waltz",
                "in Em;Seven Steps to the Pond",
                "key H;''",
                "tempo 80-100;Kettle for the Stewards, Lantern Walk",
                "at 58;Rain on the Boathouse",
                "chord F#m;Last Chair Waltz",
                "with chord C, with chord Dm;Lantern Walk",
                "no barre;''",
                "has d-du-udu;Lantern Walk",
                "has dudu, 7/8;Seven Steps to the Pond",
                "level easy;Rain on the Boathouse",
                "tuning D A D F# A D;Kettle for the Stewards",
                "lantern;Lantern Walk",
                "voices verse;Lantern Walk",
                "kettle STEWARDS;Kettle for the Stewards",
                "no snags;''",
                "with snags, level middle;Kettle for the Stewards",
                "tag pond;''",
                "nothing of this;''",
                "capo;''",
                ",,;Kettle for the Stewards, Lantern Walk, Last Chair Waltz, Rain on the Boathouse, Seven Steps to the Pond",
                "%_'\"; ''"
            })
    void songsAreFoundByWhatIsTyped(String query, String titles) throws IOException {
        List<ShelvedSong> all = refreshed();
        assertEquals(titles, titles(SongQuery.parse(query, Words.lexicon(), all).find()));
    }

    @Test
    void theSameChordsInAnotherKeyAreFound() throws IOException {
        Song walk = SongFile.read(songs.resolve("lantern-walk.tactus.json")).song();
        Song other = walk.withFacts(walk.facts()
                .withTitle("Lantern Walk, higher")
                .withInstrument(walk.facts().instrument().withCapo(4))
                .withKey(walk.facts().key().plus(2)));
        SongFile.write(other, songs.resolve("higher.tactus.json"));
        List<ShelvedSong> all = refreshed();
        assertEquals(
                "Lantern Walk, higher",
                titles(SongQuery.parse("same chords as lantern walk", Words.lexicon(), all)
                        .find()));
    }

    @Test
    void theIndexFollowsWhatIsChangedAddedAndTakenAway() throws IOException {
        assertEquals(5, refreshed().size());
        Path walk = songs.resolve("lantern-walk.tactus.json");
        Song song = SongFile.read(walk).song();
        SongFile.write(song.withFacts(song.facts().withTags(List.of("pond", "evening"))), walk);
        Files.setLastModifiedTime(walk, FileTime.fromMillis(System.currentTimeMillis() + 5_000));
        Files.delete(songs.resolve("last-chair-waltz.tactus.json"));
        Files.writeString(songs.resolve("no.tactus.json"), "{ \"format\": \"something else\" }");
        List<ShelvedSong> all = refreshed();
        assertEquals(4, all.size());
        assertEquals(
                "Lantern Walk",
                titles(SongQuery.parse("tag evening", Words.lexicon(), all).find()));
        assertEquals(all, shelf.songs(), "it stands in the database");
    }

    @Test
    void aDamagedIndexIsMadeAnewAndAFolderThatIsGoneHasNoSongs() throws IOException {
        refreshed();
        Files.writeString(
                root.resolve("shelf.db"), "this is no database, and long enough to be taken for the head of one");
        Files.deleteIfExists(root.resolve("shelf.db-wal"));
        assertEquals(5, refreshed().size());
        assertTrue(shelf.refresh(List.of(root.resolve("nowhere")), _ -> {}, () -> false)
                .isEmpty());
    }

    @Test
    void whatIsReadBeforeItIsCancelledStays() throws IOException {
        var asked = new int[1];
        assertEquals(
                3, shelf.refresh(List.of(root), _ -> {}, () -> asked[0]++ > 3).size());
    }

    /** What is read back from the index is what the songs ask, version by version. */
    @Test
    void whatASongAsksIsKeptWithIt() throws IOException {
        refreshed();
        for (ShelvedSong kept : shelf.songs()) {
            Song song = SongFile.read(Path.of(kept.place())).song();
            assertEquals(Demand.ofVersions(song, Timeline.of(song)), kept.demands());
            assertEquals(song.versions().all().size() + 1, kept.demands().size());
            assertTrue(kept.demands().stream().allMatch(demand -> demand.strokesPerSecond() > 0), kept.title());
        }
    }
}
