package tactus.formats.song;

import java.util.List;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Overlay;
import tactus.core.written.song.Version;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes what else is other in a version. */
final class OverlayTree {

    private OverlayTree() {}

    /** The facts among it are those that do not stand in the version itself, as capo and company always did. */
    static List<Aspect<?>> facts() {
        return Aspect.all().stream()
                .filter(Aspect.inVersions()::contains)
                .filter(each -> each != Aspect.CAPO && each != Aspect.COMPANY)
                .toList();
    }

    static ObjectNode of(Version version) {
        Overlay overlay = version.overlay();
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        overlay.chords().forEach(chord -> tree.withArray("chords").add(SongTree.of(chord)));
        overlay.patterns().forEach(pattern -> tree.withArray("patterns").add(PatternTree.of(pattern)));
        overlay.sections().forEach(section -> tree.withArray("sections").add(SectionTree.of(section)));
        overlay.uses().forEach(use -> tree.withArray("entries").add(SectionTree.of(use)));
        overlay.order().ifPresent(ids -> {
            var order = tree.putArray("order");
            ids.forEach(order::add);
        });
        overlay.dropped().forEach(rule -> tree.withArray("dropped").add(RuleTree.of(rule)));
        for (Aspect<?> aspect : facts()) FactsTree.put(tree, version.facts(), aspect);
        return tree;
    }
}
