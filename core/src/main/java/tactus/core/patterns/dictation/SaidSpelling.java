package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.language.NearWords;
import tactus.core.ground.statement.Statement;

/** A text with the slips of spelling mended that leave no doubt, and the words that are nearest to any other. */
final class SaidSpelling {

    private static final List<String> READ = List.of(
            "stroke",
            "doubt",
            "mark",
            "several",
            "times",
            "repeat",
            "held",
            "again",
            "there",
            "together",
            "filling",
            "syllable",
            "count-every",
            "count-behind",
            "number",
            "ordinal",
            "pinch");
    private static final Pattern WORD = Pattern.compile("\\p{L}{5,}");
    /** So many different words are compared with all that are known. */
    private static final int MOST = 40;

    private final String mended;
    private final List<Statement> remarks = new ArrayList<>();
    /** For each slip where the mended word ends, and by how much it is longer than what was typed. */
    private final List<int[]> moved = new ArrayList<>();

    /** Mends {@code typed}, but for words that are in the name of a pattern. */
    SaidSpelling(String typed, Speech speech) {
        NearWords known = known(speech.lexicon());
        Set<String> names = names(speech);
        Map<String, Optional<String>> slips = new HashMap<>();
        Matcher words = WORD.matcher(typed);
        var text = new StringBuilder();
        while (words.find()) {
            String word = words.group().toLowerCase(Locale.ROOT);
            if (known.isKnown(word) || names.contains(word) || slips.size() >= MOST) continue;
            Optional<String> meant = slips.computeIfAbsent(word, known::slip);
            if (meant.isEmpty()) continue;
            words.appendReplacement(text, meant.get());
            moved.add(new int[] {text.length(), meant.get().length() - word.length()});
            remarks.add(Statement.of("dictation-reader.slip", words.group(), meant.get()));
        }
        mended = words.appendTail(text).toString();
    }

    /** The words that some form is made of. */
    static NearWords known(Lexicon lexicon) {
        return lexicon.made("dictation.known", NearWords.class, words -> new NearWords(words.wordsOf(READ)));
    }

    private static Set<String> names(Speech speech) {
        Set<String> names = new HashSet<>();
        Stream.concat(speech.shown().stream(), speech.patterns().stream())
                .flatMap(pattern ->
                        Stream.of(pattern.name().toLowerCase(Locale.ROOT).split("\\P{L}+")))
                .forEach(names::add);
        return names;
    }

    String mended() {
        return mended;
    }

    List<Statement> remarks() {
        return remarks;
    }

    /** Where in what was typed that lies which stands at {@code index} in what was mended. */
    int placed(int index) {
        int placed = index;
        for (int[] each : moved) if (each[0] <= index) placed -= each[1];
        return Math.max(0, placed);
    }

    /** The two words for strokes that look most like {@code word}. */
    static List<String> nearest(String word, Lexicon lexicon) {
        return lexicon.made("dictation.strokes", NearWords.class, SaidSpelling::strokes)
                .nearest(word.toLowerCase(Locale.ROOT), 2);
    }

    private static NearWords strokes(Lexicon lexicon) {
        return new NearWords(Stream.of("stroke", "doubt", "pinch", "times", "mark")
                .flatMap(family -> lexicon.codes(family).stream())
                .filter(code -> !code.equals("mark.filler") && !code.equals("mark.no"))
                .flatMap(code -> lexicon.forms(code).stream())
                .filter(form -> form.matches("\\p{L}{2,}"))
                .toList());
    }
}
