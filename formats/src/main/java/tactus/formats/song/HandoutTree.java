package tactus.formats.song;

import java.util.Set;
import java.util.function.Function;
import tactus.core.written.song.Handout;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** How the sheet is composed, in a file; what is as usual is left out. */
final class HandoutTree {

    private static final Set<String> FIELDS =
            Set.of("parts", "percent", "pages", "landscape", "shapes", "easier", "pictures", "for", "date", "homework");

    private HandoutTree() {}

    static ObjectNode of(Handout handout) {
        Handout usual = Handout.USUAL;
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        if (!handout.parts().equals(usual.parts()))
            handout.parts().forEach(part -> tree.withArray("parts").add(Codes.of(part)));
        if (handout.percent() != usual.percent()) tree.put("percent", handout.percent());
        if (handout.fit() != usual.fit()) tree.put("pages", Codes.of(handout.fit()));
        if (handout.isLandscape()) tree.put("landscape", true);
        if (handout.shapes() != usual.shapes()) tree.put("shapes", handout.shapes());
        if (handout.hasEasier()) tree.put("easier", true);
        if (handout.pictures() != usual.pictures()) tree.put("pictures", Codes.of(handout.pictures()));
        putText(tree, "for", handout.reader().name());
        putText(tree, "date", handout.reader().date());
        putText(tree, "homework", handout.reader().homework());
        return tree;
    }

    private static void putText(ObjectNode tree, String field, String text) {
        if (!text.isEmpty()) tree.put(field, text);
    }

    /** Reads what can be read; the rest is as usual. */
    static Handout read(Branch at) {
        at.expectOnly(FIELDS);
        Handout handout = withParts(Handout.USUAL, at.field("parts"));
        handout = with(
                handout,
                at.field("percent"),
                each -> Handout.USUAL.withPercent(each.number()),
                Handout::percent,
                Handout::withPercent);
        handout = with(
                handout,
                at.field("shapes"),
                each -> Handout.USUAL.withShapes(each.number()),
                Handout::shapes,
                Handout::withShapes);
        handout = handout.withFit(at.field("pages")
                .or(
                        handout.fit(),
                        "remedy.as-usual",
                        each -> each.isThere() ? Codes.read(each, Handout.Fit.values()) : Handout.USUAL.fit()));
        handout = handout.withLandscape(truth(at.field("landscape"))).withEasier(truth(at.field("easier")));
        handout = handout.with(at.field("pictures")
                .or(
                        handout.pictures(),
                        "remedy.as-usual",
                        each -> each.isThere()
                                ? Codes.read(each, Handout.Pictures.values())
                                : Handout.USUAL.pictures()));
        Handout.Reader reader = Handout.Reader.ANYBODY;
        reader = text(reader, at.field("for"), reader::withName);
        reader = text(reader, at.field("date"), reader::withDate);
        reader = text(reader, at.field("homework"), reader::withHomework);
        return handout.with(reader);
    }

    private static Handout withParts(Handout handout, Branch at) {
        if (!at.isThere()) return handout;
        var parts = at.elements().stream()
                .flatMap(each ->
                        each.optional("remedy.left-out", code -> Codes.read(code, Handout.Part.values())).stream())
                .toList();
        return at.or(handout, "remedy.as-usual", _ -> handout.withParts(parts));
    }

    private static Handout with(
            Handout before,
            Branch at,
            Function<Branch, Handout> read,
            Function<Handout, Integer> number,
            java.util.function.BiFunction<Handout, Integer, Handout> change) {
        if (!at.isThere()) return before;
        return change.apply(before, number.apply(at.or(Handout.USUAL, "remedy.as-usual", read)));
    }

    private static boolean truth(Branch at) {
        return at.isThere() && at.or(false, "remedy.as-usual", Branch::truth);
    }

    private static Handout.Reader text(Handout.Reader before, Branch at, Function<String, Handout.Reader> change) {
        return at.isThere() ? at.or(before, "remedy.left-out", each -> change.apply(each.text())) : before;
    }
}
