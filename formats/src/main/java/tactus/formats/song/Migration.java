package tactus.formats.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings a song of an older version of the format into today's form. Versions 1 and 2 held English words where version 3
 * has codes; whatever is none of those words stays as it is, so that reading reports it in its place.
 */
final class Migration {

    private static final Map<String, String> COMPANIES =
            Map.of("a second guitar", "second-guitar", "a piano", "piano", "a band", "band");
    private static final Map<String, String> FITS =
            Map.of("short to fit", "short", "carry through", "carry", "whole rounds", "whole-rounds");
    private static final Map<String, String> WAYS =
            Map.of("with the capo", "capo", "with other shapes", "shapes", "but left out", "left-out");
    private static final Map<String, String> FORMS = Map.ofEntries(
            Map.entry("short", "short-first-half"),
            Map.entry("short with the accents", "short-accented-half"),
            Map.entry("last time", "last-time"),
            Map.entry("only beats", "light-beats"),
            Map.entry("only downs", "light-downs"),
            Map.entry("muted backbeat", "backbeat-mutes"),
            Map.entry("bass then chord", "bass-then-chord"),
            Map.entry("half time", "half-time"),
            Map.entry("double time", "double-time"));
    private static final Map<String, String> PASSES =
            Map.of("every pass", "every", "last pass", "last", "all passes but the last", "but-last");
    private static final Pattern PASS = Pattern.compile("pass (\\d+)");
    private static final Pattern BARS = Pattern.compile("bars?\\s+(.+)");
    private static final Pattern LAST_BARS = Pattern.compile("last\\s+(?:(\\d+)\\s+)?bars?");
    private static final Pattern LENGTH = Pattern.compile("(\\S+) (beat|bar|round)s?");

    private Migration() {}

    /** Returns {@code song} as today's version has it. */
    static ObjectNode toNewest(ObjectNode song, int version) {
        if (version >= 3) return song;
        ObjectNode migrated = song.deepCopy();
        replace(migrated, "company", mapping(COMPANIES));
        objects(migrated, "patterns").forEach(Migration::pattern);
        objects(migrated, "sections").forEach(Migration::section);
        for (ObjectNode entry : objects(migrated, "order"))
            objects(entry, "except").forEach(Migration::except);
        objects(migrated, "rules").forEach(Migration::rule);
        objects(migrated, "versions").forEach(each -> replace(each, "company", mapping(COMPANIES)));
        return migrated;
    }

    private static UnaryOperator<String> mapping(Map<String, String> codes) {
        return word -> codes.getOrDefault(word, word);
    }

    private static List<ObjectNode> objects(ObjectNode tree, String field) {
        var found = new ArrayList<ObjectNode>();
        if (tree.path(field) instanceof ArrayNode list) {
            for (JsonNode node : list) if (node instanceof ObjectNode object) found.add(object);
        }
        return found;
    }

    private static void replace(ObjectNode tree, String field, UnaryOperator<String> code) {
        JsonNode node = tree.path(field);
        if (node.isString()) tree.put(field, code.apply(node.asString()));
    }

    private static void pattern(ObjectNode pattern) {
        if (pattern.path("form") instanceof ObjectNode form) replace(form, "rule", mapping(FORMS));
        if (pattern.path("hand") instanceof ObjectNode hand) {
            replace(hand, "moves", word -> word.equals("all down") ? "all-down" : word);
        }
    }

    private static void section(ObjectNode section) {
        objects(section, "chords").forEach(Migration::chord);
        objects(section, "cues").forEach(cue -> replace(cue, "pass", Migration::pass));
        if (section.path("voice") instanceof ArrayNode voice) {
            for (int i = 0; i < voice.size(); i++) {
                if (voice.get(i).isString()) voice.set(i, stretch(voice.get(i).asString()));
            }
        }
    }

    private static void except(ObjectNode except) {
        replace(except, "pass", Migration::pass);
        replace(except, "leftOut", Migration::stretch);
        replace(except, "instead", Migration::stretch);
        objects(except, "chords").forEach(Migration::chord);
    }

    /** {@code "length": "2 bars"} becomes {@code "bars": "2"}. */
    private static void chord(ObjectNode chord) {
        Matcher length = LENGTH.matcher(chord.path("length").asString(""));
        if (!length.matches()) return;
        chord.remove("length");
        chord.put(length.group(2) + "s", length.group(1));
    }

    private static void rule(ObjectNode rule) {
        replace(rule, "pass", Migration::pass);
        replace(rule, "bars", Migration::stretch);
        replace(rule, "company", mapping(COMPANIES));
        replace(rule, "fit", mapping(FITS));
        replace(rule, "form", mapping(FORMS));
        if (rule.path("raise") instanceof ObjectNode raise) replace(raise, "way", mapping(WAYS));
        JsonNode chord = rule.path("chord");
        if (chord.canConvertToInt() && chord.asInt() < 0) {
            rule.remove("chord");
            rule.put("chordFromEnd", -chord.asInt());
        }
    }

    private static String pass(String words) {
        Matcher pass = PASS.matcher(words);
        return pass.matches() ? pass.group(1) : PASSES.getOrDefault(words, words);
    }

    private static String stretch(String words) {
        Matcher last = LAST_BARS.matcher(words);
        if (last.matches()) return "-" + Optional.ofNullable(last.group(1)).orElse("1");
        Matcher bars = BARS.matcher(words);
        return bars.matches() ? bars.group(1) : words;
    }
}
