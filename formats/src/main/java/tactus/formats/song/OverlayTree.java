package tactus.formats.song;

import tactus.core.song.Overlay;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes what else is other in a version. */
final class OverlayTree {

    private OverlayTree() {}

    static ObjectNode of(Overlay overlay) {
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
        overlay.key().ifPresent(key -> tree.put("key", key.toString()));
        overlay.tempo().ifPresent(tempo -> tree.set("tempo", SongTree.of(tempo)));
        return tree;
    }
}
