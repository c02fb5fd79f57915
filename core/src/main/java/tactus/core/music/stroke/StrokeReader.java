package tactus.core.music.stroke;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;

/** Reads the signs of a {@link StrokeLine} one after the other. */
final class StrokeReader {

    private static final Pattern DIRECTED = Pattern.compile("([dDuU])\\s*([btxfl])", Pattern.CASE_INSENSITIVE);
    private static final Pattern RANGE = Pattern.compile("([dDuU])\\s*(\\d{1,2})\\s*-\\s*(\\d{1,2})");
    private static final Pattern PICK = Pattern.compile("\\s*(?:(\\d{1,2})(?::(\\d{1,2}))?|([pqimaPQIMA]))[\\s,]*");

    private final String text;
    private int index;

    StrokeReader(String text) {
        this.text = text;
        skipSpace();
    }

    boolean hasNext() {
        return index < text.length();
    }

    NotationException wrong(String code, Object... values) {
        return new NotationException(code, text, Math.min(index, text.length()), values);
    }

    /** The next stroke, where the hand goes {@code usual}. */
    Stroke next(Direction usual) {
        char first = text.charAt(index);
        Stroke stroke;
        if (first == '(') stroke = bracketed(usual);
        else if (Character.isDigit(first)) stroke = digit();
        else stroke = letter(first, usual);
        stroke = marked(stroke);
        skipSpace();
        return stroke;
    }

    private void skipSpace() {
        while (index < text.length() && (Character.isWhitespace(text.charAt(index)) || text.charAt(index) == '|')) {
            index++;
        }
    }

    private Stroke letter(char letter, Direction usual) {
        Stroke read = plain(letter, usual);
        index++;
        return read;
    }

    private Stroke plain(char letter, Direction usual) {
        char small = Character.toLowerCase(letter);
        Stroke stroke = switch (small) {
            case 'd' -> Strum.of(Direction.DOWN);
            case 'u' -> Strum.of(Direction.UP);
            case 'b' -> Strum.of(usual).withReach(Reach.BASS);
            case 't' -> Strum.of(usual).withReach(Reach.TREBLE);
            case 'x' -> Mute.of(usual);
            case 'f' -> new Mute(usual, Mute.Kind.RELEASE, Force.PLAIN);
            case 'l' -> new Mute(usual, Mute.Kind.LAID, Force.PLAIN);
            case '-', '.', '·' -> Miss.MISS;
            case '=' -> Ring.RING;
            case 's' -> Stop.STOP;
            default ->
                Role.of(small)
                        .<Stroke>map(role -> Pluck.of(new Pick.ByRole(role)))
                        .orElse(null);
        };
        if (stroke == null) throw wrong("stroke.unknown", letter);
        return small == letter ? stroke : stroke.withForce(Force.ACCENTED);
    }

    /** One digit is a string; a fret may follow behind a colon. */
    private Stroke digit() {
        Matcher fret = Pattern.compile("\\d:(\\d{1,2})").matcher(text).region(index, text.length());
        boolean fretted = fret.lookingAt();
        String said = fretted ? fret.group() : text.substring(index, index + 1);
        Stroke read = pluck(said);
        index += said.length();
        return read;
    }

    private Stroke bracketed(Direction usual) {
        int end = text.indexOf(')', index);
        if (end < 0) throw wrong("stroke.bracket-open");
        String inside = text.substring(index + 1, end).strip();
        Stroke read = inside(inside, usual);
        index = end + 1;
        return read;
    }

    private Stroke inside(String inside, Direction usual) {
        Matcher directed = DIRECTED.matcher(inside);
        if (directed.matches()) {
            return plain(directed.group(2).charAt(0), way(directed.group(1)));
        }
        Matcher range = RANGE.matcher(inside);
        if (!range.matches()) return pluck(inside);
        boolean accented = Character.isUpperCase(inside.charAt(0));
        try {
            Reach reach = Reach.of(Integer.parseInt(range.group(2)), Integer.parseInt(range.group(3)));
            return Strum.of(way(range.group(1))).withReach(reach).withForce(accented ? Force.ACCENTED : Force.PLAIN);
        } catch (Refusal outside) {
            throw wrong("stroke.reach", outside.reason());
        }
    }

    private static Direction way(String letter) {
        return letter.equalsIgnoreCase("d") ? Direction.DOWN : Direction.UP;
    }

    /** {@code 5}, {@code 51}, {@code 5 1}, {@code 5:3 1:0}, {@code pa}. */
    private Stroke pluck(String inside) {
        List<Pick> picks = new ArrayList<>();
        boolean together = inside.matches("\\d{2,}");
        String said = together ? String.join(" ", inside.split("")) : inside;
        Matcher pick = PICK.matcher(said);
        int at = 0;
        try {
            while (at < said.length() && pick.find(at) && pick.start() == at) {
                picks.add(pick(pick));
                at = pick.end();
            }
            if (at == said.length()) return new Pluck(picks, Touch.PLAIN, Force.PLAIN);
        } catch (Refusal outside) {
            throw wrong("stroke.pluck", outside.reason());
        }
        throw wrong("stroke.brackets", inside);
    }

    private static Pick pick(Matcher said) {
        if (said.group(3) != null) {
            return new Pick.ByRole(
                    Role.of(Character.toLowerCase(said.group(3).charAt(0))).orElseThrow());
        }
        int string = Integer.parseInt(said.group(1));
        return said.group(2) == null
                ? new Pick.OnString(string)
                : new Pick.Fretted(string, Integer.parseInt(said.group(2)));
    }

    /** Takes the marks behind a stroke. */
    private Stroke marked(Stroke stroke) {
        Stroke read = stroke;
        for (; index < text.length(); index++) {
            switch (text.charAt(index)) {
                case '!' -> read = read.withForce(Force.ACCENTED);
                case '\'' -> read = read.withForce(Force.SOFT);
                case '_' -> read = read.withTouch(Touch.PALM_MUTED);
                case '~' -> read = read.withTouch(Touch.SWEPT);
                default -> {
                    return read;
                }
            }
        }
        return read;
    }
}
