package tactus.formats.song;

import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Pace;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.Play;
import tactus.core.written.rule.Rule;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.rule.What;
import tactus.core.written.rule.Where;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes one rule; what it leaves open is left out. */
final class RuleTree {

    private RuleTree() {}

    static ObjectNode of(Rule rule) {
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        putWhere(tree, rule.where());
        putPlay(tree, rule.play());
        if (rule.isAlternative()) tree.put("alternative", true);
        return tree;
    }

    private static void putWhere(ObjectNode tree, Where where) {
        where.section().ifPresent(id -> tree.put("section", id.value()));
        where.use().entry().ifPresent(id -> tree.put("entry", id));
        if (where.use().equals(UseChoice.LAST)) tree.put("lastUse", true);
        if (!where.pass().isEvery()) tree.put("pass", where.pass().code());
        where.part().ifPresent(part -> putPart(tree, part));
        where.version().ifPresent(name -> tree.put("version", name));
        where.company().ifPresent(company -> tree.put("company", Codes.of(company)));
    }

    private static void putPart(ObjectNode tree, Part part) {
        switch (part) {
            case Part.OnChord(int number) -> tree.put("chord", number);
            case Part.OnChordFromEnd(int number) -> tree.put("chordFromEnd", number);
            case Part.SharedBars() -> tree.put("sharedBars", true);
            case Part.OnName(String chord, boolean last) -> tree.put(last ? "lastNamed" : "named", chord);
            case Part.Both(Part one, Part other) -> {
                putPart(tree, one);
                putPart(tree, other);
            }
            case Part.InBars(var bars) -> tree.put("bars", bars.code());
            case Part.InHalf(boolean second) -> tree.put("half", second ? 2 : 1);
            case Part.Voice(boolean sung) -> tree.put("sung", sung);
        }
    }

    private static void putPlay(ObjectNode tree, Play play) {
        play.what().ifPresent(what -> {
            switch (what) {
                case What.Plays(var id) -> tree.put("pattern", id.value());
                case What.Event event -> tree.put("event", Codes.of(event));
            }
        });
        play.form()
                .ifPresent(form -> tree.put("form", form.rule().map(Codes::of).orElse("full")));
        play.fit().ifPresent(fit -> tree.put("fit", Codes.of(fit)));
        play.dynamics().ifPresent(swell -> {
            tree.put("loud", swell.from().letters());
            if (!swell.isSteady()) tree.put("loudAtEnd", swell.to().letters());
        });
        play.raise()
                .ifPresent(raise -> tree.putObject("raise")
                        .put("semitones", raise.semitones())
                        .put("way", Codes.of(raise.way())));
        play.pause().ifPresent(beats -> tree.put("pause", beats.toString()));
        play.pace().ifPresent(pace -> {
            tree.put("tempo", pace.perMinute());
            if (pace.way() != Pace.Way.STEADY) tree.put("tempoChange", Codes.of(pace.way()));
        });
        play.shapes().ifPresent(shapes -> tree.put("shapes", shapes.label().orElse("")));
        play.second()
                .ifPresent(second -> tree.put(
                        "second", second.pattern().map(PatternId::value).orElse("")));
    }
}
