package tactus.core.reading.sentence;

import java.util.List;
import java.util.Objects;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.BarLines;
import tactus.core.written.section.WordLine;

/**
 * The words of a section as they are typed, a line of them on each line: {@code (Car-ry) the lan-tern | down to the . pond}.
 *
 * <p>{@code |} is a bar line and every line begins a new bar. A hyphen parts the syllables of a word, {@code .} is a place
 * without a word, and what stands in brackets in front of a line is sung before its first bar. The words of a bar stand on its
 * beats; where there are more of them than beats, on half beats (in compound and additive meters on the units), then on halves of
 * those. Lines without any bar line share the bars of the section.
 */
public final class SungText {

    /** The most characters that are read. */
    public static final int LONGEST = 20_000;

    private final BarLines bars;

    /** @param bars those of the section */
    public SungText(BarLines bars) {
        this.bars = bars;
    }

    /**
     * Reads words.
     *
     * @throws NotationException if they are more than the bars or than there is room for, or a bracket is not closed
     */
    public List<WordLine> parse(String text) {
        return new SungReader(bars).read(text);
    }

    /** Writes words so that they are read the same. */
    public String format(List<WordLine> lines) {
        return new SungWriter(bars).write(lines);
    }

    /** A text with the place of the caret in it. */
    public record Moved(String text, int caret) {

        public Moved {
            Objects.requireNonNull(text);
        }
    }

    /**
     * Moves the word at {@code caret} a place later, over an empty one or by putting one in front of it, or earlier if
     * {@code step} is negative and the place in front of it is empty.
     */
    public static Moved moved(String text, int caret, int step) {
        int start = wordStart(text, Math.clamp(caret, 0, text.length()));
        int end = start;
        while (end < text.length() && !isBetween(text.charAt(end))) end++;
        if (end < text.length() && text.charAt(end) == '-') end++;
        if (start == end) return new Moved(text, caret);
        String word = text.substring(start, end);
        if (step < 0) {
            int dot = text.substring(0, start).stripTrailing().length() - 1;
            if (dot < 0 || text.charAt(dot) != WordPlaces.NOTHING.charAt(0)) return new Moved(text, caret);
            String without = text.substring(0, dot) + word + " " + WordPlaces.NOTHING + text.substring(end);
            return new Moved(without, dot);
        }
        String rest = text.substring(end);
        String follows = rest.stripLeading();
        boolean swaps = follows.startsWith(WordPlaces.NOTHING);
        String behind = swaps ? " " + follows.substring(1).stripLeading() : rest;
        return new Moved(
                text.substring(0, start) + WordPlaces.NOTHING + " " + word + behind,
                start + WordPlaces.NOTHING.length() + 1);
    }

    private static int wordStart(String text, int caret) {
        int start = caret;
        while (start < text.length() && start == caret && isBetween(text.charAt(start)) && text.charAt(start) == ' ')
            start++;
        while (start > 0 && !isBetween(text.charAt(start - 1))) start--;
        return start;
    }

    private static boolean isBetween(char sign) {
        return Character.isWhitespace(sign) || "|-()".indexOf(sign) >= 0;
    }
}
