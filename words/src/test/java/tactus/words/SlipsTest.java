package tactus.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static tactus.words.WordedSong.PATTERN;
import static tactus.words.WordedSong.VERSE;
import static tactus.words.WordedSong.section;
import static tactus.words.WordedSong.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.counsel.snag.Kind;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.variation.Variation;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

/** Slips that are found, and what is none and must not be called one. */
class SlipsTest {

    private static List<Said> of(Song song, Kind kind) {
        return Said.of(song).stream().filter(snag -> snag.kind() == kind).toList();
    }

    private static Said mended(Song song, Kind kind) {
        List<Said> found = of(song, kind);
        assertEquals(1, found.size(), Said.of(song).toString());
        Song then = found.getFirst().snag().fix().orElseThrow().appliedTo(song);
        assertEquals(List.of(), of(then, kind), "it is mended");
        return found.getFirst();
    }

    private static Pattern with(Pattern pattern, int slot, String... moves) {
        return pattern.withMoves(
                slot, List.of(moves).stream().map(FingerMove::parse).toList());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "dudududu;C: 2 beats, G: 2 beats",
                "d-d-d-d-;C: 1 beat, G: 3 beats",
                "d-------;C: 2 beats, G: 2 beats",
                "d-dud-du;C: 2 beats, G: 2 beats",
                "x-u-x-u-;C: 2 beats, G: 2 beats"
            })
    void aPatternThatEndsAtTheEndOfACellIsWhole(String line, String chords) {
        assertEquals(List.of(), of(song("4/4", chords, line), Kind.PATTERN_CUT));
    }

    /** With a pick-up, or a bar left out in front, it was told on another bar or beat than the chord stands on. */
    @Test
    void aCutIsToldOnTheBarAsItIsWrittenWhateverLiesBeforeIt() {
        Song song = song("4/4 4/4 4/4", "C: 1 bar, G: 1 bar, C: 3 beats, D: 1 beat", "d---d--u");
        assertEquals("Verse, bar 3", of(song, Kind.PATTERN_CUT).getFirst().where());
        Song withPickup = song.withFacts(song.facts().withPickup(1));
        assertEquals("Verse, bar 3", of(withPickup, Kind.PATTERN_CUT).getFirst().where());
        Song without = song.withUse(
                song.uses().getFirst().plus(new Except(PassChoice.EVERY, new Except.LeftOut(Stretch.bars(2, 2)))));
        assertEquals("Verse, bar 3", of(without, Kind.PATTERN_CUT).getFirst().where());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "d-du-udu;C: 2 beats, G: 2 beats;1;(2 times in the song.)",
                "dudududu;C: 1/2 beat, G: 7/2 beats;2;(Once in the song.)",
                "d-dud-du;C: 1 beat, G: 3 beats;2;(Once in the song.)"
            })
    void aPatternThatEndsInsideACellIsCutAndToldOnceWithAllItsPlaces(
            String line, String chords, int told, String times) {
        List<Said> cuts = of(song("4/4", chords, line), Kind.PATTERN_CUT);
        assertEquals(told, cuts.size(), cuts.toString());
        assertTrue(cuts.getFirst().sentence().endsWith(times), cuts.toString());
    }

    @Test
    void aPatternOfTwoBarsGoesOnOverChordsOfOneBar() {
        Song song = song("4/4 4/4 4/4 4/4", "C: 1 bar, G: 1 bar, D: 1 bar, C: 1 bar", "d-du-udud-d-d-d-");
        assertEquals(List.of(), Said.of(song));
        var timeline = Timeline.of(song);
        assertEquals(
                4,
                timeline.strokesIn(2).stream()
                        .filter(each -> each.stroke().isStruck())
                        .count());
        assertEquals(
                6,
                timeline.strokesIn(3).stream()
                        .filter(each -> each.stroke().isStruck())
                        .count());
    }

    @Test
    void oneCauseIsOneSnagWithTheRuleThatCuresIt() {
        Song song = song("4/4 4/4 4/4", "C: 6 beats, G: 6 beats", "d-du-udu");
        Said cut = mended(song, Kind.PATTERN_CUT);
        assertTrue(cut.sentence().startsWith("\"P\" is cut on C, G:"), cut.sentence());
        assertEquals("Let it carry on through the changes", cut.fix());
    }

    @Test
    void whatIsCutAlikeInSixSectionsIsOneSnagAndMendedAtOnce() {
        Song song = song("4/4", "C: 3 beats, G: 1 beat", "d-du-udu");
        for (String id : List.of("a", "b", "c", "d", "e"))
            song = song.withSection(section(id, id.toUpperCase(Locale.ROOT), "C:3 G:1"))
                    .withRule(new Rule(Where.in(new SectionId(id)), Play.pattern(PATTERN)));
        song = song.withOrder(song.sections().stream().map(Section::id).toList());
        assertEquals(2, of(song, Kind.PATTERN_CUT).size(), "one of three beats, one of a single one");
        assertEquals(
                1,
                of(of(song, Kind.PATTERN_CUT).getFirst().mended(), Kind.PATTERN_CUT)
                        .size());
    }

    @Test
    void formsCopiesAndWhatWasSaidAnewAreNotSaidForTwoRhythms() {
        Song song = song("4/4", "C: 1 bar", "d-du-udu");
        Pattern said = song.pattern(PATTERN).orElseThrow();
        said = said.withStory(said.story().withSaid("down down up up down up"));
        Pattern form = Variation.of(said, Form.Derivation.SHORT_FIRST_HALF)
                .orElseThrow()
                .copiedAs(new PatternId("form"), "Form");
        Pattern copy = said.copiedAs(new PatternId("copy"), "Copy").withLine("d-d-d-d-");
        Pattern anew =
                Pattern.empty(new PatternId("anew"), "Anew", Meter.of(4, 4)).withLine("d---d---");
        anew = anew.withStory(anew.story().withSaid("down down up up down up").withSaid("down down"));
        Song all = song.withPattern(said).withPattern(form).withPattern(copy).withPattern(anew);
        assertEquals(List.of(), of(all, Kind.SAME_WORDS_OTHER_RHYTHM));
        Pattern changed = anew.withStory(anew.story().withSaid("Down, down up up, down up"));
        assertEquals(
                List.of(),
                of(all.withPattern(changed), Kind.SAME_WORDS_OTHER_RHYTHM),
                "its strokes were changed by hand");
        Pattern slip = changed.withBeats(8).withLine("d---------du-udu");
        assertEquals(
                "Forget that “Down, down up up, down up” was said for it",
                mended(all.withPattern(slip), Kind.SAME_WORDS_OTHER_RHYTHM).fix());
    }

    /** All strings are slack or as they are made, so none may break (Mersenne). */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "C2 G2 C3 E3 G3 C4",
                "C2 G2 D3 G3 B3 E4",
                "B1 F#2 B2 E3 G#3 C#4",
                "B1 E2 A2 D3 F#3 B3",
                "D2 A2 D3 F#3 A3 D4"
            })
    void aSlackTuningIsNoDanger(String strings) {
        Song song = song("4/4", "C: 1 bar", "d-du-udu");
        Song tuned = song.withFacts(song.facts().withInstrument(Instrument.USUAL.withTuning(Tuning.parse(strings))));
        assertEquals(List.of(), of(tuned, Kind.STRING_TOO_TIGHT));
    }

    @Test
    void aSectionThatHasJustBeenMadeIsNoSlip() {
        assertEquals(List.of(), Said.of(song("4/4", "", "d")));
    }

    @Test
    void aLengthIsToldOnceThoughTwoSiblingsShowIt() {
        Song song = song("4/4 4/4 4/4 4/4", "C: 1 bar, G: 1 bar, D: 1 bar, C: 1 bar", "d-du-udu")
                .withSection(section("b", "Verse 2", "C | G | D | C"))
                .withSection(section("c", "Verse 3", "C | G x2 | D | C"));
        assertEquals(1, of(song, Kind.LENGTH_UNLIKE_SIBLING).size());
    }

    /**
     * Lengths as songs have them (common practice): what leads in, links and ends is often odd, and sections of other names are
     * not measured against each other. Behind the stroke what is asked about, if anything; the order is that of the list, and the
     * first is played again at its end where a star stands.
     */
    @ParameterizedTest
    @CsvSource({
        "Intro 5 / Verse 8 / Chorus 8 / Bridge 8, ",
        "Intro 4 / Verse 8 / Chorus 8 / Ending 5, ",
        "Verse 8 / Chorus 8 / Tag 3 / Verse B 8, ",
        "Verse 8 / Chorus 8 / Coda 7, ",
        "Verse 8 / Chorus 8 / Interlude 3 / Solo 9, ",
        "Lead in 3 / Verse 16 / Refrain 8, ",
        "Opening 5 / Verse 8 / Chorus 8 / Close 9, ",
        "Verse 8 / Chorus 9 / Bridge 7, ",
        "Verse 12 / Chorus 13 / Verse 2 12, LENGTH_ODD",
        "Verse 8 / Pre chorus 7 / Chorus 8 *, LENGTH_ODD",
        "Verse 9 / Chorus 8 / Bridge 8 *, LENGTH_ODD",
        "Verse 8 / Verse 2 9 / Chorus 8 *, LENGTH_UNLIKE_SIBLING",
        "Verse A 8 / Chorus 8 / Verse B 7 *, LENGTH_UNLIKE_SIBLING",
        "Chorus 8 / Bridge 8 / second Chorus 9 *, LENGTH_UNLIKE_SIBLING",
        "Verse1 8 / Bridge 8 / Verse2 9 *, LENGTH_UNLIKE_SIBLING",
        "Verse 8 / Bridge 8 / Last verse 9 *, LENGTH_UNLIKE_SIBLING"
    })
    void aLengthIsAskedAboutOnlyWhereTheRestOfTheSongMakesASlipLikely(String parts, String asked) {
        Song song = song("4/4", "C: 1 bar", "d-du-udu").withUses(List.of()).withoutSection(VERSE);
        var order = new ArrayList<SectionId>();
        for (String part : parts.replace(" *", "").split(" / ")) {
            int at = part.lastIndexOf(' ');
            var id = new SectionId("s" + order.size());
            // One chord longer or shorter: a slip of one.
            int bars = Integer.parseInt(part.substring(at + 1));
            String start = bars > 6 ? "C | G | C | G | C | G" : "C | G";
            int rest = bars - start.split("\\|").length;
            song = song.withSection(section(id.value(), part.substring(0, at), start + " | D x" + rest));
            order.add(id);
        }
        if (parts.endsWith("*")) order.add(order.getFirst());
        Song made = song.withOrder(order);
        assertEquals(
                Optional.ofNullable(asked).map(Kind::valueOf).stream().toList(),
                Stream.of(Kind.LENGTH_ODD, Kind.LENGTH_UNLIKE_SIBLING)
                        .filter(kind -> !of(made, kind).isEmpty())
                        .toList());
    }

    @Test
    void anOddLengthNamesEveryPlaceThatIsAsLikely() {
        Song song = song("4/4 4/4 4/4 4/4", "C: 1 bar, G: 1 bar, D: 1 bar, C: 1 bar", "d-du-udu")
                .withSection(section("b", "B", "G | G | G | G"));
        song = song.withSection(section("c", "C", "D x2 | G x4 | C"));
        String odd = of(song, Kind.LENGTH_ODD).getFirst().sentence();
        assertTrue(odd.endsWith("a bar forgotten: bar 1: D, 2 bars; bar 3: G, 4 bars; bar 7: C, 1 bar."), odd);
    }

    @Test
    void aFingerThatIsPutOnAStringThatTheShapeLeavesOutMakesItSound() {
        Song song = song("4/4", "C: 1 bar", "6-3-6-3-");
        assertEquals(1, of(song, Kind.DEAD_STRING).size());
        Song held = song.withPattern(with(song.pattern(PATTERN).orElseThrow(), 0, "6.3"));
        assertEquals(List.of(), of(held, Kind.DEAD_STRING));
    }

    @Test
    void aMoveThatChangesNothingOrIsNeverHeardIsFound() {
        Song song = song("4/4", "C: 1 bar", "5-3-2-3-");
        Pattern picked = song.pattern(PATTERN).orElseThrow();
        assertEquals(
                "P, count 2: every shape it is played on has string 2 at fret 1 already: the finger changes nothing.",
                of(song.withPattern(with(picked, 2, "2h1")), Kind.MOVE_WITHOUT_EFFECT)
                        .getFirst()
                        .toString());
        assertEquals(
                "P, count 1: string 1 is never plucked: the finger at fret 3 is not heard.",
                of(song.withPattern(with(picked, 0, "1.3")), Kind.MOVE_WITHOUT_EFFECT)
                        .getFirst()
                        .toString());
        assertEquals(List.of(), of(song.withPattern(with(picked, 2, "2h3")), Kind.MOVE_WITHOUT_EFFECT));
        Pattern twice = with(with(picked, 2, "2.3"), 4, "2.3");
        assertEquals(1, of(song.withPattern(twice), Kind.MOVE_WITHOUT_EFFECT).size(), "it is there already");
    }

    /** The thumb plucks string 5 on C and string 4 on D: a hammer onto string 5 is heard on C alone. */
    @Test
    void aHammerOnAStringThatIsNotStruckOnOneOfTheChordsIsFoundAndIsHeardInNoFile() {
        Song song = song("4/4 4/4", "C: 1 bar, D: 1 bar", "p-i-m-i-");
        Pattern picked = song.pattern(PATTERN).orElseThrow();
        Song hammered = song.withPattern(with(picked, 2, "5h2"));
        assertEquals(
                "P, count 2: on D string 5 is not struck: the finger at fret 2 is not heard there.",
                of(hammered, Kind.MOVE_WITHOUT_EFFECT).getFirst().toString());
        Timeline timeline = Timeline.of(hammered);
        assertTrue(timeline.strokes().stream()
                .filter(stroke -> timeline.spans().get(stroke.span()).chord().equals("D"))
                .flatMap(stroke -> Stream.concat(stroke.slurred().stream(), stroke.strings().stream()))
                .noneMatch(string -> string.string() == 5));
        assertEquals(List.of(), of(song.withPattern(with(picked, 2, "2h0")), Kind.MOVE_WITHOUT_EFFECT));
    }

    /** The lift to the fourth on A is Asus4 itself (common practice); a chord that nothing makes is still told. */
    @Test
    void aChordThatTheFingersMakeOfAnotherIsPlayed() {
        Song song = song("4/4", "A: 1 bar", "d-d-d-d-")
                .withChord(new Chord("A", Voicing.parse("x02220")))
                .withChord(new Chord("Asus4", Voicing.parse("x02230")))
                .withChord(new Chord("Asus2", Voicing.parse("x02200")));
        Song lifted = song.withPattern(with(with(song.pattern(PATTERN).orElseThrow(), 2, "2.3"), 4, "2.-"));
        List<String> unused =
                of(lifted, Kind.CHORD_NOT_USED).stream().map(Said::toString).toList();
        assertTrue(unused.stream().noneMatch(each -> each.contains("Asus4")), unused.toString());
        assertTrue(unused.stream().anyMatch(each -> each.contains("Asus2")), unused.toString());
    }

    /** The third of an eleventh is often left out and never foreign (common practice). */
    @ParameterizedTest
    @CsvSource({
        "D11, xx0212, 1, false",
        "D11, xx0212, 2, false",
        "D, xx0232, 1, false",
        "D, xx0212, 2, true",
        "D9, xx0212, 1, false"
    })
    void aNoteThatMayBeThereBesidesIsNotCalledForeign(String name, String shape, int string, boolean isForeign) {
        Song song = song("4/4", name + ": 1 bar", "d-du-udu").withChord(new Chord(name, Voicing.parse(shape)));
        Pattern picked = song.pattern(PATTERN).orElseThrow().withLine(string + "-------");
        assertEquals(
                isForeign ? 1 : 0,
                of(song.withPattern(picked), Kind.NOTE_OFF_CHORD).size());
    }

    /** Suspensions, added notes of the scale, blue notes and what is slurred on are common practice; the others are slips. */
    @ParameterizedTest
    @CsvSource({
        "2.3, C,",
        "2.0, C,",
        "1.3, C,",
        "4.0, C,",
        "3h2, C,",
        "3.1, C, Ab",
        "4.4, C, F#",
        "2.2, C, Db",
        "3.3, C,",
        "2.2, D,",
        "4.4, G,",
        "3.1, Am,",
        "1.4, C, Ab",
        "5.2, G,",
        "5.4, G, Db"
    })
    void aMoveThatLeavesChordAndKeyIsFound(String move, String key, String note) {
        Song song = song("4/4", "C: 1 bar", "d-dud-du");
        song = song.withFacts(song.facts().withKey(Key.parse(key)));
        Pattern pattern = with(song.pattern(PATTERN).orElseThrow(), 2, move);
        List<Said> found = of(song.withPattern(pattern), Kind.MOVE_OFF_KEY);
        assertEquals(note == null ? 0 : 1, found.size(), found.toString());
        if (note != null) assertTrue(found.getFirst().toString().contains(" is " + note + ", which"), found.toString());
    }

    @Test
    void oneChordUnderTwoNamesGetsOne() {
        Song song = song("4/4 4/4 4/4", "C: 1 bar, F#7: 1 bar, Gb7: 1 bar", "d-du-udu")
                .withChord(new Chord("F#7", Voicing.parse("242322")));
        Song alike = song.withChord(new Chord("Gb7", Voicing.parse("242322")));
        assertEquals(
                "Gb7 and F#7 are the same chord, held alike: two names for one.",
                mended(alike, Kind.TWO_NAMES_OF_ONE_CHORD).sentence());
        Song other = song.withChord(new Chord("Gb7", Voicing.parse("x-9-11-9-11-9")));
        assertTrue(mended(other, Kind.TWO_NAMES_OF_ONE_CHORD).sentence().endsWith("held in two ways."));
    }

    @Test
    void aChordThatIsPlayedNowhereIsFoundWhenAllSectionsHaveChords() {
        Song song =
                song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu").withChord(new Chord("D", Voicing.parse("xx0232")));
        assertEquals(
                "D has a shape and is played nowhere.",
                mended(song, Kind.CHORD_NOT_USED).sentence());
        assertEquals(List.of(), of(song.withSection(section("b", "B", "C").withSpans(List.of())), Kind.CHORD_NOT_USED));
    }

    @Test
    void aChordOnWhichNothingIsStruckIsFound() {
        Song song = song("4/4", "C: 3 beats, G: 1 beat", "----d-d-");
        List<Said> found = of(song, Kind.CHORD_NOT_STRUCK);
        assertEquals(
                "G is never struck: \"P\" has no stroke as long as it lasts. (Once in the song.)",
                found.getFirst().sentence());
        assertEquals("Verse, bar 1", found.getFirst().where());
    }

    /** A stand-in keeps the third; Cm is not D (common practice). */
    @ParameterizedTest
    @CsvSource({"xx555x, true", "xx5543, false", "xx0232, true", "xxx543, false"})
    void aStandInThatIsAnotherChordIsFound(String shape, boolean isSlip) {
        Song song = song("4/4 4/4 4/4 4/4", "C: 1 bar, G: 1 bar, D: 1 bar, Cm: 1 bar", "d-du-udu")
                .withChord(new Chord("Cm", Voicing.parse("x35543")));
        Version easy = Version.of("Easy").withStandIns(List.of(new Chord("Cm", Voicing.parse(shape))));
        Song with = song.withVersions(song.versions().with(easy));
        assertEquals(isSlip, !of(with, Kind.STAND_IN_IS_ANOTHER_CHORD).isEmpty());
    }

    @ParameterizedTest
    @CsvSource({"C, 0, false", "Am, 0, false", "G, 0, false", "D, 2, false", "C, 2, true", "E, 0, true", "Bb, 0, true"})
    void theKeyIsDoubtedWhereTheChordsSoundInAnother(String key, int capo, boolean isDoubted) {
        Song song = song("4/4 4/4 4/4 4/4", "C: 1 bar, F: 1 bar, G: 1 bar, C: 1 bar", "d-du-udu");
        song = song.withFacts(song.facts().withKey(Key.parse(key)).withInstrument(Instrument.USUAL.withCapo(capo)));
        if (isDoubted) mended(song, Kind.KEY_DOES_NOT_AGREE);
        else assertEquals(List.of(), of(song, Kind.KEY_DOES_NOT_AGREE));
    }

    private static String played(Song song) {
        return Timeline.of(song).spans().stream()
                .map(span -> span.played()
                        .what()
                        .map(what -> what instanceof What.Event ? "x" : "p")
                        .orElse("-"))
                .collect(Collectors.joining());
    }

    /** C G C G, twice; a rule for a chord holds wherever it comes, for the last one of a pass only there. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Verse, on every G: silence;pxpxpxpx",
                "Verse, on the last C: silence;ppxpppxp",
                "Verse, every second pass, on every C: silence;ppppxpxp",
                "Verse, last chord, where nobody sings: silence;pppxpppx",
                "Verse, last chord, where somebody sings: silence;pppppppp",
                "everywhere, bars 1-2, on every C: silence;xpppxppp",
                "Verse, on every G@up: silence;pppppppp"
            })
    void rulesSpeakOfChordsAndOfSeveralPartsAtOnce(String sentence, String expected) {
        Song song = song("4/4 4/4 4/4 4/4", "C: 1 bar, G: 1 bar, C: 1 bar, G: 1 bar", "d-du-udu")
                .withSection(VERSE, section -> section.withPasses(2).withVoice(List.of(Stretch.bars(1, 2))));
        assertEquals(expected, played(WordedSong.ruled(song, sentence)));
    }

    @Test
    void aRuleForAChordGoesWithItsNameAndIsMissedWhereItIsNot() {
        Song song = WordedSong.ruled(
                song("4/4 4/4", "C: 1 bar, G: 1 bar", "d-du-udu"),
                "Verse, on every G: silence",
                "Verse, on every D: silence");
        assertEquals(1, of(song, Kind.RULE_NEVER_HOLDS).size());
        Song renamed = song.withChordsRenamed(name -> name.equals("G") ? "G7" : name);
        assertEquals("px", played(renamed));
    }

    /** Progressions of many kinds in the keys that teachers say (common practice): none is doubted. */
    @ParameterizedTest
    @CsvSource({
        "G, G D Em C",
        "C, C Am F G",
        "C, Am F C G",
        "A, F#m D A E",
        "D, Bm G D A",
        "A, A7 D7 A7 E7",
        "E, E7 A7 B7 E7",
        "Dm, Dm Gm A7 Dm",
        "Em, Em C B7 Em",
        "Am, Am G F E",
        "D, D C G D",
        "C, C Bb F C",
        "E, E G A E",
        "A, A G D A",
        "C, C E7 A7 D7 G7 C",
        "C, C Ab Bb Bb C",
        "G, G Cm G D7",
        "F, F Bb C7 Dm",
        "Bb, Bb Eb F Gm",
        "F, Gm7 C7 Fmaj7 Dm7",
        "Am, Am C D F Am E",
        "D, D A Bm F#m G D G A",
        "C, F G Em Am Dm G C"
    })
    void aKeyThatTheChordsComeHomeToIsNotDoubted(String key, String chords) {
        Song song =
                song("4/4", "C: 1 bar", "d-du-udu").withSection(section("verse", "Verse", chords.replace(" ", " | ")));
        song = song.withFacts(song.facts().withKey(Key.parse(key)));
        assertEquals(List.of(), of(song, Kind.KEY_DOES_NOT_AGREE));
    }

    /** A capo that was forgotten in the key, and a key that was said of the shapes. */
    @ParameterizedTest
    @CsvSource({
        "G, 2, G D Em C",
        "C, 3, C Am F G",
        "E, 0, C Am F G",
        "Am, 4, Am F C G",
        "D, 2, D A Bm G",
        "B, 0, G D Em C"
    })
    void aKeyThatTheChordsDoNotSoundInIsDoubtedAndMended(String key, int capo, String chords) {
        Song song =
                song("4/4", "C: 1 bar", "d-du-udu").withSection(section("verse", "Verse", chords.replace(" ", " | ")));
        song = song.withFacts(song.facts().withKey(Key.parse(key)).withInstrument(Instrument.USUAL.withCapo(capo)));
        mended(song, Kind.KEY_DOES_NOT_AGREE);
    }

    @Test
    void aPatternOfTwoBarsIsCutWhereThreeBarsEnd() {
        Song song = song("4/4 4/4 4/4", "C: 1 bar, G: 1 bar, D: 1 bar", "d-du-udud-d-d-du");
        assertTrue(of(song, Kind.PATTERN_CUT).getFirst().sentence().startsWith("\"P\" is cut on D:"));
        assertEquals(1, of(song, Kind.PATTERN_CUT).size());
    }

    /** A chord sounds on where a rule cuts it in two, where it is named again, and is told once for all uses of its section. */
    @Test
    void aChordThatSoundsOnIsHeard() {
        Song held = song("4/4 4/4", "C: 2 bars", "d-------d-------").withOrder(List.of(VERSE, VERSE));
        Song cut = WordedSong.ruled(held, "Verse, bar 1.3-1: soft", "Verse, bar 2.3-2: strong");
        assertEquals(List.of(), of(cut, Kind.CHORD_NOT_STRUCK));
        Song again = song("4/4", "C: 2 beats, C: 2 beats", "d-------");
        assertEquals(List.of(), of(again, Kind.CHORD_NOT_STRUCK));
        Song silent = song("4/4", "C: 3 beats, G: 1 beat", "----d-d-").withOrder(List.of(VERSE, VERSE, VERSE));
        assertEquals(1, of(silent, Kind.CHORD_NOT_STRUCK).size());
        assertTrue(of(silent, Kind.CHORD_NOT_STRUCK).getFirst().sentence().endsWith("(3 times in the song.)"));
    }
}
