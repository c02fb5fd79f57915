package tactus.core.patterns.dictation;

import java.util.List;
import java.util.Locale;
import java.util.function.ObjIntConsumer;
import java.util.regex.MatchResult;
import java.util.stream.IntStream;

/** The words of a dictation without those that only join strokes: {@code down and up}. */
final class JoiningWords {

    private final String text;
    private final SpokenWords words;
    private final List<MatchResult> found;
    private final boolean isPlucked;

    JoiningWords(String text, SpokenWords words, Doubts doubts) {
        this.text = text;
        this.words = words;
        String plain = words.withoutAdjectives(Hyphens.joined(text, words, doubts));
        found = words.word().matcher(plain).results().toList();
        isPlucked = all().stream()
                .anyMatch(each -> words.mark(each).filter("plucked"::equals).isPresent());
    }

    /** All words, in small letters. */
    List<String> all() {
        return found.stream().map(JoiningWords::plain).toList();
    }

    /** Hands on each word, in small letters, with its place in the text. */
    void each(ObjIntConsumer<String> word) {
        boolean isOneOfSeveral = isOneOfSeveral();
        boolean isNumbered = isNumbered() && !isOneOfSeveral;
        boolean areQuantities = areQuantities();
        int times = 1;
        for (int i = 0; i < found.size(); i++) {
            boolean isLeft = isNumbered && !areQuantities
                    ? isBeforeOthers(i)
                    : isJoining(i) || isOneOfSeveral && isOne(i) || areQuantities && isNumber(i);
            if (areQuantities && isNumber(i)) times = number(i);
            if (isLeft) continue;
            for (; times > 0; times--)
                word.accept(plain(found.get(i)), found.get(i).start());
            times = 1;
        }
    }

    /** {@code three down, two up}: numbers that do not rise, each right before a strum, are no counts and no strings. */
    private boolean areQuantities() {
        List<Integer> at =
                IntStream.range(0, found.size()).filter(this::isNumber).boxed().toList();
        return at.size() > 1
                && !NumberSense.isRising(at.stream().map(this::number).toList())
                && at.stream().allMatch(i -> number(i) <= Dictation.MOST_STROKES && isBeforeStrum(i));
    }

    private boolean isBeforeStrum(int index) {
        return index + 1 < found.size()
                && words.strokes().direction(plain(found.get(index + 1))).isPresent();
    }

    private boolean isNumber(int index) {
        String word = plain(found.get(index));
        return words.several(word).isEmpty()
                && words.numbered(word)
                        .filter(digits -> digits.matches("\\d{1,3}"))
                        .isPresent();
    }

    private int number(int index) {
        return Integer.parseInt(words.numbered(plain(found.get(index))).orElseThrow());
    }

    /** Whether a stroke follows the word at {@code start}. */
    boolean isBeforeStroke(int start) {
        return IntStream.range(0, found.size() - 1)
                .filter(i -> found.get(i).start() == start)
                .anyMatch(i -> isStroke(found.get(i + 1)));
    }

    /** {@code two downs, one up}: beside strokes that are told by their number, one is a number as well and no count. */
    private boolean isOneOfSeveral() {
        List<String> numbers = found.stream()
                .map(JoiningWords::plain)
                .filter(word -> words.several(word).isEmpty())
                .flatMap(word -> words.numbered(word).stream())
                .toList();
        boolean isTold =
                found.stream().anyMatch(each -> words.times(plain(each)).isPresent());
        boolean inWords = numbers.size() > 1
                && found.stream()
                        .noneMatch(each -> Character.isDigit(each.group().charAt(0)));
        return !numbers.isEmpty()
                && numbers.stream().allMatch("1"::equals)
                && (isTold || inWords)
                && IntStream.range(0, found.size())
                        .filter(i -> words.numbered(plain(found.get(i))).isPresent()
                                && words.several(plain(found.get(i))).isEmpty())
                        .allMatch(this::isOne);
    }

    /** Whether 1 is said right before a stroke. */
    private boolean isOne(int index) {
        return words.numbered(plain(found.get(index))).filter("1"::equals).isPresent()
                && index + 1 < found.size()
                && isStroke(found.get(index + 1));
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

    /** Where no number is said, an "and" or "a" before a stroke is no count, but for that of {@code the and}. */
    private boolean isJoining(int index) {
        String word = plain(found.get(index));
        if (words.isAnd(word) && isPlucked) return false;
        boolean isMarked = index > 0 && words.mark(plain(found.get(index - 1))).isPresent();
        if (index + 1 == found.size() || isMarked && words.isAnd(word)) return false;
        String next = plain(found.get(index + 1));
        if (words.isArticle(word)) return isStroke(found.get(index + 1));
        return words.isAnd(word)
                && (isStroke(found.get(index + 1))
                        || words.several(next).isPresent()
                        || words.isArticle(next) && index + 2 < found.size() && isStroke(found.get(index + 2)));
    }

    /** {@code downs on 1 and 3 and ups on 2&}: where other strokes and their counts follow, "and" is none of the counts before. */
    private boolean isBeforeOthers(int index) {
        return words.isAnd(plain(found.get(index)))
                && index + 2 < found.size()
                && isStroke(found.get(index + 1))
                && words.mark(plain(found.get(index + 2))).filter("on"::equals).isPresent();
    }

    private boolean isStroke(MatchResult word) {
        return words.strokes().stroke(plain(word), text, word.start()).isPresent();
    }

    private static String plain(MatchResult word) {
        return word.group().toLowerCase(Locale.ROOT);
    }
}
