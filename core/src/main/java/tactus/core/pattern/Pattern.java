package tactus.core.pattern;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.SortedMap;
import java.util.TreeMap;
import tactus.core.stroke.Hand;
import tactus.core.stroke.Miss;
import tactus.core.stroke.Stroke;
import tactus.core.stroke.StrokeLine;
import tactus.core.time.Division;
import tactus.core.time.Grid;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.Slot;

/**
 * Strokes on the slots of some beats: {@code d-du-udu} over four beats of 4/4 in eighths. Strokes that a change of
 * meter, length or division pushes off the grid are kept and come back when it is changed back; only those on the grid
 * are played.
 *
 * @param name what a person reads, 1 to 60 characters
 * @param beats the length in felt beats of {@code meter}, from 1 to eight bars
 * @param strokes every stroke written, on the grid or kept outside it; a slot without one is a miss
 */
public record Pattern(
        PatternId id,
        String name,
        Meter meter,
        int beats,
        Division division,
        Hand hand,
        SortedMap<SlotAt, Stroke> strokes) {

    /** The longest a pattern can be. */
    public static final int MOST_BARS = 8;

    private static final int LONGEST_NAME = 60;

    /** @throws IllegalArgumentException if the name, the length or the division is outside its range */
    public Pattern {
        Objects.requireNonNull(id);
        Objects.requireNonNull(hand);
        name = checkedName(name);
        int most = mostBeats(meter);
        if (beats < 1 || beats > most) {
            throw new IllegalArgumentException(
                    "a pattern in " + meter + " has 1 to " + most + " beats (" + MOST_BARS + " bars), not " + beats);
        }
        if (!division.fits(meter)) {
            throw new IllegalArgumentException(
                    "the beats of " + meter + " do not divide into " + division.slots() + " equal slots");
        }
        var written = new TreeMap<>(strokes);
        written.values().removeIf(Miss.class::isInstance);
        strokes = Collections.unmodifiableSortedMap(written);
    }

    private static String checkedName(String name) {
        String plain = name.strip();
        if (plain.isEmpty() || plain.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("a pattern's name has 1 to 60 characters, this one " + plain.length());
        }
        return plain;
    }

    /** Returns a pattern of one bar without strokes, in eighths, the hand moving along. */
    public static Pattern empty(PatternId id, String name, Meter meter) {
        Division division = Division.usualIn(meter);
        Hand hand = Hand.pendulum(division.slotLength(meter));
        return new Pattern(id, name, meter, meter.beats().size(), division, hand, Collections.emptySortedMap());
    }

    /** The most felt beats a pattern in {@code meter} can have. */
    public static int mostBeats(Meter meter) {
        return MOST_BARS * meter.beats().size();
    }

    /** The slots that are played. */
    public Grid grid() {
        return Grid.of(meter, beats, division);
    }

    /** How long one round lasts. */
    public Length length() {
        int inBar = meter.beats().size();
        Length rest = meter.beats().subList(0, beats % inBar).stream().reduce(Length.ZERO, Length::plus);
        return meter.length().times(beats / inBar).plus(rest);
    }

    /** The stroke at {@code slot} of this pattern's grid. */
    public Stroke at(Slot slot) {
        return strokes.getOrDefault(new SlotAt(slot.bar(), slot.inBar()), Miss.MISS);
    }

    /** One stroke for every slot of the grid, misses included. */
    public List<Stroke> played() {
        return grid().slots().stream().map(this::at).toList();
    }

    /** The strokes that are kept but lie outside the grid. */
    public SortedMap<SlotAt, Stroke> outside() {
        var rest = new TreeMap<>(strokes);
        grid().slots().forEach(slot -> rest.remove(new SlotAt(slot.bar(), slot.inBar())));
        return rest;
    }

    /** Answers whether the stroke at {@code slot} goes another way than the hand. */
    public boolean isAgainstHand(Slot slot) {
        return hand.isAgainst(at(slot), slot.inBar());
    }

    /** The played strokes, one character a slot; see {@link StrokeLine}. */
    public String line() {
        return StrokeLine.format(played(), grid(), hand);
    }

    /**
     * Replaces the strokes on the grid by those of {@code line}. A longer line makes the pattern longer, up to eight
     * bars; a shorter one leaves misses behind it.
     *
     * @throws tactus.core.time.NotationException if the line cannot be read or is longer than eight bars
     */
    public Pattern withLine(String line) {
        Pattern longer = longEnoughFor(StrokeLine.slots(line));
        Grid grid = longer.grid();
        List<Stroke> read = StrokeLine.parse(line, grid, hand);
        var written = longer.outside();
        for (int i = 0; i < read.size(); i++) {
            Slot slot = grid.slots().get(i);
            written.put(new SlotAt(slot.bar(), slot.inBar()), read.get(i));
        }
        return longer.withStrokes(written);
    }

    private Pattern longEnoughFor(int slots) {
        Pattern longer = this;
        while (longer.beats < mostBeats(meter) && longer.grid().size() < slots)
            longer = longer.withBeats(longer.beats + 1);
        return longer;
    }

    /** Puts {@code stroke} on the slot with {@code index}. */
    public Pattern withStroke(int index, Stroke stroke) {
        Slot slot = grid().slots().get(index);
        var written = new TreeMap<>(strokes);
        written.put(new SlotAt(slot.bar(), slot.inBar()), stroke);
        return withStrokes(written);
    }

    /** Takes every stroke of the same bar, meter by meter; whole bars stay whole bars, and nothing written is lost. */
    public Pattern withMeter(Meter other) {
        int inBar = meter.beats().size();
        int otherInBar = other.beats().size();
        int bars = (beats + inBar - 1) / inBar;
        int count = beats % inBar == 0 ? bars * otherInBar : Math.min(beats, otherInBar * MOST_BARS);
        Division fitting = divisionLike(other);
        boolean handFollowsSlots = hand.rate().equals(division.slotLength(meter));
        Hand swing = handFollowsSlots ? new Hand(hand.mode(), fitting.slotLength(other)) : hand;
        return new Pattern(id, name, other, count, fitting, swing, strokes);
    }

    private Division divisionLike(Meter other) {
        Length slot = division.slotLength(meter);
        return Division.in(other).stream()
                .filter(fitting -> fitting.slotLength(other).equals(slot))
                .findFirst()
                .orElse(Division.usualIn(other));
    }

    /** Makes the pattern {@code count} felt beats long. */
    public Pattern withBeats(int count) {
        return new Pattern(id, name, meter, count, division, hand, strokes);
    }

    /** Divides the beats otherwise; a hand that moved with the slots goes on doing so. */
    public Pattern withDivision(Division other) {
        boolean handFollowsSlots = hand.rate().equals(division.slotLength(meter));
        Hand swing = handFollowsSlots ? new Hand(hand.mode(), other.slotLength(meter)) : hand;
        return new Pattern(id, name, meter, beats, other, swing, strokes);
    }

    public Pattern withHand(Hand other) {
        return new Pattern(id, name, meter, beats, division, other, strokes);
    }

    public Pattern withName(String other) {
        return new Pattern(id, other, meter, beats, division, hand, strokes);
    }

    /** Returns the same strokes as a pattern of its own. */
    public Pattern copiedAs(PatternId otherId, String otherName) {
        return new Pattern(otherId, otherName, meter, beats, division, hand, strokes);
    }

    private Pattern withStrokes(Map<SlotAt, Stroke> others) {
        return new Pattern(id, name, meter, beats, division, hand, new TreeMap<>(others));
    }
}
