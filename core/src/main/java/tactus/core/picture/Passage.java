package tactus.core.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.pattern.Pattern;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Miss;
import tactus.core.stroke.Mute;
import tactus.core.stroke.Reach;
import tactus.core.stroke.Ring;
import tactus.core.stroke.Stop;
import tactus.core.stroke.Stroke;
import tactus.core.stroke.Strum;
import tactus.core.time.Count;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.Slot;
import tactus.core.timeline.StruckString;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;
import tactus.core.timeline.TimelineStroke;

/**
 * Strokes that are drawn as one picture: a round of a pattern, or a bar of a song.
 *
 * @param length over 0
 * @param beats where felt beats start
 * @param bars where bar lines are, the start included
 * @param slots in order
 * @param crossings where the hand crosses the strings, in order
 * @param strings how many strings the instrument has
 */
public record Passage(
        Length length,
        List<Length> beats,
        List<Length> bars,
        List<Played> slots,
        List<Crossing> crossings,
        int strings) {

    /**
     * A slot.
     *
     * @param index from 0
     * @param middle the middle of the slot, where the hand meets the strings
     * @param range the strings struck; empty where none is
     */
    public record Played(
            int index,
            Length at,
            Length middle,
            Stroke stroke,
            boolean isAgainst,
            Count count,
            Optional<Range> range) {}

    /**
     * Strings next to each other.
     *
     * @param highest the number of the highest-sounding
     * @param lowest the number of the lowest-sounding, at least {@code highest}
     */
    public record Range(int highest, int lowest) {}

    /**
     * The hand crossing the strings.
     *
     * @param middle where it is half way across
     */
    public record Crossing(Length middle, Direction direction) {}

    private static final int USUAL_STRINGS = 6;

    public Passage {
        beats = List.copyOf(beats);
        bars = List.copyOf(bars);
        slots = List.copyOf(slots);
        crossings = List.copyOf(crossings);
    }

    /** One round of {@code pattern} on six strings. */
    public static Passage of(Pattern pattern) {
        var grid = pattern.grid();
        var slots = grid.slots().stream()
                .map(slot -> played(slot, pattern.at(slot), pattern.isAgainstHand(slot)))
                .toList();
        var beats = grid.slots().stream().filter(Slot::startsBeat).map(Slot::at).toList();
        var bars = grid.slots().stream().filter(Slot::startsBar).map(Slot::at).toList();
        return new Passage(grid.length(), beats, bars, slots, crossings(pattern), USUAL_STRINGS);
    }

    private static Played played(Slot slot, Stroke stroke, boolean against) {
        return new Played(
                slot.index(),
                slot.at(),
                middle(slot.at(), slot.length()),
                stroke,
                against,
                slot.count(),
                range(stroke));
    }

    private static Optional<Range> range(Stroke stroke) {
        return switch (stroke) {
            case Strum strum ->
                Optional.of(new Range(
                        strum.reach().highest(USUAL_STRINGS), strum.reach().lowest(USUAL_STRINGS)));
            case Mute _ -> Optional.of(new Range(1, Reach.ALL.lowest(USUAL_STRINGS)));
            case Miss _, Ring _, Stop _ -> Optional.empty();
        };
    }

    private static List<Crossing> crossings(Pattern pattern) {
        var crossings = new ArrayList<Crossing>();
        Length slot = pattern.division().slotLength(pattern.meter());
        Length rate = pattern.hand().rate();
        Length shift = slot.min(rate).dividedBy(2);
        Length length = pattern.length();
        Length bar = pattern.meter().length();
        for (Length start = Length.ZERO; start.isLessThan(length); start = start.plus(bar)) {
            Length end = bar.min(length.minus(start));
            for (Length in = Length.ZERO; in.isLessThan(end); in = in.plus(rate)) {
                Direction direction = pattern.hand().at(in).orElseThrow();
                crossings.add(new Crossing(
                        start.plus(in).plus(in.isMultipleOf(slot) ? slot.dividedBy(2) : shift), direction));
            }
        }
        return crossings;
    }

    /** One bar of a song, with the strings that its chords really let sound. */
    public static Passage of(Timeline timeline, TimelineBar bar, int strings) {
        var slots = new ArrayList<Played>();
        var crossings = new ArrayList<Crossing>();
        for (TimelineStroke stroke : timeline.strokesIn(bar.number())) {
            Length at = stroke.start().minus(bar.start());
            Length middle = middle(at, stroke.length());
            slots.add(new Played(
                    slots.size(),
                    at,
                    middle,
                    stroke.stroke(),
                    stroke.isAgainst(),
                    stroke.count(),
                    range(stroke.strings())));
            stroke.hand().ifPresent(direction -> crossings.add(new Crossing(middle, direction)));
        }
        return new Passage(bar.meter().length(), beats(bar.meter()), List.of(Length.ZERO), slots, crossings, strings);
    }

    private static List<Length> beats(Meter meter) {
        var starts = new ArrayList<Length>();
        Length at = Length.ZERO;
        for (Length beat : meter.beats()) {
            starts.add(at);
            at = at.plus(beat);
        }
        return starts;
    }

    private static Optional<Range> range(List<StruckString> strings) {
        var numbers = strings.stream().mapToInt(StruckString::string).summaryStatistics();
        return strings.isEmpty() ? Optional.empty() : Optional.of(new Range(numbers.getMin(), numbers.getMax()));
    }

    private static Length middle(Length at, Length length) {
        return at.plus(length.dividedBy(2));
    }
}
