package tactus.formats.song;

import java.util.Set;
import tactus.core.ground.refusal.Refusal;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Hint;
import tactus.core.written.song.HintPlace;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** A hint in a file: what it is about, and its text. */
final class HintTree {

    private static final Set<String> FIELDS =
            Set.of("text", "chord", "from", "to", "pattern", "slot", "section", "bar");

    private HintTree() {}

    static ObjectNode of(Hint hint) {
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        switch (hint.about()) {
            case HintPlace.OfSong _ -> {}
            case HintPlace.OfChord(String chord) -> tree.put("chord", chord);
            case HintPlace.OfChange(String from, String to) ->
                tree.put("from", from).put("to", to);
            case HintPlace.OfPattern(PatternId id) -> tree.put("pattern", id.value());
            case HintPlace.OfStroke(PatternId id, int slot) ->
                tree.put("pattern", id.value()).put("slot", slot);
            case HintPlace.OfSection(SectionId id) -> tree.put("section", id.value());
            case HintPlace.OfBar(SectionId id, int bar) ->
                tree.put("section", id.value()).put("bar", bar);
        }
        return tree.put("text", hint.text());
    }

    /** @throws Refusal if it is about a pattern or section that is not there, or says nothing */
    static Hint read(Branch at, Set<PatternId> patterns, Set<SectionId> sections) {
        at.expectOnly(FIELDS);
        return new Hint(place(at, patterns, sections), at.field("text").text());
    }

    private static HintPlace place(Branch at, Set<PatternId> patterns, Set<SectionId> sections) {
        if (at.field("chord").isThere())
            return new HintPlace.OfChord(at.field("chord").text());
        if (at.field("from").isThere())
            return new HintPlace.OfChange(
                    at.field("from").text(), at.field("to").text());
        if (at.field("pattern").isThere()) {
            var id = new PatternId(at.field("pattern").text());
            if (!patterns.contains(id)) throw new Refusal("file.no-pattern", id.value());
            return at.field("slot").isThere()
                    ? new HintPlace.OfStroke(id, at.field("slot").number())
                    : new HintPlace.OfPattern(id);
        }
        if (!at.field("section").isThere()) return new HintPlace.OfSong();
        var id = new SectionId(at.field("section").text());
        if (!sections.contains(id)) throw new Refusal("file.no-section", id.value());
        return at.field("bar").isThere()
                ? new HintPlace.OfBar(id, at.field("bar").number())
                : new HintPlace.OfSection(id);
    }
}
