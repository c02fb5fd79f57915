package tactus.formats.song;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Facts;
import tactus.core.written.song.OtherFacts;
import tactus.core.written.song.Song;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** The facts of a song as they stand in files: at the root, and where a version has others. */
final class FactsTree {

    private FactsTree() {}

    /** The fields that facts have. */
    static Set<String> fields() {
        return Aspect.all().stream().map(Aspect::field).collect(Collectors.toSet());
    }

    /** Puts {@code facts} into {@code tree}; what every song has unless something is said is left out. */
    static void put(ObjectNode tree, Facts facts) {
        for (Aspect<?> aspect : Aspect.all()) {
            if (aspect.isAlwaysWritten() || !aspect.isUsual(facts))
                tree.set(aspect.field(), node(aspect.written(facts)));
        }
    }

    /** Puts what a version has for {@code aspect}, if it has another than the song. */
    static void put(ObjectNode tree, OtherFacts facts, Aspect<?> aspect) {
        facts.written(aspect).ifPresent(written -> tree.set(aspect.field(), node(written)));
    }

    /** The facts at {@code root}; what cannot be read is reported, and taken as a new song has it. */
    static Facts read(Branch root) {
        Facts facts = Song.empty("Untitled").facts();
        for (Aspect<?> aspect : Aspect.all()) {
            Branch at = root.field(aspect.field());
            Facts before = facts;
            if (at.isThere() || aspect.isAlwaysWritten())
                facts = at.or(before, aspect.remedy(), each -> aspect.read(before, each));
        }
        return facts;
    }

    /** {@code facts} with those of {@code aspects} that stand in a version; what cannot be read is left out. */
    static OtherFacts read(OtherFacts facts, Branch version, List<Aspect<?>> aspects) {
        OtherFacts others = facts;
        for (Aspect<?> aspect : aspects) {
            Branch at = version.field(aspect.field());
            OtherFacts before = others;
            if (at.isThere()) others = at.or(before, "remedy.left-out", each -> before.read(aspect, each));
        }
        return others;
    }

    private static JsonNode node(Object written) {
        JsonNodeFactory nodes = JsonNodeFactory.instance;
        return switch (written) {
            case Integer number -> nodes.numberNode(number);
            case Double number when number == Math.rint(number) -> nodes.numberNode(number.intValue());
            case Double number -> nodes.numberNode(number);
            case List<?> list -> {
                ArrayNode array = nodes.arrayNode();
                list.forEach(each -> array.add(node(each)));
                yield array;
            }
            case Map<?, ?> parts -> {
                ObjectNode object = nodes.objectNode();
                parts.forEach((name, part) -> object.set((String) name, node(part)));
                yield object;
            }
            default -> nodes.stringNode((String) written);
        };
    }
}
