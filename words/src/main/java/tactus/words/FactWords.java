package tactus.words;

import java.util.Optional;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Facts;

/** A song's facts in words. */
public final class FactWords {

    private FactWords() {}

    /** What a field for it is called. */
    public static String label(Aspect<?> aspect) {
        return Words.optional("setup." + aspect.code()).orElseGet(() -> Sentences.capital(Words.value(aspect)));
    }

    /** An example of it for an empty field; empty if it needs none. */
    public static String example(Aspect<?> aspect) {
        return Words.optional("setup." + aspect.code() + ".prompt").orElse("");
    }

    /** What stands among a song's facts where it is not as in most songs; empty if it is. */
    public static <T> Optional<String> inLine(Aspect<T> aspect, Facts facts) {
        return aspect.isUsual(facts) ? Optional.empty() : Optional.of(said("facts.", aspect, aspect.of(facts)));
    }

    /** A fact that is other in a version: {@code Capo at 3}. */
    static <T> String other(Aspect<T> aspect, T value) {
        return Sentences.capital(said("overlay.", aspect, value));
    }

    private static <T> String said(String family, Aspect<T> aspect, T value) {
        String plain = value(aspect, value);
        String text = plain.isEmpty() ? Words.of("facts.unsaid") : plain;
        return Words.optional(family + aspect.code(), text)
                .orElseGet(() -> Words.of("facts.of", Words.value(aspect), text));
    }

    private static <T> String value(Aspect<T> aspect, T value) {
        return switch (value) {
            case Enum<?> coded -> Words.value(coded);
            case Optional<?> said when said.orElse(null) instanceof Enum<?> coded -> Words.value(coded);
            default -> aspect.form().said(value);
        };
    }
}
