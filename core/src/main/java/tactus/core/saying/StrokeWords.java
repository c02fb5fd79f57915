package tactus.core.saying;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
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

/** Strokes in words that a dictation reads back: {@code accent bass up}, {@code pinch 5-1}. */
final class StrokeWords {

    private static final List<String> STRINGS =
            List.of("one", "two", "three", "four", "five", "six", "sev", "eight", "nine", "ten", "lev", "twelve");

    private StrokeWords() {}

    /** @param way the direction as far as it is said */
    static String of(Stroke stroke, Optional<Direction> way) {
        String direction = way.map(Direction::word).orElse("");
        String word = switch (stroke) {
            case Strum strum -> (reach(strum.reach()) + " " + direction).strip();
            case Mute mute -> mute(mute) + (way.equals(Optional.of(Direction.UP)) ? " up" : "");
            case Pluck pluck -> pluck(pluck);
            case Miss _ -> "miss";
            case Ring _ -> "let ring";
            case Stop _ -> "stop";
        };
        return force(stroke.force()) + touch(stroke.touch()) + word;
    }

    /** The stroke with its direction, unless the hand, crossing as {@code hand}, gives it that direction anyway. */
    static String against(Stroke stroke, Optional<Direction> hand) {
        boolean strum = stroke instanceof Strum each && each.reach() == Reach.ALL;
        boolean told = strum || stroke instanceof Mute;
        return of(stroke, stroke.way().filter(way -> told || !Optional.of(way).equals(hand)));
    }

    /** One syllable to say in time; a breath where nothing is struck. */
    static String syllable(Stroke stroke) {
        return switch (stroke) {
            case Strum strum ->
                switch (strum.reach()) {
                    case Reach.Half half ->
                        switch (half) {
                            case ALL -> strum.direction().word();
                            case BASS -> "bass";
                            case TREBLE -> "high";
                        };
                    case Reach.Named _ -> "mid";
                };
            case Mute _ -> "chk";
            case Pluck pluck ->
                pluck.isPinch() ? "pinch" : syllable(pluck.picks().getFirst());
            case Miss _ -> "–";
            case Ring _ -> "ring";
            case Stop _ -> "stop";
        };
    }

    private static String syllable(Pick pick) {
        return switch (pick) {
            case Pick.OnString(int string) -> STRINGS.get(string - 1);
            case Pick.Fretted fretted -> STRINGS.get(fretted.string() - 1);
            case Pick.ByRole(Role role) ->
                switch (role) {
                    case ROOT_BASS -> "thumb";
                    case ALTERNATE_BASS -> "thumb";
                    case INDEX -> "point";
                    case MIDDLE -> "mid";
                    case RING -> "ring";
                };
        };
    }

    private static String reach(Reach reach) {
        return switch (reach) {
            case Reach.Half half ->
                switch (half) {
                    case ALL -> "";
                    case BASS -> "bass";
                    case TREBLE -> "treble";
                };
            case Reach.Named(int first, int last) -> "strings " + last + " to " + first;
        };
    }

    private static String mute(Mute mute) {
        return switch (mute.kind()) {
            case CHOP -> "mute";
            case RELEASE -> "release";
            case LAID -> "laid";
        };
    }

    private static String pluck(Pluck pluck) {
        if (!pluck.isPinch()) return pick(pluck.picks().getFirst());
        return "pinch " + pluck.picks().stream().map(StrokeWords::inPinch).collect(Collectors.joining("-"));
    }

    private static String pick(Pick pick) {
        return switch (pick) {
            case Pick.OnString(int string) -> "string " + string;
            case Pick.Fretted(int string, int fret) -> "string " + string + " fret " + fret;
            case Pick.ByRole(Role role) -> role == Role.RING ? "ring finger" : role(role);
        };
    }

    private static String inPinch(Pick pick) {
        return switch (pick) {
            case Pick.OnString(int string) -> Integer.toString(string);
            case Pick.Fretted(int string, int fret) -> string + ":" + fret;
            case Pick.ByRole(Role role) -> role(role);
        };
    }

    static String role(Role role) {
        return switch (role) {
            case ROOT_BASS -> "thumb";
            case ALTERNATE_BASS -> "alternate";
            case INDEX -> "index";
            case MIDDLE -> "middle";
            case RING -> "ring";
        };
    }

    private static String force(Force force) {
        return switch (force) {
            case SOFT -> "soft ";
            case PLAIN -> "";
            case ACCENTED -> "accent ";
        };
    }

    private static String touch(Touch touch) {
        return switch (touch) {
            case PLAIN -> "";
            case SWEPT -> "sweep ";
            case PALM_MUTED -> "palm ";
        };
    }
}
