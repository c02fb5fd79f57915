package tactus.words;

import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.Optional;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.Quantity;

/** What the program says, in the current language. */
public final class Words {

    private Words() {}

    /**
     * Returns the text called {@code key}, with {@code values} put in for {@code {0}}, {@code {1}} ...
     *
     * @throws java.util.MissingResourceException if there is no such text
     */
    public static String of(String key, Object... values) {
        Language language = Language.current();
        return values.length == 0 ? language.text(key) : language.format(key, values);
    }

    /** The same, where there is such a text. */
    public static Optional<String> optional(String key, Object... values) {
        return Language.current().found(key).map(_ -> of(key, values));
    }

    /** The sentence of {@code statement}. */
    public static String say(Statement statement) {
        return new Phrasing(Language.current()).say(statement);
    }

    /** {@code when}, as the text called {@code code} has it in the JDK's letters for dates: {@code d MMM}. */
    public static String date(String code, TemporalAccessor when) {
        return DateTimeFormatter.ofPattern(of(code), Language.current().locale())
                .format(when);
    }

    /** A value in words: a length, a number with its noun, a finger, a list. */
    public static String value(Object value) {
        return new Phrasing(Language.current()).value(value);
    }

    /** {@code 3 beats}, {@code 1 bar}. */
    public static String count(Quantity quantity) {
        return value(quantity);
    }

    /** Why a person cannot have what was asked for; of a text that cannot be read, with the text. */
    public static String why(Refusal refusal) {
        return say(reason(refusal));
    }

    /** The same as a statement, to be put into another one. */
    public static Statement reason(Refusal refusal) {
        return refusal instanceof NotationException typed
                ? Statement.of("notation", shortened(typed.text()), typed.reason())
                : refusal.reason();
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 39) + "…";
    }

    /** The words that are read. */
    public static Lexicon lexicon() {
        return Language.current().lexicon();
    }
}
