package tactus.words;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tactus.core.counsel.snag.Kind;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.search.ShapeSearch;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.library.Library;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.Where;
import tactus.core.written.section.Cue;
import tactus.core.written.section.Except;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Stretch;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

/**
 * How often snags are wrong and how often they are missed, over songs made by chance. The songs are built of progressions and
 * patterns of common practice, so that nothing in them is a slip; the slips are those that teachers make.
 */
class MeasuredSnagsTest {

    private static final SectionId VERSE = new SectionId("verse");
    private static final SectionId CHORUS = new SectionId("chorus");
    private static final SectionId BRIDGE = new SectionId("bridge");

    /** Progressions by degrees of the major scale, four bars each (common practice). */
    private static final List<String> PROGRESSIONS = List.of(
            "1 4 5 1", "1 5 6 4", "6 4 1 5", "1 6 4 5", "1 4 1 5", "4 5 1 6", "1 2 5 1", "1 3 4 5", "1 1 4 5",
            "4 1 5 1", "6 5 4 5", "1 5 4 5");

    private static final Map<String, List<String>> SCALES = Map.of(
            "C", List.of("C", "Dm", "Em", "F", "G", "Am"),
            "G", List.of("G", "Am", "Bm", "C", "D", "Em"),
            "D", List.of("D", "Em", "F#m", "G", "A", "Bm"),
            "A", List.of("A", "Bm", "C#m", "D", "E", "F#m"),
            "E", List.of("E", "F#m", "G#m", "A", "B", "C#m"),
            "F", List.of("F", "Gm", "Am", "Bb", "C", "Dm"));

    private static final ShapeSearch SHAPES = new ShapeSearch(Tuning.STANDARD, Neck.USUAL, FrettingHand.USUAL);

    private static Song sound(int seed) {
        var random = new Random(seed);
        String key = List.copyOf(new TreeMap<>(SCALES).keySet()).get(random.nextInt(SCALES.size()));
        Meter meter = List.of(Meter.of(4, 4), Meter.of(4, 4), Meter.of(3, 4), Meter.of(6, 8))
                .get(random.nextInt(4));
        Song song = Song.empty("Song " + seed);
        song = song.withFacts(song.facts()
                .withMeter(meter)
                .withTempo(Tempo.of(60 + random.nextInt(30), meter))
                .withKey(Key.parse(key)));
        List<Pattern> fitting = Library.patterns().stream()
                .map(each -> each.pattern())
                .filter(pattern -> pattern.meter().equals(meter))
                .filter(pattern -> pattern.moves().isEmpty())
                .toList();
        int first = random.nextInt(fitting.size());
        int second = (first + 1 + random.nextInt(fitting.size() - 1)) % fitting.size();
        for (int each : List.of(first, second)) song = song.withPattern(fitting.get(each));
        List<String> progressions = new ArrayList<>(PROGRESSIONS);
        java.util.Collections.shuffle(progressions, random);
        // One section begins at home and one comes home.
        progressions.addFirst("1 4 5 1");
        song = song.withSection(section(VERSE, "Verse", key, progressions.subList(0, 2), meter, 1 + random.nextInt(2)))
                .withSection(section(CHORUS, "Chorus", key, progressions.subList(2, 4), meter, 2))
                .withSection(section(BRIDGE, "Bridge", key, progressions.subList(4, 5), meter, 1))
                .withOrder(List.of(VERSE, CHORUS, VERSE, CHORUS, BRIDGE, CHORUS));
        song = shaped(song);
        PatternId one = song.patterns().getFirst().id();
        PatternId other = song.patterns().getLast().id();
        return song.withRule(new Rule(Where.in(VERSE), Play.pattern(one)))
                .withRule(new Rule(Where.in(CHORUS), Play.pattern(other)))
                .withRule(new Rule(Where.in(BRIDGE), Play.pattern(one)));
    }

    private static Section section(
            SectionId id, String name, String key, List<String> progressions, Meter meter, int passes) {
        var spans = new ArrayList<Span>();
        for (String progression : progressions) {
            for (String degree : progression.split(" ")) {
                String chord = SCALES.get(key).get(Integer.parseInt(degree) - 1);
                spans.add(new Span(chord, SpanLength.bars(1)));
            }
        }
        return new Section(id, name, java.util.Collections.nCopies(spans.size(), meter), spans, passes);
    }

    private static Song shaped(Song song) {
        Song shaped = song;
        for (Section section : song.sections()) {
            for (Span span : section.spans()) {
                if (shaped.chord(span.chord()).isPresent()) continue;
                Voicing shape = SHAPES.first(ChordName.parse(Chord.plainName(span.chord())))
                        .orElseThrow()
                        .voicing();
                shaped = shaped.withChord(new Chord(span.chord(), shape));
            }
        }
        return shaped;
    }

    static IntStream seeds() {
        return IntStream.range(0, 200);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void nothingIsToldOfASongWithoutASlip(int seed) {
        assertEquals(
                List.of(), Said.of(sound(seed)), () -> sound(seed).sections().toString());
    }

    /**
     * A slip.
     *
     * @param where what the place that is told must begin with
     */
    private record Slip(String name, Kind kind, String where, UnaryOperator<Song> plant) {}

    private static Slip slip(String name, Kind kind, String where, UnaryOperator<Song> plant) {
        return new Slip(name, kind, where, plant);
    }

    private static Slip in(SectionId id, String name, Kind kind, String where, UnaryOperator<Section> plant) {
        return slip(name, kind, where, song -> song.withSection(id, plant));
    }

    private static Section held(Section section, int span, SpanLength length) {
        return section.withSpan(span, new Span(section.spans().get(span).chord(), length));
    }

    private static Section called(Section section, int span, String chord) {
        return section.withSpan(span, new Span(chord, section.spans().get(span).length()));
    }

    private static Section longer(Section section, int span) {
        var bars = new ArrayList<>(section.bars());
        bars.add(bars.getFirst());
        return held(section, span, SpanLength.bars(2)).withBars(bars);
    }

    private static Song ruled(Song song, String... sentences) {
        return WordedSong.ruled(song, sentences);
    }

    private static Song pattern(Song song, String id, String name, String line) {
        Meter meter = song.facts().meter();
        return song.withPattern(Pattern.empty(new PatternId(id), name, meter).withLine(line));
    }

    private static Song first(Song song, UnaryOperator<Pattern> change) {
        return song.withPattern(change.apply(song.patterns().getFirst()));
    }

    private static String wrongLetter(Section section) {
        String chord = section.spans().get(1).chord();
        return chord.endsWith("m") ? chord.substring(0, chord.length() - 1) : chord + "m";
    }

    /** A pattern that is struck at its start and its end, where a chord takes the first beat alone. */
    private static Song cut(Song song) {
        Pattern empty = Pattern.empty(new PatternId("cut"), "Cut", song.facts().meter());
        int slots = empty.grid().size();
        int beats = song.facts().meter().beats().size();
        Song played = song.withPattern(empty.withLine("d" + "-".repeat(slots - 2) + "u"))
                .withSection(VERSE, each -> {
                    var spans = new ArrayList<>(each.spans());
                    spans.set(0, new Span(spans.get(0).chord(), SpanLength.beats(1)));
                    spans.add(1, new Span(spans.get(2).chord(), SpanLength.beats(beats - 1)));
                    return each.withSpans(spans);
                });
        return ruled(played, "Verse: Cut");
    }

    private static Song stopped(Song song) {
        Song longer = song.withSection(CHORUS, each -> {
            var bars = new ArrayList<>(each.bars());
            bars.addAll(each.bars().subList(0, 4));
            return held(each, 7, SpanLength.bars(5)).withBars(bars);
        });
        return ruled(longer, "Chorus, last chord: stop and count");
    }

    /** Thirty kinds of slips. */
    private static List<Slip> slips() {
        return List.of(
                in(
                        VERSE,
                        "a chord a beat short",
                        Kind.SPANS_DO_NOT_FILL_BARS,
                        "Verse",
                        section -> held(section, 7, SpanLength.beats(1))),
                in(
                        CHORUS,
                        "a chord a bar too long",
                        Kind.SPANS_DO_NOT_FILL_BARS,
                        "Chorus",
                        section -> held(section, 3, SpanLength.bars(2))),
                in(VERSE, "a bar counted twice", Kind.LENGTH_ODD, "Verse", section -> longer(section, 4)),
                in(
                        BRIDGE,
                        "lengths not said",
                        Kind.CHORD_WITHOUT_LENGTH,
                        "Bridge",
                        section -> section.withSpans(section.spans().stream()
                                .map(span -> new Span(span.chord(), new SpanLength.Open()))
                                .toList())),
                slip(
                        "a chord without a shape",
                        Kind.CHORD_WITHOUT_SHAPE,
                        "Verse",
                        song -> song.withSection(VERSE, each -> called(each, 1, "Ebmaj9"))),
                slip(
                        "a name that is none",
                        Kind.NAME_UNREADABLE,
                        "Chord",
                        song -> song.withSection(VERSE, each -> called(each, 1, "Hx"))
                                .withChord(new Chord("Hx", Voicing.parse("x32010")))),
                slip(
                        "a shape that is another chord",
                        Kind.SHAPE_NOT_ITS_NAME,
                        "Chord",
                        song -> song.withChord(song.chords().getFirst().withVoicing(Voicing.parse("x-1-3-3-4-x")))),
                slip(
                        "a shape no hand holds",
                        Kind.SHAPE_NOT_PLAYABLE,
                        "Chord",
                        song -> song.withChord(song.chords().getFirst().withVoicing(Voicing.parse("1-x-9-x-3-12")))),
                slip(
                        "a chord that is played nowhere",
                        Kind.CHORD_NOT_USED,
                        "",
                        song -> song.withChord(new Chord("Bbmaj7", Voicing.parse("x-1-3-2-3-1")))),
                slip(
                        "one chord under two names",
                        Kind.TWO_NAMES_OF_ONE_CHORD,
                        "",
                        song -> song.withSection(BRIDGE, each -> called(called(each, 1, "G#7"), 2, "Ab7"))
                                .withChord(new Chord("G#7", Voicing.parse("464544")))
                                .withChord(new Chord("Ab7", Voicing.parse("464544")))),
                slip(
                        "the key of other chords",
                        Kind.KEY_DOES_NOT_AGREE,
                        "",
                        song -> song.withFacts(
                                song.facts().withKey(song.facts().key().plus(6)))),
                slip(
                        "a string tuned up by three",
                        Kind.STRING_TOO_TIGHT,
                        "",
                        song -> song.withFacts(song.facts()
                                .withInstrument(song.facts().instrument().withTuning(Tuning.parse("E A D G B G"))))),
                slip(
                        "the capo at the tenth fret",
                        Kind.CAPO_TOO_HIGH,
                        "",
                        song -> song.withFacts(song.facts()
                                .withInstrument(song.facts().instrument().withCapo(10))
                                .withKey(song.facts().key().plus(10)))),
                slip("a pattern cut by a chord of one beat", Kind.PATTERN_CUT, "Verse", MeasuredSnagsTest::cut),
                slip(
                        "nothing said of a section",
                        Kind.BAR_WITHOUT_PATTERN,
                        "Bridge",
                        song -> song.withRules(song.rules().stream()
                                .filter(rule -> !rule.where().equals(Where.in(BRIDGE)))
                                .toList())),
                slip(
                        "two rules for one place",
                        Kind.RULES_CONTRADICT,
                        "Verse",
                        song -> song.withRules(Stream.concat(
                                        song.rules().stream(),
                                        Stream.of(new Rule(
                                                Where.in(VERSE),
                                                Play.pattern(song.patterns()
                                                        .getLast()
                                                        .id()))))
                                .toList())),
                slip(
                        "a rule for a bar that is not there",
                        Kind.RULE_NEVER_HOLDS,
                        "Verse, bars 30-31",
                        song -> ruled(song, "Verse, bars 30-31: silence")),
                slip(
                        "an exception for bars that are gone",
                        Kind.EXCEPTION_WITHOUT_BARS,
                        "",
                        song -> song.withUse(
                                song.uses().getFirst().plus(Except.always(new Except.LeftOut(Stretch.bars(20, 21)))))),
                slip(
                        "one name for two sections",
                        Kind.SAME_NAME_OTHER_BARS,
                        "Verse",
                        song -> song.withSection(
                                song.section(CHORUS).orElseThrow().copiedAs(new SectionId("v2"), "Verse"))),
                slip(
                        "a chord forgotten in a like section",
                        Kind.LENGTH_UNLIKE_SIBLING,
                        "Verse two",
                        song -> song.withSection(longer(
                                song.section(VERSE).orElseThrow().copiedAs(new SectionId("v2"), "Verse two"), 2))),
                slip(
                        "a part that was planned",
                        Kind.PLANNED_PART_MISSING,
                        "Solo",
                        song -> song.withLesson(song.lesson().withPlanned(List.of("Solo")))),
                slip("one saying for two rhythms", Kind.SAME_WORDS_OTHER_RHYTHM, "", song -> {
                    Song two = first(
                            song,
                            each -> each.withLine("d---d-u-")
                                    .withStory(each.story().withSaid("down down up")));
                    Song more = pattern(two, "other", "Other", "d-d-u---");
                    Pattern other = more.pattern(new PatternId("other")).orElseThrow();
                    return more.withPattern(other.withStory(other.story().withSaid("Down, down, up")));
                }),
                slip("one rhythm under two names", Kind.SAME_RHYTHM_OTHER_NAME, "Copy", song -> {
                    Pattern one = song.patterns().getFirst();
                    return song.withPattern(new Pattern(
                            new PatternId("copy"),
                            "Copy",
                            one.frame(),
                            one.strokes(),
                            one.moves(),
                            one.picking(),
                            one.story(),
                            one.form()));
                }),
                slip("a long stop without a count", Kind.STOP_WITHOUT_COUNT, "Chorus", MeasuredSnagsTest::stopped),
                slip(
                        "too fast for a version",
                        Kind.TOO_FAST_FOR_VERSION,
                        "",
                        song -> song.withFacts(song.facts()
                                        .withTempo(Tempo.of(200, song.facts().meter())))
                                .withVersions(song.versions()
                                        .with(Version.of("Easy").withMostStrokes(Optional.of(1)))
                                        .withShown(Optional.of("Easy")))),
                slip(
                        "a stand-in that is another chord",
                        Kind.STAND_IN_IS_ANOTHER_CHORD,
                        "",
                        song -> song.withVersions(song.versions()
                                .with(Version.of("Easy")
                                        .withStandIns(List.of(
                                                song.chords().getFirst().withVoicing(Voicing.parse("x-1-3-3-3-1"))))))),
                in(
                        VERSE,
                        "a letter of a chord",
                        Kind.CHORD_A_LETTER_AWAY,
                        "Verse",
                        section -> called(section, 1, wrongLetter(section))),
                in(
                        VERSE,
                        "a cue beyond the bars",
                        Kind.MARK_BEYOND_BARS,
                        "Verse",
                        section -> section.withCues(List.of(new Cue(14, 1, PassChoice.EVERY, "now")))),
                slip(
                        "a half that is none",
                        Kind.HALF_THAT_IS_NONE,
                        "Half verse",
                        song -> song.withSection(new Section(
                                new SectionId("half"),
                                "Half verse",
                                song.section(VERSE).orElseThrow().bars().subList(0, 3),
                                song.section(VERSE).orElseThrow().spans().subList(0, 3),
                                1))),
                slip(
                        "one stop among others",
                        Kind.STOPS_UNLIKE,
                        "Chorus",
                        song -> ruled(
                                song,
                                "Chorus, last bar: stop and count",
                                "second Chorus, pass 1, bars 8.2-8: stop and count",
                                "second Chorus, pass 1, bar 8.1: "
                                        + song.patterns().getLast().name())));
    }

    @Test
    void ofSixtyPlantedSlipsNearlyAllAreFoundAtTheirPlaces() {
        List<Slip> slips = slips();
        assertEquals(30, slips.stream().map(Slip::name).distinct().count());
        var missed = new ArrayList<String>();
        for (Slip slip : slips) {
            for (int seed : List.of(3, 11)) {
                Song planted = shapedLetters(slip.plant().apply(seededFor(slip, seed)));
                boolean found = Said.of(planted).stream()
                        .anyMatch(said ->
                                said.kind() == slip.kind() && said.where().startsWith(slip.where()));
                if (!found) missed.add(slip.name() + " in " + seed + ": " + Said.of(planted));
            }
        }
        assertTrue(missed.size() <= 3, () -> missed.size() + " missed: " + String.join("\n", missed));
    }

    /** A letter is only known as wrong where the right one stands between the same chords elsewhere. */
    private static Song seededFor(Slip slip, int seed) {
        Song song = sound(seed);
        return slip.kind() != Kind.CHORD_A_LETTER_AWAY
                ? song
                : song.withSection(
                        CHORUS,
                        each -> each.withSpans(Stream.concat(
                                        song.section(VERSE).orElseThrow().spans().subList(0, 4).stream(),
                                        song.section(VERSE).orElseThrow().spans().subList(0, 4).stream())
                                .toList()));
    }

    /** A chord that a slip of a letter made has a shape, as it gets one when it is written. */
    private static Song shapedLetters(Song song) {
        Song shaped = song;
        for (Section section : song.sections()) {
            for (Span span : section.spans()) {
                if (span.chord().length() > 3
                        || shaped.chord(span.chord()).isPresent()
                        || Chord.meaning(span.chord()).isEmpty()) continue;
                Voicing shape = SHAPES.first(ChordName.parse(span.chord()))
                        .orElseThrow()
                        .voicing();
                shaped = shaped.withChord(new Chord(span.chord(), shape));
            }
        }
        return shaped;
    }

    @ParameterizedTest
    @MethodSource("some")
    void aSectionInAKeyOfItsOwnIsNoSlip(int seed) {
        Song song = sound(seed);
        Key other = song.facts().key().plus(3);
        Song moved = shaped(song.withSection(
                BRIDGE,
                bridge -> bridge.withSpans(bridge.spans().stream()
                                .map(span -> new Span(
                                        ChordName.parse(span.chord())
                                                .transposed(3, song.facts().spelling(), other)
                                                .toString(),
                                        span.length()))
                                .toList())
                        .withKey(Optional.of(other))));
        assertEquals(
                List.of(),
                Said.of(moved).stream()
                        .filter(said -> said.kind() != Kind.CHORD_NOT_USED)
                        .toList());
    }

    static Stream<Integer> some() {
        return Stream.of(1, 5, 9);
    }

    @ParameterizedTest
    @MethodSource("some")
    void aLineOfChordsOfASoundSongIsWrittenAndReadTheSame(int seed) {
        for (Section section : sound(seed).sections()) {
            String line = new HarmonyLine(section.bars(), section.spans(), List.of())
                    .text(section.bars().getFirst(), Length.WHOLE);
            assertEquals(
                    section.edges(Length.WHOLE),
                    new Section(
                                    section.id(),
                                    "A",
                                    HarmonyLine.parse(
                                                    line, section.bars().getFirst(), Optional.empty(), Words.lexicon())
                                            .bars(),
                                    HarmonyLine.parse(
                                                    line, section.bars().getFirst(), Optional.empty(), Words.lexicon())
                                            .spans(),
                                    1)
                            .edges(Length.WHOLE));
        }
    }
}
