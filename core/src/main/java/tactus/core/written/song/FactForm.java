package tactus.core.written.song;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Key;

/**
 * How a fact is written in files, typed, and looked for.
 *
 * @param <T> what the fact is
 */
public final class FactForm<T> {

    /** Whole numbers, as a stepped field has them. */
    static final FactForm<Integer> WHOLE =
            new FactForm<>(number -> number, (at, _) -> at.number(), String::valueOf, FactForm::whole);

    private final Function<T, Object> plain;
    private final BiFunction<Written, Facts, T> reading;
    private final Function<T, String> saying;
    private final BiFunction<String, Facts, T> typing;
    private final BiFunction<String, Lexicon, Optional<Predicate<T>>> finding;

    private FactForm(
            Function<T, Object> plain,
            BiFunction<Written, Facts, T> reading,
            Function<T, String> saying,
            BiFunction<String, Facts, T> typing,
            BiFunction<String, Lexicon, Optional<Predicate<T>>> finding) {
        this.plain = plain;
        this.reading = reading;
        this.saying = saying;
        this.typing = typing;
        this.finding = finding;
    }

    private FactForm(
            Function<T, Object> plain,
            BiFunction<Written, Facts, T> reading,
            Function<T, String> saying,
            BiFunction<String, Facts, T> typing) {
        this(plain, reading, saying, typing, (wanted, _) -> same(typing, wanted));
    }

    /** The fact that is the same as what was typed, where that can be read. */
    private static <T> Optional<Predicate<T>> same(BiFunction<String, Facts, T> typing, String wanted) {
        try {
            return Optional.of(typing.apply(wanted, Facts.usual("?"))::equals);
        } catch (Refusal none) {
            return Optional.empty();
        }
    }

    /** What is one text, in files as under the fingers; {@code parse} refuses what it cannot read. */
    static <T> FactForm<T> text(Function<String, T> parse, Function<T, String> say) {
        return new FactForm<>(say::apply, (at, _) -> parse.apply(at.text()), say, (text, _) -> parse.apply(text));
    }

    /** What is said or not: an empty text is nothing. */
    static <T> FactForm<Optional<T>> maybeText(Function<String, T> parse, Function<T, String> say) {
        return text(
                text -> text.isBlank() ? Optional.empty() : Optional.of(parse.apply(text)),
                value -> value.map(say).orElse(""));
    }

    /** The same, of which {@code parse} is told the key of the song. */
    static <T> FactForm<Optional<T>> maybeText(BiFunction<String, Key, T> parse, Function<T, String> say) {
        BiFunction<String, Facts, Optional<T>> read =
                (text, facts) -> text.isBlank() ? Optional.empty() : Optional.of(parse.apply(text, facts.key()));
        Function<Optional<T>, String> text = value -> value.map(say).orElse("");
        return new FactForm<>(text::apply, (at, facts) -> read.apply(at.text(), facts), text, read);
    }

    /** One of {@code values}, by its code. */
    static <T extends Enum<T>> FactForm<T> code(T[] values) {
        return text(code -> coded(code, values), Lexicon::code);
    }

    /** One of {@code values}, or none. */
    static <T extends Enum<T>> FactForm<Optional<T>> maybeCode(T[] values) {
        return maybeText(code -> coded(code, values), Lexicon::code);
    }

    private static <T extends Enum<T>> T coded(String code, T[] values) {
        return Stream.of(values)
                .filter(value -> Lexicon.code(value).equals(code))
                .findFirst()
                .orElseThrow(() -> new Refusal(
                        "file.one-of", Stream.of(values).map(Lexicon::code).collect(Collectors.joining(", ")), code));
    }

    /** Several texts, typed with commas between them. */
    static FactForm<List<String>> list() {
        return new FactForm<>(
                texts -> texts,
                (at, _) -> at.elements().stream().map(Written::text).toList(),
                texts -> String.join(", ", texts),
                (text, _) -> List.of(text.split(",")),
                (wanted, _) -> Optional.of(texts -> texts.stream().anyMatch(wanted::equalsIgnoreCase)));
    }

    /**
     * What is made of one number.
     *
     * @param refusal what is said where no number was typed
     */
    static <T> FactForm<T> decimal(
            String refusal, Function<Double, T> of, Function<T, Double> number, Function<T, String> say) {
        return new FactForm<>(
                number::apply, (at, _) -> of.apply(at.decimal()), say, (text, _) -> of.apply(number(refusal, text)));
    }

    /** What has parts with names, in files; it is never typed as a whole. */
    static <T> FactForm<T> parts(Function<T, Map<String, Object>> parts, BiFunction<Written, Facts, T> of) {
        return new FactForm<>(parts::apply, of, String::valueOf, (text, _) -> {
            throw new Refusal("notation", text, text);
        });
    }

    /** The same, typed as a text; {@code parse} is told the facts to which the text is put. */
    FactForm<T> typed(BiFunction<String, Facts, T> parse, Function<T, String> say) {
        return new FactForm<>(plain, reading, say, parse, finding);
    }

    /** The same, looked for otherwise than by the very same value; what cannot be looked for is empty. */
    FactForm<T> found(BiFunction<String, Lexicon, Optional<Predicate<T>>> other) {
        return new FactForm<>(plain, reading, saying, typing, other);
    }

    static double number(String refusal, String text) {
        String bare = text.strip().replace(',', '.');
        if (!bare.matches("[+-]?\\d{1,9}(\\.\\d{0,9})?")) throw new Refusal(refusal, text);
        return Double.parseDouble(bare);
    }

    private static int whole(String text, Facts facts) {
        if (!text.strip().matches("\\d{1,2}")) throw new Refusal("file.whole", text);
        return Integer.parseInt(text.strip());
    }

    /** {@code value} as it is written: a text, a number, a list or a map of these. */
    public Object written(T value) {
        return plain.apply(Objects.requireNonNull(value));
    }

    /**
     * Reads what {@link #written} wrote.
     *
     * @param facts those that stand before it
     * @throws Refusal if it cannot be read
     */
    public T read(Written at, Facts facts) {
        return reading.apply(at, facts);
    }

    /** {@code value} as it is typed. */
    public String said(T value) {
        return saying.apply(value);
    }

    /**
     * Reads what was typed.
     *
     * @param facts those that it becomes one of
     * @throws Refusal if it cannot be read
     */
    public T typed(String text, Facts facts) {
        return typing.apply(text, facts);
    }

    /** Which facts somebody means who looks for {@code wanted}; empty where that means none. */
    public Optional<Predicate<T>> finder(String wanted, Lexicon lexicon) {
        return finding.apply(wanted, lexicon);
    }
}
