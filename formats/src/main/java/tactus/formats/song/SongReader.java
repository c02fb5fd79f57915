package tactus.formats.song;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import tactus.core.chord.Chord;
import tactus.core.chord.Key;
import tactus.core.chord.Tuning;
import tactus.core.chord.Voicing;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.song.Facts;
import tactus.core.song.Section;
import tactus.core.song.SectionId;
import tactus.core.song.Song;
import tactus.core.song.Span;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;
import tools.jackson.databind.node.ObjectNode;

/** Reads a song as far as it can be read, and lists what could not be. */
final class SongReader {

    private static final Set<String> FIELDS = Set.of(
            "format",
            "version",
            "title",
            "note",
            "key",
            "tuning",
            "capo",
            "meter",
            "tempo",
            "chords",
            "patterns",
            "sections",
            "order");

    private final List<Problem> problems = new ArrayList<>();
    private final Branch root;

    SongReader(ObjectNode tree) {
        root = new Branch(tree, "", problems);
    }

    OpenedSong read() {
        root.expectOnly(FIELDS);
        Facts facts = facts();
        List<Chord> chords = chords();
        Map<PatternId, Pattern> patterns = patterns();
        Map<SectionId, Section> sections =
                new SectionReader(facts.meter(), patterns.keySet()).read(root.field("sections"));
        warnOfUnknownChords(chords, sections);
        var song = new Song(
                facts, chords, List.copyOf(patterns.values()), List.copyOf(sections.values()), order(sections));
        return new OpenedSong(song, problems);
    }

    private Facts facts() {
        Facts usual = Song.empty("Untitled").facts();
        Meter meter = root.field("meter").or(usual.meter(), "4/4 taken", at -> Meter.parse(at.text()));
        Facts facts = usual.withMeter(meter)
                .withKey(root.field("key").or(usual.key(), "C taken", at -> Key.parse(at.text())))
                .withTuning(root.field("tuning").or(Tuning.STANDARD, "standard taken", at -> Tuning.parse(at.text())))
                .withTempo(root.field("tempo").or(Tempo.of(90, meter), "90 taken", SongReader::tempo));
        facts = with(facts, "title", "named \"Untitled\"", Facts::withTitle);
        if (root.field("note").isThere()) facts = with(facts, "note", "left out", Facts::withNote);
        Facts settled = facts;
        return root.field("capo").or(settled, "no capo taken", at -> settled.withCapo(at.number()));
    }

    private Facts with(Facts facts, String field, String remedy, BiFunction<Facts, String, Facts> change) {
        return root.field(field).or(facts, remedy, at -> change.apply(facts, at.text()));
    }

    private static Tempo tempo(Branch at) {
        return new Tempo(
                at.field("perMinute").decimal(), Length.parse(at.field("beat").text()));
    }

    private List<Chord> chords() {
        Map<String, Chord> chords = new LinkedHashMap<>();
        for (Branch at : root.field("chords").elements()) {
            at.expectOnly(Set.of("name", "shape"));
            at.optional("left out", SongReader::chord).ifPresent(chord -> {
                if (chords.putIfAbsent(chord.name(), chord) != null) {
                    at.report("the chord " + chord.name() + " stands twice", "the first one taken");
                }
            });
        }
        return List.copyOf(chords.values());
    }

    private static Chord chord(Branch at) {
        return new Chord(
                at.field("name").text(), Voicing.parse(at.field("shape").text()));
    }

    private Map<PatternId, Pattern> patterns() {
        Map<PatternId, Pattern> patterns = new LinkedHashMap<>();
        for (Branch at : root.field("patterns").elements()) {
            at.optional("left out", PatternReader::read).ifPresent(pattern -> {
                if (patterns.putIfAbsent(pattern.id(), pattern) != null) {
                    at.report("the pattern " + pattern.id() + " stands twice", "the first one taken");
                }
            });
        }
        return patterns;
    }

    private void warnOfUnknownChords(List<Chord> chords, Map<SectionId, Section> sections) {
        var known = chords.stream().map(Chord::name).toList();
        for (Section section : sections.values()) {
            var unknown = section.spans().stream()
                    .map(Span::chord)
                    .filter(name -> !known.contains(name))
                    .distinct();
            unknown.forEach(name -> problems.add(new Problem(
                    "section " + section.id(),
                    "the chord " + name + " has no shape in this song",
                    "kept, but silent")));
        }
    }

    private List<SectionId> order(Map<SectionId, Section> sections) {
        var order = new ArrayList<SectionId>();
        for (Branch at : root.field("order").elements()) {
            Optional<SectionId> id = at.optional("left out", text -> new SectionId(text.text()));
            if (id.isEmpty()) continue;
            if (!sections.containsKey(id.get())) at.report("there is no section " + id.get(), "left out");
            else if (order.size() == Song.LONGEST_ORDER) at.report("is beyond 1,000 entries", "left out");
            else order.add(id.get());
        }
        return order;
    }
}
