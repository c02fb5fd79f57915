package tactus.words;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Format;
import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.Objects;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;

/**
 * What the program says in one language, by keys, and the words that it reads. Messages are in the JDK's
 * {@link MessageFormat}; where a plural depends on a number, the number chooses ({@code choice}).
 */
public final class Language {

    private static final Language ENGLISH = shipped(Locale.ENGLISH);
    /** What ships with the program. */
    private static final List<Locale> SHIPPED = List.of(Locale.ENGLISH, Locale.GERMAN);

    private static final Pattern CHOOSING = Pattern.compile("\\{(\\d+),");

    private static volatile Language current = ENGLISH;

    private final Locale locale;
    /** A file each, read when something is looked for that the ones before do not have: a command needs few of them. */
    private final List<Supplier<Map<String, String>>> messages;

    private final Supplier<Lexicon> lexicon;
    private final Map<String, MessageFormat> formats = new ConcurrentHashMap<>();

    private Language(Locale locale, List<Supplier<Map<String, String>>> messages, Supplier<Lexicon> lexicon) {
        this.locale = locale;
        this.messages = List.copyOf(messages);
        this.lexicon = lexicon;
    }

    /** The language that the program speaks. It is chosen before anything is shown. */
    public static Language current() {
        return current;
    }

    /** Makes {@code language} the one that is spoken from now on. */
    public static void use(Language language) {
        current = Objects.requireNonNull(language);
    }

    public static Language english() {
        return ENGLISH;
    }

    /** The codes of the languages that ship with the program, English first: {@code en}, {@code de}. */
    public static List<String> codes() {
        return SHIPPED.stream().map(Locale::getLanguage).toList();
    }

    /** The language with {@code code}; for any other code that of {@code machine} if it ships, otherwise English. */
    public static Language of(String code, Locale machine) {
        return Stream.of(code, machine.getLanguage())
                .filter(codes()::contains)
                .findFirst()
                .map(Locale::of)
                .map(Language::shipped)
                .orElse(ENGLISH);
    }

    /**
     * A language of the resources {@code statements}, {@code commands}, {@code screen} and {@code lexicon} of this package. Nothing
     * else has a say in it, such as what the machine speaks.
     */
    private static Language shipped(Locale locale) {
        return new Language(
                locale,
                Stream.of("statements", "commands", "screen")
                        .map(name -> once(() -> read(name, locale)))
                        .toList(),
                once(() -> lexicon(read("lexicon", locale))));
    }

    private static Lexicon lexicon(Map<String, String> texts) {
        Map<String, List<String>> forms = new HashMap<>();
        texts.forEach((code, all) -> forms.put(code, List.of(all.split("\\|"))));
        return new Lexicon(forms);
    }

    private static Map<String, String> read(String name, Locale locale) {
        String ending = locale.equals(Locale.ENGLISH) ? "" : "_" + locale.getLanguage();
        String resource = name + ending + ".properties";
        var read = new Properties();
        try (var in = Objects.requireNonNull(Language.class.getResourceAsStream(resource), resource);
                var reader = new InputStreamReader(in, StandardCharsets.UTF_8)) {
            read.load(reader);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
        Map<String, String> texts = new HashMap<>();
        read.forEach((key, text) -> texts.put((String) key, (String) text));
        return texts;
    }

    /** What {@code making} makes, made when it is first asked for. */
    private static <T> Supplier<T> once(Supplier<T> making) {
        return new Supplier<>() {
            private T made;

            @Override
            public synchronized T get() {
                if (made == null) made = making.get();
                return made;
            }
        };
    }

    /**
     * A made-up language for tests: every message and every word of the lexicon is changed.
     *
     * @param message must leave what stands in braces as it is
     * @param word must leave holes as they are
     */
    public Language changed(UnaryOperator<String> message, UnaryOperator<String> word) {
        Map<String, String> changed = new HashMap<>();
        for (String key : keys()) changed.put(key, message.apply(text(key)));
        return new Language(locale, List.of(() -> changed), () -> lexicon().mapped(word));
    }

    /** The same language with more messages, such as those of a place that is plugged in. */
    public Language with(Map<String, String> more) {
        var all = new ArrayList<Supplier<Map<String, String>>>(messages);
        all.addFirst(() -> more);
        return new Language(locale, all, lexicon);
    }

    public Locale locale() {
        return locale;
    }

    /** Whether teachers who speak it call B natural H. */
    public boolean saysH() {
        return text("language.b-natural").equals("H");
    }

    /** What it calls itself. */
    public String name() {
        return text("language.name");
    }

    /** What is said, in this language, when it was chosen: it comes with the next start, unless it is spoken already. */
    public String whenChosen() {
        return text(locale.equals(current.locale) ? "language.stays" : "language.chosen");
    }

    public Lexicon lexicon() {
        return lexicon.get();
    }

    /**
     * Returns the text called {@code key} as it stands.
     *
     * @throws MissingResourceException if there is no such text
     */
    String text(String key) {
        return found(key).orElseThrow(() -> new MissingResourceException("there is no text " + key, "messages", key));
    }

    Optional<String> found(String key) {
        for (Supplier<Map<String, String>> each : messages) {
            String text = each.get().get(key);
            if (text != null) return Optional.of(text);
        }
        return Optional.empty();
    }

    /** The keys of every message. */
    public Set<String> keys() {
        return messages.stream().flatMap(each -> each.get().keySet().stream()).collect(Collectors.toSet());
    }

    /** The text called {@code key} with {@code values} put in; a number stays a number only where it is formatted. */
    String format(String key, Object... values) {
        MessageFormat format = formats.computeIfAbsent(key, each -> new MessageFormat(text(each), locale));
        Object[] said = new Object[values.length];
        boolean[] chosen = chosen(text(key), values.length);
        for (int i = 0; i < values.length; i++) {
            said[i] = chosen[i] && values[i] instanceof Number ? values[i] : String.valueOf(values[i]);
        }
        return ((Format) format.clone()).format(said);
    }

    /** Which values choose among forms or have a format of their own; all others are put in as they are. */
    private static boolean[] chosen(String text, int count) {
        boolean[] chosen = new boolean[count];
        Matcher choosing = CHOOSING.matcher(text);
        while (choosing.find()) {
            int index = Integer.parseInt(choosing.group(1));
            if (index < count) chosen[index] = true;
        }
        return chosen;
    }
}
