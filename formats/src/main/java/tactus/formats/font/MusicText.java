package tactus.formats.font;

import java.util.ArrayList;
import java.util.List;
import tactus.core.music.time.Length;

/** Text with musical signs, and which parts of it need the music font. */
public final class MusicText {

    /**
     * A stretch of text set in one font.
     *
     * @param isMusic whether it needs {@link Typeface#MUSIC}
     */
    public record Run(String text, boolean isMusic) {}

    private MusicText() {}

    /** Writes the accidentals of a chord or key with their signs: {@code Bbm} as {@code B♭m}, {@code F#} as {@code F♯}. */
    public static String signs(String name) {
        return name.replace('#', '♯').replaceAll("(?<=[A-G])b", "♭");
    }

    /** The sign of a note of {@code length}, with its dot; the fraction itself where there is none. */
    public static String note(Length length) {
        return switch (length.toString()) {
            case "1/2" -> "𝅗𝅥";
            case "3/4" -> "𝅗𝅥.";
            case "1/4" -> "♩";
            case "3/8" -> "♩.";
            case "1/8" -> "♪";
            case "3/16" -> "♪.";
            default -> length.toString();
        };
    }

    /** Splits {@code text} where the font changes. */
    public static List<Run> runs(String text) {
        var runs = new ArrayList<Run>();
        int from = 0;
        while (from < text.length()) {
            boolean music = isMusic(text.codePointAt(from));
            int to = from;
            while (to < text.length() && isMusic(text.codePointAt(to)) == music) {
                to += Character.charCount(text.codePointAt(to));
            }
            runs.add(new Run(text.substring(from, to), music));
            from = to;
        }
        return runs;
    }

    private static boolean isMusic(int character) {
        return character >= 0x2669 && character <= 0x266F || character >= 0x1D100 && character <= 0x1D1FF;
    }
}
