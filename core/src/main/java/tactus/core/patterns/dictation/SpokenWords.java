package tactus.core.patterns.dictation;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.language.Ordinals;
import tactus.core.music.stroke.Stop;
import tactus.core.music.time.Length;

/** What the words of a dictation mean. Those for strokes that have a direction mean a down until one is said. */
final class SpokenWords {

    private static final Map<String, String> SYLLABLES = Map.of("and", "&", "e", "e", "a", "a", "ta", "ta");
    private static final Map<String, Length> RATES =
            Map.of("eighths", Length.EIGHTH, "sixteenths", Length.SIXTEENTH, "quarters", Length.QUARTER);
    private static final String PINCHED = "[\\p{L}\\d]+(?::\\d+)?(?:-[\\p{L}\\d]+(?::\\d+)?)*";

    private final Lexicon lexicon;
    private final Pattern word;
    private final SpokenStrokes strokes;
    private final Ordinals ordinals;
    private final Found found;

    /** What words were found to mean: the same few come again and again, and each is held against many forms. */
    private record Found(FoundWords<SpokenTimes> times, FoundWords<SpokenTimes> several, FoundWords<String> counts) {}

    SpokenWords(Lexicon lexicon, Manner manner) {
        this.lexicon = lexicon;
        ordinals = new Ordinals(lexicon);
        word = lexicon.made("dictation", SpokenWords::dividing);
        found = lexicon.made(
                "dictation.found",
                Found.class,
                _ -> new Found(new FoundWords<>(), new FoundWords<>(), new FoundWords<>()));
        strokes = new SpokenStrokes(lexicon, manner);
    }

    private static Pattern dividing(Lexicon lexicon) {
        List<String> codes = Stream.of(
                        "stroke",
                        "doubt",
                        "mark",
                        "several",
                        "filling",
                        "times",
                        "repeat",
                        "held",
                        "again",
                        "count-behind")
                .flatMap(family -> lexicon.codes(family).stream())
                .toList();
        return Pattern.compile(
                lexicon.longer(lexicon.codes("together"), plucked(lexicon))
                        + "|" + lexicon.longer(codes, PINCHED)
                        + "|" + lexicon.longer(List.of("beat-count"), PINCHED)
                        + "|\\d+(?:" + endings(lexicon) + ")(?!\\p{L})|\\p{L}+|\\d+|[^\\s\\p{L}0-9]",
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    private static String endings(Lexicon lexicon) {
        return lexicon.forms("ordinal-endings").stream()
                .distinct()
                .filter(ending -> ending.codePoints().allMatch(Character::isLetter))
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
    }

    /** What can be plucked together with something else: a finger, or a string by its number. */
    private static String plucked(Lexicon lexicon) {
        String fingers = Stream.of("pinch", "number", "ordinal")
                .flatMap(family -> lexicon.codes(family).stream())
                .flatMap(code -> lexicon.forms(code).stream())
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        return "(?:\\b(?:" + fingers + "|\\d{1,2}(?::\\d{1,2}|\\p{L}{2}|\\.)?)(?![\\p{L}\\d]))";
    }

    /** What words say of single strokes. */
    SpokenStrokes strokes() {
        return strokes;
    }

    /** What divides a text into words; what is said with several words is one. */
    Pattern word() {
        return word;
    }

    /** The number that {@code word} says where it says which: {@code 4th}; empty if it does not. */
    Optional<Integer> ordinal(String word) {
        return ordinals.number(word);
    }

    /** {@code word} without an ending that makes no syllable of its own. */
    String withoutSilentEnding(String word) {
        String small = word.toLowerCase(Locale.ROOT);
        return lexicon.forms("silent-ending").stream()
                .filter(ending -> small.length() > ending.length() + 1 && small.endsWith(ending))
                .findFirst()
                .map(ending -> word.substring(0, word.length() - ending.length()))
                .orElse(word);
    }

    /** Whether {@code word} says that every slot is struck. */
    Optional<Filling> filling(String word) {
        return lexicon.find("filling", word).map(code -> new Filling(Optional.ofNullable(RATES.get(code)), true));
    }

    /** What {@code word} says of how often strokes come or how long they last; empty if nothing. */
    Optional<SpokenTimes> times(String word) {
        return found.times().of(word, this::timesOf);
    }

    private Optional<SpokenTimes> timesOf(String word) {
        return several(word)
                .or(() -> lexicon.find("times", word).map(code -> new SpokenTimes.Times(Integer.parseInt(code))))
                .or(() -> lexicon.find("repeat", word).map(code -> new SpokenTimes.Times(Integer.parseInt(code))))
                .or(() -> lexicon.read("repeat.n", word).map(holes -> new SpokenTimes.Times(number(holes))))
                .or(() -> lexicon.read("times.n", word).map(holes -> new SpokenTimes.Times(number(holes))))
                .or(() -> lexicon.read("held.before", word)
                        .map(holes -> new SpokenTimes.Held(Optional.empty(), number(holes))))
                .or(() -> lexicon.read("held.rest", word)
                        .map(holes -> new SpokenTimes.Held(Optional.of(Stop.STOP), number(holes))))
                .or(() -> lexicon.find("again", word, SpokenTimes.How.values()).map(SpokenTimes.Again::new));
    }

    Optional<SpokenTimes> several(String word) {
        return found.several().of(word, this::severalOf);
    }

    private Optional<SpokenTimes> severalOf(String word) {
        return lexicon.codes("several").stream()
                .flatMap(code -> lexicon.read(code, word).stream()
                        .map(holes -> SpokenStrokes.several(code.substring(code.indexOf('.') + 1), number(holes))))
                .findFirst();
    }

    private int number(List<String> holes) {
        return lexicon.number(holes.getFirst()).orElse(0);
    }

    /** {@code text} with blanks for words that only say how quick or even strokes are; every place stays where it is. */
    String withoutAdjectives(String text) {
        Pattern adjective = lexicon.made("dictation.adjectives", SpokenWords::adjectives);
        return adjective
                .matcher(text)
                .replaceAll(found -> " ".repeat(found.group().length()));
    }

    private static Pattern adjectives(Lexicon lexicon) {
        String all = lexicon.forms("adjective").stream().map(Pattern::quote).collect(Collectors.joining("|"));
        return Pattern.compile("(?<!\\p{L})(?:" + all + ")(?!\\p{L})", Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** Whether {@code word} is "and", not its sign. */
    boolean isAnd(String word) {
        return !word.isEmpty() && Character.isLetter(word.charAt(0)) && lexicon.is("syllable.and", word);
    }

    /** Whether {@code word} is a count that is an article as well: {@code a down}. */
    boolean isArticle(String word) {
        return lexicon.is("syllable.a", word) && lexicon.is("harmony.article", word);
    }

    /** The number that {@code word} counts; empty if it is none. */
    Optional<String> numbered(String word) {
        return count(word).filter(said -> Character.isDigit(said.charAt(0)));
    }

    /** Each syllable of that kind, which only an accent can be on. */
    Optional<String> every(String word) {
        return lexicon.find("count-every", word).map(SYLLABLES::get);
    }

    /** Whether {@code word} is part of anything that is read, though it says nothing alone. */
    boolean isOfThem(String word) {
        return SaidSpelling.known(lexicon).isKnown(word);
    }

    /** Whether {@code word} says again that strings are plucked at once. */
    boolean isTogether(String word) {
        return lexicon.is("at-once", word);
    }

    /** Whether {@code word} strums over more than the bass. */
    boolean isStrummed(String word) {
        return strokes.isStrummed(word) || several(word).isPresent();
    }

    /** The count that {@code word} says, as {@code 2}, {@code &} or {@code 2 &}; empty if it says none. */
    Optional<String> count(String word) {
        return found.counts().of(word, this::countOf);
    }

    private Optional<String> countOf(String word) {
        Optional<String> behind = lexicon.codes("count-behind").stream()
                .flatMap(code -> lexicon.read(code, word).stream()
                        .map(holes -> number(holes) + " " + SYLLABLES.get(code.substring(code.indexOf('.') + 1))))
                .findFirst();
        if (behind.isPresent()) return behind;
        Optional<String> beat = lexicon.read("beat-count", word)
                .flatMap(holes -> lexicon.number(holes.getFirst()))
                .map(String::valueOf);
        if (beat.isPresent()) return beat;
        if (word.chars().allMatch(Character::isDigit)) return Optional.of(word);
        return lexicon.find("number", word)
                .or(() -> lexicon.find("syllable", word).map(SYLLABLES::get));
    }

    /** What {@code word} does to strokes: {@code no}, {@code accented}, {@code filler} ...; empty if nothing. */
    Optional<String> mark(String word) {
        return lexicon.find("mark", word);
    }
}
