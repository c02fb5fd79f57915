package tactus.core.music.stroke;

import java.util.Locale;
import java.util.stream.Collectors;

/** Writes one stroke as a sign of a {@link StrokeLine}. */
final class StrokeSign {

    private StrokeSign() {}

    static String of(Stroke stroke, Direction usual) {
        return switch (stroke) {
            case Strum strum -> of(strum, usual) + touch(strum.touch()) + soft(strum.force());
            case Mute mute -> directed(letter(mute.kind()), mute, usual) + soft(mute.force());
            case Pluck pluck -> of(pluck) + touch(pluck.touch()) + soft(pluck.force());
            case Miss _ -> "-";
            case Ring _ -> "=";
            case Stop _ -> "s";
        };
    }

    private static String of(Strum strum, Direction usual) {
        String way = strum.direction() == Direction.DOWN ? "d" : "u";
        return switch (strum.reach()) {
            case Reach.Half half ->
                switch (half) {
                    case ALL -> sized(way, strum.force());
                    case BASS -> directed("b", strum, usual);
                    case TREBLE -> directed("t", strum, usual);
                };
            case Reach.Named(int first, int last) -> "(" + sized(way, strum.force()) + last + "-" + first + ")";
        };
    }

    private static String directed(String letter, Stroke stroke, Direction usual) {
        String written = sized(letter, stroke.force());
        Direction way = stroke.way().orElse(usual);
        return way == usual ? written : "(" + (way == Direction.DOWN ? "d" : "u") + written + ")";
    }

    private static String letter(Mute.Kind kind) {
        return switch (kind) {
            case CHOP -> "x";
            case RELEASE -> "f";
            case LAID -> "l";
        };
    }

    private static String of(Pluck pluck) {
        boolean bare = pluck.picks().size() == 1 && !isLong(pluck.picks().getFirst());
        String picks = pluck.picks().stream().map(StrokeSign::of).collect(Collectors.joining(" "));
        return (bare ? picks : "(" + picks + (pluck.picks().size() == 1 ? ",)" : ")"))
                + (pluck.force().isAccented() ? "!" : "");
    }

    /** A string of two digits would read as two strings without the comma. */
    private static boolean isLong(Pick pick) {
        return switch (pick) {
            case Pick.OnString(int string) -> string > 9;
            case Pick.Fretted fretted -> fretted.string() > 9;
            case Pick.ByRole _ -> false;
        };
    }

    private static String of(Pick pick) {
        return switch (pick) {
            case Pick.OnString(int string) -> Integer.toString(string);
            case Pick.Fretted(int string, int fret) -> string + ":" + fret;
            case Pick.ByRole(var role) -> String.valueOf(role.letter());
        };
    }

    private static String sized(String letter, Force force) {
        return force.isAccented() ? letter.toUpperCase(Locale.ROOT) : letter;
    }

    private static String touch(Touch touch) {
        return switch (touch) {
            case PLAIN -> "";
            case SWEPT -> "~";
            case PALM_MUTED -> "_";
        };
    }

    private static String soft(Force force) {
        return force.isSoft() ? "'" : "";
    }
}
