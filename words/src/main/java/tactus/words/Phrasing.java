package tactus.words;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.statement.Statement;
import tactus.core.music.chord.Degree;
import tactus.core.music.pitch.Guitar;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.shape.Finger;
import tactus.core.music.stroke.Direction;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.patterns.dictation.SpokenStroke;
import tactus.core.patterns.library.Level;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.picking.FingerSchool;
import tactus.core.patterns.picking.Strike;
import tactus.core.patterns.saying.Saying;
import tactus.core.reading.sentence.LengthWords;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.rule.Company;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.song.Aspect;

/** Phrases statements and the values in them. */
final class Phrasing {

    private final Language language;
    private final Lexicon lexicon;

    Phrasing(Language language) {
        this.language = language;
        lexicon = language.lexicon();
    }

    String say(Statement statement) {
        return switch (statement.code()) {
            case "stand-in" -> standIn(statement.values());
            case "explain.cut-short" -> cutShort(statement.values());
            default -> format(statement.code(), statement.values().toArray());
        };
    }

    /** The message {@code key} with values in words. */
    String format(String key, Object... values) {
        Object[] said = new Object[values.length];
        for (int i = 0; i < values.length; i++) said[i] = values[i] instanceof Number ? values[i] : value(values[i]);
        return language.format(key, said);
    }

    String value(Object value) {
        return switch (value) {
            case Statement statement -> say(statement);
            case Quantity quantity -> quantity(quantity);
            case Degree degree -> coded("degree", degree);
            case Finger finger -> coded("finger", finger);
            case Company company -> coded("company", company);
            case Guitar guitar -> coded("guitar", guitar);
            case Direction direction -> lexicon.word("stroke", direction);
            case Level level -> lexicon.word("level", level);
            case Strike strike -> lexicon.word("strike", strike);
            case FingerSchool school -> lexicon.word("finger-school", school);
            case Aspect<?> aspect -> lexicon.word("fact." + aspect.code());
            case FormChoice form ->
                form.rule()
                        .map(rule -> lexicon.say("form-choice.of", lexicon.word("form", rule)))
                        .orElse(lexicon.word("form-choice.full"));
            case SpokenStroke spoken -> spoken(spoken);
            case SpanLength length -> new LengthWords(lexicon).of(length);
            case Pattern pattern -> new Saying(lexicon).aloud(pattern);
            case Collection<?> list -> list(List.copyOf(list));
            default -> String.valueOf(value);
        };
    }

    private String coded(String family, Enum<?> value) {
        return language.text(family + "." + Lexicon.code(value));
    }

    private String spoken(SpokenStroke spoken) {
        return spoken.isCounted()
                ? language.text("question.stroke")
                : new Saying(lexicon).word(spoken.form(), spoken.direction());
    }

    /** Degrees, fingers and frets are joined with "and"; notes stand side by side; anything else has commas. */
    private String list(List<?> list) {
        List<String> words = list.stream().map(this::listed).toList();
        if (list.isEmpty()) return "";
        return switch (list.getFirst()) {
            case NoteName _ -> String.join(" ", words);
            case Degree _, Finger _, Integer _ -> and(words);
            default -> String.join(", ", words);
        };
    }

    private String listed(Object value) {
        return value instanceof Degree degree ? format("stand-in.degree", value(degree)) : value(value);
    }

    /** {@code a, b and c}. */
    String and(List<String> words) {
        if (words.size() <= 1) return String.join("", words);
        String first = String.join(", ", words.subList(0, words.size() - 1));
        return language.format("list.and", first, words.getLast());
    }

    private String quantity(Quantity quantity) {
        String key = "count." + Lexicon.code(quantity.unit());
        return language.format(key, quantity.number().toDouble(), number(quantity.number()));
    }

    /** {@code 1½}; a fraction where there is no sign for it. */
    static String number(Length length) {
        long whole = length.wholesOf(Length.WHOLE);
        Length rest = length.minus(Length.of(whole));
        String part = switch (rest.toString()) {
            case "0" -> "";
            case "1/2" -> "½";
            case "1/4" -> "¼";
            case "3/4" -> "¾";
            case "1/3" -> "⅓";
            case "2/3" -> "⅔";
            default -> (whole > 0 ? " " : "") + rest;
        };
        return whole > 0 || part.isEmpty() ? whole + part : part;
    }

    /** What a stand-in leaves out: degrees, strings, and another note that lies lowest. */
    private String standIn(List<Object> values) {
        List<?> notes = (List<?>) values.get(0);
        List<?> strings = (List<?>) values.get(1);
        List<?> lowest = (List<?>) values.get(2);
        var lost = new ArrayList<String>();
        notes.forEach(degree -> lost.add(listed(degree)));
        if (!strings.isEmpty()) lost.add(format("stand-in.strings", strings.size(), list(strings)));
        String text = lost.isEmpty() ? language.text("stand-in.keeps") : format("stand-in.leaves-out", and(lost));
        return lowest.isEmpty() ? text : text + format("stand-in.lowest", lowest.getFirst());
    }

    /** {@code 1½+1½+1 beats}. */
    private String cutShort(List<Object> values) {
        var said = new ArrayList<>(values);
        said.set(
                3,
                String.join(
                        "+",
                        ((List<?>) values.get(3))
                                .stream().map(each -> number((Length) each)).toList()));
        return format("explain.cut-short", said.toArray());
    }
}
