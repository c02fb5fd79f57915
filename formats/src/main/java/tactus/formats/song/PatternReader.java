package tactus.formats.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Division;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.pattern.SlotAt;
import tactus.core.patterns.pattern.Story;
import tactus.core.patterns.picking.PickingHand;

/** Reads one pattern. What makes it impossible is thrown; a stroke that cannot be read is reported and left out. */
final class PatternReader {

    private static final Set<String> FIELDS = Set.of(
            "id",
            "name",
            "meter",
            "pickup",
            "beats",
            "slotsPerBeat",
            "divided",
            "hand",
            "feel",
            "strokes",
            "kept",
            "moves",
            "fixedFingers",
            "fingersByChord",
            "form",
            "origin",
            "said");

    private PatternReader() {}

    /** @throws Refusal if the pattern cannot be */
    static Pattern read(Branch at) {
        at.expectOnly(FIELDS);
        Pattern bare = Pattern.empty(
                new PatternId(at.field("id").text()), at.field("name").text(), frame(at));
        var moves = new TreeMap<SlotAt, List<FingerMove>>();
        for (Branch move : at.field("moves").elements()) {
            move.optional("remedy.left-out", PatternReader::moves)
                    .ifPresent(read -> moves.put(read.getKey(), read.getValue()));
        }
        var frame =
                new Pattern(bare.id(), bare.name(), bare.frame(), kept(at), moves, picking(at), story(at), form(at));
        return at.field("strokes")
                .or(frame, "remedy.the-pattern-is-left-without-strokes", line -> frame.withLine(line.text()));
    }

    private static PatternFrame frame(Branch at) {
        PatternFrame frame = PatternFrame.of(
                Meter.parse(at.field("meter").text()),
                at.field("beats").number(),
                Division.of(at.field("slotsPerBeat").number()),
                hand(at.field("hand")));
        if (at.field("pickup").isThere()) {
            PatternFrame before = frame;
            frame = at.field("pickup").or(before, "remedy.no-pick-up", count -> before.withPickup(count.number()));
        }
        for (Branch beat : at.field("divided").elements()) {
            PatternFrame before = frame;
            frame = beat.or(
                    before,
                    "remedy.divided-as-the-others",
                    other -> before.withDivisionOf(
                            other.field("beat").number() - 1,
                            Division.of(other.field("slots").number())));
        }
        PatternFrame straight = frame;
        return at.field("feel").isThere()
                ? at.field("feel")
                        .or(straight, "remedy.played-straight", feel -> straight.withFeel(Feel.parse(feel.text())))
                : straight;
    }

    private static Map.Entry<SlotAt, List<FingerMove>> moves(Branch at) {
        List<FingerMove> moves = Stream.of(at.field("fingers").text().split(" "))
                .map(FingerMove::parse)
                .toList();
        return Map.entry(slotAt(at), moves);
    }

    private static PickingHand picking(Branch at) {
        PickingHand hand = PickingHand.FOLLOWING;
        for (Branch fixed : at.field("fixedFingers").elements()) {
            PickingHand before = hand;
            hand = fixed.or(
                    before,
                    "remedy.the-finger-follows-the-chord",
                    finger -> before.withFixed(
                            role(finger), finger.field("string").number()));
        }
        for (Branch asked : at.field("fingersByChord").elements()) {
            PickingHand before = hand;
            hand = asked.or(
                    before,
                    "remedy.the-finger-follows-the-chord",
                    finger -> before.withOverride(
                            finger.field("chord").text(),
                            role(finger),
                            finger.field("string").number()));
        }
        return hand;
    }

    private static Role role(Branch at) {
        String letter = at.field("finger").text();
        return Optional.of(letter)
                .filter(text -> text.length() == 1)
                .flatMap(text -> Role.of(text.charAt(0)))
                .orElseThrow(() -> new Refusal("file.finger", letter));
    }

    private static Optional<Form> form(Branch pattern) {
        if (!pattern.field("form").isThere()) return Optional.empty();
        return pattern.field("form")
                .optional(
                        "remedy.stands-for-itself",
                        at -> new Form(
                                new PatternId(at.field("of").text()),
                                Codes.read(at.field("rule"), Form.Derivation.values()),
                                at.field("edited").isThere()));
    }

    private static Story story(Branch at) {
        var said = new ArrayList<String>();
        for (Branch saying : at.field("said").elements())
            saying.optional("remedy.left-out", Branch::text).ifPresent(said::add);
        Story.Origin origin = at.field("origin").isThere()
                ? at.field("origin").or(Story.Origin.INVENTED, "remedy.taken-as-invented", PatternReader::origin)
                : Story.Origin.INVENTED;
        return new Story(origin, said);
    }

    private static Story.Origin origin(Branch at) {
        return Codes.read(at, Story.Origin.values());
    }

    private static Hand hand(Branch at) {
        Length rate = Length.parse(at.field("rate").text());
        return switch (at.field("moves").text()) {
            case "pendulum" -> Hand.pendulum(rate);
            case "all-down" -> Hand.allDown(rate);
            default ->
                throw new Refusal(
                        "file.one-of", "pendulum, all-down", at.field("moves").text());
        };
    }

    private static TreeMap<SlotAt, Stroke> kept(Branch pattern) {
        var kept = new TreeMap<SlotAt, Stroke>();
        for (Branch at : pattern.field("kept").elements()) {
            at.optional("remedy.left-out", PatternReader::keptStroke)
                    .ifPresent(stroke -> kept.put(stroke.getKey(), stroke.getValue()));
        }
        return kept;
    }

    private static Map.Entry<SlotAt, Stroke> keptStroke(Branch at) {
        return Map.entry(slotAt(at), KeptStroke.parse(at.field("stroke").text()));
    }

    private static SlotAt slotAt(Branch at) {
        return new SlotAt(at.field("bar").number(), Length.parse(at.field("at").text()));
    }
}
