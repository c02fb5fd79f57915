package tactus.core.patterns.dictation;

import java.util.List;
import java.util.Optional;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;

/**
 * What words that can be strings are in one saying, by all that is said in it.
 *
 * @param numbers what bare numbers are
 * @param names strings that are called by their notes
 * @param isRooted whether the bass is the root: strings by their bare numbers, and no strum
 * @param isFifthOfChord whether the chord's fifth is meant by the word: beside its root, and no other string by such a word
 */
record PickingSense(NumberSense numbers, StringNames names, boolean isRooted, boolean isFifthOfChord) {

    static final PickingSense NONE = new PickingSense(NumberSense.COUNTS, StringNames.NONE, false, false);
    private static final int FIFTH = 5;

    static PickingSense of(List<String> said, SpokenWords words, String text, Doubts doubts) {
        StringNames names = StringNames.in(said, words);
        NumberSense numbers = names.isAll() ? NumberSense.STRINGS : NumberSense.of(said, words, text, doubts);
        List<Integer> ordinals = said.stream()
                .flatMap(word -> words.ordinal(word).stream())
                .distinct()
                .toList();
        boolean fifth = ordinals.equals(List.of(FIFTH)) && said.stream().anyMatch(words.strokes()::isRoot);
        return new PickingSense(numbers, names, isRooted(said, words), fifth);
    }

    private static boolean isRooted(List<String> said, SpokenWords words) {
        return said.stream()
                        .noneMatch(word -> words.isStrummed(word)
                                || words.mark(word).filter("on"::equals).isPresent())
                && said.stream()
                        .anyMatch(word -> words.numbered(word).isPresent()
                                || words.ordinal(word).isPresent());
    }

    /** The stroke that {@code word} says here; empty if it says none. */
    Optional<Stroke> stroke(String word, String text, int index, SpokenWords words) {
        if (isFifthOfChord && words.ordinal(word).isPresent())
            return words.strokes().alternate();
        if (numbers != NumberSense.STRINGS) return words.strokes().stroke(word, text, index);
        return words.ordinal(word)
                .<Stroke>map(number -> Pluck.of(PickedLine.string(text, String.valueOf(number), index)))
                .or(() -> words.strokes().stroke(word, text, index).map(stroke -> isRooted ? picked(stroke) : stroke));
    }

    /** Among strings the bass is the root, plucked. */
    private static Stroke picked(Stroke stroke) {
        boolean bass = stroke instanceof Strum strum && strum.reach() == Reach.BASS;
        return bass ? Pluck.of(new Pick.ByRole(Role.ROOT_BASS)) : stroke;
    }
}
