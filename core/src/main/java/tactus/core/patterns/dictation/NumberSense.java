package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;

/**
 * What the bare numbers of a saying are. Counts only rise; numbers that fall are strings where nothing is strummed, or the
 * fingers 1, 2 and 3 behind a thumb (common practice).
 */
enum NumberSense {
    COUNTS,
    STRINGS,
    FINGERS;

    /** Words that numbers follow which are counts. */
    private static final Set<String> COUNTING = Set.of("on", "accented");

    /** The thumb's other fingers, 1 to 3. */
    private static final int FINGERS_OF_PICKING = 3;

    /** What was found in a saying. */
    private static final class Found {

        private final List<Integer> numbers = new ArrayList<>();
        private boolean isStrummed;
        private int thumbs;
        private boolean isRooted;
        private boolean isOnStrings;
        private boolean isCounted;
        private boolean isFingered;
    }

    /** What the numbers among {@code said}, words in small letters, are. */
    static NumberSense of(List<String> said, SpokenWords words, String text, Doubts doubts) {
        var found = new Found();
        for (String word : said) see(word, words, text, found);
        if (areBehindColon(said, words)) return COUNTS;
        List<Integer> numbers = found.numbers;
        boolean rises = !numbers.isEmpty() && isRising(numbers);
        if (numbers.isEmpty() || found.isCounted) return found.isOnStrings && !found.isStrummed ? STRINGS : COUNTS;
        boolean areCounts = rises && numbers.getFirst() == 1 && !(numbers.size() == 1 && found.isOnStrings);
        if (found.isStrummed) return !areCounts && (found.isOnStrings || !rises) ? STRINGS : COUNTS;
        boolean areFingers = numbers.stream().allMatch(each -> each >= 1 && each <= FINGERS_OF_PICKING);
        if (found.thumbs > 0 && !found.isOnStrings && !found.isRooted && areFingers) {
            if (!rises || numbers.size() != found.thumbs)
                return doubts.isFirst(Doubt.DIGITS, shown(said, words)) ? FINGERS : STRINGS;
            return doubts.isFirst(Doubt.FINGERS, shown(said, words)) ? COUNTS : FINGERS;
        }
        if (found.isFingered) return COUNTS;
        if (found.thumbs > 0 || found.isRooted || found.isOnStrings) return areCounts ? COUNTS : STRINGS;
        return rises || numbers.size() < 2 ? COUNTS : STRINGS;
    }

    /** {@code D D U: 1 2 &}: numbers that are all behind a colon which all strokes are before. */
    private static boolean areBehindColon(List<String> said, SpokenWords words) {
        int colon = said.lastIndexOf(":");
        return colon > 0
                && said.subList(colon, said.size()).stream()
                        .noneMatch(word -> words.strokes().stroke(word, word, 0).isPresent())
                && said.subList(0, colon).stream()
                        .noneMatch(word -> words.numbered(word).isPresent());
    }

    /** Whether each is higher than the one before, or all begins with 1 again. */
    static boolean isRising(List<Integer> numbers) {
        boolean fromOne = numbers.getFirst() == 1;
        return IntStream.range(1, numbers.size())
                .allMatch(i -> numbers.get(i - 1) < numbers.get(i) || fromOne && numbers.get(i) == 1);
    }

    private static void see(String word, SpokenWords words, String text, Found found) {
        Optional<Stroke> stroke = words.strokes().stroke(word, text, 0);
        found.isStrummed |= words.isStrummed(word);
        if (stroke.isPresent()) {
            switch (stroke.get()) {
                case Strum _ -> found.isRooted |= !words.isStrummed(word);
                case Pluck _
                when words.strokes().isRoot(word) -> {
                    found.isRooted = true;
                    found.isOnStrings = true;
                }
                case Pluck pluck -> pluck.picks().forEach(pick -> see(pick, found));
                default -> {}
            }
        } else if (words.ordinal(word).isPresent()) {
            found.isOnStrings = true;
        } else if (words.several(word).isPresent()) {
            return;
        } else if (words.mark(word).filter(COUNTING::contains).isPresent() || word.equals("&") || word.equals("+")) {
            found.isCounted = true;
        } else {
            words.numbered(word)
                    .filter(number -> number.matches("\\d{1,3}"))
                    .ifPresent(number -> found.numbers.add(Integer.valueOf(number)));
        }
    }

    private static void see(Pick pick, Found found) {
        switch (pick) {
            case Pick.ByRole(Role role) -> {
                if (role.isThumb()) found.thumbs++;
                else found.isFingered = true;
            }
            case Pick.OnString _, Pick.Fretted _ -> found.isOnStrings = true;
        }
    }

    /** The first number with the word before it. */
    private static String shown(List<String> said, SpokenWords words) {
        int first = IntStream.range(0, said.size())
                .filter(i -> words.numbered(said.get(i)).isPresent())
                .findFirst()
                .orElseThrow();
        return first == 0 ? said.getFirst() : said.get(first - 1) + " " + said.get(first);
    }
}
