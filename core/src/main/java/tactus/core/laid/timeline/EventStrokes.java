package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Stop;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.written.rule.What;

/** What is struck on the felt beats of an event. */
final class EventStrokes {

    record At(Length start, Length length, Stroke stroke) {}

    private EventStrokes() {}

    /** One for each felt beat from {@code from} to {@code to}; a stop within one beat is in its second half. */
    static List<At> of(What.Event event, BarLines bars, Length from, Length to) {
        List<Length> beats = beats(bars, from, to);
        var strokes = new ArrayList<At>();
        for (int i = 0; i < beats.size(); i++) {
            Length end = i + 1 < beats.size() ? beats.get(i + 1) : to;
            Length length = end.minus(beats.get(i));
            boolean stopsHere = event == What.Event.STOP && beats.size() == 1;
            if (!stopsHere) {
                strokes.add(new At(beats.get(i), length, stroke(event, i)));
                continue;
            }
            Length half = length.dividedBy(2);
            strokes.add(new At(from, half, Strum.of(Direction.DOWN)));
            strokes.add(new At(from.plus(half), half, Stop.STOP));
        }
        return strokes;
    }

    private static Stroke stroke(What.Event event, int beat) {
        return switch (event) {
            case SILENCE -> beat == 0 ? Stop.STOP : Miss.MISS;
            case HELD -> beat == 0 ? Strum.of(Direction.DOWN) : Ring.RING;
            case STOP -> beat == 0 ? Strum.of(Direction.DOWN) : beat == 1 ? Stop.STOP : Miss.MISS;
            case MUTED -> new Mute(Direction.DOWN, Mute.Kind.LAID, Force.PLAIN);
        };
    }

    /** {@code from}, and every felt beat behind it before {@code to}. */
    static List<Length> beats(BarLines bars, Length from, Length to) {
        var beats = new ArrayList<Length>();
        Length at = from;
        while (at.isLessThan(to)) {
            beats.add(at);
            long before = bars.beatsBefore(at).wholesOf(Length.WHOLE);
            at = bars.afterBeats(Length.ZERO, Length.of(before + 1));
        }
        return beats;
    }
}
