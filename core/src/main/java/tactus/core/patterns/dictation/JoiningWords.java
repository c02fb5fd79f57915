package tactus.core.patterns.dictation;

import java.util.List;
import java.util.Locale;
import java.util.function.ObjIntConsumer;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words of a dictation without those that only join strokes: {@code down and up}. */
final class JoiningWords {

    private static final Pattern HYPHEN = Pattern.compile("(?<=[\\p{L}0-9])-(\\p{L}+|&)");

    private final String text;
    private final SpokenWords words;
    private final List<MatchResult> found;

    JoiningWords(String text, SpokenWords words) {
        this.text = text;
        this.words = words;
        found = words.word().matcher(spaced(text, words)).results().toList();
    }

    /** {@code two-and} is the same as {@code two and}; every place stays where it is. */
    private static String spaced(String text, SpokenWords words) {
        return HYPHEN.matcher(text)
                .replaceAll(each ->
                        Matcher.quoteReplacement(isAnd(each.group(1), words) ? " " + each.group(1) : each.group()));
    }

    private static boolean isAnd(String word, SpokenWords words) {
        return word.equals("&") || words.isAnd(word.toLowerCase(Locale.ROOT));
    }

    /** Hands on each word, in small letters, with its place in the text. */
    void each(ObjIntConsumer<String> word) {
        boolean isNumbered = isNumbered();
        for (int i = 0; i < found.size(); i++)
            if (!(isNumbered ? isBeforeOthers(i) : isJoining(i)))
                word.accept(plain(found.get(i)), found.get(i).start());
    }

    /** Whether the count of a stroke is said, as that of an accent is not. */
    private boolean isNumbered() {
        boolean accented = false;
        for (MatchResult each : found) {
            String word = plain(each);
            if (words.numbered(word).isPresent() && !accented) return true;
            boolean accents = words.mark(word).filter("accented"::equals).isPresent();
            boolean ends = word.equals(",") || isStroke(each);
            accented = accents || accented && !ends;
        }
        return false;
    }

    /** Where no number is said, an "and" before a stroke is no count, but for that of {@code the and}. */
    private boolean isJoining(int index) {
        boolean isMarked = index > 0 && words.mark(plain(found.get(index - 1))).isPresent();
        return words.isAnd(plain(found.get(index)))
                && !isMarked
                && index + 1 < found.size()
                && (isStroke(found.get(index + 1))
                        || words.several(plain(found.get(index + 1))).isPresent());
    }

    /** {@code downs on 1 and 3 and ups on 2&}: where other strokes and their counts follow, "and" is none of the counts before. */
    private boolean isBeforeOthers(int index) {
        return words.isAnd(plain(found.get(index)))
                && index + 2 < found.size()
                && isStroke(found.get(index + 1))
                && words.mark(plain(found.get(index + 2))).filter("on"::equals).isPresent();
    }

    private boolean isStroke(MatchResult word) {
        return words.stroke(plain(word), text, word.start()).isPresent();
    }

    private static String plain(MatchResult word) {
        return word.group().toLowerCase(Locale.ROOT);
    }
}
