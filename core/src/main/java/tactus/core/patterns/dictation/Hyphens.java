package tactus.core.patterns.dictation;

import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Hyphens and slashes between strokes: {@code down-up} and {@code down/up} are two strokes, {@code D-DU} can be a line of
 * slots, on one of which there is nothing. A hyphen that stands alone, or two of them, make it such a line.
 */
final class Hyphens {

    private static final Pattern TIGHT = Pattern.compile("(?<=[\\p{L}0-9)&])[-/](?=[\\p{L}0-9(&])");
    private static final Pattern LOOSE = Pattern.compile("(?<![\\p{L}0-9)&])-|-(?![\\p{L}0-9(&])");
    private static final Pattern LETTERS = Pattern.compile("[dubtx]+", Pattern.CASE_INSENSITIVE);

    private Hyphens() {}

    /** Whether some hyphen in {@code text} joins nothing, so that all of them are slots. */
    static boolean areSlots(String text) {
        return LOOSE.matcher(text).find();
    }

    /** Whether some hyphen in {@code text} stands between two signs. */
    static boolean areTight(String text) {
        return TIGHT.matcher(text).find();
    }

    /** {@code text} with blanks for what only joins; every place stays where it is. */
    static String joined(String text, SpokenWords words, Doubts doubts) {
        if (text.indexOf('-') < 0 && text.indexOf('/') < 0) return text;
        List<MatchResult> phrases = words.word()
                .matcher(text)
                .results()
                .filter(found ->
                        found.end() - found.start() > 1 && found.group().indexOf('-') > 0)
                .toList();
        boolean slots = areSlots(text);
        var joined = new StringBuilder(text);
        Matcher tight = TIGHT.matcher(text);
        while (tight.find()) {
            int at = tight.start();
            boolean isPhrase = phrases.stream().anyMatch(each -> each.start() < at && at < each.end());
            if (!isPhrase && isJoining(text, at, slots, words, doubts)) joined.setCharAt(at, ' ');
        }
        return joined.toString();
    }

    private static boolean isJoining(String text, int at, boolean slots, SpokenWords words, Doubts doubts) {
        String right = run(text, at, 1);
        String left = run(text, at, -1);
        if (text.charAt(at) == '/') return !Character.isDigit(text.charAt(at + 1));
        if (right.equals("&") || words.isAnd(right.toLowerCase(Locale.ROOT))) return true;
        if (!LETTERS.matcher(left).matches() || !LETTERS.matcher(right).matches())
            return Character.isLetter(text.charAt(at + 1));
        return !slots && !doubts.isFirst(Doubt.HYPHEN, around(text, at));
    }

    /** The letters and digits on one side. */
    private static String run(String text, int at, int way) {
        int end = at + way;
        while (end >= 0
                && end < text.length()
                && (Character.isLetterOrDigit(text.charAt(end)) || text.charAt(end) == '&')) end += way;
        return way > 0 ? text.substring(at + 1, end) : text.substring(end + 1, at);
    }

    /** All that hangs together without a blank or a comma. */
    static String around(String text, int at) {
        int from = at;
        int to = at;
        while (from > 0 && !ends(text.charAt(from - 1))) from--;
        while (to < text.length() && !ends(text.charAt(to))) to++;
        return text.substring(from, to);
    }

    private static boolean ends(char letter) {
        return Character.isWhitespace(letter) || letter == ',' || letter == ';';
    }
}
