package tactus.formats.song;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Role;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.SlotAt;
import tactus.core.patterns.pattern.Story;
import tactus.core.patterns.picking.PickingHand;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes one pattern; what is as usual is left out. */
final class PatternTree {

    private PatternTree() {}

    static ObjectNode of(Pattern pattern) {
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        tree.put("id", pattern.id().value());
        tree.put("name", pattern.name());
        putFrame(tree, pattern.frame());
        tree.put("strokes", pattern.line());
        if (!pattern.outside().isEmpty()) putKept(tree.putArray("kept"), pattern);
        if (!pattern.moves().isEmpty())
            pattern.moves().forEach((at, moves) -> putMoves(tree.withArray("moves"), at, moves));
        putPicking(tree, pattern.picking());
        putStory(tree, pattern.story());
        pattern.form().ifPresent(form -> putForm(tree.putObject("form"), form));
        return tree;
    }

    private static void putFrame(ObjectNode tree, PatternFrame frame) {
        tree.put("meter", frame.meter().toString());
        if (frame.pickup() > 0) tree.put("pickup", frame.pickup());
        tree.put("beats", frame.beats());
        tree.put("slotsPerBeat", frame.division().slots());
        frame.divided()
                .forEach((beat, division) -> tree.withArray("divided")
                        .addObject()
                        .put("beat", beat + 1)
                        .put("slots", division.slots()));
        ObjectNode hand = tree.putObject("hand");
        hand.put("moves", frame.hand().mode() == Hand.Mode.PENDULUM ? "pendulum" : "all-down");
        hand.put("rate", frame.hand().rate().toString());
        if (!frame.feel().isStraight()) tree.put("feel", frame.feel().toString());
    }

    private static ObjectNode put(ObjectNode tree, SlotAt at) {
        return tree.put("bar", at.bar()).put("at", at.inBar().toString());
    }

    private static void putKept(ArrayNode kept, Pattern pattern) {
        pattern.outside().forEach((at, stroke) -> put(kept.addObject(), at).put("stroke", KeptStroke.format(stroke)));
    }

    private static void putMoves(ArrayNode moves, SlotAt at, List<FingerMove> fingers) {
        put(moves.addObject(), at)
                .put("fingers", fingers.stream().map(FingerMove::toString).collect(Collectors.joining(" ")));
    }

    private static void putPicking(ObjectNode tree, PickingHand hand) {
        hand.fixed()
                .forEach((role, string) -> put(tree.withArray("fixedFingers").addObject(), role, string));
        for (Map.Entry<String, Map<Role, Integer>> chord : hand.byChord().entrySet()) {
            chord.getValue()
                    .forEach((role, string) -> put(
                            tree.withArray("fingersByChord").addObject().put("chord", chord.getKey()), role, string));
        }
    }

    private static void put(ObjectNode tree, Role role, int string) {
        tree.put("finger", String.valueOf(role.letter())).put("string", string);
    }

    private static void putForm(ObjectNode tree, Form form) {
        tree.put("of", form.of().value()).put("rule", Codes.of(form.rule()));
        if (form.isEdited()) tree.put("edited", true);
    }

    private static void putStory(ObjectNode tree, Story story) {
        if (story.origin() != Story.Origin.INVENTED) {
            tree.put("origin", Codes.of(story.origin()));
        }
        story.said().forEach(tree.withArray("said")::add);
        if (story.said().isEmpty()) tree.remove("said");
    }
}
