package tactus.formats.song;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import tactus.core.ground.statement.Statement;
import tactus.core.music.shape.Fingering;
import tactus.core.music.shape.StringRange;
import tactus.core.music.shape.Voicing;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.rhythm.CellWords;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.ChordMove;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;
import tactus.core.written.song.Accepted;
import tactus.core.written.song.Arrangement;
import tactus.core.written.song.ChangeCount;
import tactus.core.written.song.Facts;
import tactus.core.written.song.Hint;
import tactus.core.written.song.LessonNotes;
import tactus.core.written.song.Materials;
import tactus.core.written.song.SnagId;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongId;
import tactus.core.written.song.Version;
import tactus.core.written.song.Versions;
import tools.jackson.databind.node.ObjectNode;

/** Reads a song as far as it can be read, and lists what could not be. */
final class SongReader {

    /** The fields beside those of the facts. */
    private static final Set<String> FIELDS = Set.of(
            "format",
            "version",
            "id",
            "chords",
            "patterns",
            "sections",
            "order",
            "rules",
            "versions",
            "shownVersion",
            "changes",
            "planned",
            "accepted",
            "hints",
            "mnemonics",
            "sheet");

    private final List<Problem> problems = new ArrayList<>();
    private final List<OldAcceptance> oldAccepted = new ArrayList<>();
    private final Branch root;

    SongReader(ObjectNode tree) {
        root = new Branch(tree, "", problems);
    }

    OpenedSong read() {
        Set<String> fields = FactsTree.fields();
        fields.addAll(FIELDS);
        root.expectOnly(fields);
        Facts facts = FactsTree.read(root);
        List<Chord> chords = chords();
        Map<PatternId, Pattern> patterns = patterns();
        var sectionReader = new SectionReader(facts.meter(), patterns.keySet());
        Map<SectionId, Section> sections = sectionReader.read(root.field("sections"));
        List<Use> uses = sectionReader.order(root.field("order"), sections.keySet());
        Set<Integer> useIds = uses.stream().map(Use::id).collect(Collectors.toSet());
        var overlays =
                new OverlayReader(facts.meter(), patterns.keySet(), sections, useIds, VersionsReader.names(root));
        Versions versions = new VersionsReader(root, overlays).read();
        Set<Integer> entries = new HashSet<>(useIds);
        versions.all().forEach(version -> version.overlay().uses().forEach(use -> entries.add(use.id())));
        var rules = new ArrayList<>(sectionReader.rules());
        rules.addAll(new RulesReader(
                        patterns.keySet(),
                        sections.keySet(),
                        entries,
                        versions.all().stream().map(Version::name).collect(Collectors.toSet()))
                .read(root.field("rules")));
        var song = new Song(
                facts,
                new Materials(chords, List.copyOf(patterns.values())),
                new Arrangement(List.copyOf(sections.values()), uses, rules),
                versions,
                changeCounts(),
                lesson(patterns.keySet(), sections.keySet()));
        Optional<SongId> id = root.field("id").isThere()
                ? root.field("id").optional("remedy.left-out", each -> new SongId(each.text()))
                : Optional.empty();
        return new OpenedSong(OldAcceptance.resolved(song, oldAccepted), id, problems);
    }

    private LessonNotes lesson(Set<PatternId> patterns, Set<SectionId> sections) {
        var planned = new ArrayList<String>();
        for (Branch at : root.field("planned").elements())
            at.optional("remedy.left-out", Branch::text).ifPresent(planned::add);
        LessonNotes lesson = root.field("planned")
                .or(LessonNotes.EMPTY, "remedy.nothing-planned", _ -> LessonNotes.EMPTY.withPlanned(planned));
        for (Branch at : root.field("accepted").elements()) {
            if (OldAcceptance.isOne(at)) {
                at.optional("remedy.left-out", OldAcceptance::read).ifPresent(oldAccepted::add);
                continue;
            }
            LessonNotes before = lesson;
            lesson = at.or(before, "remedy.left-out", each -> before.with(accepted(each)));
        }
        var hints = new ArrayList<Hint>();
        for (Branch at : root.field("hints").elements()) {
            at.optional("remedy.left-out", each -> HintTree.read(each, patterns, sections))
                    .ifPresent(hints::add);
        }
        LessonNotes without = lesson;
        return mnemonics(root.field("hints").or(without, "remedy.left-out", _ -> without.withHints(hints)));
    }

    private LessonNotes mnemonics(LessonNotes before) {
        LessonNotes lesson = before;
        for (Branch at : root.field("mnemonics").elements()) {
            at.expectOnly(Set.of("cell", "words"));
            LessonNotes without = lesson;
            lesson = at.or(
                    without,
                    "remedy.left-out",
                    each -> without.with(new CellWords(
                            each.field("cell").text(), each.field("words").text())));
        }
        return root.field("sheet").isThere() ? lesson.with(HandoutTree.read(root.field("sheet"))) : lesson;
    }

    private static Accepted accepted(Branch at) {
        at.expectOnly(Set.of("snag", "of", "numbers", "reason"));
        return new Accepted(
                new SnagId(at.field("snag").text(), texts(at.field("of"))),
                texts(at.field("numbers")),
                at.field("reason").text());
    }

    private static List<String> texts(Branch list) {
        return list.elements().stream().map(Branch::text).toList();
    }

    private List<Chord> chords() {
        Map<String, Chord> chords = new LinkedHashMap<>();
        for (Branch at : root.field("chords").elements()) {
            at.expectOnly(Set.of("name", "shape", "fingers", "strum", "moves", "offered"));
            at.optional("remedy.left-out", SongReader::chord).ifPresent(chord -> {
                if (chords.putIfAbsent(chord.name(), chord) != null) {
                    at.report(Statement.of("file.chord-twice", chord.name()), "remedy.the-first-one-taken");
                }
            });
        }
        return List.copyOf(chords.values());
    }

    static Chord chord(Branch at) {
        var chord = new Chord(
                at.field("name").text(), Voicing.parse(at.field("shape").text()));
        Branch fingers = at.field("fingers");
        Branch strum = at.field("strum");
        if (fingers.isThere()) {
            chord = fingers.or(
                    chord,
                    "remedy.any-fingers-taken",
                    with(chord, (each, text) -> each.withFingering(Optional.of(Fingering.parse(text)))));
        }
        if (strum.isThere()) {
            chord = strum.or(
                    chord,
                    "remedy.all-strings-taken",
                    with(chord, (each, text) -> each.withStrummed(Optional.of(StringRange.parse(text)))));
        }
        Branch moves = at.field("moves");
        if (moves.isThere()) {
            chord = moves.or(
                    chord, "remedy.left-out", with(chord, (each, text) -> each.withMoves(ChordMove.parse(text))));
        }
        boolean isOffered = at.field("offered").isThere() && at.field("offered").truth();
        return isOffered ? chord.offered() : chord;
    }

    private static Function<Branch, Chord> with(Chord chord, BiFunction<Chord, String, Chord> change) {
        return at -> change.apply(chord, at.text());
    }

    private List<ChangeCount> changeCounts() {
        Map<Set<String>, ChangeCount> counts = new LinkedHashMap<>();
        for (Branch at : root.field("changes").elements()) {
            at.expectOnly(Set.of("from", "to", "perMinute"));
            at.optional("remedy.left-out", SongReader::changeCount).ifPresent(count -> {
                if (counts.putIfAbsent(Set.of(count.from(), count.to()), count) != null) {
                    at.report(Statement.of("file.change-twice"), "remedy.the-first-one-taken");
                }
            });
        }
        return List.copyOf(counts.values());
    }

    private static ChangeCount changeCount(Branch at) {
        return new ChangeCount(
                at.field("from").text(),
                at.field("to").text(),
                at.field("perMinute").number());
    }

    private Map<PatternId, Pattern> patterns() {
        Map<PatternId, Pattern> patterns = new LinkedHashMap<>();
        for (Branch at : root.field("patterns").elements()) {
            at.optional("remedy.left-out", PatternReader::read).ifPresent(pattern -> {
                if (patterns.putIfAbsent(pattern.id(), pattern) != null) {
                    at.report(Statement.of("file.pattern-twice", pattern.id()), "remedy.the-first-one-taken");
                }
            });
        }
        return patterns;
    }
}
