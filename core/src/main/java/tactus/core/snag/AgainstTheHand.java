package tactus.core.snag;

import java.util.Optional;
import tactus.core.pattern.Pattern;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Miss;
import tactus.core.stroke.Mute;
import tactus.core.stroke.Pluck;
import tactus.core.stroke.Ring;
import tactus.core.stroke.Stop;
import tactus.core.stroke.Stroke;
import tactus.core.stroke.Strum;
import tactus.core.time.Slot;

/** Says why a stroke goes against the hand. */
final class AgainstTheHand {

    private AgainstTheHand() {}

    static String sentence(Pattern pattern, Slot slot) {
        Optional<Direction> hand = pattern.frame().handAt(slot);
        String stroke = named(pattern.at(slot));
        return hand.map(direction ->
                        "the " + stroke + " goes against the hand, which is going " + direction.word() + " there.")
                .orElse("the " + stroke + " falls where the hand, moving in "
                        + pattern.hand().rate() + " notes, does not cross the strings.");
    }

    private static String named(Stroke stroke) {
        return switch (stroke) {
            case Strum strum -> strum.direction().word() + " stroke";
            case Mute mute -> "mute (" + mute.direction().word() + ")";
            case Pluck _, Miss _, Ring _, Stop _ -> throw new IllegalArgumentException("has no direction: " + stroke);
        };
    }
}
