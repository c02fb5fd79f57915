package tactus.formats.song;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tactus.core.pattern.PatternId;
import tactus.core.song.Section;
import tactus.core.song.SectionId;
import tactus.core.song.Span;
import tactus.core.song.SpanLength;
import tactus.core.time.Meter;

/** Reads the sections. A bar with an impossible meter gets the song's; a pattern that is missing is unassigned. */
final class SectionReader {

    private static final Set<String> FIELDS =
            Set.of("id", "name", "bars", "chords", "passes", "pattern", "lastPassPattern");

    private final Meter usual;
    private final Set<PatternId> patterns;

    SectionReader(Meter usual, Set<PatternId> patterns) {
        this.usual = usual;
        this.patterns = patterns;
    }

    Map<SectionId, Section> read(Branch list) {
        Map<SectionId, Section> sections = new LinkedHashMap<>();
        for (Branch at : list.elements()) {
            at.optional("left out", this::section).ifPresent(section -> {
                if (sections.putIfAbsent(section.id(), section) != null) {
                    at.report("the section " + section.id() + " stands twice", "the first one taken");
                }
            });
        }
        return sections;
    }

    private Section section(Branch at) {
        at.expectOnly(FIELDS);
        return new Section(
                new SectionId(at.field("id").text()),
                at.field("name").text(),
                bars(at.field("bars")),
                spans(at.field("chords")),
                at.field("passes").or(1, "once taken", Branch::number),
                pattern(at.field("pattern")),
                pattern(at.field("lastPassPattern")));
    }

    private List<Meter> bars(Branch runs) {
        var bars = new ArrayList<Meter>();
        for (Branch at : runs.elements()) {
            Meter meter = at.field("meter").or(usual, usual + " taken", text -> Meter.parse(text.text()));
            int count = at.field("count").or(1, "1 taken", Branch::number);
            if (count < 1 || count > Section.MOST_BARS) {
                throw new IllegalArgumentException("a section has 1 to 10,000 bars, not " + count);
            }
            bars.addAll(Collections.nCopies(count, meter));
        }
        return bars;
    }

    private static List<Span> spans(Branch list) {
        var spans = new ArrayList<Span>();
        for (Branch at : list.elements()) {
            at.optional("left out", SectionReader::span).ifPresent(spans::add);
        }
        return spans;
    }

    private static Span span(Branch at) {
        at.expectOnly(Set.of("chord", "length"));
        return new Span(
                at.field("chord").text(), SpanLength.parse(at.field("length").text()));
    }

    private Optional<PatternId> pattern(Branch at) {
        if (!at.isThere()) return Optional.empty();
        Optional<PatternId> id = at.optional("no pattern assigned", text -> new PatternId(text.text()));
        if (id.isPresent() && !patterns.contains(id.get())) {
            at.report("there is no pattern " + id.get(), "no pattern assigned");
            return Optional.empty();
        }
        return id;
    }
}
