package tactus.core.patterns.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Division;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Grid;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;

/**
 * What strokes are written on: some beats, their slots, and the hand that moves over them.
 *
 * @param pickup felt beats in front of the first bar line, fewer than a bar has
 * @param beats felt beats from the first bar line on, from 1 to eight bars
 * @param division how beats are divided, unless they are in {@code divided}
 * @param divided beats, from 0 at the pick-up, that are divided otherwise; the hand goes over such a beat slot by slot, a down first
 * @param feel how pairs of slots are swung
 */
public record PatternFrame(
        Meter meter,
        int pickup,
        int beats,
        Division division,
        SortedMap<Integer, Division> divided,
        Hand hand,
        Feel feel) {

    /** The longest a pattern can be. */
    public static final int MOST_BARS = 8;

    /** @throws Refusal if the length or a division is outside its range */
    public PatternFrame {
        Objects.requireNonNull(hand);
        Objects.requireNonNull(feel);
        int most = mostBeats(meter);
        if (beats < 1 || beats > most) {
            throw new Refusal("pattern-frame.beats-bars", meter, most, MOST_BARS, beats);
        }
        int inBar = meter.beats().size();
        if (pickup < 0 || pickup >= inBar) {
            throw new Refusal("pattern-frame.pick-up", meter, inBar - 1, pickup);
        }
        division.checkFits(meter);
        Division usual = division;
        var others = new TreeMap<>(divided);
        others.values().removeIf(usual::equals);
        others.values().forEach(other -> other.checkFits(meter));
        divided = Collections.unmodifiableSortedMap(others);
    }

    /** Returns straight beats that are all divided alike. */
    public static PatternFrame of(Meter meter, int beats, Division division, Hand hand) {
        return new PatternFrame(meter, 0, beats, division, Collections.emptySortedMap(), hand, Feel.STRAIGHT);
    }

    /** Returns one bar in eighths, the hand moving along. */
    public static PatternFrame of(Meter meter) {
        Division division = Division.usualIn(meter);
        return of(meter, meter.beats().size(), division, Hand.pendulum(division.slotLength(meter)));
    }

    /**
     * Returns beats with one slot for each move of the hand.
     *
     * @throws Refusal if the hand's rate does not divide the beats
     */
    public static PatternFrame of(Meter meter, int beats, Hand hand) {
        Division division =
                division(meter, hand).orElseThrow(() -> new Refusal("pattern-frame.hand-moves", hand.rate(), meter));
        return of(meter, beats, division, hand);
    }

    /** Whether a hand that moves at {@code rate} comes out even with the beats of {@code meter}. */
    public static boolean isPossible(Meter meter, Length rate) {
        return Division.in(meter).stream()
                .anyMatch(division -> division.slotLength(meter).equals(rate));
    }

    private static Optional<Division> division(Meter meter, Hand hand) {
        return Division.in(meter).stream()
                .filter(division -> division.slotLength(meter).equals(hand.rate()))
                .findFirst();
    }

    /**
     * The hands that are tried where none is said, the likeliest first: eighths, in compound meters also all down (six
     * downs in 6/8, the other usual school), sixteenths, triplets, quarters.
     */
    public static List<Hand> usualHands(Meter meter) {
        Stream<Hand> eighths = meter.kind() == Meter.Kind.COMPOUND
                ? Stream.of(Hand.pendulum(Length.EIGHTH), Hand.allDown(Length.EIGHTH))
                : Stream.of(Hand.pendulum(Length.EIGHTH));
        Stream<Hand> others = Stream.of(Length.SIXTEENTH, Length.QUARTER.dividedBy(3), Length.QUARTER)
                .map(Hand::pendulum);
        return Stream.concat(eighths, others)
                .filter(hand -> division(meter, hand).isPresent())
                .toList();
    }

    /** The most felt beats a pattern in {@code meter} can have. */
    public static int mostBeats(Meter meter) {
        return MOST_BARS * meter.beats().size();
    }

    /** The slots that are played. */
    public Grid grid() {
        return Grid.of(meter, pickup, beats, this::divisionOf);
    }

    /** How the beat with number {@code beat}, from 0, is divided. */
    public Division divisionOf(int beat) {
        return divided.getOrDefault(beat, division);
    }

    /** How long the pick-up lasts. */
    public Length pickupLength() {
        int inBar = meter.beats().size();
        return meter.beats().subList(inBar - pickup, inBar).stream().reduce(Length.ZERO, Length::plus);
    }

    /** How long one round lasts, the pick-up in front of it not counted. */
    public Length length() {
        int inBar = meter.beats().size();
        Length rest = meter.beats().subList(0, beats % inBar).stream().reduce(Length.ZERO, Length::plus);
        return meter.length().times(beats / inBar).plus(rest);
    }

    /** How long the usual slot is. */
    public Length slotLength() {
        return division.slotLength(meter);
    }

    /** Which way the hand crosses the strings at {@code slot}; empty where it does not cross. */
    public Optional<Direction> handAt(Slot slot) {
        if (divided.isEmpty() || !divided.containsKey(slot.beat())) return hand.at(slot.inBar());
        boolean down = hand.mode() == Hand.Mode.ALL_DOWN || slot.inBeat() % 2 == 0;
        return Optional.of(down ? Direction.DOWN : Direction.UP);
    }

    /** The direction a stroke takes at {@code slot} when nobody says one: the hand's, or down where it is not crossing. */
    public Direction usualAt(Slot slot) {
        return handAt(slot).orElse(Direction.DOWN);
    }

    /** Answers whether {@code stroke} at {@code slot} goes another way than the hand does there. */
    public boolean isAgainst(Stroke stroke, Slot slot) {
        return stroke.way()
                .filter(way -> !handAt(slot).equals(Optional.of(way)))
                .isPresent();
    }

    /** How much later than written {@code slot} sounds. */
    public Length delay(Slot slot) {
        Length beat = meter.beats()
                .get(Math.floorMod(slot.beat() - pickup, meter.beats().size()));
        return feel.delay(slot, Math.toIntExact(beat.wholesOf(slot.length())));
    }

    /** Where the hand crosses the strings, in order. */
    public List<Crossing> crossings() {
        var crossings = new ArrayList<Crossing>();
        Length at = Length.ZERO;
        for (int beat = 0; beat < pickup + beats; beat++) at = addCrossings(crossings, beat, at);
        return crossings;
    }

    /**
     * The hand crossing the strings.
     *
     * @param at when it does, from the start of the frame
     */
    public record Crossing(Length at, Direction direction) {

        public Crossing {
            Objects.requireNonNull(at);
            Objects.requireNonNull(direction);
        }
    }

    /** Returns where the beat ends. */
    private Length addCrossings(List<Crossing> crossings, int beat, Length at) {
        int index = Math.floorMod(beat - pickup, meter.beats().size());
        Length from = meter.beats().subList(0, index).stream().reduce(Length.ZERO, Length::plus);
        Length end = from.plus(meter.beats().get(index));
        boolean bySlot = divided.containsKey(beat);
        Length step = bySlot ? divided.get(beat).slotLength(meter) : hand.rate();
        Length before = step.times(from.wholesOf(step));
        Length in = bySlot || before.equals(from) ? from : before.plus(step);
        for (int number = 0; in.isLessThan(end); in = in.plus(step), number++) {
            boolean down = hand.mode() == Hand.Mode.ALL_DOWN || number % 2 == 0;
            Direction slotwise = down ? Direction.DOWN : Direction.UP;
            crossings.add(new Crossing(at.plus(in.minus(from)), bySlot ? slotwise : hand.usual(in)));
        }
        return at.plus(end.minus(from));
    }

    /** Takes as many bars of {@code other}; what is no whole number of bars stays as many beats. */
    public PatternFrame withMeter(Meter other) {
        int inBar = meter.beats().size();
        int otherInBar = other.beats().size();
        int bars = (beats + inBar - 1) / inBar;
        int count = beats % inBar == 0 ? bars * otherInBar : Math.min(beats, otherInBar * MOST_BARS);
        Division fitting = divisionLike(other);
        Hand swing = handFollowsSlots() ? new Hand(hand.mode(), fitting.slotLength(other)) : hand;
        return new PatternFrame(
                other, Math.min(pickup, otherInBar - 1), count, fitting, Collections.emptySortedMap(), swing, feel);
    }

    private boolean handFollowsSlots() {
        return hand.rate().equals(slotLength());
    }

    private Division divisionLike(Meter other) {
        return Division.in(other).stream()
                .filter(fitting -> fitting.slotLength(other).equals(slotLength()))
                .findFirst()
                .orElse(Division.usualIn(other));
    }

    /** @throws Refusal unless {@code count} is 1 to the most beats of its meter */
    public PatternFrame withBeats(int count) {
        return new PatternFrame(meter, pickup, count, division, divided, hand, feel);
    }

    /** Divides the beats otherwise; a hand that moved with the slots goes on doing so. */
    public PatternFrame withDivision(Division other) {
        Hand swing = handFollowsSlots() ? new Hand(hand.mode(), other.slotLength(meter)) : hand;
        return new PatternFrame(meter, pickup, beats, other, divided, swing, feel);
    }

    /** Divides the beat with number {@code beat}, from 0, as {@code other}. */
    public PatternFrame withDivisionOf(int beat, Division other) {
        var others = new TreeMap<>(divided);
        others.put(beat, other);
        return new PatternFrame(meter, pickup, beats, division, others, hand, feel);
    }

    /** Puts {@code count} felt beats in front of the first bar line; divided beats stay where they are. */
    public PatternFrame withPickup(int count) {
        var moved = new TreeMap<Integer, Division>();
        divided.forEach((beat, other) -> moved.put(beat + count - pickup, other));
        moved.keySet().removeIf(beat -> beat < 0);
        return new PatternFrame(meter, count, beats, division, moved, hand, feel);
    }

    /** The same slots with another motion of the hand. */
    public PatternFrame withHand(Hand other) {
        return new PatternFrame(meter, pickup, beats, division, divided, other, feel);
    }

    /** The same slots swung otherwise. */
    public PatternFrame withFeel(Feel other) {
        return new PatternFrame(meter, pickup, beats, division, divided, hand, other);
    }
}
