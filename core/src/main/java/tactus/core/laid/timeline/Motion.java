package tactus.core.laid.timeline;

import java.util.List;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Pattern;

/** What the hands do at a slot, whatever the chord is. */
record Motion(Stroke stroke, List<FingerMove> moves, Length delay, HandMotion hand) {

    static Motion of(Pattern played, Slot slot) {
        return new Motion(
                played.at(slot),
                played.movesAt(slot),
                played.frame().delay(slot),
                new HandMotion(played.frame().handAt(slot), played.isAgainstHand(slot)));
    }

    /** A stroke of an event; the hand does not swing. */
    static Motion event(Stroke stroke) {
        return new Motion(stroke, List.of(), Length.ZERO, HandMotion.STILL);
    }

    /** The same on strings that the hand lies on. */
    Motion muted() {
        if (!stroke.isStruck()) return this;
        Direction way = stroke.way().orElse(hand.way().orElse(Direction.DOWN));
        return new Motion(new Mute(way, Mute.Kind.LAID, stroke.force()), List.of(), delay, hand);
    }

    /** When it sounds if it is written at {@code at}. */
    Length sounding(Length at) {
        return delay.isZero() ? at : at.plus(delay);
    }
}
