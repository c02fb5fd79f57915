package tactus.core.ground.name;

import java.text.Normalizer;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.Refusal;

/** Names made of lower-case letters, digits and hyphens, that stay when the name a person reads is changed. */
public final class Slug {

    private static final Pattern FORM = Pattern.compile("[a-z0-9]+(?:-[a-z0-9]+)*");
    private static final int LONGEST = 64;

    private Slug() {}

    /**
     * Returns {@code text} if it is a slug.
     *
     * @throws Refusal if it is not, or is longer than 64
     */
    public static String checked(String text) {
        if (text.length() > LONGEST || !FORM.matcher(text).matches()) {
            throw new Refusal("slug.id-made", text);
        }
        return text;
    }

    /** Makes a slug from a name, adding a number if {@code isTaken} says so: {@code "Lantern march"} to {@code lantern-march-2}. */
    public static String fresh(String name, Predicate<String> isTaken) {
        String base = base(name);
        String slug = base;
        for (int number = 2; isTaken.test(slug); number++) slug = base + "-" + number;
        return slug;
    }

    private static String base(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        if (plain.length() > LONGEST - 8)
            plain = plain.substring(0, LONGEST - 8).replaceAll("-$", "");
        return plain.isEmpty() ? "unnamed" : plain;
    }

    /** Returns {@code name}, or with a number after it if {@code isTaken} says so: {@code "Verse 2"}. */
    public static String freshName(String name, Predicate<String> isTaken) {
        String free = name;
        for (int number = 2; isTaken.test(free); number++) free = name + " " + number;
        return free;
    }
}
