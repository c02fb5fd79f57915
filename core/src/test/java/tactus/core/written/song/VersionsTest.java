package tactus.core.written.song;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.PATTERN;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.music.shape.Voicing;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Company;

/** A version says only what it changes; the song as written stays as it is. */
class VersionsTest {

    private static final Song SONG = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");

    private static Song shown(Version version) {
        return SONG.withVersions(Versions.NONE.with(version).withShown(Optional.of(version.name())));
    }

    @Test
    void theFullVersionIsTheSongItself() {
        assertEquals(SONG, SONG.asShown());
        Song empty = shown(Version.of("Empty"));
        assertEquals(empty.chords(), empty.asShown().chords());
        assertEquals(empty.facts(), empty.asShown().facts());
    }

    @Test
    void aStandInTakesThePlaceOfItsChordOnly() {
        var easier = new Chord("G", Voicing.parse("xxx003"));
        Song song = shown(Version.of("Easy").withStandIns(List.of(easier, new Chord("Z", Voicing.parse("xxx000")))));
        assertEquals(easier, song.asShown().chord("G").orElseThrow());
        assertEquals(SONG.chord("C"), song.asShown().chord("C"));
        assertTrue(song.asShown().chord("Z").isEmpty(), "a stand-in for no chord of the song changes nothing");
        assertEquals(SONG.chord("G"), song.chord("G"), "the song as written keeps its shape");
    }

    @Test
    void aPlainVersionLeavesTheFingersOfTheFrettingHandWhereTheyAre() {
        Song moving = SONG.withPattern(SONG.patterns().getFirst().withMoves(2, List.of(FingerMove.parse("2h3"))));
        Song plain = moving.withVersions(
                Versions.NONE.with(Version.of("Plain").withPlain(true)).withShown(Optional.of("Plain")));
        assertTrue(plain.asShown().pattern(PATTERN).orElseThrow().moves().isEmpty());
        assertEquals(1, plain.pattern(PATTERN).orElseThrow().moves().size());
    }

    @Test
    void anotherCapoTakesTheKeyAlongAndOtherCompanyIsTaken() {
        Song song = shown(
                Version.of("Low").with(Aspect.CAPO, Optional.of(3)).with(Aspect.COMPANY, Optional.of(Company.PIANO)));
        assertEquals("Eb", song.asShown().facts().key().toString());
        assertEquals("C", song.asShown().facts().shapesKey().toString());
        assertEquals(Company.PIANO, song.asShown().facts().company());
    }

    @Test
    void theShownVersionIsGoneWithItsVersion() {
        Versions both =
                Versions.NONE.with(Version.of("A")).with(Version.of("B")).withShown(Optional.of("B"));
        assertEquals(Optional.of("B"), both.without("A").shown());
        assertEquals(Optional.empty(), both.without("B").shown());
        assertEquals(2, both.with(Version.of("A").withPlain(true)).all().size());
        assertThrows(IllegalArgumentException.class, () -> both.withShown(Optional.of("C")));
        assertThrows(
                IllegalArgumentException.class,
                () -> new Versions(List.of(Version.of("Week"), Version.of("week")), Optional.empty()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", " ", "full", "FULL", "a: b", "a, b", "a name of more than forty characters, or so it is"})
    void aNameThatASentenceCouldNotSayIsRefused(String name) {
        assertThrows(IllegalArgumentException.class, () -> Version.of(name));
    }
}
