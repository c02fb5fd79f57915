package tactus.core.counsel.snag;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.ground.statement.Statement;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.SnagId;

/**
 * Something that does not fit. Sections, patterns, rules and exceptions stand in its statements as they are and get their names
 * where it is shown.
 *
 * @param place where one goes to look at it
 * @param where the place as it is said
 * @param sentence what is wrong
 * @param about the ids and places of what it is about; of two snags of a kind they differ
 * @param numbers what was counted
 * @param fix what mends it in one step, if anything does
 */
public record Snag(
        Kind kind,
        SnagPlace place,
        Statement where,
        Statement sentence,
        List<Object> about,
        List<Number> numbers,
        Optional<Fix> fix) {

    /**
     * Something counted.
     *
     * @param code what it is: {@code beats-of-chords}
     * @param value exact: a whole number, a fraction, a rounded decimal as text
     */
    public record Number(String code, Object value) {

        public Number {
            Objects.requireNonNull(code);
            Objects.requireNonNull(value);
        }
    }

    public Snag {
        Objects.requireNonNull(fix);
        Objects.requireNonNull(kind);
        Objects.requireNonNull(place);
        Objects.requireNonNull(sentence);
        Objects.requireNonNull(where);
        about = List.copyOf(about);
        numbers = List.copyOf(numbers);
    }

    /** A snag whose sentence is {@code code} with {@code values}. */
    static Snag of(Kind kind, SnagPlace place, String code, Object... values) {
        return of(kind, place, Statement.of(code, values));
    }

    static Snag of(Kind kind, SnagPlace place, Statement sentence) {
        return new Snag(kind, place, place.said(), sentence, List.of(), List.of(), Optional.empty());
    }

    /** A snag of a section as a whole, about it and nothing else. */
    static Snag of(Kind kind, SectionId section, String code, Object... values) {
        return of(kind, SnagPlace.InSection.start(section), code, values)
                .called(section)
                .about(section);
    }

    /** The same, its place said by the name of {@code thing} alone. */
    Snag called(Object thing) {
        return at("where.name", thing);
    }

    /** The same, its place said otherwise. */
    Snag at(String code, Object... values) {
        return new Snag(kind, place, Statement.of(code, values), sentence, about, numbers, fix);
    }

    /** The same, known by {@code things}. */
    Snag about(Object... things) {
        return new Snag(kind, place, where, sentence, List.of(things), numbers, fix);
    }

    /** The same with numbers, codes and values by turns. */
    Snag counted(Object... codesAndValues) {
        List<Number> counted = Stream.iterate(0, i -> i < codesAndValues.length, i -> i + 2)
                .map(i -> new Number((String) codesAndValues[i], codesAndValues[i + 1]))
                .toList();
        return new Snag(kind, place, where, sentence, about, counted, fix);
    }

    /** The same with what mends it. */
    Snag mendedBy(Fix mend) {
        return mendedBy(Optional.of(mend));
    }

    Snag mendedBy(Optional<? extends Fix> mend) {
        return new Snag(kind, place, where, sentence, about, numbers, mend.map(Fix.class::cast));
    }

    /** What it is known by, whatever things are called. */
    public SnagId id() {
        return new SnagId(kind.code(), about.stream().map(String::valueOf).toList());
    }

    /** The exact values that were counted; with other ones it has to be accepted anew. */
    public List<String> values() {
        return numbers.stream()
                .map(number -> number.code() + " " + number.value())
                .toList();
    }

    /** A number of seconds or the like as it is shown, so that what cannot be seen makes no other snag. */
    static String rounded(double number, int decimals) {
        return String.format(Locale.ROOT, "%." + decimals + "f", number);
    }
}
