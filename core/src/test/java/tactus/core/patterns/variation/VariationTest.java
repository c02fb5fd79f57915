package tactus.core.patterns.variation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Form.Derivation;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.song.Song;

class VariationTest {

    private static final PatternId PARENT = new PatternId("parent");
    private static final PatternId FORM = new PatternId("form");

    private static Pattern pattern(String line) {
        return Pattern.empty(PARENT, "Parent", Meter.parse("4/4")).withLine(line);
    }

    @ParameterizedTest
    @CsvSource({
        "SHORT_FIRST_HALF, d-du-udu, d-du",
        "SHORT_ACCENTED_HALF, d-du-Udu, -Udu",
        "LAST_TIME, d-du-udu, d-dud===",
        "LIGHT_BEATS, d-du-udu, d-d---d-",
        "LIGHT_DOWNS, d-du-udu, d-d---d-",
        "BUSIER, d-du-udu, dtdududu",
        "BACKBEAT_MUTES, d-du-udu, d-xu-uxu",
        "BASS_THEN_CHORD, d-du-udu, b-tt-ttt",
        "HALF_TIME, d-du-udu, d-du-udu",
        "DOUBLE_TIME, d-du-udu, d-du-udu"
    })
    void aRuleMakesItsForm(Derivation rule, String line, String made) {
        assertEquals(made, Variation.of(pattern(line), rule).orElseThrow().line());
    }

    @ParameterizedTest
    @CsvSource({
        "SHORT_FIRST_HALF, d-du",
        "LAST_TIME, -ud-dud===",
        "BACKBEAT_MUTES, xud-xu-uxu",
        "LIGHT_BEATS, --d-d---d-"
    })
    void aPickUpIsCountedFromTheBarLineBehindIt(Derivation rule, String made) {
        Pattern led = pattern("d-du-udu");
        led = led.withFrame(led.frame().withPickup(1)).withLine("-ud-du-udu");
        assertEquals(made, Variation.of(led, rule).orElseThrow().line());
    }

    @Test
    void aSwungFormKeepsItsStrokesAndMovesTheirTime() {
        Pattern swung = Variation.of(pattern("d-du-udu"), Derivation.SWUNG).orElseThrow();
        assertEquals("d-du-udu", swung.line());
        assertEquals("2:1", swung.frame().feel().toString());
    }

    @ParameterizedTest
    @CsvSource({"HALF_TIME, 8, 1, 1/4", "DOUBLE_TIME, 2, 4, 1/16"})
    void halfAndDoubleTimeKeepTheStrokesAndTheirHandOverOtherBeats(Derivation rule, int beats, int slots, String rate) {
        Pattern made = Variation.of(pattern("d-du-udu"), rule).orElseThrow();
        assertEquals(beats, made.beats());
        assertEquals(slots, made.division().slots());
        assertEquals(Length.parse(rate), made.hand().rate());
    }

    @ParameterizedTest
    @CsvSource({"LIGHT_BEATS, d-d-d-d-", "BUSIER, dudududu", "LIGHT_BEATS, -u-u-u-u", "SHORT_FIRST_HALF, ----d-d-"})
    void aRuleThatChangesNothingOrLeavesSilenceOffersNothing(Derivation rule, String line) {
        assertTrue(Variation.of(pattern(line), rule).isEmpty());
    }

    private static Song songWithForm() {
        Pattern parent = pattern("d-du-udu");
        Pattern form = Variation.of(parent, Derivation.LIGHT_BEATS)
                .orElseThrow()
                .copiedAs(FORM, "Light")
                .withForm(Optional.of(new Form(PARENT, Derivation.LIGHT_BEATS, false)));
        return Song.empty("S").withPattern(parent).withPattern(form);
    }

    @Test
    void aFormFollowsItsParent() {
        Song changed = songWithForm().withPattern(pattern("d-d-dudu"));
        assertEquals("d-d-d-d-", changed.pattern(FORM).orElseThrow().line());
        assertFalse(changed.pattern(FORM).orElseThrow().form().orElseThrow().isEdited());
    }

    @Test
    void anEditedFormNoLongerFollowsAndSaysSo() {
        Song song = songWithForm();
        Song edited = song.withPattern(song.pattern(FORM).orElseThrow().withLine("d-------"));
        assertTrue(edited.pattern(FORM).orElseThrow().form().orElseThrow().isEdited());
        Song changed = edited.withPattern(pattern("d-d-dudu"));
        assertEquals("d-------", changed.pattern(FORM).orElseThrow().line());
    }

    @Test
    void aFormOutlivesItsParent() {
        Song orphaned = songWithForm().withoutPattern(PARENT);
        assertEquals("d-d---d-", orphaned.pattern(FORM).orElseThrow().line());
        assertTrue(orphaned.pattern(FORM).orElseThrow().form().isEmpty());
    }
}
