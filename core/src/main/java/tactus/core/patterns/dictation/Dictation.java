package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.statement.Statement;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Stroke;

/**
 * A pattern as it is spoken: {@code D U U D D U}, {@code down, down up}, {@code 1, 2 and, and 4}. Strokes stand in order;
 * where they fall is another question.
 *
 * @param text as it was typed
 * @param counts counts that were said on their own, apart from the strokes; there may be more than strokes
 * @param accents counts that are accented whatever falls on them, as {@code 2}, {@code 3&}, or {@code &} for each of them
 * @param other what else it can mean; empty where it is plain
 * @param notes how it was read
 */
public record Dictation(
        String text,
        List<SpokenStroke> strokes,
        List<SpokenCount> counts,
        List<String> accents,
        Optional<TwoReadings> other,
        Notes notes) {

    /**
     * The two ways to read a text that can be read in two; each of them may be read in two again.
     *
     * @param doubt what it is that can be meant in two ways
     * @param asked what has to be asked
     */
    public record TwoReadings(Doubt doubt, Statement asked, Dictation first, Dictation second) {

        public TwoReadings {
            Objects.requireNonNull(doubt);
            Objects.requireNonNull(asked);
            Objects.requireNonNull(first);
            Objects.requireNonNull(second);
        }
    }

    /**
     * How a text was read.
     *
     * @param unread the words that say nothing of a pattern
     * @param remarks what a person should know, as a slip of spelling that was mended
     * @param filling that every slot is struck, or that the hand goes down only, where that was said
     */
    public record Notes(List<Unread> unread, List<Statement> remarks, Optional<Filling> filling) {

        static final Notes NONE = new Notes(List.of(), List.of(), Optional.empty());

        public Notes {
            unread = List.copyOf(unread);
            remarks = List.copyOf(remarks);
            Objects.requireNonNull(filling);
        }
    }

    /** The most strokes that are read. */
    public static final int MOST_STROKES = 256;

    /** The longest text that is read, in characters: nobody says more in one pattern. */
    public static final int LONGEST = 2_000;

    public Dictation {
        Objects.requireNonNull(text);
        Objects.requireNonNull(other);
        Objects.requireNonNull(notes);
        strokes = List.copyOf(strokes);
        counts = List.copyOf(counts);
        accents = List.copyOf(accents);
    }

    Dictation(String text, List<SpokenStroke> strokes, List<SpokenCount> counts) {
        this(text, strokes, counts, List.of(), Optional.empty(), Notes.NONE);
    }

    Dictation or(TwoReadings readings) {
        return new Dictation(text, strokes, counts, accents, Optional.of(readings), notes);
    }

    Dictation accented(List<String> said) {
        return new Dictation(text, strokes, counts, said, other, notes);
    }

    Dictation noted(Notes others) {
        return new Dictation(text, strokes, counts, accents, other, others);
    }

    /** The same as it was typed, where each place in it lay. */
    Dictation in(String typed, IntUnaryOperator placed) {
        return new Dictation(
                typed,
                strokes.stream()
                        .map(each -> each.placed(placed.applyAsInt(each.index())))
                        .toList(),
                counts.stream()
                        .map(each -> new SpokenCount(
                                each.said(), placed.applyAsInt(each.index()), each.stroke(), each.isBracketed()))
                        .toList(),
                accents,
                other,
                notes);
    }

    /**
     * Reads letters ({@code D U x b t -}, also written together), words ({@code down up mute bass treble miss stop}, with
     * {@code accent}, {@code soft}, {@code palm} or {@code sweep} before them), plucked strings and fingers
     * ({@code (5 1) 3 2}, {@code p i m a}, {@code T 1 2 3}), and counts ({@code 1 2 and & e a}) before or behind the
     * strokes, on their own or alone. What is counted in brackets is not struck. After {@code no} or {@code sorry} the phrase
     * before it is taken back. Strings are called {@code string 4}, {@code 4th string} or {@code low E}, with {@code fret
     * three}, or {@code one and four together}; {@code accent on 2 and 4} accents what falls there; strokes come {@code twice}, {@code three times}, as {@code six downs} or
     * {@code again}; {@code hold for two} holds the stroke before it. What can be meant in two ways ({@link Doubt}) is
     * kept in both.
     *
     * @throws NotationException if a word is not known, a bracket stays open, nothing is said, or more
     *     than 256 strokes or {@link #LONGEST} characters are
     */
    public static Dictation parse(String text, Lexicon lexicon) {
        Dictation heard = heard(text, Speech.of(lexicon));
        heard.notes.unread().stream().findFirst().ifPresent(unread -> {
            throw new NotationException(unread.told(), text, unread.index());
        });
        return heard;
    }

    /**
     * Reads what can be read as {@link #parse} does, with what is known beside it; words that are not known are kept
     * ({@link Notes#unread}) where a stroke is said at all.
     *
     * @throws NotationException if no word says a stroke, a bracket stays open, or more than 256 strokes or
     *     {@link #LONGEST} characters are said
     */
    public static Dictation heard(String text, Speech speech) {
        if (text.length() > LONGEST) throw new NotationException("dictation.too-long", text, LONGEST, LONGEST);
        return new Readings(text, speech).read();
    }

    /** Each way to read it, itself first. */
    public List<Dictation> readings() {
        return other.map(two -> Stream.of(two.first(), two.second())
                        .flatMap(each -> each.readings().stream())
                        .toList())
                .orElse(List.of(this));
    }

    /** The same with other strokes, as a change that would mend it. */
    public Dictation with(List<SpokenStroke> others) {
        return new Dictation(text, others, List.of(), accents, Optional.empty(), notes);
    }

    /** The same without a stroke. */
    public Dictation without(int index) {
        var rest = new ArrayList<>(strokes);
        rest.remove(index);
        return with(rest);
    }

    /** The same with one stroke going the other way. */
    public Dictation turned(int index) {
        var changed = new ArrayList<>(strokes);
        SpokenStroke stroke = strokes.get(index);
        Direction way = stroke.direction().orElse(Direction.DOWN) == Direction.DOWN ? Direction.UP : Direction.DOWN;
        changed.set(index, stroke.withDirection(way));
        return with(changed);
    }

    /** What is said, but for the place in the text: two dictations that say the same are said the same. */
    public List<Said> said() {
        return strokes.stream().map(SpokenStroke::said).toList();
    }

    /** A stroke as it was said. */
    public record Said(Stroke form, boolean isCounted, Optional<Direction> direction) {

        public Said {
            Objects.requireNonNull(form);
            Objects.requireNonNull(direction);
        }
    }
}
