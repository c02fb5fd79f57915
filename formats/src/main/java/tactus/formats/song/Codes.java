package tactus.formats.song;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.Refusal;
import tactus.core.written.harmony.SpanLength;

/** How values are called in files, whatever the language: {@code second-guitar}, {@code last-time}. */
final class Codes {

    private Codes() {}

    static String of(Enum<?> value) {
        return Lexicon.code(value);
    }

    /**
     * Reads one of {@code values}.
     *
     * @throws Refusal if none is called so
     */
    static <T extends Enum<T>> T read(Branch at, T[] values) {
        String text = at.text();
        return Arrays.stream(values)
                .filter(each -> of(each).equals(text))
                .findFirst()
                .orElseThrow(() -> new Refusal("file.one-of", all(Arrays.asList(values)), text));
    }

    private static String all(List<? extends Enum<?>> values) {
        return values.stream().map(Codes::of).collect(Collectors.joining(", "));
    }

    /** The field for lengths that are counted in {@code unit}: {@code bars}. */
    static String plural(SpanLength.Unit unit) {
        return of(unit) + "s";
    }
}
