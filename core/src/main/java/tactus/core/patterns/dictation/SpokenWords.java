package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stop;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.stroke.Touch;

/** What the words of a dictation mean. Those for strokes that have a direction mean a down until one is said. */
final class SpokenWords {

    private static final Map<String, Stroke> STROKES = Map.ofEntries(
            Map.entry("down", Strum.of(Direction.DOWN)),
            Map.entry("up", Strum.of(Direction.UP)),
            Map.entry("strum", Strum.of(Direction.DOWN)),
            Map.entry("bass", Strum.of(Direction.DOWN).withReach(Reach.BASS)),
            Map.entry("treble", Strum.of(Direction.DOWN).withReach(Reach.TREBLE)),
            Map.entry("mute", Mute.of(Direction.DOWN)),
            Map.entry("release", new Mute(Direction.DOWN, Mute.Kind.RELEASE, Force.PLAIN)),
            Map.entry("laid", new Mute(Direction.DOWN, Mute.Kind.LAID, Force.PLAIN)),
            Map.entry("miss", Miss.MISS),
            Map.entry("ring", Ring.RING),
            Map.entry("stop", Stop.STOP),
            Map.entry("thumb", Pluck.of(new Pick.ByRole(Role.ROOT_BASS))),
            Map.entry("alternate", Pluck.of(new Pick.ByRole(Role.ALTERNATE_BASS))),
            Map.entry("index", Pluck.of(new Pick.ByRole(Role.INDEX))),
            Map.entry("middle", Pluck.of(new Pick.ByRole(Role.MIDDLE))),
            Map.entry("ring-finger", Pluck.of(new Pick.ByRole(Role.RING))));
    private static final Stroke PALM_DOWN = Strum.of(Direction.DOWN).withTouch(Touch.PALM_MUTED);
    private static final Map<String, Role> ROLES = Map.of(
            "thumb", Role.ROOT_BASS,
            "alternate", Role.ALTERNATE_BASS,
            "index", Role.INDEX,
            "middle", Role.MIDDLE,
            "ring", Role.RING);
    private static final Map<String, String> SYLLABLES = Map.of("and", "&", "e", "e", "a", "a", "ta", "ta");
    private static final Map<String, Integer> NAMED =
            Map.of("lowest", 6, "named-a", 5, "named-d", 4, "named-g", 3, "named-b", 2, "highest", 1);
    private static final String PINCHED = "[\\p{L}\\d:]+(?:-[\\p{L}\\d:]+)*";

    private final Lexicon lexicon;
    private final Pattern word;
    private final boolean isHigh;
    /** What words were found to mean: the same few come again and again, and each is held against many forms. */
    private final Map<String, Optional<Stroke>> strokes = new HashMap<>();

    private final Map<String, Optional<SpokenTimes>> times = new HashMap<>();
    private final Map<String, Optional<String>> counts = new HashMap<>();

    /** @param isHigh whether the string that is called by an end of the neck is string 1 */
    SpokenWords(Lexicon lexicon, boolean isHigh) {
        this.lexicon = lexicon;
        this.isHigh = isHigh;
        word = lexicon.made("dictation", SpokenWords::dividing);
    }

    private static Pattern dividing(Lexicon lexicon) {
        List<String> codes = Stream.of("stroke", "mark", "several", "times", "held", "again", "count-behind")
                .flatMap(family -> lexicon.codes(family).stream())
                .toList();
        return Pattern.compile(
                lexicon.longer(lexicon.codes("together"), plucked(lexicon))
                        + "|" + lexicon.longer(codes, PINCHED)
                        + "|\\p{L}+|\\d+|[^\\s\\p{L}0-9]",
                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    }

    /** What can be plucked together with something else: a finger, or a string by its number. */
    private static String plucked(Lexicon lexicon) {
        String fingers = Stream.of("pinch", "number", "ordinal")
                .flatMap(family -> lexicon.codes(family).stream())
                .flatMap(code -> lexicon.forms(code).stream())
                .map(Pattern::quote)
                .collect(Collectors.joining("|"));
        return "(?:\\b(?:" + fingers + "|\\d{1,2}(?::\\d{1,2}|\\p{L}{2}|\\.)?)(?![\\p{L}\\d]))";
    }

    /** What divides a text into words; what is said with several words is one. */
    Pattern word() {
        return word;
    }

    /** The stroke that {@code word} says; empty if it says none. */
    Optional<Stroke> stroke(String word, String text, int index) {
        Optional<Stroke> known = strokes.get(word);
        if (known != null) return known;
        Optional<Stroke> found = found(word, text, index);
        strokes.put(word, found);
        return found;
    }

    private Optional<Stroke> found(String word, String text, int index) {
        Optional<Stroke> plain = lexicon.find("stroke", word).map(STROKES::get);
        return plain.or(() -> lexicon.read("stroke.strings", word).map(holes -> range(holes, text, index)))
                .or(() -> lexicon.read("stroke.string-fret", word)
                        .map(holes -> string(holes.getFirst() + ":" + holes.getLast(), text, index)))
                .or(() -> lexicon.read("stroke.fret-string", word)
                        .map(holes -> string(holes.getLast() + ":" + holes.getFirst(), text, index)))
                .or(() -> lexicon.read("stroke.open-string", word)
                        .map(holes -> string(holes.getFirst() + ":0", text, index)))
                .or(() -> lexicon.read("stroke.string", word).map(holes -> string(holes.getFirst(), text, index)))
                .or(() -> lexicon.find("stroke", word)
                        .map(code -> code.equals("either-end") ? Integer.valueOf(isHigh ? 1 : 6) : NAMED.get(code))
                        .map(number -> Pluck.of(new Pick.OnString(number))))
                .or(() -> together(word, text, index))
                .or(() -> lexicon.read("stroke.pinch", word)
                        .map(holes -> pinch(List.of(holes.getFirst().split("-")), text, index)));
    }

    private Stroke string(String sign, String text, int index) {
        return Pluck.of(PickedLine.string(text, numbers(sign), index));
    }

    /** {@code four:three} as {@code 4:3}. */
    private String numbers(String sign) {
        return Stream.of(sign.split(":"))
                .map(part -> lexicon.number(part).map(String::valueOf).orElse(part))
                .collect(Collectors.joining(":"));
    }

    private Optional<Stroke> together(String word, String text, int index) {
        return lexicon.codes("together").stream()
                .flatMap(code -> lexicon.read(code, word).stream())
                .filter(parts -> parts.stream().noneMatch(part -> part.contains(" ")))
                .findFirst()
                .map(parts -> pinch(parts, text, index));
    }

    /** Whether {@code word} names a string by an end of the neck: teachers call either end the top. */
    boolean isEitherEnd(String word) {
        return lexicon.find("stroke", word).filter("either-end"::equals).isPresent();
    }

    /** What {@code word} says of how often strokes come or how long they last; empty if nothing. */
    Optional<SpokenTimes> times(String word) {
        return times.computeIfAbsent(word, this::timesOf);
    }

    private Optional<SpokenTimes> timesOf(String word) {
        return several(word)
                .or(() -> lexicon.find("times", word).map(code -> new SpokenTimes.Times(Integer.parseInt(code))))
                .or(() -> lexicon.read("times.n", word).map(holes -> new SpokenTimes.Times(number(holes))))
                .or(() -> lexicon.read("held.before", word)
                        .map(holes -> new SpokenTimes.Held(Optional.empty(), number(holes))))
                .or(() -> lexicon.read("held.rest", word)
                        .map(holes -> new SpokenTimes.Held(Optional.of(Stop.STOP), number(holes))))
                .or(() -> lexicon.find("again", word, SpokenTimes.How.values()).map(SpokenTimes.Again::new));
    }

    Optional<SpokenTimes> several(String word) {
        return lexicon.codes("several").stream()
                .flatMap(code -> lexicon.read(code, word).stream()
                        .map(holes -> several(code.substring(code.indexOf('.') + 1), number(holes))))
                .findFirst();
    }

    private static SpokenTimes several(String stroke, int number) {
        return switch (stroke) {
            case "palm-down" -> new SpokenTimes.Several(number, PALM_DOWN, Optional.of(Direction.DOWN));
            default -> new SpokenTimes.Several(number, STROKES.get(stroke), way(stroke));
        };
    }

    private int number(List<String> holes) {
        return lexicon.number(holes.getFirst()).orElse(0);
    }

    private static Stroke range(List<String> strings, String text, int index) {
        return Strum.of(Direction.DOWN)
                .withReach(at(
                        text,
                        index,
                        "lexicon.reach",
                        _ -> Reach.of(number(strings.getFirst()), number(strings.getLast()))));
    }

    private static int number(String digits) {
        if (!digits.matches("\\d{1,3}")) throw new Refusal("pick.string", digits);
        return Integer.parseInt(digits);
    }

    private Stroke pinch(List<String> parts, String text, int index) {
        var picks = new ArrayList<Pick>();
        for (String part : parts) {
            Optional<Role> role = lexicon.find("pinch", part).map(ROLES::get);
            picks.add(role.<Pick>map(Pick.ByRole::new).orElseGet(() -> PickedLine.string(text, numbers(part), index)));
        }
        return at(text, index, "lexicon.impossible", _ -> new Pluck(picks, Touch.PLAIN, Force.PLAIN));
    }

    private static <T> T at(String text, int index, String code, Function<String, T> value) {
        try {
            return value.apply(text);
        } catch (Refusal wrong) {
            throw new NotationException(code, text, index, wrong.reason());
        }
    }

    /** The direction that {@code word} says; empty if it leaves that to the hand. */
    Optional<Direction> direction(String word) {
        return lexicon.find("stroke", word).flatMap(SpokenWords::way);
    }

    private static Optional<Direction> way(String code) {
        return switch (code) {
            case "down" -> Optional.of(Direction.DOWN);
            case "up" -> Optional.of(Direction.UP);
            default -> Optional.empty();
        };
    }

    /** Whether {@code word} is "and", not its sign. */
    boolean isAnd(String word) {
        return Character.isLetter(word.charAt(0)) && lexicon.is("syllable.and", word);
    }

    /** The number that {@code word} counts; empty if it is none. */
    Optional<String> numbered(String word) {
        return count(word).filter(said -> Character.isDigit(said.charAt(0)));
    }

    /** Each syllable of that kind, which only an accent can be on. */
    Optional<String> every(String word) {
        return lexicon.find("count-every", word).map(SYLLABLES::get);
    }

    /** Whether {@code word} can be the finger as well as a sound that goes on. */
    boolean isRing(String word) {
        return lexicon.is("pinch.ring", word) && lexicon.is("stroke.ring", word);
    }

    Optional<Stroke> ringFinger() {
        return Optional.of(STROKES.get("ring-finger"));
    }

    /** The count that {@code word} says, as {@code 2}, {@code &} or {@code 2 &}; empty if it says none. */
    Optional<String> count(String word) {
        return counts.computeIfAbsent(word, this::countOf);
    }

    private Optional<String> countOf(String word) {
        Optional<String> behind = lexicon.codes("count-behind").stream()
                .flatMap(code -> lexicon.read(code, word).stream()
                        .map(holes -> number(holes) + " " + SYLLABLES.get(code.substring(code.indexOf('.') + 1))))
                .findFirst();
        if (behind.isPresent()) return behind;
        if (Character.isDigit(word.charAt(0))) return Optional.of(word);
        return lexicon.find("number", word)
                .or(() -> lexicon.find("syllable", word).map(SYLLABLES::get));
    }

    /** What {@code word} does to strokes: {@code no}, {@code accented}, {@code filler} ...; empty if nothing. */
    Optional<String> mark(String word) {
        return lexicon.find("mark", word);
    }
}
