package tactus.core.patterns.pattern;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.StrokeLine;
import tactus.core.music.time.Division;
import tactus.core.music.time.Grid;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;
import tactus.core.patterns.picking.PickingHand;

/**
 * Strokes on the slots of some beats: {@code d-du-udu} over four beats of 4/4 in eighths. Strokes that a change of
 * meter, length or division pushes off the grid are kept and come back when it is changed back; only those on the grid
 * are played.
 *
 * @param name what a person reads, 1 to 60 characters
 * @param strokes every stroke written, on the grid or kept outside it; a slot without one is a miss
 * @param moves what the fretting hand changes, by slot; kept outside the grid as strokes are
 * @param picking where the fingers go beyond the rule
 * @param story where it comes from
 * @param form which pattern it is a form of; empty if it stands for itself
 */
public record Pattern(
        PatternId id,
        String name,
        PatternFrame frame,
        SortedMap<SlotAt, Stroke> strokes,
        SortedMap<SlotAt, List<FingerMove>> moves,
        PickingHand picking,
        Story story,
        Optional<Form> form) {

    private static final int LONGEST_NAME = 60;

    /** @throws Refusal if the name is outside its range */
    public Pattern {
        Objects.requireNonNull(id);
        Objects.requireNonNull(frame);
        Objects.requireNonNull(picking);
        Objects.requireNonNull(story);
        Objects.requireNonNull(form);
        name = checkedName(name);
        var written = new TreeMap<>(strokes);
        written.values().removeIf(Miss.class::isInstance);
        strokes = Collections.unmodifiableSortedMap(written);
        moves = Collections.unmodifiableSortedMap(copied(moves));
    }

    private static TreeMap<SlotAt, List<FingerMove>> copied(Map<SlotAt, List<FingerMove>> moves) {
        var copied = new TreeMap<SlotAt, List<FingerMove>>();
        moves.forEach((at, each) -> {
            if (!each.isEmpty()) copied.put(at, List.copyOf(each));
        });
        return copied;
    }

    private static String checkedName(String name) {
        String plain = name.strip();
        if (plain.isEmpty() || plain.length() > LONGEST_NAME) {
            throw new Refusal("pattern.name-characters", plain.length());
        }
        return plain;
    }

    /** Returns a pattern of one bar without strokes, in eighths, the hand moving along. */
    public static Pattern empty(PatternId id, String name, Meter meter) {
        return empty(id, name, PatternFrame.of(meter));
    }

    /** Returns a pattern without strokes. */
    public static Pattern empty(PatternId id, String name, PatternFrame frame) {
        return new Pattern(
                id,
                name,
                frame,
                Collections.emptySortedMap(),
                Collections.emptySortedMap(),
                PickingHand.FOLLOWING,
                Story.NEW,
                Optional.empty());
    }

    /** See {@link PatternFrame#meter}. */
    public Meter meter() {
        return frame.meter();
    }

    /** The length in felt beats. */
    public int beats() {
        return frame.beats();
    }

    /** See {@link PatternFrame#division}. */
    public Division division() {
        return frame.division();
    }

    /** See {@link PatternFrame#hand}. */
    public Hand hand() {
        return frame.hand();
    }

    /** The slots that are played. */
    public Grid grid() {
        return frame.grid();
    }

    /** How long one round lasts. */
    public Length length() {
        return frame.length();
    }

    /** The stroke at {@code slot} of this pattern's grid. */
    public Stroke at(Slot slot) {
        return strokes.getOrDefault(SlotAt.of(slot), Miss.MISS);
    }

    /** What the fretting hand changes at {@code slot}. */
    public List<FingerMove> movesAt(Slot slot) {
        return moves.getOrDefault(SlotAt.of(slot), List.of());
    }

    /** One stroke for every slot of the grid, misses included. */
    public List<Stroke> played() {
        return grid().slots().stream().map(this::at).toList();
    }

    /** The strokes that are kept but lie outside the grid. */
    public SortedMap<SlotAt, Stroke> outside() {
        var rest = new TreeMap<>(strokes);
        grid().slots().forEach(slot -> rest.remove(SlotAt.of(slot)));
        return rest;
    }

    /** Answers whether the stroke at {@code slot} goes another way than the hand. */
    public boolean isAgainstHand(Slot slot) {
        return frame.isAgainst(at(slot), slot);
    }

    /** The played strokes, one sign a slot; see {@link StrokeLine}. */
    public String line() {
        var line = new StringBuilder();
        String before = "";
        for (Slot slot : grid().slots()) {
            String sign = StrokeLine.format(at(slot), frame.usualAt(slot));
            // The fret of one note and the string of the next would read as one number.
            if (before.contains(":") && Character.isDigit(sign.charAt(0))) line.append(' ');
            line.append(sign);
            before = sign;
        }
        return line.toString();
    }

    /**
     * Replaces the strokes on the grid by those of {@code line}. A longer line makes the pattern longer, up to eight
     * bars; a shorter one leaves misses behind it.
     *
     * @throws tactus.core.ground.refusal.NotationException if the line cannot be read or is longer than eight bars
     */
    public Pattern withLine(String line) {
        Pattern longer = longEnoughFor(StrokeLine.slots(line));
        Grid grid = longer.grid();
        List<Stroke> read =
                StrokeLine.parse(line, grid.slots().stream().map(frame::usualAt).toList());
        var written = longer.outside();
        for (int i = 0; i < read.size(); i++) {
            written.put(SlotAt.of(grid.slots().get(i)), read.get(i));
        }
        return longer.withStrokes(written);
    }

    private Pattern longEnoughFor(int slots) {
        Pattern longer = this;
        while (longer.beats() < PatternFrame.mostBeats(meter()) && longer.grid().size() < slots)
            longer = longer.withBeats(longer.beats() + 1);
        return longer;
    }

    /** Puts {@code stroke} on the slot with {@code index}. */
    public Pattern withStroke(int index, Stroke stroke) {
        var written = new TreeMap<>(strokes);
        written.put(SlotAt.of(grid().slots().get(index)), stroke);
        return withStrokes(written);
    }

    /** Puts one stroke on each slot of the grid. */
    public Pattern withPlayed(List<? extends Stroke> played) {
        var written = outside();
        List<Slot> slots = grid().slots();
        for (int i = 0; i < slots.size(); i++) written.put(SlotAt.of(slots.get(i)), played.get(i));
        return withStrokes(written);
    }

    /** Changes what the fretting hand does at the slot with {@code index}. */
    public Pattern withMoves(int index, List<FingerMove> others) {
        var changed = new TreeMap<>(moves);
        changed.put(SlotAt.of(grid().slots().get(index)), others);
        return new Pattern(id, name, frame, strokes, changed, picking, story, form);
    }

    /** Takes every stroke of the same bar, meter by meter; whole bars stay whole bars, and nothing written is lost. */
    public Pattern withMeter(Meter other) {
        return withFrame(frame.withMeter(other));
    }

    /** Makes the pattern {@code count} felt beats long. */
    public Pattern withBeats(int count) {
        return withFrame(frame.withBeats(count));
    }

    /** Divides the beats otherwise; a hand that moved with the slots goes on doing so. */
    public Pattern withDivision(Division other) {
        return withFrame(frame.withDivision(other));
    }

    /** The same strokes with another motion of the hand. */
    public Pattern withHand(Hand other) {
        return withFrame(frame.withHand(other));
    }

    /** The same strokes on other slots; those that have none are kept for when they have. */
    public Pattern withFrame(PatternFrame other) {
        return new Pattern(id, name, other, strokes, moves, picking, story, form);
    }

    /** @throws Refusal if the name is empty or too long */
    public Pattern withName(String other) {
        return new Pattern(id, other, frame, strokes, moves, picking, story, form);
    }

    /** The same with fingers on other strings. */
    public Pattern withPicking(PickingHand other) {
        return new Pattern(id, name, frame, strokes, moves, other, story, form);
    }

    /** The same with another story. */
    public Pattern withStory(Story other) {
        return new Pattern(id, name, frame, strokes, moves, picking, other, form);
    }

    /** The same derived from another pattern, or standing for itself. */
    public Pattern withForm(Optional<Form> other) {
        return new Pattern(id, name, frame, strokes, moves, picking, story, other);
    }

    /** Returns the same strokes as a pattern of its own. */
    public Pattern copiedAs(PatternId otherId, String otherName) {
        Story own = new Story(story.origin(), List.of());
        return new Pattern(otherId, otherName, frame, strokes, moves, picking, own, Optional.empty());
    }

    private Pattern withStrokes(Map<SlotAt, Stroke> others) {
        return new Pattern(id, name, frame, new TreeMap<>(others), moves, picking, story, form);
    }
}
