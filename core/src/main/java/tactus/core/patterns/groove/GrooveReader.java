package tactus.core.patterns.groove;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.Division;
import tactus.core.music.time.Grid;
import tactus.core.music.time.Meter;

/** Reads drum syllables, words and letters. */
final class GrooveReader {

    private static final Pattern WORD = Pattern.compile("\\p{L}+|[^\\s\\p{L},|]");
    private final String text;
    private final Meter meter;
    private final int beats;
    private final Optional<Lexicon> lexicon;
    private final List<Set<Drum>> hits = new ArrayList<>();
    private Set<Drum> together;
    private int open;

    /** @param lexicon the words that are read beside the signs; empty for signs alone */
    GrooveReader(String text, Meter meter, int beats, Optional<Lexicon> lexicon) {
        this.text = text;
        this.meter = meter;
        this.beats = beats;
        this.lexicon = lexicon;
    }

    Groove read() {
        Matcher words = WORD.matcher(text);
        while (words.find()) read(words.group().toLowerCase(Locale.ROOT), words.start());
        if (together != null) throw new NotationException("groove-reader.bracket-closed", text, open);
        if (hits.isEmpty()) throw new NotationException("groove-reader.says-drum", text, 0);
        for (Division division : Division.in(meter)) {
            if (Grid.of(meter, beats, division).size() == hits.size()) return new Groove(meter, beats, division, hits);
        }
        throw new NotationException("groove-reader.hits-out", text, text.length(), hits.size(), beats, meter);
    }

    private void read(String word, int index) {
        switch (word) {
            case "(" -> {
                if (together != null) throw new NotationException("groove-reader.bracket-inside", text, index);
                together = EnumSet.noneOf(Drum.class);
                open = index;
            }
            case ")" -> {
                if (together == null) throw new NotationException("groove-reader.closes-bracket", text, index);
                hits.add(together);
                together = null;
            }
            default -> hit(word, index);
        }
    }

    /** A word, or letters written together. */
    private void hit(String word, int index) {
        Optional<Set<Drum>> drums = sign(word).or(() -> lexicon.flatMap(words -> drums(words, word)));
        if (drums.isPresent()) {
            if (together == null) hits.add(drums.get());
            else together.addAll(drums.get());
        } else if (word.length() > 1 && word.matches("[ksh]+")) {
            for (int i = 0; i < word.length(); i++) hit(word.substring(i, i + 1), index + i);
        } else {
            throw new NotationException("groove-reader.drum-write", text, index, word);
        }
    }

    private static Optional<Set<Drum>> sign(String sign) {
        if (sign.equals("-")) return Optional.of(Set.of());
        return EnumSet.allOf(Drum.class).stream()
                .filter(drum -> sign.equals(String.valueOf(drum.letter())))
                .findFirst()
                .map(Set::of);
    }

    private static Optional<Set<Drum>> drums(Lexicon words, String word) {
        Optional<Set<Drum>> hit = words.find("drum", word, Drum.values()).map(Set::of);
        return words.is("drum.none", word) ? Optional.of(Set.of()) : hit;
    }
}
