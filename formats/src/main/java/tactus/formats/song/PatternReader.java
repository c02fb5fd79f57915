package tactus.formats.song;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.pattern.SlotAt;
import tactus.core.stroke.Hand;
import tactus.core.stroke.Stroke;
import tactus.core.time.Division;
import tactus.core.time.Length;
import tactus.core.time.Meter;

/** Reads one pattern. What makes it impossible is thrown; a stroke that cannot be read is reported and left out. */
final class PatternReader {

    private static final Set<String> FIELDS =
            Set.of("id", "name", "meter", "beats", "slotsPerBeat", "hand", "strokes", "kept");

    private PatternReader() {}

    /** @throws IllegalArgumentException if the pattern cannot be */
    static Pattern read(Branch at) {
        at.expectOnly(FIELDS);
        var frame = new Pattern(
                new PatternId(at.field("id").text()),
                at.field("name").text(),
                Meter.parse(at.field("meter").text()),
                at.field("beats").number(),
                Division.of(at.field("slotsPerBeat").number()),
                hand(at.field("hand")),
                kept(at));
        return at.field("strokes")
                .or(frame, "the pattern is left without strokes", line -> frame.withLine(line.text()));
    }

    private static Hand hand(Branch at) {
        Length rate = Length.parse(at.field("rate").text());
        return switch (at.field("moves").text()) {
            case "pendulum" -> Hand.pendulum(rate);
            case "all down" -> Hand.allDown(rate);
            default -> throw new IllegalArgumentException("a hand moves as \"pendulum\" or \"all down\"");
        };
    }

    private static TreeMap<SlotAt, Stroke> kept(Branch pattern) {
        var kept = new TreeMap<SlotAt, Stroke>();
        for (Branch at : pattern.field("kept").elements()) {
            at.optional("left out", PatternReader::keptStroke)
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
