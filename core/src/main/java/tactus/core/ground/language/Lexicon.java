package tactus.core.ground.language;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The words of one language that are typed and read: of dictations, rules, chords as they are said, grooves and queries.
 * A code has one form or several; the first one is what the program writes. A form can have holes: <code>{#}</code> for a
 * number or a fraction, <code>{n}</code> for a number in digits or words, <code>{o}</code> for one that says which ({@code
 * 4th}, {@code fourth}), <code>{*}</code> for any text, so that <code>up {#} with the capo</code> reads {@code up 2 with the
 * capo}. Capitals and the width of spaces do not matter.
 */
public final class Lexicon {

    private static final Pattern HOLE = Pattern.compile("\\{[#*no]}");
    /** Where a number ends that may be words of any alphabet, or have a full stop behind it. */
    private static final String ENDED = "(?![\\p{L}\\d])";

    private static final String NO_LETTER = "(?!\\p{L})";
    /** A form that ends with a word that numbers follow is another one where a number follows: {@code a string 5}. */
    private static final String NO_NUMBER = "(?!\\p{L}|\\s+\\d)";

    private static final Pattern NO_WORD = Pattern.compile("[^\\p{L}]+");
    private static final Pattern SINGLE = Pattern.compile("\\p{L}+|\\d+|[^\\s\\p{L}0-9]");
    private static final Pattern SPACE = Pattern.compile("\\s");
    private static final Pattern WIDE = Pattern.compile("\\s{2,}|[\\s&&[^ ]]");
    private static final Pattern CAPTURING = Pattern.compile("\\((?!\\?)");
    private static final String NUMBER = "(\\d{1,5}(?:/\\d{1,3})?)";

    private final Map<String, List<String>> forms;
    private final Map<String, String> words = new HashMap<>();
    private final Map<String, Pattern> patterns = new ConcurrentHashMap<>();
    private final Map<String, Object> made = new ConcurrentHashMap<>();
    private final Map<String, List<String>> families = new ConcurrentHashMap<>();

    /** @param forms for each code at least one form */
    public Lexicon(Map<String, List<String>> forms) {
        var copied = new LinkedHashMap<String, List<String>>();
        forms.forEach((code, all) -> copied.put(code, List.copyOf(all)));
        this.forms = Map.copyOf(copied);
        copied.forEach((code, all) -> {
            String family = code.substring(0, code.lastIndexOf('.') + 1);
            all.stream()
                    .filter(form -> form.indexOf('{') < 0)
                    .forEach(form -> words.putIfAbsent(family + plain(form), code.substring(family.length())));
        });
    }

    /** Most texts are plain already, and every word of the language is asked when it is loaded. */
    private static String plain(String text) {
        String small = text.strip().toLowerCase(Locale.ROOT);
        return WIDE.matcher(small).find() ? WIDE.matcher(small).replaceAll(" ") : small;
    }

    /**
     * All forms of {@code code}.
     *
     * @throws IllegalArgumentException if the language has none
     */
    public List<String> forms(String code) {
        return Optional.ofNullable(forms.get(code))
                .orElseThrow(() -> new IllegalArgumentException("the lexicon has no " + code));
    }

    /** The form that is written. */
    public String word(String code) {
        return forms(code).getFirst();
    }

    /** The word for a value of a family of words: {@code word("direction", Direction.UP)}. */
    public String word(String family, Enum<?> value) {
        return word(family + "." + code(value));
    }

    /** How a value is called in codes: {@code last-time} for {@code LAST_TIME}. */
    public static String code(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Writes {@code code} with {@code values} in its holes. */
    public String say(String code, Object... values) {
        Matcher holes = HOLE.matcher(word(code));
        var said = new StringBuilder();
        for (int i = 0; holes.find(); i++) {
            holes.appendReplacement(said, Matcher.quoteReplacement(String.valueOf(values[i])));
        }
        return holes.appendTail(said).toString();
    }

    /** Which word of {@code family} is {@code text}; empty if none. Forms with holes are no words. */
    public Optional<String> find(String family, String text) {
        return Optional.ofNullable(words.get(family + "." + plain(text)));
    }

    /** Which of {@code values} is called {@code text} in {@code family}. */
    public <T extends Enum<T>> Optional<T> find(String family, String text, T[] values) {
        return find(family, text)
                .flatMap(code -> Stream.of(values)
                        .filter(value -> code(value).equals(code))
                        .findFirst());
    }

    /** Whether {@code text} is one of the forms of {@code code}, whatever the case. */
    public boolean is(String code, String text) {
        return forms(code).stream().anyMatch(form -> plain(form).equals(plain(text)));
    }

    /** What stands in the holes of {@code code} if {@code text} is one of its forms. */
    public Optional<List<String>> read(String code, String text) {
        String wanted = text.strip();
        boolean isOneWord = !SPACE.matcher(wanted).find();
        return forms(code).stream()
                // Most words that are read are single, and most forms have several: these need not be tried.
                .filter(form -> !isOneWord || form.indexOf(' ') < 0)
                .map(form -> pattern(form).matcher(wanted))
                .filter(Matcher::matches)
                .findFirst()
                .map(found -> Stream.iterate(1, group -> group <= found.groupCount(), group -> group + 1)
                        .map(found::group)
                        .map(String::strip)
                        .toList());
    }

    /** Where the longest form of {@code code} ends that {@code text} begins with; empty if it begins with none. */
    public Optional<Integer> behind(String code, String text) {
        Matcher beginning =
                made("behind " + code, lexicon -> lexicon.beginning(code)).matcher(text);
        return beginning.lookingAt() ? Optional.of(beginning.end()) : Optional.empty();
    }

    private Pattern beginning(String code) {
        String longestFirst = forms(code).stream()
                .sorted(Comparator.comparingInt(String::length).reversed())
                .map(form -> expression(form, "(.+)"))
                .collect(Collectors.joining("|"));
        return Pattern.compile(
                "\\s*(?:" + longestFirst + ")" + NO_LETTER, Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** What {@code making} makes of these words, made once: reading at every key must not take long. */
    public <T> T made(String name, Class<T> kind, Function<Lexicon, T> making) {
        return kind.cast(made.computeIfAbsent(name, _ -> making.apply(this)));
    }

    /** The expression that {@code making} makes of these words, made once. */
    public Pattern made(String name, Function<Lexicon, Pattern> making) {
        return made(name, Pattern.class, making);
    }

    /** The words that the forms of {@code families} are made of, in small letters, without their holes. */
    public Set<String> wordsOf(Collection<String> families) {
        return families.stream()
                .flatMap(family -> codes(family).stream())
                .flatMap(code -> forms(code).stream())
                .flatMap(form -> NO_WORD.splitAsStream(plain(HOLE.matcher(form).replaceAll(" "))))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private Pattern pattern(String form) {
        return patterns.computeIfAbsent(
                form,
                each -> Pattern.compile(expression(each, "(.+)"), Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE));
    }

    private String hole(String hole, String anything) {
        return switch (hole) {
            case "{#}" -> NUMBER;
            case "{n}" -> "(\\d{1,5}" + among("number") + ")" + ENDED;
            case "{o}" ->
                "(\\d{1,4}(?:" + quoted(forms("ordinal-endings").stream().distinct()) + ")" + among("ordinal") + ")"
                        + ENDED;
            default -> anything;
        };
    }

    /** The words of a family, each as another way to go on. */
    private String among(String family) {
        return "|" + quoted(codes(family).stream().flatMap(code -> forms(code).stream()));
    }

    private static String quoted(Stream<String> texts) {
        return texts.map(Pattern::quote).collect(Collectors.joining("|"));
    }

    /** The number that {@code text} says in digits or words, as {@code 4}, {@code four} or {@code fourth}; empty if none. */
    public Optional<Integer> number(String text) {
        if (text.matches("\\d{1,5}")) return Optional.of(Integer.valueOf(text));
        return find("number", text).map(Integer::valueOf).or(() -> new Ordinals(this).number(plain(text)));
    }

    private String expression(String form, String anything) {
        Matcher holes = HOLE.matcher(form);
        var expression = new StringBuilder();
        int at = 0;
        while (holes.find()) {
            expression.append(literal(form.substring(at, holes.start())));
            expression.append(hole(holes.group(), anything));
            at = holes.end();
        }
        return expression.append(literal(form.substring(at))).toString();
    }

    private static String literal(String text) {
        return Stream.of(text.split("(?<=\\s)(?=\\S)|(?<=\\S)(?=\\s)"))
                .map(run -> run.isBlank() ? run.isEmpty() ? "" : "\\s+" : Pattern.quote(run))
                .collect(Collectors.joining());
    }

    /**
     * An expression that finds the forms of {@code codes} that are more than a word, a number or a sign, the longest first.
     *
     * @param anything what a hole for any text can hold, as an expression
     */
    public String longer(Collection<String> codes, String anything) {
        List<String> all =
                codes.stream().flatMap(code -> forms(code).stream()).distinct().toList();
        Set<String> beforeNumbers = all.stream()
                .filter(form -> form.matches("\\S+ \\{[#n]}.*"))
                .map(form -> form.substring(0, form.indexOf(' ')))
                .collect(Collectors.toSet());
        Map<String, String> byStart = all.stream()
                .filter(form -> !SINGLE.matcher(form).matches())
                .sorted(Comparator.comparingInt((String form) -> form.split(" ").length)
                        .thenComparingInt(String::length)
                        .reversed())
                .collect(Collectors.groupingBy(
                        form -> start(form, anything),
                        TreeMap::new,
                        Collectors.mapping(
                                form -> CAPTURING
                                                .matcher(expression(form, anything))
                                                .replaceAll("(?:")
                                        + (beforeNumbers.contains(form.substring(form.lastIndexOf(' ') + 1))
                                                ? NO_NUMBER
                                                : NO_LETTER),
                                Collectors.joining("|"))));
        return byStart.entrySet().stream()
                .map(each -> "(?=" + each.getKey() + ")(?:" + each.getValue() + ")")
                .collect(Collectors.joining("|"));
    }

    /** What a form can begin with, looked for before the forms are tried one by one; holes come before letters. */
    private String start(String form, String anything) {
        if (form.startsWith("{*}")) return CAPTURING.matcher(anything).replaceAll("(?:");
        if (!form.startsWith("{")) return "\\Q" + form.charAt(0) + "\\E";
        String letters = Stream.of("number", "ordinal")
                .flatMap(family -> codes(family).stream())
                .flatMap(code -> forms(code).stream())
                .map(word -> Pattern.quote(word.substring(0, 1)))
                .distinct()
                .collect(Collectors.joining("|"));
        return "(?:" + "\\d|" + letters + ")";
    }

    /** The most words that a form of these families has, with one in each hole. */
    public int longest(Collection<String> families) {
        return families.stream()
                .flatMap(family -> codes(family).stream())
                .flatMap(code -> forms(code).stream())
                .mapToInt(form -> form.split("\\s+").length)
                .max()
                .orElse(0);
    }

    /** The codes of a family, in order. */
    public List<String> codes(String family) {
        return families.computeIfAbsent(
                family,
                _ -> forms.keySet().stream()
                        .filter(code -> code.startsWith(family + "."))
                        .sorted()
                        .toList());
    }

    /** The same with every form changed by {@code change}, which must leave holes as they are. */
    public Lexicon mapped(UnaryOperator<String> change) {
        var changed = new LinkedHashMap<String, List<String>>();
        forms.forEach((code, all) -> changed.put(code, all.stream().map(change).toList()));
        return new Lexicon(changed);
    }
}
