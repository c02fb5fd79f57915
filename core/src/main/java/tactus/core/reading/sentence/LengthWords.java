package tactus.core.reading.sentence;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Length;
import tactus.core.written.harmony.SpanLength;

/** How long a chord is held, in words: {@code 2 bars}, {@code 1 beat}, {@code 3/2 beats}, {@code 4 rounds}. */
public final class LengthWords {

    private final Lexicon lexicon;

    /** Lengths in the words of {@code lexicon}. */
    public LengthWords(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /** Returns {@code 2 bars}, as {@link #parse} reads it. */
    public String of(SpanLength length) {
        if (length instanceof SpanLength.Open) return lexicon.word("harmony-open");
        List<String> forms = lexicon.forms("harmony-unit." + Lexicon.code(length.unit()));
        return length.count() + " " + (length.count().equals(Length.WHOLE) ? forms.getFirst() : forms.getLast());
    }

    /**
     * Reads a length as {@link #of} writes it.
     *
     * @throws NotationException if the text is no length of a chord
     */
    public SpanLength parse(String text) {
        if (lexicon.is("harmony-open", text)) return new SpanLength.Open();
        String[] parts = text.strip().split("\\s+");
        if (parts.length != 2) throw new NotationException("span-length.unread", text, unread(parts, text));
        Length count = count(parts[0], text);
        Optional<SpanLength.Unit> unit = lexicon.find("harmony-unit", parts[1]).flatMap(LengthWords::unit);
        int at = text.indexOf(parts[1]);
        try {
            return unit.orElseThrow(() -> new NotationException("span-length.counts-beats", text, at))
                    .of(count);
        } catch (NotationException wrong) {
            throw wrong;
        } catch (Refusal wrong) {
            throw new NotationException("span-length.impossible", text, text.indexOf(parts[0]), wrong.reason());
        }
    }

    private static Optional<SpanLength.Unit> unit(String code) {
        return Arrays.stream(SpanLength.Unit.values())
                .filter(unit -> Lexicon.code(unit).equals(code))
                .findFirst();
    }

    /** Behind the number if its unit is missing, at the third word if there are more. */
    private static int unread(String[] parts, String text) {
        if (parts.length < 2) return text.length();
        int unit = text.indexOf(parts[0]) + parts[0].length();
        return text.indexOf(parts[2], text.indexOf(parts[1], unit) + parts[1].length());
    }

    private static Length count(String number, String text) {
        try {
            return Length.parse(number);
        } catch (NotationException wrong) {
            throw wrong.in(text, text.indexOf(number));
        }
    }
}
