package tactus.core.counsel.snag;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.ground.language.Lexicon;
import tactus.core.music.pitch.Tuning;

/** Strings that are called by a name and by a number in one breath: {@code low E (string 1)}. */
final class SpokenStrings {

    private static final String LOWEST = "stroke.lowest";
    private static final String HIGHEST = "stroke.highest";
    private static final Map<String, String> LETTERS =
            Map.of("stroke.named-a", "A", "stroke.named-d", "D", "stroke.named-g", "G", "stroke.named-b", "B");

    private SpokenStrings() {}

    /** Finds the name in one of the groups {@code a} and {@code d}, the number in {@code b} and {@code c}. */
    static Pattern calledTwice(Lexicon lexicon) {
        String names = lexicon.longer(names(), "");
        String number = lexicon.longer(List.of("stroke.string"), "");
        String is = lexicon.forms("called.is").stream().map(Pattern::quote).collect(Collectors.joining("|"));
        String between = "\\s*(?:" + is + ")\\s*";
        return Pattern.compile(
                "(?<![\\p{L}\\d])(?:(?<a>" + names + ")" + between + "(?<b>" + number + ")|(?<c>" + number + ")"
                        + between + "(?<d>" + names + "))\\)?",
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    private static List<String> names() {
        return List.of(LOWEST, HIGHEST, "stroke.named-a", "stroke.named-d", "stroke.named-g", "stroke.named-b");
    }

    /** The number that is said; 0 if it is none of a string. */
    static int number(Matcher called, Lexicon lexicon) {
        String said = called.group("b") == null ? called.group("c") : called.group("b");
        return lexicon.read("stroke.string", said)
                .flatMap(holes -> lexicon.number(holes.getFirst()))
                .orElse(0);
    }

    /** The strings of {@code tuning} that have the name that is said. */
    static Set<Integer> named(Matcher called, Lexicon lexicon, Tuning tuning) {
        String said = called.group("a") == null ? called.group("d") : called.group("a");
        String code = names().stream()
                .filter(each -> lexicon.is(each, said))
                .findFirst()
                .orElseThrow();
        if (code.equals(LOWEST)) return Set.of(tuning.strings());
        if (code.equals(HIGHEST)) return Set.of(1);
        return IntStream.rangeClosed(1, tuning.strings())
                .filter(string -> tuning.note(string).equals(LETTERS.get(code)))
                .boxed()
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
