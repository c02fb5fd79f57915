package tactus.core.written.song;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;

/** Follows sections that reuse another as their tag. */
final class Tags {

    private Tags() {}

    /** @throws Refusal if the tags of a section lead back to it */
    static void check(List<Section> sections) {
        Map<SectionId, Optional<SectionId>> tags = new HashMap<>();
        sections.forEach(section -> tags.put(section.id(), section.tag()));
        for (Section section : sections) {
            var seen = new HashSet<SectionId>();
            Optional<SectionId> next = Optional.of(section.id());
            while (next.isPresent()) {
                if (!seen.add(next.get())) {
                    throw new Refusal("tags.section-would", section.name());
                }
                next = tags.getOrDefault(next.get(), Optional.empty());
            }
        }
    }
}
