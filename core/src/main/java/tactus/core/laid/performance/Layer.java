package tactus.core.laid.performance;

import java.util.List;
import java.util.function.Predicate;
import tactus.core.laid.timeline.Sounding;
import tactus.core.laid.timeline.StruckString;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Pluck;

/** What of a part is played, so that one thing is practised after the other; pauses and stops stay where they are. */
public enum Layer {
    WHOLE("whole"),
    /** The strings that the thumb plucks: 4, 5 and 6 (common practice), and bass strokes. */
    THUMB("thumb"),
    /** What the fingers pluck: strings 3, 2 and 1 (common practice), and what the thumb does not play. */
    FINGERS("fingers"),
    /** The lowest string of every stroke that reaches string 4, 5 or 6. */
    BASS("bass"),
    DOWNS("downs"),
    UPS("ups"),
    /** Everything on strings that the fretting hand damps. */
    DAMPED("damped");

    private static final int LOWEST_FINGER_STRING = 3;

    private final String code;

    Layer(String code) {
        this.code = code;
    }

    /** What it is called in files and commands. */
    public String code() {
        return code;
    }

    /** Whether strings sound without a pitch. */
    boolean isDamped() {
        return this == DAMPED;
    }

    /** The strokes with those of their strings that belong to it; one that has none left is not heard. */
    List<TimelineStroke> of(List<TimelineStroke> strokes) {
        return this == WHOLE || this == DAMPED
                ? strokes
                : strokes.stream().map(this::part).toList();
    }

    private TimelineStroke part(TimelineStroke stroke) {
        return switch (this) {
            case WHOLE, DAMPED -> stroke;
            case DOWNS -> way(stroke) == Direction.DOWN ? stroke : with(stroke, _ -> false);
            case UPS -> way(stroke) == Direction.UP ? stroke : with(stroke, _ -> false);
            case THUMB -> with(stroke, isPlucked(stroke) ? Layer::isThumbs : _ -> isAllThumbs(stroke));
            case FINGERS -> with(stroke, isPlucked(stroke) ? each -> !isThumbs(each) : _ -> !isAllThumbs(stroke));
            case BASS -> {
                int lowest = stroke.strings().stream()
                        .mapToInt(StruckString::string)
                        .max()
                        .orElse(0);
                yield with(stroke, each -> isThumbs(each) && each.string() == lowest);
            }
        };
    }

    private static boolean isPlucked(TimelineStroke stroke) {
        return stroke.stroke() instanceof Pluck;
    }

    private static boolean isThumbs(StruckString struck) {
        return struck.string() > LOWEST_FINGER_STRING;
    }

    /** A strum over all strings is the thumb's only where it stays on its strings. */
    private static boolean isAllThumbs(TimelineStroke stroke) {
        return stroke.strings().stream().allMatch(Layer::isThumbs);
    }

    /** A pluck goes the way of the thumb, down, where it reaches the thumb's strings, otherwise up. */
    private static Direction way(TimelineStroke stroke) {
        if (isPlucked(stroke))
            return stroke.strings().stream().anyMatch(Layer::isThumbs) ? Direction.DOWN : Direction.UP;
        return stroke.stroke().way().or(stroke::hand).orElse(Direction.DOWN);
    }

    private static TimelineStroke with(TimelineStroke stroke, Predicate<StruckString> belongs) {
        Sounding sound = stroke.sound();
        List<StruckString> strings = sound.strings().stream().filter(belongs).toList();
        List<StruckString> slurred = sound.slurred().stream().filter(belongs).toList();
        return new TimelineStroke(
                stroke.at(),
                stroke.seconds(),
                stroke.stroke(),
                stroke.motion(),
                new Sounding(strings, sound.moves(), slurred, sound.loudness()),
                stroke.from());
    }
}
