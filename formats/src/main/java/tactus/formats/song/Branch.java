package tactus.formats.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;

/** A part of the tree with its place and the list of problems, to which every reading of a field adds its own. */
final class Branch {

    private final JsonNode node;
    private final String place;
    private final List<Problem> problems;

    Branch(JsonNode node, String place, List<Problem> problems) {
        this.node = node;
        this.place = place;
        this.problems = problems;
    }

    /** Adds a problem at this place. */
    void report(String reason, String remedy) {
        problems.add(new Problem(place, reason, remedy));
    }

    Branch field(String name) {
        return new Branch(node.path(name), place.isEmpty() ? name : place + "." + name, problems);
    }

    boolean isThere() {
        return !node.isMissingNode() && !node.isNull();
    }

    boolean isText() {
        return node.isString();
    }

    /**
     * Returns yes or no.
     *
     * @throws IllegalArgumentException if it is neither
     */
    boolean truth() {
        if (!node.isBoolean()) throw new IllegalArgumentException("must be true or false, was " + shown());
        return node.asBoolean();
    }

    /** The elements of a list; a missing one is empty, another kind of thing is reported. */
    List<Branch> elements() {
        var elements = new ArrayList<Branch>();
        if (isThere() && !node.isArray()) report("is not a list", "left out");
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
            if (!known.contains(name)) field(name).report("is not known to this version of Tactus", "left out");
        }
    }

    /**
     * Returns the text.
     *
     * @throws IllegalArgumentException if it is none
     */
    String text() {
        if (!isThere()) throw new IllegalArgumentException("is missing");
        if (!node.isString()) throw new IllegalArgumentException("must be a text, was " + shown());
        return node.asString();
    }

    /**
     * Returns the whole number.
     *
     * @throws IllegalArgumentException if it is none
     */
    int number() {
        if (!isThere()) throw new IllegalArgumentException("is missing");
        if (!node.isIntegralNumber() || !node.canConvertToInt()) {
            throw new IllegalArgumentException("must be a whole number, was " + shown());
        }
        return node.asInt();
    }

    /**
     * Returns the number.
     *
     * @throws IllegalArgumentException if it is none
     */
    double decimal() {
        if (!isThere()) throw new IllegalArgumentException("is missing");
        if (!node.isNumber()) throw new IllegalArgumentException("must be a number, was " + shown());
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
        } catch (IllegalArgumentException | ArithmeticException wrong) {
            report(wrong.getMessage(), remedy);
            return Optional.empty();
        }
    }
}
