package tactus.core.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Force;
import tactus.core.stroke.Miss;
import tactus.core.stroke.Mute;
import tactus.core.stroke.Pick;
import tactus.core.stroke.Pluck;
import tactus.core.stroke.Reach;
import tactus.core.stroke.Ring;
import tactus.core.stroke.Role;
import tactus.core.stroke.Stop;
import tactus.core.stroke.Stroke;
import tactus.core.stroke.Strum;
import tactus.core.stroke.Touch;
import tactus.core.time.NotationException;

/** The words of a dictation. Those for strokes that have a direction mean a down until one is said. */
final class Lexicon {

    private static final Stroke BASS = Strum.of(Direction.DOWN).withReach(Reach.BASS);
    private static final Stroke TREBLE = Strum.of(Direction.DOWN).withReach(Reach.TREBLE);
    private static final Map<String, Stroke> STROKES = Map.ofEntries(
            Map.entry("d", Strum.of(Direction.DOWN)),
            Map.entry("down", Strum.of(Direction.DOWN)),
            Map.entry("downs", Strum.of(Direction.DOWN)),
            Map.entry("u", Strum.of(Direction.UP)),
            Map.entry("up", Strum.of(Direction.UP)),
            Map.entry("ups", Strum.of(Direction.UP)),
            Map.entry("b", BASS),
            Map.entry("bass", BASS),
            Map.entry("t", TREBLE),
            Map.entry("treble", TREBLE),
            Map.entry("x", Mute.of(Direction.DOWN)),
            Map.entry("mute", Mute.of(Direction.DOWN)),
            Map.entry("chop", Mute.of(Direction.DOWN)),
            Map.entry("release", new Mute(Direction.DOWN, Mute.Kind.RELEASE, Force.PLAIN)),
            Map.entry("laid", new Mute(Direction.DOWN, Mute.Kind.LAID, Force.PLAIN)),
            Map.entry("-", Miss.MISS),
            Map.entry("miss", Miss.MISS),
            Map.entry("ring", Ring.RING),
            Map.entry("let ring", Ring.RING),
            Map.entry("hold", Ring.RING),
            Map.entry("stop", Stop.STOP),
            Map.entry("thumb", Pluck.of(new Pick.ByRole(Role.ROOT_BASS))),
            Map.entry("alternate", Pluck.of(new Pick.ByRole(Role.ALTERNATE_BASS))),
            Map.entry("index", Pluck.of(new Pick.ByRole(Role.INDEX))),
            Map.entry("middle", Pluck.of(new Pick.ByRole(Role.MIDDLE))),
            Map.entry("ring finger", Pluck.of(new Pick.ByRole(Role.RING))));
    private static final Map<String, Role> ROLES = Map.of(
            "thumb", Role.ROOT_BASS,
            "p", Role.ROOT_BASS,
            "alternate", Role.ALTERNATE_BASS,
            "q", Role.ALTERNATE_BASS,
            "index", Role.INDEX,
            "i", Role.INDEX,
            "middle", Role.MIDDLE,
            "m", Role.MIDDLE,
            "ring", Role.RING,
            "a", Role.RING);
    private static final List<String> NUMBERS =
            List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final Map<String, String> SYLLABLES =
            Map.of("and", "&", "&", "&", "+", "&", "e", "e", "a", "a", "ta", "ta");
    private static final Pattern RANGE = Pattern.compile("strings (\\d+) ?(?:to|-) ?(\\d+)");

    private Lexicon() {}

    /** The stroke that {@code word}, in small letters, says; empty if it says none. */
    static Optional<Stroke> stroke(String word, String text, int index) {
        String plain = word.replaceAll("\\s+", " ");
        if (plain.startsWith("strings ")) return Optional.of(range(plain, text, index));
        if (plain.startsWith("string ")) {
            String sign = plain.substring("string ".length()).replace(" fret ", ":");
            return Optional.of(Pluck.of(PickedLine.string(text, sign, index)));
        }
        if (plain.startsWith("pinch ")) return Optional.of(pinch(plain.substring("pinch ".length()), text, index));
        return Optional.ofNullable(STROKES.get(plain));
    }

    private static Stroke range(String word, String text, int index) {
        Matcher range = RANGE.matcher(word);
        try {
            if (range.matches()) {
                Reach reach = Reach.of(Integer.parseInt(range.group(1)), Integer.parseInt(range.group(2)));
                return Strum.of(Direction.DOWN).withReach(reach);
            }
        } catch (IllegalArgumentException outside) {
            throw new NotationException("has a reach that cannot be: " + outside.getMessage(), text, index);
        }
        throw new NotationException("names no strings such as strings 4 to 2", text, index);
    }

    private static Stroke pinch(String said, String text, int index) {
        var picks = new ArrayList<Pick>();
        for (String part : said.split("-")) {
            Role role = ROLES.get(part);
            picks.add(role == null ? PickedLine.string(text, part, index) : new Pick.ByRole(role));
        }
        try {
            return new Pluck(picks, Touch.PLAIN, Force.PLAIN);
        } catch (IllegalArgumentException wrong) {
            throw new NotationException("pinches what cannot be: " + wrong.getMessage(), text, index);
        }
    }

    /** The direction that {@code word} says; empty if it leaves that to the hand. */
    static Optional<Direction> direction(String word) {
        return switch (word) {
            case "d", "down", "downs" -> Optional.of(Direction.DOWN);
            case "u", "up", "ups" -> Optional.of(Direction.UP);
            default -> Optional.empty();
        };
    }

    /** The count that {@code word} says; empty if it says none. */
    static Optional<String> count(String word) {
        if (Character.isDigit(word.charAt(0))) return Optional.of(word);
        int number = NUMBERS.indexOf(word);
        if (number >= 0) return Optional.of(Integer.toString(number + 1));
        return Optional.ofNullable(SYLLABLES.get(word));
    }
}
