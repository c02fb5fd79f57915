package tactus.core.laid.picture;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import tactus.core.laid.timeline.StruckString;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Stop;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.Count;
import tactus.core.music.time.CountSchool;
import tactus.core.music.time.Counting;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;
import tactus.core.patterns.groove.Drum;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.pattern.Figure;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.picking.Held;
import tactus.core.written.rule.Swell;

/**
 * Strokes that are drawn as one picture: a round of a pattern, or a bar of a song.
 *
 * @param length over 0
 * @param beats where felt beats start
 * @param bars where bar lines are, the start included
 * @param slots in order
 * @param crossings where the hand crosses the strings, in order
 * @param drums what a groove below the strings hits
 * @param strings how many strings the instrument has
 */
public record Passage(
        Length length,
        List<Length> beats,
        List<Length> bars,
        List<Played> slots,
        List<Crossing> crossings,
        List<DrumHit> drums,
        int strings) {

    /**
     * A slot.
     *
     * @param index from 0
     * @param middle the middle of the slot, where the hand meets the strings
     * @param spoken how its count is said
     * @param range the strings struck; empty where none is
     * @param fingers what is plucked
     * @param moves what the fretting hand changes
     * @param loudness how loud the place is; see {@link tactus.core.written.rule.Swell#at}
     */
    public record Played(
            int index,
            Length at,
            Length middle,
            Stroke stroke,
            boolean isAgainst,
            Count count,
            String spoken,
            Optional<Range> range,
            List<Fingerprint> fingers,
            List<FingerMove> moves,
            double loudness) {

        public Played {
            Objects.requireNonNull(at);
            Objects.requireNonNull(count);
            Objects.requireNonNull(middle);
            Objects.requireNonNull(range);
            Objects.requireNonNull(spoken);
            Objects.requireNonNull(stroke);
            fingers = List.copyOf(fingers);
            moves = List.copyOf(moves);
        }

        Played said(String other) {
            return new Played(index, at, middle, stroke, isAgainst, count, other, range, fingers, moves, loudness);
        }
    }

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
    public record Crossing(Length middle, Direction direction) {

        public Crossing {
            Objects.requireNonNull(direction);
            Objects.requireNonNull(middle);
        }
    }

    /** A drum that is hit. */
    public record DrumHit(Length at, Drum drum) {

        public DrumHit {
            Objects.requireNonNull(at);
            Objects.requireNonNull(drum);
        }
    }

    private static final int USUAL_STRINGS = 6;

    public Passage {
        Objects.requireNonNull(length);
        beats = List.copyOf(beats);
        bars = List.copyOf(bars);
        slots = List.copyOf(slots);
        crossings = List.copyOf(crossings);
        drums = List.copyOf(drums);
    }

    /** One round of {@code pattern} on six strings; fingers are where they are on a chord rooted on string 5. */
    public static Passage of(Pattern pattern) {
        return of(pattern, USUAL_STRINGS, Fingerprint::unheld);
    }

    /**
     * One round of {@code form} with the fingers on a chord, known to the pattern as {@code name}.
     *
     * @param whole the pattern that {@code form} is a form of, or itself
     */
    public static Passage of(Pattern form, Pattern whole, Held held, String name) {
        Figure figure = Figure.of(form, whole);
        return of(
                form,
                held.tuning().strings(),
                stroke -> stroke instanceof Pluck pluck ? Fingerprint.of(figure.on(held, name, pluck)) : List.of());
    }

    private static Passage of(Pattern pattern, int strings, Function<Stroke, List<Fingerprint>> fingers) {
        var grid = pattern.grid();
        var slots = grid.slots().stream()
                .map(slot -> new Played(
                        slot.index(),
                        slot.at(),
                        middle(slot.at(), slot.length()),
                        pattern.at(slot),
                        pattern.isAgainstHand(slot),
                        slot.count(),
                        slot.count().spoken(),
                        range(pattern.at(slot), strings),
                        fingers.apply(pattern.at(slot)),
                        pattern.movesAt(slot),
                        Swell.USUAL.at(0)))
                .toList();
        var beats = grid.slots().stream().filter(Slot::startsBeat).map(Slot::at).toList();
        var bars = grid.slots().stream().filter(Slot::startsBar).map(Slot::at).toList();
        return new Passage(grid.length(), beats, bars, slots, crossings(pattern, grid.slots()), List.of(), strings);
    }

    private static Optional<Range> range(Stroke stroke, int strings) {
        return switch (stroke) {
            case Strum strum -> {
                int highest = strum.reach().highest(strings);
                int lowest = strum.reach().lowest(strings);
                yield highest > lowest ? Optional.empty() : Optional.of(new Range(highest, lowest));
            }
            case Mute _ -> Optional.of(new Range(1, Reach.ALL.lowest(strings)));
            case Pluck _, Miss _, Ring _, Stop _ -> Optional.empty();
        };
    }

    /** The hand swings over beats that are strummed; picking fingers stay where they are. */
    private static List<Crossing> crossings(Pattern pattern, List<Slot> slots) {
        if (isPicked(pattern.strokes().values())) return List.of();
        Length usual = pattern.frame().slotLength().min(pattern.hand().rate()).dividedBy(2);
        Map<Length, Length> halves = new HashMap<>();
        slots.forEach(slot -> halves.put(slot.at(), slot.length().dividedBy(2)));
        return pattern.frame().crossings().stream()
                .map(crossing -> new Crossing(
                        crossing.at().plus(halves.getOrDefault(crossing.at(), usual)), crossing.direction()))
                .toList();
    }

    private static boolean isPicked(Collection<Stroke> strokes) {
        return strokes.stream().anyMatch(Pluck.class::isInstance)
                && strokes.stream().noneMatch(stroke -> stroke.way().isPresent());
    }

    /** One bar of a song, with the strings that its chords really let sound; a pick-up ends at its bar line. */
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
                    stroke.count().spoken(),
                    stroke.stroke() instanceof Pluck ? Optional.empty() : range(stroke, strings),
                    fingers(stroke),
                    stroke.moves(),
                    stroke.loudness()));
            stroke.hand().ifPresent(direction -> crossings.add(new Crossing(middle, direction)));
        }
        boolean picked = isPicked(slots.stream().map(Played::stroke).toList());
        return new Passage(
                bar.meter().length(),
                beats(bar.meter()),
                List.of(bar.number() == 0 ? bar.meter().length() : Length.ZERO),
                slots,
                picked ? List.of() : crossings,
                List.of(),
                strings);
    }

    /** The strings that sound; where the chord has no shape yet, those that the hand would reach. */
    private static Optional<Range> range(TimelineStroke stroke, int strings) {
        return stroke.strings().isEmpty() ? range(stroke.stroke(), strings) : range(stroke.strings());
    }

    private static List<Fingerprint> fingers(TimelineStroke stroke) {
        if (!(stroke.stroke() instanceof Pluck pluck)) return List.of();
        return stroke.strings().isEmpty() ? Fingerprint.unheld(pluck) : Fingerprint.of(pluck, stroke.strings());
    }

    /** The same counted as {@code school} does, in bars of {@code meter}. */
    public Passage countedIn(CountSchool school, Meter meter) {
        var counted = slots.stream()
                .map(slot -> slot.said(Counting.said(
                        school, meter, slot.middle().minus(slot.at()).times(2), inBar(slot.at(), meter))))
                .toList();
        return new Passage(length, beats, bars, counted, crossings, drums, strings);
    }

    private Length inBar(Length at, Meter meter) {
        Length bar = bars.getFirst().minus(meter.length());
        for (Length start : bars) if (!at.isLessThan(start)) bar = start;
        return at.minus(bar);
    }

    /** The same with {@code groove} going round below it. */
    public Passage over(Groove groove) {
        Length first = bars.getFirst();
        var hits = groove.hits(first.times(-1), length.minus(first)).stream()
                .map(hit -> new DrumHit(hit.at().plus(first), hit.drum()))
                .toList();
        return new Passage(length, beats, bars, slots, crossings, hits, strings);
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
