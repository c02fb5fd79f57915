package tactus.formats.song;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Overlay;

/**
 * Reads what else is other in a version; what speaks of something that is not in the song is left out.
 *
 * @param patterns those of the song
 * @param sections those of the song
 * @param uses the ids of its entries
 * @param versions the names of its versions
 */
record OverlayReader(
        Meter usual,
        Set<PatternId> patterns,
        Map<SectionId, Section> sections,
        Set<Integer> uses,
        Set<String> versions) {

    private static final Set<String> FIELDS = Stream.concat(
                    Stream.of("chords", "patterns", "sections", "entries", "order", "dropped"),
                    OverlayTree.facts().stream().map(Aspect::field))
            .collect(Collectors.toSet());

    Overlay read(Branch at) {
        at.expectOnly(FIELDS);
        var chords = new ArrayList<Chord>();
        for (Branch each : at.field("chords").elements())
            each.optional("remedy.left-out", SongReader::chord).ifPresent(chords::add);
        var others = new ArrayList<Pattern>();
        for (Branch each : at.field("patterns").elements()) {
            each.optional("remedy.left-out", PatternReader::read)
                    .filter(pattern -> patterns.contains(pattern.id()))
                    .ifPresent(others::add);
        }
        var reader = new SectionReader(usual, patterns);
        List<Section> read = reader.readOthers(at.field("sections"), sections);
        List<Use> entries = reader.order(at.field("entries"), sections.keySet());
        return new Overlay(
                chords, others, read, entries, order(at.field("order")), dropped(at.field("dropped"), entries));
    }

    private static Optional<List<Integer>> order(Branch at) {
        if (!at.isThere()) return Optional.empty();
        var ids = new ArrayList<Integer>();
        for (Branch each : at.elements())
            each.optional("remedy.left-out", Branch::number)
                    .filter(id -> !ids.contains(id))
                    .ifPresent(ids::add);
        return Optional.of(ids);
    }

    private List<Rule> dropped(Branch at, List<Use> entries) {
        var known = new HashSet<>(uses);
        entries.forEach(use -> known.add(use.id()));
        return new RulesReader(patterns, sections.keySet(), known, versions).read(at);
    }
}
