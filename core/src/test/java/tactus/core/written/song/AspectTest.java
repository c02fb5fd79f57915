package tactus.core.written.song;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tactus.core.counsel.edit.ChangeFact;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Guitar;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.pitch.VoiceRange;
import tactus.core.music.time.Length;
import tactus.core.music.time.Tempo;
import tactus.core.written.rule.Company;

class AspectTest {

    private static final Song SONG = Song.empty("Lamps")
            .withVersions(new Versions(List.of(Version.of("Low"), Version.of("Other")), Optional.of("Low")));

    /** One for each fact that can be other in a version. */
    static Stream<ChangeFact<?>> inVersions() {
        return Stream.of(
                new ChangeFact<>(Aspect.CAPO, 3),
                new ChangeFact<>(Aspect.KEY, Key.parse("Em")),
                new ChangeFact<>(Aspect.TEMPO, new Tempo(70, Length.QUARTER)),
                new ChangeFact<>(Aspect.COMPANY, Company.BAND),
                new ChangeFact<>(Aspect.VOICE, Optional.of(VoiceRange.parse("G3-C5"))));
    }

    @Test
    void everyFactThatCanBeOtherInAVersionIsTriedHere() {
        assertEquals(
                inVersions().map(change -> change.aspect().code()).sorted().toList(),
                Aspect.inVersions().stream().map(Aspect::code).sorted().toList());
    }

    @ParameterizedTest
    @MethodSource("inVersions")
    void changedWhileAVersionIsShownItIsOtherInThatVersionAlone(ChangeFact<?> change) {
        Song written = InVersion.of(SONG, change::appliedTo).written();
        assertEquals(SONG.facts(), written.facts());
        assertEquals(
                1, written.versions().shownOne().orElseThrow().facts().values().size());
        assertEquals(change.appliedTo(SONG).facts(), written.asShown().facts());
        Song other = written.withVersions(written.versions().withShown(Optional.of("Other")));
        assertEquals(SONG.facts(), other.asShown().facts());
    }

    @Test
    void aCapoMovesTheKeyOfItsVersionAndAKeyThatIsSaidStays() {
        Song capo =
                InVersion.of(SONG, new ChangeFact<>(Aspect.CAPO, 2)::appliedTo).written();
        assertEquals(Key.parse("D"), capo.asShown().facts().key());
        Song both = InVersion.of(capo, new ChangeFact<>(Aspect.KEY, Key.parse("G"))::appliedTo)
                .written();
        assertEquals(Key.parse("G"), both.asShown().facts().key());
        assertEquals(2, both.asShown().facts().capo());
        Song back = InVersion.of(both, new ChangeFact<>(Aspect.KEY, Key.parse("D"))::appliedTo)
                .written();
        assertEquals(capo, back);
    }

    @Test
    void aVersionHoldsNothingThatNoSongCanHave() {
        assertThrows(Refusal.class, () -> Version.of("High").with(Aspect.CAPO, Optional.of(12)));
    }

    /** The strings are a semitone lower under the same shapes (common practice: half a step down). */
    @Test
    void standardTuningSaidLowerIsStandardTunedDownAndSoundsLower() {
        Song low = ChangeFact.typed(Aspect.TUNING, "Eb2 Ab2 Db3 Gb3 Bb3 Eb4", SONG.facts())
                .appliedTo(SONG);
        assertEquals(Tuning.STANDARD, low.facts().tuning());
        assertEquals(1, low.facts().instrument().tunedDown());
        assertEquals(Key.parse("B"), low.facts().key());
    }

    @Test
    void aGuitarBringsItsUsualTuningWhereTheStringsAreTunedAsUsual() {
        Song twelve = new ChangeFact<>(Aspect.GUITAR, Guitar.TWELVE_STRINGS).appliedTo(SONG);
        assertEquals("E2:E3", twelve.facts().tuning().toString().substring(0, 5));
        Song open =
                ChangeFact.typed(Aspect.TUNING, "D A D F# A D", SONG.facts()).appliedTo(SONG);
        Song nylon = new ChangeFact<>(Aspect.GUITAR, Guitar.NYLON_STRINGS).appliedTo(open);
        assertEquals(open.facts().tuning(), nylon.facts().tuning());
    }
}
