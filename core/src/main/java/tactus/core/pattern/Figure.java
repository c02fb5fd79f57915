package tactus.core.pattern;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tactus.core.picking.Fingers;
import tactus.core.picking.Held;
import tactus.core.picking.PickingHand;
import tactus.core.picking.Plucked;
import tactus.core.stroke.Pick;
import tactus.core.stroke.Pluck;
import tactus.core.stroke.Role;
import tactus.core.time.Slot;

/**
 * What a pattern's plucked strokes have in common: the fingers it takes, and where they go beyond the rule.
 *
 * @param used every finger that plucks somewhere in the pattern
 */
public record Figure(Set<Role> used, PickingHand hand) {

    public Figure {
        used = Set.copyOf(used);
    }

    public static Figure of(Pattern pattern) {
        var used = EnumSet.noneOf(Role.class);
        for (Slot slot : pattern.grid().slots()) {
            if (!(pattern.at(slot) instanceof Pluck pluck)) continue;
            for (Pick pick : pluck.picks()) if (pick instanceof Pick.ByRole(Role role)) used.add(role);
        }
        return new Figure(used, pattern.picking());
    }

    /** What {@code pluck}, a stroke of this figure, comes to on a chord. */
    public List<Plucked> on(Held held, String chord, Pluck pluck) {
        Fingers fingers = Fingers.on(held, chord, used, hand);
        return pluck.picks().stream().map(fingers::at).toList();
    }

    /** Where the strokes of {@code pattern} fall on a chord, slot by slot; empty where nothing is plucked. */
    public static List<List<Plucked>> resolved(Pattern pattern, Held held, String chord) {
        Figure figure = of(pattern);
        Fingers fingers = Fingers.on(held, chord, figure.used, figure.hand);
        return pattern.played().stream()
                .map(stroke -> Optional.of(stroke)
                        .filter(Pluck.class::isInstance)
                        .map(pluck -> ((Pluck) pluck)
                                .picks().stream().map(fingers::at).toList())
                        .orElse(List.of()))
                .toList();
    }
}
