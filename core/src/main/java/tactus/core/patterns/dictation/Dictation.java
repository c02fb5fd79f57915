package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.statement.Statement;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Stroke;

/**
 * A pattern as it is spoken: {@code D U U D D U}, {@code down, down up}, {@code 1, 2 and, and 4}. Strokes stand in order;
 * where they fall is another question, which {@link Placing} answers.
 *
 * @param text as it was typed
 * @param counts counts that were said on their own, apart from the strokes; there may be more than strokes
 * @param accents counts that are accented whatever falls on them, as {@code 2}, {@code 3&}, or {@code &} for each of them
 * @param other what else it can mean; empty where it is plain
 */
public record Dictation(
        String text,
        List<SpokenStroke> strokes,
        List<SpokenCount> counts,
        List<String> accents,
        Optional<Reading> other) {

    /**
     * The second way to read a text that can be read in two.
     *
     * @param asked what has to be asked
     */
    public record Reading(Statement asked, Dictation dictation) {

        public Reading {
            Objects.requireNonNull(asked);
            Objects.requireNonNull(dictation);
        }
    }

    /** The most strokes that are read. */
    public static final int MOST_STROKES = 256;

    /** The longest text that is read, in characters: nobody says more in one pattern. */
    public static final int LONGEST = 2_000;

    public Dictation {
        Objects.requireNonNull(text);
        Objects.requireNonNull(other);
        strokes = List.copyOf(strokes);
        counts = List.copyOf(counts);
        accents = List.copyOf(accents);
    }

    Dictation(String text, List<SpokenStroke> strokes, List<SpokenCount> counts) {
        this(text, strokes, counts, List.of(), Optional.empty());
    }

    Dictation or(Reading reading) {
        return new Dictation(text, strokes, counts, accents, Optional.of(reading));
    }

    Dictation accented(List<String> said) {
        return new Dictation(text, strokes, counts, said, other);
    }

    /**
     * Reads letters ({@code D U x b t -}, also written together), words ({@code down up mute bass treble miss stop}, with
     * {@code accent}, {@code soft}, {@code palm} or {@code sweep} before them), plucked strings and fingers
     * ({@code (5 1) 3 2}, {@code p i m a}, {@code T 1 2 3}), and counts ({@code 1 2 and & e a}) before or behind the
     * strokes, on their own or alone. What is counted in brackets is not struck. After {@code no} or {@code sorry} the phrase
     * before it is taken back. Strings are called {@code string 4}, {@code 4th string} or {@code low E}, with {@code fret
     * three}, or {@code one and four together}; {@code accent on 2 and 4} accents what falls there; strokes come {@code twice}, {@code three times}, as {@code six downs} or
     * {@code again}; {@code hold for two} holds the stroke before it. {@code mute down} without a comma is one stroke or
     * two, {@code top string} one end or the other: both readings are kept.
     *
     * @throws NotationException if a word is not known, a bracket stays open, nothing is said, or more
     *     than 256 strokes or {@link #LONGEST} characters are
     */
    public static Dictation parse(String text, Lexicon lexicon) {
        if (text.length() > LONGEST) throw new NotationException("dictation.too-long", text, LONGEST, LONGEST);
        return PickedLine.isOne(text) ? PickedLine.read(text) : new Readings(text, lexicon).read();
    }

    /** The same with other strokes, as a change that would mend it. */
    Dictation with(List<SpokenStroke> others) {
        return new Dictation(text, others, List.of(), accents, Optional.empty());
    }

    Dictation without(int index) {
        var rest = new ArrayList<>(strokes);
        rest.remove(index);
        return with(rest);
    }

    Dictation turned(int index) {
        var changed = new ArrayList<>(strokes);
        SpokenStroke stroke = strokes.get(index);
        Direction way = stroke.direction().orElse(Direction.DOWN) == Direction.DOWN ? Direction.UP : Direction.DOWN;
        changed.set(index, stroke.withDirection(way));
        return with(changed);
    }

    /** What is said, but for the place in the text: two dictations that say the same are said the same. */
    List<Said> said() {
        return strokes.stream().map(SpokenStroke::said).toList();
    }

    /** A stroke as it was said. */
    record Said(Stroke form, boolean isCounted, Optional<Direction> direction) {}
}
