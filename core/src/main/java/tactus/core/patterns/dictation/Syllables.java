package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.statement.Statement;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Strum;

/**
 * Words to feel a pattern by, a stroke a syllable: {@code wash-ing line}. Syllables are those that hyphens divide; in a word
 * without one, groups of vowels are counted, but for a silent ending (common practice; English and German alike).
 */
final class Syllables {

    private static final int MOST = 32;
    private static final Pattern WORD = Pattern.compile("\\p{L}+(?:['\u2019-]\\p{L}+)*");
    private static final Pattern VOWELS = Pattern.compile("[aeiouyäöüáéíóúàèìòù]+", Pattern.CASE_INSENSITIVE);

    private Syllables() {}

    /** Whether {@code said} is nothing but words, of which at least half and two say nothing of a pattern, or one with a hyphen. */
    static boolean areIn(List<String> said, int unread, SpokenWords words, String text) {
        boolean plain = said.stream()
                .allMatch(
                        word -> Character.isLetter(word.charAt(0)) || ",-\"\u201c\u201d\u201e.!'\u2019".contains(word));
        long letters =
                said.stream().filter(word -> Character.isLetter(word.charAt(0))).count();
        boolean struck = said.stream()
                .anyMatch(word ->
                        words.mark(word).isPresent() || words.count(word).isEmpty() && words.isOfThem(word));
        boolean hyphen = Hyphens.areTight(text);
        return plain && !struck && 2 * unread >= letters && (hyphen || letters >= 2);
    }

    static Dictation read(String text, SpokenWords words) {
        var strokes = new ArrayList<SpokenStroke>();
        var shown = new ArrayList<String>();
        Matcher word = WORD.matcher(text);
        while (word.find()) {
            for (String syllable : of(word.group(), words)) {
                if (strokes.size() == MOST) break;
                boolean stressed = syllable.length() > 1 && syllable.equals(syllable.toUpperCase(Locale.ROOT));
                strokes.add(SpokenStroke.of(
                        Strum.of(Direction.DOWN).withForce(stressed ? Force.ACCENTED : Force.PLAIN),
                        Optional.empty(),
                        word.start()));
                shown.add(syllable);
            }
        }
        return new Dictation(text, strokes, List.of())
                .noted(new Dictation.Notes(
                        List.of(),
                        List.of(Statement.of("dictation-reader.syllables", strokes.size(), String.join(" · ", shown))),
                        Optional.empty()));
    }

    private static List<String> of(String word, SpokenWords words) {
        if (word.indexOf('-') > 0) return List.of(word.split("-"));
        String counted = words.withoutSilentEnding(word);
        int syllables = (int) Math.max(1, VOWELS.matcher(counted).results().count());
        var parts = new ArrayList<String>();
        Matcher vowels = VOWELS.matcher(counted);
        int from = 0;
        for (int i = 0; i + 1 < syllables && vowels.find(); i++) {
            int end = Math.min(word.length(), vowels.end() + 1);
            int next = end < word.length()
                            && VOWELS.matcher(word.substring(end, end + 1)).matches()
                    ? end - 1
                    : end;
            parts.add(word.substring(from, Math.max(from + 1, next)));
            from = Math.max(from + 1, next);
        }
        parts.add(word.substring(from));
        return parts;
    }
}
