package tactus.core.patterns.library;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.rhythm.PatternFacts;

/**
 * Looks for patterns by their rhythm: {@code has a miss on 3}, {@code starts with bass}, {@code fits in two beats},
 * {@code up on 2&}, {@code 6/8}, {@code picking}, {@code easy}. Several are joined by commas and must all be true; other words
 * are looked for in names and feels. The words are those of a lexicon; these are English.
 */
public final class RhythmQuery implements Predicate<LibraryPattern> {

    /** What is longer was pasted by mistake, and finds nothing. */
    private static final int LONGEST = 500;

    private final Lexicon lexicon;
    private final Function<LibraryPattern, String> name;
    private final Predicate<LibraryPattern> test;

    private RhythmQuery(String text, Lexicon lexicon, Function<LibraryPattern, String> name) {
        this.lexicon = lexicon;
        this.name = name;
        test = text.length() > LONGEST
                ? _ -> false
                : Stream.of(text.toLowerCase(Locale.ROOT).split(","))
                        .map(String::strip)
                        .filter(part -> !part.isEmpty())
                        .map(this::part)
                        .reduce(_ -> true, Predicate::and);
    }

    /**
     * Every text is a query; an empty one finds all.
     *
     * @param name what a pattern is called in the language of the lexicon
     */
    public static RhythmQuery parse(String text, Lexicon lexicon, Function<LibraryPattern, String> name) {
        return new RhythmQuery(text, lexicon, name);
    }

    /** The patterns of {@code all} that it finds. */
    public List<LibraryPattern> find(List<LibraryPattern> all) {
        return all.stream().filter(this).toList();
    }

    @Override
    public boolean test(LibraryPattern pattern) {
        return test.test(pattern);
    }

    private Predicate<LibraryPattern> part(String part) {
        return on(part).or(() -> starts(part))
                .or(() -> fits(part))
                .or(() -> meter(part))
                .orElseGet(() -> words(part));
    }

    private Optional<Predicate<LibraryPattern>> on(String part) {
        Optional<List<String>> number = lexicon.read("query.on-number", part);
        return number.or(() -> lexicon.read("query.on", part)).flatMap(holes -> {
            Optional<String> syllable = holes.size() < 3 ? Optional.of("") : syllable(holes.get(2));
            return lexicon.find("query-stroke", holes.getFirst())
                    .flatMap(what -> syllable.map(said -> each -> has(
                            each.pattern(),
                            what,
                            slot -> slot.count().toString().equals(holes.get(1) + said))));
        });
    }

    private Optional<String> syllable(String word) {
        return lexicon.find("syllable", word).map(code -> code.equals("and") ? "&" : code);
    }

    private Optional<Predicate<LibraryPattern>> starts(String part) {
        return lexicon.read("query.starts", part)
                .map(List::getFirst)
                .map(word -> word.substring(word.lastIndexOf(' ') + 1))
                .flatMap(word -> lexicon.find("query-stroke", word))
                .map(what -> each -> has(each.pattern(), what, slot -> slot.index() == 0));
    }

    private Optional<Predicate<LibraryPattern>> fits(String part) {
        return lexicon.read("query.fits", part)
                .flatMap(holes -> beats(holes.getFirst()))
                .map(Length::of)
                .map(beats ->
                        each -> beats.isMultipleOf(Length.of(each.pattern().beats())));
    }

    private Optional<Integer> beats(String word) {
        Optional<Integer> digits = word.matches("[1-9]\\d?") ? Optional.of(Integer.valueOf(word)) : Optional.empty();
        return digits.or(() -> lexicon.find("number", word).map(Integer::valueOf));
    }

    private static Optional<Predicate<LibraryPattern>> meter(String part) {
        return part.matches("[0-9+]+/\\d+")
                ? Optional.of(each -> each.pattern().meter().toString().equals(part))
                : Optional.empty();
    }

    private static boolean has(Pattern pattern, String what, Predicate<Slot> where) {
        return pattern.grid().slots().stream().filter(where).anyMatch(slot -> is(pattern.at(slot), what));
    }

    private static boolean is(Stroke stroke, String what) {
        return switch (what) {
            case "miss" -> !stroke.isStruck();
            case "stroke" -> stroke.isStruck();
            case "down" -> stroke.way().filter(Direction.DOWN::equals).isPresent();
            case "up" -> stroke.way().filter(Direction.UP::equals).isPresent();
            case "mute" -> stroke instanceof Mute;
            case "accent" -> stroke.force().isAccented();
            default -> isBass(stroke);
        };
    }

    private static boolean isBass(Stroke stroke) {
        if (stroke instanceof Strum strum) return strum.reach() == Reach.BASS;
        return stroke instanceof Pluck pluck
                && pluck.picks().stream()
                        .anyMatch(pick -> pick instanceof Pick.ByRole finger
                                && finger.role().isThumb());
    }

    private Predicate<LibraryPattern> words(String part) {
        Optional<String> kind = lexicon.find("query-kind", part);
        if (kind.equals(Optional.of("picking"))) return each -> each.feels().contains("picking");
        if (kind.isPresent()) return each -> PatternFacts.of(each.pattern()).syncopation() > 0;
        return each -> {
            String level = lexicon.word("level", each.level());
            String feels = each.feels().stream()
                    .map(feel -> lexicon.word("feel." + feel))
                    .collect(Collectors.joining(" "));
            String all = name.apply(each).toLowerCase(Locale.ROOT) + " " + feels + " " + level;
            return Stream.of(part.split("\\s+")).allMatch(all::contains);
        };
    }
}
