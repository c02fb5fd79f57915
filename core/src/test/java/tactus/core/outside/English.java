package tactus.core.outside;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.MessageFormat;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.dictation.SpokenStroke;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.library.Library;
import tactus.core.patterns.library.LibraryPattern;
import tactus.core.patterns.library.RhythmQuery;
import tactus.core.patterns.saying.Saying;
import tactus.core.reading.sentence.LengthWords;
import tactus.core.reading.sentence.PlaceWords;
import tactus.core.reading.sentence.RuleSentence;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Stretch;
import tactus.core.written.song.Song;

/** The English that the program ships, for tests that are written in a teacher's words. */
public final class English {

    public static final Lexicon LEXICON = lexicon();

    private static final Properties STATEMENTS = load("statements");

    private English() {}

    private static Properties load(String name) {
        var loaded = new Properties();
        Path file = Path.of("..", "words", "src", "main", "resources", "tactus", "words", name + ".properties");
        try (var in = Files.newBufferedReader(file)) {
            loaded.load(in);
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
        return loaded;
    }

    private static Lexicon lexicon() {
        Map<String, List<String>> forms = new HashMap<>();
        load("lexicon")
                .forEach((code, words) ->
                        forms.put(code.toString(), List.of(words.toString().split("\\|"))));
        return new Lexicon(forms);
    }

    /** Why something was refused, as a person reads it. */
    public static String of(Refusal refusal) {
        String reason = say(refusal.reason());
        return refusal instanceof NotationException typed ? "\"" + shortened(typed.text()) + "\" " + reason : reason;
    }

    private static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 39) + "…";
    }

    public static String say(Statement statement) {
        Object[] values = statement.values().stream().map(English::value).toArray();
        return new MessageFormat(STATEMENTS.getProperty(statement.code()), Locale.ENGLISH).format(values);
    }

    private static Object value(Object value) {
        return switch (value) {
            case Integer small when small < 1_000 -> small;
            case Statement statement -> say(statement);
            case SpokenStroke stroke -> word(stroke);
            case List<?> list ->
                String.join(
                        ", ",
                        list.stream().map(each -> String.valueOf(value(each))).toList());
            default -> String.valueOf(value);
        };
    }

    private static String word(SpokenStroke stroke) {
        return stroke.isCounted() ? "stroke" : new Saying(LEXICON).word(stroke.form(), stroke.direction());
    }

    /** The strokes of a dictation said back: {@code down up up down}. */
    public static String words(Dictation said) {
        return String.join(" ", said.strokes().stream().map(English::word).toList());
    }

    /** The patterns of the library that a query finds, by their names. */
    public static List<String> found(String query) {
        return RhythmQuery.parse(query, LEXICON, English::name).find(Library.patterns()).stream()
                .map(English::name)
                .toList();
    }

    private static String name(LibraryPattern each) {
        return STATEMENTS.getProperty("library." + each.pattern().id());
    }

    public static Rule rule(Song song, String sentence) {
        return new RuleSentence(LEXICON, song).parse(sentence);
    }

    public static String say(Song song, Rule rule) {
        return new RuleSentence(LEXICON, song).of(rule);
    }

    public static Dictation dictation(String text) {
        return Dictation.parse(text, LEXICON);
    }

    public static HarmonyLine line(String text, Meter usual, Optional<Length> round) {
        return HarmonyLine.parse(text, usual, round, LEXICON);
    }

    public static Groove groove(String text, Meter meter, int beats) {
        return Groove.parse(text, meter, beats, LEXICON);
    }

    public static Stretch stretch(String text) {
        return new PlaceWords(LEXICON).parse(text);
    }

    public static SpanLength length(String text) {
        return new LengthWords(LEXICON).parse(text);
    }
}
