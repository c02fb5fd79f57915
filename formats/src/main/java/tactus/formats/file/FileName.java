package tactus.formats.file;

import java.nio.file.Path;
import java.util.Locale;

/** Names of files made from titles, in whatever script they are written. */
public final class FileName {

    private static final int LONGEST = 80;

    private FileName() {}

    /**
     * Returns {@code lantern-walk} for {@code Lantern Walk}: letters and digits of any script, a hyphen for everything else, at
     * most 80 characters. Signs that mean something in a path, line breaks and dots are never in it.
     *
     * @param otherwise the name of a title without a letter
     */
    public static String of(String title, String otherwise) {
        var name = new StringBuilder();
        title.codePoints().map(Character::toLowerCase).forEach(sign -> {
            boolean isKept = Character.isLetterOrDigit(sign)
                    || Character.getType(sign) == Character.NON_SPACING_MARK
                    || Character.getType(sign) == Character.COMBINING_SPACING_MARK;
            if (isKept) name.appendCodePoint(sign);
            else if (!name.isEmpty() && name.charAt(name.length() - 1) != '-') name.append('-');
        });
        int end = name.offsetByCodePoints(0, Math.min(LONGEST, name.codePointCount(0, name.length())));
        String whole = name.substring(0, end).replaceAll("-+$", "");
        return whole.isEmpty() ? otherwise : whole;
    }

    /** A title made of the name of {@code file}: {@code Lantern walk} for {@code lantern-walk.mid}. */
    public static String title(Path file) {
        String name = file.getFileName()
                .toString()
                .replaceFirst("\\.[^.]*$", "")
                .replaceAll("[-_\\s]+", " ")
                .strip();
        return name.isEmpty() ? name : name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }
}
