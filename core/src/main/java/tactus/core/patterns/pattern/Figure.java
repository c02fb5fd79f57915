package tactus.core.patterns.pattern;

import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stroke;
import tactus.core.patterns.picking.Fingers;
import tactus.core.patterns.picking.Held;
import tactus.core.patterns.picking.PickingHand;
import tactus.core.patterns.picking.Plucked;

/**
 * What a pattern's plucked strokes have in common: the fingers it takes, and where they go beyond the rule.
 *
 * @param strokes one for each slot of the pattern
 * @param used every finger that plucks somewhere in the pattern
 */
public record Figure(List<Stroke> strokes, Set<Role> used, PickingHand hand) {

    public Figure {
        Objects.requireNonNull(hand);
        strokes = List.copyOf(strokes);
        used = Set.copyOf(used);
    }

    /** Returns what a pattern picks. */
    public static Figure of(Pattern pattern) {
        return of(pattern, pattern);
    }

    /** Returns what {@code form} picks; a finger stays on the string that it has in the whole pattern, whoever is left out. */
    public static Figure of(Pattern form, Pattern whole) {
        var used = EnumSet.noneOf(Role.class);
        for (Stroke stroke : whole.played()) {
            if (!(stroke instanceof Pluck pluck)) continue;
            for (Pick pick : pluck.picks()) if (pick instanceof Pick.ByRole(Role role)) used.add(role);
        }
        return new Figure(form.played(), used, whole.picking());
    }

    /** What {@code pluck}, a stroke of this figure, comes to on a chord. */
    public List<Plucked> on(Held held, String chord, Pluck pluck) {
        return plucked(pluck, Fingers.on(held, chord, used, hand));
    }

    /** What every slot comes to on a chord; empty where nothing is plucked. */
    public List<List<Plucked>> on(Held held, String chord) {
        Fingers fingers = Fingers.on(held, chord, used, hand);
        return strokes.stream()
                .map(stroke -> stroke instanceof Pluck pluck ? plucked(pluck, fingers) : List.<Plucked>of())
                .toList();
    }

    private static List<Plucked> plucked(Pluck pluck, Fingers fingers) {
        return pluck.picks().stream().map(fingers::at).toList();
    }
}
