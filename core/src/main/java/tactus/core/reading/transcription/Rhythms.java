package tactus.core.reading.transcription;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Division;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.picking.PickingHand;

/** The rhythms of bars as patterns of one bar, each once. */
final class Rhythms {

    private final Map<List<Object>, Pattern> patterns = new LinkedHashMap<>();
    private final IntFunction<String> name;
    private final Feel feel;
    private final PickingHand hand;
    private boolean hasRounded;

    /**
     * @param name what the pattern with a number, from 1, is called
     * @param feel how pairs of slots were played
     * @param hand where fingers are on chords that do not have them where the rule does
     */
    Rhythms(IntFunction<String> name, Feel feel, PickingHand hand) {
        this.name = name;
        this.hand = hand;
        this.feel = feel;
    }

    List<Pattern> all() {
        return List.copyOf(patterns.values());
    }

    /** Whether a stroke lay between all slots and was put on the nearest one. */
    boolean hasRounded() {
        return hasRounded;
    }

    /** The pattern of {@code bar}; empty if nothing is struck in it. */
    Optional<PatternId> of(ReadBar bar) {
        if (bar.strokes().isEmpty()) return Optional.empty();
        List<Object> key = List.of(bar.meter(), bar.strokes());
        return Optional.of(patterns.computeIfAbsent(key, _ -> pattern(bar)).id());
    }

    private Pattern pattern(ReadBar bar) {
        int number = patterns.size() + 1;
        PatternFrame frame = frame(bar);
        if (!feel.isStraight() && frame.meter().kind() == Meter.Kind.SIMPLE) frame = frame.withFeel(feel);
        Pattern pattern = Pattern.empty(new PatternId("rhythm-" + number), name.apply(number), frame);
        List<Slot> slots = frame.grid().slots();
        for (ReadBar.StrokeAt each : bar.strokes()) {
            int index = nearest(slots, each.at());
            hasRounded |= !slots.get(index).at().equals(each.at());
            pattern = pattern.withStroke(index, each.stroke());
        }
        return pattern.played().stream().anyMatch(Rhythms::isByFingers) ? pattern.withPicking(hand) : pattern;
    }

    private static boolean isByFingers(Stroke stroke) {
        return stroke instanceof Pluck pluck && pluck.picks().stream().anyMatch(Pick.ByRole.class::isInstance);
    }

    private static int nearest(List<Slot> slots, Length at) {
        int best = 0;
        double distance = Double.MAX_VALUE;
        for (int i = 0; i < slots.size(); i++) {
            double away = Math.abs(slots.get(i).at().minus(at).toDouble());
            if (away < distance) {
                distance = away;
                best = i;
            }
        }
        return best;
    }

    /** The coarsest division in which every stroke has a slot and the hand goes as the strokes do; sixteenths otherwise. */
    private static PatternFrame frame(ReadBar bar) {
        Meter meter = bar.meter();
        int beats = meter.beats().size();
        var fitting = new ArrayList<PatternFrame>();
        for (Division division : Division.in(meter)) {
            for (Hand hand : PatternFrame.usualHands(meter)) {
                PatternFrame frame;
                try {
                    frame = PatternFrame.of(meter, beats, division, hand);
                } catch (RuntimeException impossible) {
                    continue;
                }
                if (fits(frame, bar)) fitting.add(frame);
            }
        }
        return fitting.stream()
                .min(Comparator.comparingInt((PatternFrame frame) -> against(frame, bar.strokes()))
                        .thenComparingInt(frame -> frame.grid().size()))
                .orElseGet(() -> PatternFrame.of(meter).withDivision(Division.usualIn(meter)));
    }

    private static boolean fits(PatternFrame frame, ReadBar bar) {
        List<Length> places = frame.grid().slots().stream().map(Slot::at).toList();
        return bar.strokes().stream().allMatch(stroke -> places.contains(stroke.at()));
    }

    private static int against(PatternFrame frame, List<ReadBar.StrokeAt> strokes) {
        int against = 0;
        for (Slot slot : frame.grid().slots()) {
            for (ReadBar.StrokeAt each : strokes) {
                Stroke stroke = each.stroke();
                if (each.at().equals(slot.at()) && frame.isAgainst(stroke, slot)) against++;
            }
        }
        return against;
    }
}
