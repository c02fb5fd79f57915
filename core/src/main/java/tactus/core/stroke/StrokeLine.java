package tactus.core.stroke;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import tactus.core.time.Grid;
import tactus.core.time.NotationException;

/**
 * Strokes as a line with one character a slot, {@code d-du-udu}:
 *
 * <ul>
 *   <li>{@code d} down, {@code u} up, over all strings;
 *   <li>{@code b} bass strings, {@code t} treble strings, {@code x} mute, in the direction in which the hand goes;
 *   <li>{@code -} or {@code .} miss, {@code =} ring, {@code s} stop;
 *   <li>a capital letter is accented;
 *   <li>{@code (ut)} is one slot whose direction is said: here an up on the treble strings;
 *   <li>spaces and {@code |} may stand anywhere between slots.
 * </ul>
 */
public final class StrokeLine {

    private final String text;
    private final Grid grid;
    private final Hand hand;
    private final List<Stroke> strokes = new ArrayList<>();

    private StrokeLine(String text, Grid grid, Hand hand) {
        this.text = text;
        this.grid = grid;
        this.hand = hand;
    }

    /**
     * Reads a line over {@code grid}.
     *
     * @return one stroke for each slot written, at most as many as the grid has
     * @throws NotationException if a character is unknown, a bracket stays open or there are more strokes than slots
     */
    public static List<Stroke> parse(String text, Grid grid, Hand hand) {
        var line = new StrokeLine(text, grid, hand);
        int index = 0;
        while (index < text.length()) index = line.read(index);
        return line.strokes;
    }

    /** Counts the slots that {@code text} writes, whether or not each can be read. */
    public static int slots(String text) {
        return text.replaceAll("\\([^)]*\\)?", "d").replaceAll("[\\s|]", "").length();
    }

    private int read(int index) {
        char first = text.charAt(index);
        if (Character.isWhitespace(first) || first == '|') return index + 1;
        if (strokes.size() == grid.size()) {
            throw new NotationException("has more strokes than the pattern has slots, " + grid.size(), text, index);
        }
        if (first != '(') {
            strokes.add(plain(first, index));
            return index + 1;
        }
        int end = text.indexOf(')', index);
        if (end < 0) throw new NotationException("has a bracket that is not closed", text, index);
        strokes.add(directed(text.substring(index + 1, end), index));
        return end + 1;
    }

    private Stroke plain(char letter, int index) {
        Direction usual = hand.usual(grid.slots().get(strokes.size()).inBar());
        return stroke(letter, usual)
                .orElseThrow(() -> new NotationException("has no stroke called \"" + letter + "\"", text, index));
    }

    /** The stroke that one character writes where the hand goes {@code usual}; empty if it writes none. */
    public static Optional<Stroke> stroke(char letter, Direction usual) {
        Force force = Character.isUpperCase(letter) ? Force.ACCENTED : Force.PLAIN;
        return Optional.ofNullable(
                switch (Character.toLowerCase(letter)) {
                    case 'd' -> new Strum(Direction.DOWN, Reach.ALL, force);
                    case 'u' -> new Strum(Direction.UP, Reach.ALL, force);
                    case 'b' -> new Strum(usual, Reach.BASS, force);
                    case 't' -> new Strum(usual, Reach.TREBLE, force);
                    case 'x' -> new Mute(usual, force);
                    case '-', '.', '·' -> Miss.MISS;
                    case '=', '~' -> Ring.RING;
                    case 's' -> Stop.STOP;
                    default -> null;
                });
    }

    private Stroke directed(String inside, int index) {
        if (!inside.matches("(?i)[du][btx]")) {
            throw new NotationException(
                    "has brackets that do not hold d or u and then b, t or x: (" + inside + ")", text, index);
        }
        Direction direction = Character.toLowerCase(inside.charAt(0)) == 'd' ? Direction.DOWN : Direction.UP;
        return switch (plain(inside.charAt(1), index)) {
            case Strum strum -> new Strum(direction, strum.reach(), strum.force());
            case Mute mute -> new Mute(direction, mute.force());
            case Miss _, Ring _, Stop _ -> throw new IllegalStateException(inside);
        };
    }

    /** Writes one stroke a slot so that {@link #parse} over the same grid and hand gives the same strokes. */
    public static String format(List<Stroke> strokes, Grid grid, Hand hand) {
        var line = new StringBuilder();
        for (int i = 0; i < strokes.size(); i++) {
            line.append(symbol(strokes.get(i), hand.usual(grid.slots().get(i).inBar())));
        }
        return line.toString();
    }

    private static String symbol(Stroke stroke, Direction usual) {
        return switch (stroke) {
            case Strum(var direction, var reach, var force) ->
                switch (reach) {
                    case ALL -> letter(direction == Direction.DOWN ? "d" : "u", force);
                    case BASS -> directed("b", direction, force, usual);
                    case TREBLE -> directed("t", direction, force, usual);
                };
            case Mute(var direction, var force) -> directed("x", direction, force, usual);
            case Miss _ -> "-";
            case Ring _ -> "=";
            case Stop _ -> "s";
        };
    }

    private static String directed(String letter, Direction direction, Force force, Direction usual) {
        String written = letter(letter, force);
        return direction == usual ? written : "(" + (direction == Direction.DOWN ? "d" : "u") + written + ")";
    }

    private static String letter(String letter, Force force) {
        return force.isAccented() ? letter.toUpperCase(Locale.ROOT) : letter;
    }
}
