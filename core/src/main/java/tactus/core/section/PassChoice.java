package tactus.core.section;

import java.util.List;
import tactus.core.time.NotationException;

/**
 * Which of the passes of a section are meant.
 *
 * @param number a pass from 1; or one of the numbers behind {@link #EVERY}, {@link #LAST} and {@link #BUT_LAST}
 */
public record PassChoice(int number) {

    public static final PassChoice EVERY = new PassChoice(0);
    /** The last of several passes. */
    public static final PassChoice LAST = new PassChoice(-1);
    /** Every pass that another one follows. */
    public static final PassChoice BUT_LAST = new PassChoice(-2);

    /** @throws IllegalArgumentException if there can be no such pass */
    public PassChoice {
        if (number < -2 || number > Section.MOST_PASSES) {
            throw new IllegalArgumentException("a pass is 1 to " + Section.MOST_PASSES + ", was " + number);
        }
    }

    /** Returns the pass with {@code number}, from 1. */
    public static PassChoice of(int number) {
        if (number < 1) throw new IllegalArgumentException("a pass is 1 to 99, was " + number);
        return new PassChoice(number);
    }

    /**
     * Reads a choice as {@link #toString} writes it.
     *
     * @throws NotationException if it is none
     */
    public static PassChoice parse(String text) {
        for (PassChoice choice : List.of(EVERY, LAST, BUT_LAST))
            if (choice.toString().equals(text)) return choice;
        if (!text.matches("pass \\d{1,3}"))
            throw new NotationException("is no pass such as pass 2 or last pass", text, 0);
        try {
            return of(Integer.parseInt(text.substring(5)));
        } catch (NotationException wrong) {
            throw wrong;
        } catch (IllegalArgumentException wrong) {
            throw new NotationException("is no pass: " + wrong.getMessage(), text, 5);
        }
    }

    public boolean isEvery() {
        return number == 0;
    }

    /** Whether {@code pass}, from 1, of {@code passes} is meant. */
    public boolean has(int pass, int passes) {
        return switch (number) {
            case 0 -> true;
            case -1 -> pass == passes && passes > 1;
            case -2 -> pass < passes;
            default -> pass == number;
        };
    }

    /** Returns {@code last pass}, {@code pass 2}, or {@code every pass}. */
    @Override
    public String toString() {
        return switch (number) {
            case 0 -> "every pass";
            case -1 -> "last pass";
            case -2 -> "all passes but the last";
            default -> "pass " + number;
        };
    }
}
