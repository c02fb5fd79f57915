package tactus.core.patterns.dictation;

import java.util.Locale;

/** A saying as it was typed, and what lies around a place in it. */
record SayingText(String text) {

    /** The first place from {@code from} on that is no blank; the end if there is none. */
    int behindBlanks(int from) {
        int at = from;
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) at++;
        return at;
    }

    /** Whether {@code word} at {@code index} stands alone between commas. */
    boolean isAlone(String word, int index) {
        int before = index - 1;
        while (before >= 0 && Character.isWhitespace(text.charAt(before))) before--;
        int behind = behindBlanks(index + word.length());
        return before >= 0 && text.charAt(before) == ',' && (behind == text.length() || text.charAt(behind) == ',');
    }

    /** The letters and digits from {@code at} on, in small letters. */
    String word(int at) {
        int end = at;
        while (end < text.length() && Character.isLetterOrDigit(text.charAt(end))) end++;
        return text.substring(at, end).toLowerCase(Locale.ROOT);
    }
}
