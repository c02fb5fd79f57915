package tactus.core.counsel.suggestion;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.core.written.song.SongFixture.VERSE;
import static tactus.core.written.song.SongFixture.song;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Company;
import tactus.core.written.section.Stretch;
import tactus.core.written.song.Song;

class SuggestionTest {

    private static Chord chord(String text) {
        String[] parts = text.split(" ");
        return new Chord(parts[0], Voicing.parse(parts[1]));
    }

    /** Walks as they are taught for open chords in first position (common practice). */
    @ParameterizedTest
    @CsvSource({
        "C x32010, Am x02210, 2, 5:3 5:2",
        "G 320003, C x32010, 3, '6:3 5:0 5:2'",
        "G 320003, Em 022000, 2, 6:3 6:1",
        "C x32010, G 320003, 3, 5:3 5:2 5:0",
        "Am x02210, F 133211, 2, 5:0 6:3",
        "D xx0232, G 320003, 1, 4:0",
        "C x32010, C x32010, 4, 5:3 5:0 5:2 5:2"
    })
    void aWalkLeadsFromRootToRootOnTheBassStrings(String from, String to, int beats, String notes) {
        BassWalk walk = BassWalk.between(chord(from), chord(to), beats, Key.parse("C"), Tuning.STANDARD)
                .orElseThrow();
        if (!from.equals(to)) assertEquals(notes + ", fingers", walk.toString().replaceAll("fingers.*", "fingers"));
        assertEquals(beats, walk.steps().size());
    }

    /** From any chord to any other, in any length: it starts on the root, never leaps further than needed, and arrives. */
    @Test
    void everyWalkStartsOnTheRootAndEndsNextToTheTarget() {
        List<Chord> chords = List.of(
                chord("C x32010"),
                chord("G 320003"),
                chord("Am x02210"),
                chord("Em 022000"),
                chord("D xx0232"),
                chord("F 133211"),
                chord("E 022100"),
                chord("A x02220"));
        for (Chord from : chords) {
            for (Chord to : chords) {
                for (int beats = 2; beats <= 4; beats++) {
                    var walk = BassWalk.between(from, to, beats, Key.parse("C"), Tuning.STANDARD);
                    if (walk.isEmpty()) continue;
                    List<Integer> pitches = walk.get().steps().stream()
                            .map(step -> Tuning.STANDARD.string(step.string()).number() + step.fret())
                            .toList();
                    assertEquals(root(from), pitches.getFirst());
                    int last = Math.abs(root(to) - pitches.getLast());
                    assertTrue(last <= 2 || root(from) == pitches.getLast(), from.name() + to.name() + beats + walk);
                    assertTrue(IntStream.range(0, beats)
                            .allMatch(i -> walk.get().steps().get(i).finger() <= 4));
                }
            }
        }
    }

    private static int root(Chord chord) {
        int string = chord.held(Tuning.STANDARD).rootString();
        return Tuning.STANDARD.string(string).number()
                + chord.voicing().fret(string).orElseThrow();
    }

    @Test
    void aWalkBecomesAPatternOfOneNoteABeat() {
        BassWalk walk = BassWalk.between(chord("G 320003"), chord("C x32010"), 3, Key.parse("C"), Tuning.STANDARD)
                .orElseThrow();
        assertEquals(
                "6:3 5:0 5:2",
                walk.pattern(new PatternId("w"), "W", Meter.parse("4/4"))
                        .line()
                        .replace(":05", ":0 5")
                        .replace(":35", ":3 5"));
        assertEquals("6:3 5:0 5:2, fingers 3 0 2", walk.toString());
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 9})
    void aWalkHasOneToEightNotes(int beats) {
        assertThrows(
                IllegalArgumentException.class,
                () -> BassWalk.between(chord("C x32010"), chord("G 320003"), beats, Key.parse("C"), Tuning.STANDARD));
    }

    private static final Song SONG = song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu");

    private static List<String> rules(Song song) {
        return Suggestions.of(song, song.section(VERSE).orElseThrow()).stream()
                .flatMap(suggestion -> suggestion.rules().stream())
                .map(rule -> English.say(song, rule))
                .toList();
    }

    @Test
    void underAVoiceItIsSofterAndInItsGapsBusier() {
        Song sung = SONG.withSection(VERSE, section -> section.withVoice(List.of(Stretch.bars(1, 1))));
        assertEquals(
                List.of("Verse, where somebody sings: rather soft", "Verse, where nobody sings: busier form"),
                rules(sung));
        Song taken = Suggestions.of(sung, sung.section(VERSE).orElseThrow())
                .getFirst()
                .addedTo(sung);
        assertEquals(List.of("Verse, where nobody sings: busier form"), rules(taken));
        Song strong = sung.withRule(English.rule(sung, "Verse: very strong"));
        assertEquals("Verse, where somebody sings: strong", rules(strong).getFirst());
    }

    @Test
    void aSectionThatComesAgainGrowsAndABandThinsThePart() {
        Song thrice = SONG.withOrder(List.of(VERSE, VERSE, VERSE));
        assertEquals(List.of("first Verse: rather soft", "second Verse: medium", "third Verse: strong"), rules(thrice));
        Song band = SONG.withFacts(SONG.facts().withCompany(Company.BAND));
        assertEquals(List.of("everywhere, with a band: only downs form"), rules(band));
        Song guitars = SONG.withFacts(SONG.facts().withCompany(Company.SECOND_GUITAR));
        assertEquals(List.of("everywhere, with a second guitar: only beats form"), rules(guitars));
        assertEquals(List.of(), rules(SONG));
    }

    @Test
    void anEasierVersionListsEveryReplacementAndShowsItself() {
        Song hard = SONG.withChord(chord("F 133211"));
        hard = hard.withPattern(hard.patterns().getFirst().withMoves(0, List.of(FingerMove.parse("2h3"))));
        EasierVersion made = EasierVersion.of(hard, "First week", Neck.USUAL, FrettingHand.USUAL);
        assertEquals(Optional.of("First week"), made.song().versions().shown());
        String list = made.replacements().toString();
        assertTrue(list.contains("133211, stand-in"), list);
        assertTrue(
                list.contains(
                        "replacement.form [P, FormChoice[rule=Optional[LIGHT_BEATS]], Quantity[unit=STROKE, number=3], 6]"),
                list);
        assertTrue(list.contains("replacement.plain [P]"), list);
        assertTrue(made.song().asShown().patterns().getFirst().moves().isEmpty());
        assertEquals(hard, made.song().withRules(hard.rules()).withVersions(hard.versions()));
        assertEquals(
                made.song(),
                EasierVersion.of(made.song(), "First week", Neck.USUAL, FrettingHand.USUAL)
                        .song());
        assertThrows(
                IllegalArgumentException.class, () -> EasierVersion.of(SONG, "full", Neck.USUAL, FrettingHand.USUAL));
    }
}
