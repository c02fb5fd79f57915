package tactus.core.library;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.stream.Stream;
import tactus.core.pattern.Pattern;
import tactus.core.rhythm.PatternFacts;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Mute;
import tactus.core.stroke.Pick;
import tactus.core.stroke.Pluck;
import tactus.core.stroke.Reach;
import tactus.core.stroke.Stroke;
import tactus.core.stroke.Strum;
import tactus.core.time.Length;
import tactus.core.time.Slot;

/**
 * Looks for patterns by their rhythm: {@code has a miss on 3}, {@code starts with bass}, {@code fits in two beats},
 * {@code up on 2&}, {@code 6/8}, {@code picking}, {@code easy}. Several are joined by commas and must all be true; other words
 * are looked for in names and feels.
 */
public final class RhythmQuery implements Predicate<LibraryPattern> {

    private static final List<String> NUMBERS = List.of("one", "two", "three", "four", "five", "six", "seven", "eight");
    private static final java.util.regex.Pattern ON = java.util.regex.Pattern.compile(
            "(?:has )?(?:an? )?(miss|stroke|down|up|bass|mute|accent)s? on (\\d+)\\s*(and|&|e|a|)");
    private static final java.util.regex.Pattern STARTS =
            java.util.regex.Pattern.compile("starts? with (?:an? |the )?(miss|down|up|bass|mute|accent|thumb)");
    private static final java.util.regex.Pattern FITS =
            java.util.regex.Pattern.compile("fits? (?:in|into|on) (\\w+) beats?");

    private final Predicate<LibraryPattern> test;

    private RhythmQuery(Predicate<LibraryPattern> test) {
        this.test = test;
    }

    /** Every text is a query; an empty one finds all. */
    public static RhythmQuery parse(String text) {
        return new RhythmQuery(Stream.of(text.toLowerCase(Locale.ROOT).split(","))
                .map(String::strip)
                .filter(part -> !part.isEmpty())
                .map(RhythmQuery::part)
                .reduce(_ -> true, Predicate::and));
    }

    /** The patterns of {@code all} that it finds. */
    public List<LibraryPattern> find(List<LibraryPattern> all) {
        return all.stream().filter(this).toList();
    }

    @Override
    public boolean test(LibraryPattern pattern) {
        return test.test(pattern);
    }

    private static Predicate<LibraryPattern> part(String part) {
        Matcher on = ON.matcher(part);
        if (on.matches()) {
            String count = on.group(2) + on.group(3).replace("and", "&");
            return each -> has(
                    each.pattern(), on.group(1), slot -> slot.count().toString().equals(count));
        }
        Matcher starts = STARTS.matcher(part);
        if (starts.matches()) return each -> has(each.pattern(), starts.group(1), slot -> slot.index() == 0);
        Matcher fits = FITS.matcher(part);
        if (fits.matches() && beats(fits.group(1)) > 0) {
            Length beats = Length.of(beats(fits.group(1)));
            return each -> beats.isMultipleOf(Length.of(each.pattern().beats()));
        }
        if (part.matches("[0-9+]+/\\d+"))
            return each -> each.pattern().meter().toString().equals(part);
        return words(part);
    }

    private static int beats(String word) {
        return word.matches("\\d{1,2}") ? Integer.parseInt(word) : NUMBERS.indexOf(word) + 1;
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

    private static Predicate<LibraryPattern> words(String part) {
        Set<String> picking = Set.of("picking", "fingers", "fingerpicking");
        Set<String> steady = Set.of("syncopated", "offbeat");
        return each -> {
            if (picking.contains(part)) return each.feels().contains("picking");
            if (steady.contains(part)) return PatternFacts.of(each.pattern()).syncopation() > 0;
            String level = each.level().name().toLowerCase(Locale.ROOT).replace('_', ' ');
            String all =
                    each.pattern().name().toLowerCase(Locale.ROOT) + " " + String.join(" ", each.feels()) + " " + level;
            return Stream.of(part.split("\\s+")).allMatch(all::contains);
        };
    }
}
