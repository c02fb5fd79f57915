package tactus.formats.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.written.song.Written;
import tactus.words.Words;
import tools.jackson.databind.JsonNode;

/** A part of the tree with its place and the list of problems, to which every reading of a field adds its own. */
final class Branch implements Written {

    private final JsonNode node;
    private final String place;
    private final List<Problem> problems;

    Branch(JsonNode node, String place, List<Problem> problems) {
        this.node = node;
        this.place = place;
        this.problems = problems;
    }

    /** Adds a problem at this place. */
    void report(Statement reason, String remedy) {
        problems.add(new Problem(place, reason, Statement.of(remedy)));
    }

    @Override
    public Branch field(String name) {
        return new Branch(node.path(name), place.isEmpty() ? name : place + "." + name, problems);
    }

    @Override
    public boolean isThere() {
        return !node.isMissingNode() && !node.isNull();
    }

    boolean isText() {
        return node.isString();
    }

    /**
     * Returns yes or no.
     *
     * @throws Refusal if it is neither
     */
    boolean truth() {
        if (!node.isBoolean()) throw new Refusal("file.truth", shown());
        return node.asBoolean();
    }

    /** The elements of a list; a missing one is empty, another kind of thing is reported. */
    @Override
    public List<Branch> elements() {
        var elements = new ArrayList<Branch>();
        if (isThere() && !node.isArray()) report(Statement.of("file.list"), "remedy.left-out");
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                elements.add(new Branch(node.get(i), place + "[" + i + "]", problems));
            }
        }
        return elements;
    }

    /** Reports every field that is not among {@code known}. */
    void expectOnly(Set<String> known) {
        for (String name : node.propertyNames()) {
            if (!known.contains(name)) field(name).report(Statement.of("file.unknown"), "remedy.left-out");
        }
    }

    @Override
    public String text() {
        if (!isThere()) throw new Refusal("file.missing");
        if (!node.isString()) throw new Refusal("file.text", shown());
        return node.asString();
    }

    @Override
    public int number() {
        if (!isThere()) throw new Refusal("file.missing");
        if (!node.isIntegralNumber() || !node.canConvertToInt()) {
            throw new Refusal("file.whole", shown());
        }
        return node.asInt();
    }

    @Override
    public double decimal() {
        if (!isThere()) throw new Refusal("file.missing");
        if (!node.isNumber()) throw new Refusal("file.number", shown());
        return node.asDouble();
    }

    private String shown() {
        String text = node.toString();
        return text.length() <= 40 ? text : text.substring(0, 39) + "…";
    }

    /** Reads this with {@code reading}; what goes wrong is reported and {@code instead} taken. */
    <T> T or(T instead, String remedy, Function<Branch, T> reading) {
        return optional(remedy, reading).orElse(instead);
    }

    /** Reads this with {@code reading}; what goes wrong is reported and nothing taken. */
    <T> Optional<T> optional(String remedy, Function<Branch, T> reading) {
        try {
            return Optional.of(reading.apply(this));
        } catch (Refusal wrong) {
            report(Words.reason(wrong), remedy);
            return Optional.empty();
        } catch (ArithmeticException tooLarge) {
            report(Statement.of("file.too-large-number"), remedy);
            return Optional.empty();
        }
    }
}
