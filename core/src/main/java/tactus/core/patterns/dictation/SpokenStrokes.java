package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
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

/** The single strokes that words of a dictation say. Those that have a direction mean a down until one is said. */
final class SpokenStrokes {

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
            Map.entry("fingers", together(Role.INDEX, Role.MIDDLE, Role.RING)),
            Map.entry("two-fingers", together(Role.INDEX, Role.MIDDLE)),
            Map.entry("root", Pluck.of(new Pick.ByRole(Role.ROOT_BASS))),
            Map.entry("alternate", Pluck.of(new Pick.ByRole(Role.ALTERNATE_BASS))),
            Map.entry("index", Pluck.of(new Pick.ByRole(Role.INDEX))),
            Map.entry("middle", Pluck.of(new Pick.ByRole(Role.MIDDLE))),
            Map.entry("ring-finger", Pluck.of(new Pick.ByRole(Role.RING))));
    private static final Stroke PALM_DOWN = Strum.of(Direction.DOWN).withTouch(Touch.PALM_MUTED);
    /** What is meant by words that two things are meant by, the first meaning first. */
    private static final Map<Doubt, List<Stroke>> MEANT = Map.of(
            Doubt.PAUSE, List.of(Miss.MISS, Stop.STOP),
            Doubt.LET_GO, List.of(Stop.STOP, Ring.RING),
            Doubt.CHUNK, List.of(Mute.of(Direction.DOWN), PALM_DOWN));

    private static final Map<String, Role> ROLES = Map.of(
            "thumb", Role.ROOT_BASS,
            "alternate", Role.ALTERNATE_BASS,
            "index", Role.INDEX,
            "middle", Role.MIDDLE,
            "ring", Role.RING);
    private static final Map<String, Integer> NAMED =
            Map.of("lowest", 6, "named-a", 5, "named-d", 4, "named-g", 3, "named-b", 2, "highest", 1);
    private static final String OPEN = "open-";

    private final Lexicon lexicon;
    private final Manner manner;
    private final FoundWords<Stroke> found;

    /** What words were found to say, kept with the lexicon. */
    private record Found(FoundWords<Stroke> strokes) {}

    SpokenStrokes(Lexicon lexicon, Manner manner) {
        this.lexicon = lexicon;
        this.manner = manner;
        found = lexicon.made("dictation.found-strokes", Found.class, _ -> new Found(new FoundWords<>()))
                .strokes();
    }

    /** The stroke that {@code word} says; empty if it says none. */
    Optional<Stroke> stroke(String word, String text, int index) {
        Optional<Doubt> doubt = doubt(word);
        return doubt.isPresent() ? doubt.map(this::meant) : found.of(word, each -> found(each, text, index));
    }

    private Stroke meant(Doubt doubt) {
        boolean first = manner.isFirst(doubt).orElse(true);
        return doubt == Doubt.END
                ? Pluck.of(new Pick.OnString(first ? 6 : 1))
                : MEANT.get(doubt).get(first ? 0 : 1);
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
                        .filter(code -> code.startsWith(OPEN))
                        .map(code -> Pluck.of(new Pick.Fretted(NAMED.get(code.substring(OPEN.length())), 0))))
                .or(() -> named(word).map(number -> Pluck.of(new Pick.OnString(number))))
                .or(() -> letterOfFinger(word))
                .or(() -> together(word, text, index))
                .or(() -> lexicon.read("stroke.pinch", word)
                        .map(holes -> pinch(List.of(holes.getFirst().split("-")), text, index)));
    }

    /** {@code p}, {@code i}, {@code m}: letters that are nothing else; {@code a} is a count as well. */
    private Optional<Stroke> letterOfFinger(String word) {
        return word.length() > 1 || isLetterOfRing(word)
                ? Optional.empty()
                : lexicon.find("pinch", word).map(ROLES::get).map(role -> Pluck.of(new Pick.ByRole(role)));
    }

    private static Stroke together(Role... fingers) {
        return new Pluck(Stream.of(fingers).<Pick>map(Pick.ByRole::new).toList(), Touch.PLAIN, Force.PLAIN);
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

    /** What of {@code word} can be meant in two ways: a string by an end of the neck, which teachers call by either name; a pause. */
    Optional<Doubt> doubt(String word) {
        return lexicon.find("stroke", word)
                .filter("either-end"::equals)
                .map(_ -> Doubt.END)
                .or(() -> doubted(word));
    }

    private Optional<Doubt> doubted(String word) {
        return lexicon.find("doubt", word, Doubt.values());
    }

    /** The string that a letter alone is called by in the usual tuning, where strings are spoken of; empty for the ends and if none is. */
    Optional<Integer> letter(String word) {
        return lexicon.find("letter", word).filter(code -> !code.equals("end")).map(Integer::valueOf);
    }

    /** Whether {@code word} is the letter of the two outer strings. */
    boolean isLetterOfEnd(String word) {
        return lexicon.is("letter.end", word);
    }

    /** The string that is called by its name: {@code low E}; empty if none is. */
    Optional<Integer> named(String word) {
        return lexicon.find("stroke", word).map(NAMED::get);
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
        return lexicon.find("stroke", word).flatMap(SpokenStrokes::way);
    }

    private static Optional<Direction> way(String code) {
        return switch (code) {
            case "down" -> Optional.of(Direction.DOWN);
            case "up" -> Optional.of(Direction.UP);
            default -> Optional.empty();
        };
    }

    /** Whether {@code word} is only that it is strummed. */
    boolean isStrum(String word) {
        return lexicon.is("stroke.strum", word);
    }

    Optional<Stroke> alternate() {
        return Optional.of(STROKES.get("alternate"));
    }

    /** Whether {@code word} names the root, and not the thumb that plucks it. */
    boolean isRoot(String word) {
        return lexicon.find("stroke", word).filter("root"::equals).isPresent();
    }

    /** Whether {@code word} can be the finger as well as a sound that goes on. */
    boolean isRing(String word) {
        return lexicon.is("pinch.ring", word) && lexicon.is("stroke.ring", word);
    }

    /** Whether {@code word} is the letter of the ring finger, which is a count as well. */
    boolean isLetterOfRing(String word) {
        return word.length() == 1 && lexicon.is("pinch.ring", word);
    }

    Optional<Stroke> ringFinger() {
        return Optional.of(STROKES.get("ring-finger"));
    }

    /** Whether {@code word} says a strum, or a mute, over more than the bass. */
    boolean isStrummed(String word) {
        return lexicon.find("stroke", word)
                .map(STROKES::get)
                .filter(stroke ->
                        stroke instanceof Mute || stroke instanceof Strum strum && strum.reach() != Reach.BASS)
                .isPresent();
    }

    /** So many strokes that are told by their number. */
    static SpokenTimes several(String stroke, int number) {
        return switch (stroke) {
            case "palm-down" -> new SpokenTimes.Several(number, PALM_DOWN, Optional.of(Direction.DOWN));
            default -> new SpokenTimes.Several(number, STROKES.get(stroke), way(stroke));
        };
    }
}
