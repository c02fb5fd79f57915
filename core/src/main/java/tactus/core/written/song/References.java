package tactus.core.written.song;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;

/** What the parts of a song call each other by. */
final class References {

    private References() {}

    /** @throws IllegalArgumentException if a name or id stands twice or refers to nothing, or a section refers to itself */
    static void check(
            List<Chord> chords,
            List<Pattern> patterns,
            List<Section> sections,
            List<Use> uses,
            List<Rule> rules,
            Versions versions) {
        once(chords, Chord::name, "chord");
        Set<PatternId> patternIds = once(patterns, Pattern::id, "pattern");
        Set<SectionId> sectionIds = once(sections, Section::id, "section");
        Set<Integer> useIds = once(uses, Use::id, "entry");
        versions.all().forEach(version -> version.overlay().uses().forEach(use -> useIds.add(use.id())));
        uses.forEach(use -> known(sectionIds, use.section(), "section"));
        for (Section section : sections) {
            section.second().forEach(id -> known(patternIds, id, "pattern"));
            section.tag().ifPresent(id -> known(sectionIds, id, "section"));
        }
        for (Rule rule : rules) {
            rule.patterns().forEach(id -> known(patternIds, id, "pattern"));
            rule.where().section().ifPresent(id -> known(sectionIds, id, "section"));
            rule.where().use().entry().ifPresent(id -> known(useIds, id, "entry"));
            rule.where()
                    .version()
                    .filter(name -> versions.named(name).isEmpty())
                    .ifPresent(name -> {
                        throw new IllegalArgumentException("there is no version " + name);
                    });
        }
        Tags.check(sections);
    }

    private static <T, K> Set<K> once(List<T> things, Function<T, K> key, String kind) {
        var keys = new HashSet<K>();
        for (T thing : things) {
            if (!keys.add(key.apply(thing))) {
                throw new IllegalArgumentException("the " + kind + " " + key.apply(thing) + " stands twice");
            }
        }
        return keys;
    }

    private static <K> void known(Set<K> keys, K key, String kind) {
        if (!keys.contains(key)) throw new IllegalArgumentException("there is no " + kind + " " + key);
    }
}
