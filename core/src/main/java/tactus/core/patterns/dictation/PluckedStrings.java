package tactus.core.patterns.dictation;

import java.util.Optional;

/** Where strings are spoken of by letters and numbers: behind {@code pluck}, and beside strings that are called by their names. */
final class PluckedStrings {

    /** How far what follows {@code pluck} goes. */
    private enum Reach {
        NOTHING,
        /** A comma was said since: numbers are strings, letters are not. */
        NUMBERS,
        ALL,
        /** What is said next is plucked with what was said before. */
        WITH_LAST
    }

    private final SpokenWords words;
    private Reach reach = Reach.NOTHING;

    PluckedStrings(SpokenWords words) {
        this.words = words;
    }

    void begin() {
        reach = Reach.ALL;
    }

    void endPhrase() {
        if (reach != Reach.NOTHING) reach = Reach.NUMBERS;
    }

    void end() {
        reach = Reach.NOTHING;
    }

    /** Whether {@code word} only joins strings that are plucked at once. */
    boolean isJoining(String word) {
        if (reach != Reach.ALL) return false;
        if (words.isAnd(word)) reach = Reach.WITH_LAST;
        return words.isAnd(word) || words.isTogether(word);
    }

    /** Whether the string that comes now is plucked with the last one; only that one is. */
    boolean isWithLast() {
        boolean with = reach == Reach.WITH_LAST;
        if (with) reach = Reach.ALL;
        return with;
    }

    /** The string that a letter or a number is; empty if it is none. */
    Optional<Integer> string(String word, StringNames names, boolean isAlone) {
        if (names.isAll() || names.isAmongStrums(word) && isAlone) return names.string(word, words);
        if (reach == Reach.NOTHING) return Optional.empty();
        Optional<Integer> number = words.numbered(word)
                .filter(digits -> digits.matches("\\d{1,2}"))
                .map(Integer::valueOf)
                .or(() -> words.ordinal(word));
        return reach == Reach.NUMBERS ? number : number.or(() -> words.strokes().letter(word));
    }
}
