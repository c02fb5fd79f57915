package tactus.core.rhythm;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.pattern.Pattern;
import tactus.core.saying.Saying;
import tactus.core.stroke.StrokeLine;
import tactus.core.time.Length;

/**
 * A pattern explained from its cell.
 *
 * @param sentence what it is made of
 * @param mnemonic words for the cell
 * @param steps how to practise it, in order
 * @param warning what a drill would teach wrongly, if it would
 */
public record Explanation(String sentence, Optional<Mnemonic> mnemonic, List<String> steps, Optional<String> warning) {

    private static final List<String> NUMBERS =
            List.of("twice", "three times", "four times", "five times", "six times", "seven times", "eight times");

    public Explanation {
        steps = List.copyOf(steps);
    }

    /** Explains {@code played} from its first bar line on; a pick-up is only said with it. */
    public static Explanation of(Pattern played) {
        Pattern pattern = played.withFrame(played.frame().withPickup(0));
        if (PatternFacts.struck(pattern).isEmpty()) {
            return new Explanation("Nothing is played yet.", Optional.empty(), List.of(), Optional.empty());
        }
        Optional<Cells> cells = Cells.of(pattern);
        int slots = cells.map(Cells::slots).orElse(pattern.grid().size());
        return new Explanation(
                cells.map(found -> sentence(pattern, found))
                                .orElse("Nothing in it is repeated: it is learnt as a whole.")
                        + spread(pattern),
                Mnemonic.of(pattern, slots),
                steps(played, pattern, cells),
                cells.flatMap(found -> warning(pattern, found)));
    }

    /** Said where the strokes do not simply divide the slots. */
    private static String spread(Pattern pattern) {
        List<Integer> struck = PatternFacts.struck(pattern);
        int slots = pattern.grid().size();
        boolean divides = slots % struck.size() == 0;
        return struck.size() < 3 || divides || !EvenSpread.isEven(struck, slots)
                ? ""
                : " Its " + struck.size() + " strokes are spread as evenly over " + slots + " slots as they can be.";
    }

    private static String sentence(Pattern pattern, Cells cells) {
        String cell = "The cell " + signs(pattern, cells) + " (" + beats(pattern, cells.length()) + ") comes "
                + (cells.times() - 2 < NUMBERS.size() ? NUMBERS.get(cells.times() - 2) : cells.times() + " times");
        if (cells.rest().isZero()) return cell + " and is all of it.";
        String share = Math.round(cells.share().toDouble() * 100) + " % of the time";
        return cells.goesOn()
                ? cell + " and once more cut short: " + sum(pattern, cells) + " beats, " + share + "."
                : cell + ", " + share + ", then a tail of " + beats(pattern, cells.rest()) + ".";
    }

    /** {@code 1½+1½+1}. */
    private static String sum(Pattern pattern, Cells cells) {
        Length beat = pattern.meter().shortestBeat();
        var parts = new ArrayList<String>();
        for (int i = 0; i < cells.times(); i++) parts.add(number(cells.length().dividedBy(beat)));
        parts.add(number(cells.rest().dividedBy(beat)));
        return String.join("+", parts);
    }

    private static String signs(Pattern pattern, Cells cells) {
        var signs = new StringBuilder();
        pattern.grid()
                .slots()
                .subList(0, cells.slots())
                .forEach(slot -> signs.append(
                        StrokeLine.format(pattern.at(slot), pattern.frame().usualAt(slot))));
        return signs.toString();
    }

    private static String beats(Pattern pattern, Length length) {
        Length beats = length.dividedBy(pattern.meter().shortestBeat());
        return number(beats) + (beats.compareTo(Length.WHOLE) > 0 ? " beats" : " beat");
    }

    /** {@code 1½}; a fraction where there is no sign for it. */
    static String number(Length beats) {
        long whole = beats.wholesOf(Length.WHOLE);
        Length rest = beats.minus(Length.of(whole));
        String part = switch (rest.toString()) {
            case "0" -> "";
            case "1/2" -> "½";
            case "1/4" -> "¼";
            case "3/4" -> "¾";
            case "1/3" -> "⅓";
            case "2/3" -> "⅔";
            default -> (whole > 0 ? " " : "") + rest;
        };
        return whole > 0 || part.isEmpty() ? whole + part : part;
    }

    private static List<String> steps(Pattern played, Pattern pattern, Optional<Cells> cells) {
        var steps = new ArrayList<String>();
        steps.add("Move the hand on damped strings and count; strike nothing.");
        steps.add("Say it: " + Saying.aloud(played));
        cells.filter(found -> found.slots() > 1)
                .ifPresent(found -> steps.add("The cell alone, "
                        + (found.crossesBeats(pattern)
                                ? "counted through the bar as it lies there"
                                : "round and round over " + beats(pattern, found.length()))
                        + ", on damped strings."));
        cells.filter(found -> !found.rest().isZero())
                .ifPresent(found -> steps.add("The last cell and the tail, until the tail comes by itself."));
        steps.add("All of it on one chord, until it comes four times in a row.");
        return steps;
    }

    /** A cell that is no whole number of beats drifts when it is looped alone. */
    private static Optional<String> warning(Pattern pattern, Cells cells) {
        if (!cells.crossesBeats(pattern)) return Optional.empty();
        Length beat = pattern.meter().shortestBeat();
        long longer = cells.length().wholesOf(beat) + 1;
        return Optional.of("A loop of " + number(Length.of(longer)) + (longer == 1 ? " beat" : " beats")
                + " would be longer than the cell is in the bar (" + beats(pattern, cells.length())
                + ") and teach the wrong beat: loop the whole bar.");
    }
}
