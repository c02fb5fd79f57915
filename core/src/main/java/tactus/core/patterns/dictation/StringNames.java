package tactus.core.patterns.dictation;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Strings that are called by their notes in the usual tuning: {@code low E, D, G, B}. Letters alone are strokes or counts;
 * beside one that is called by its name, and where nothing else is said, they are strings.
 *
 * @param isAll whether nothing but strings is said
 * @param isNamed whether a string is called by its name at all
 * @param isLowNamed whether the lowest is among those that are called by their names, so that a letter E is the highest
 */
record StringNames(boolean isAll, boolean isNamed, boolean isLowNamed) {

    static final StringNames NONE = new StringNames(false, false, false);

    static StringNames in(List<String> said, SpokenWords words) {
        List<Integer> named = said.stream()
                .flatMap(word -> words.strokes().named(word).stream())
                .toList();
        boolean all = !named.isEmpty()
                && said.stream().anyMatch(word -> isLetter(word, words))
                && said.stream()
                        .allMatch(word -> isLetter(word, words)
                                || words.strokes().named(word).isPresent()
                                || word.equals(",")
                                || words.isAnd(word)
                                || words.mark(word).filter("filler"::equals).isPresent());
        return new StringNames(all, !named.isEmpty(), named.contains(6));
    }

    private static boolean isLetter(String word, SpokenWords words) {
        return words.strokes().letter(word).isPresent() || words.strokes().isLetterOfEnd(word);
    }

    /** Whether {@code word} can be a string where strums are said as well: a letter that is no stroke. */
    boolean isAmongStrums(String word) {
        return isNamed && word.length() == 1 && Character.isLetter(word.charAt(0)) && !"dubtx".contains(word);
    }

    Optional<Integer> string(String word, SpokenWords words) {
        return Stream.of(
                        words.strokes().named(word),
                        words.strokes().letter(word),
                        words.strokes().isLetterOfEnd(word)
                                ? Optional.of(isLowNamed ? 1 : 6)
                                : Optional.<Integer>empty())
                .flatMap(Optional::stream)
                .findFirst();
    }
}
