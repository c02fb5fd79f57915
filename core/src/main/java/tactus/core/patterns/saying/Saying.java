package tactus.core.patterns.saying;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tactus.core.ground.language.Lexicon;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.CountSchool;
import tactus.core.music.time.Counting;
import tactus.core.music.time.Slot;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.pattern.Pattern;

/** The ways of saying a pattern. */
public final class Saying {

    private final Lexicon lexicon;
    private final StrokeWords words;

    /** Says patterns in the words of {@code lexicon}. */
    public Saying(Lexicon lexicon) {
        this.lexicon = lexicon;
        words = new StrokeWords(lexicon);
    }

    /** The strokes in order: {@code down, down, up, up, down, up}. */
    public String words(Pattern pattern) {
        return pattern.grid().slots().stream()
                .filter(slot -> !(pattern.at(slot) instanceof Miss))
                .map(slot -> word(pattern, slot))
                .collect(Collectors.joining(", "));
    }

    private String word(Pattern pattern, Slot slot) {
        return words.against(pattern.at(slot), pattern.frame().handAt(slot));
    }

    /**
     * The strokes with their counts: {@code 1 down, 2 down, & up, (3), & up}. Numbers where nothing is played stand in
     * brackets.
     */
    public String counted(Pattern pattern) {
        var parts = new ArrayList<String>();
        for (Slot slot : said(pattern)) {
            String count = slot.count().spoken();
            boolean silent = pattern.at(slot) instanceof Miss;
            parts.add(silent ? "(" + count + ")" : count + " " + word(pattern, slot));
        }
        return String.join(", ", parts);
    }

    /** The counts alone, in the syllables of {@code school}: {@code 1 2 & (3) & 4 &}; {@code ta ta di (ta) di ta di}. */
    public static String counts(Pattern pattern, CountSchool school) {
        return said(pattern).stream()
                .map(slot -> {
                    String count = Counting.said(school, pattern.meter(), slot.length(), slot.inBar());
                    return pattern.at(slot).isStruck() ? count : "(" + count + ")";
                })
                .collect(Collectors.joining(" "));
    }

    /** Slots that are played, those with a number, and in beats whose syllables are not all different every one. */
    private static List<Slot> said(Pattern pattern) {
        List<Slot> slots = pattern.grid().slots();
        return slots.stream()
                .filter(slot -> !(pattern.at(slot) instanceof Miss)
                        || slot.count().isNumber()
                        || slot.count().syllable().equals("ta"))
                .toList();
    }

    /**
     * A line to read aloud in time, a syllable or a breath a slot: {@code down –, down up | – up}. Beats are divided by
     * commas, bars by lines.
     */
    public String aloud(Pattern pattern) {
        var line = new StringBuilder();
        for (Slot slot : pattern.grid().slots()) {
            if (slot.index() > 0) line.append(slot.startsBar() ? " | " : slot.startsBeat() ? ", " : " ");
            line.append(words.syllable(pattern.at(slot)));
        }
        return line.toString();
    }

    /** A single stroke with its direction as far as it was said: {@code accent bass up}. */
    public String word(Stroke stroke, Optional<Direction> way) {
        return words.of(stroke, way);
    }

    /**
     * A dictation said again in words that read as the same: {@code down on 1, up on the and of 2}. What it can mean
     * otherwise, and words that say nothing, are left out.
     */
    public String again(Dictation said) {
        return new SaidAgain(lexicon, words).of(said);
    }
}
