package tactus.core.written.song;

import java.util.ArrayList;
import java.util.List;
import tactus.core.ground.refusal.Refusal;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;

/**
 * What is played where.
 *
 * @param sections each id once; their tags lead to other sections and never back
 * @param uses the running order, at most 1,000 entries, each id once
 * @param rules in the order in which they were written
 */
public record Arrangement(List<Section> sections, List<Use> uses, List<Rule> rules) {

    static final Arrangement NONE = new Arrangement(List.of(), List.of(), List.of());

    /** @throws Refusal if the running order is too long */
    public Arrangement {
        sections = List.copyOf(sections);
        uses = List.copyOf(uses);
        rules = List.copyOf(rules);
        if (uses.size() > Song.LONGEST_ORDER) throw new Refusal("song.running-order", uses.size());
    }

    /** Entries that are the same as their sections. */
    static List<Use> entries(List<SectionId> order) {
        var uses = new ArrayList<Use>();
        for (SectionId id : order) uses.add(Use.of(uses.size() + 1, id));
        return uses;
    }
}
