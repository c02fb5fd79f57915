package tactus.core.laid.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.timeline.StruckString;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stroke;
import tactus.core.patterns.picking.Plucked;

/**
 * A finger on a string.
 *
 * @param string from 1, the highest-sounding
 * @param role whose finger it is, where the pattern says so
 * @param fret what is written beside it, where the pattern says so
 * @param isWrong whether the string is dead there or its note is not in the chord
 */
public record Fingerprint(int string, Optional<Role> role, Optional<Integer> fret, boolean isWrong) {

    public Fingerprint {
        Objects.requireNonNull(fret);
        Objects.requireNonNull(role);
    }

    /** Where fingers are that follow no chord: thumb on 5 and 4, fingers on 3, 2 and 1. */
    static List<Fingerprint> unheld(Stroke stroke) {
        if (!(stroke instanceof Pluck pluck)) return List.of();
        return pluck.picks().stream()
                .map(pick -> switch (pick) {
                    case Pick.OnString(int string) -> of(pick, string, false);
                    case Pick.Fretted fretted -> of(pick, fretted.string(), false);
                    case Pick.ByRole(Role role) -> of(pick, 5 - role.ordinal(), false);
                })
                .toList();
    }

    /** Where fingers are on a chord; a finger that the instrument has no string for is left out. */
    static List<Fingerprint> of(List<Plucked> plucked) {
        return plucked.stream()
                .filter(each -> !each.remarks().contains(Plucked.Remark.NO_STRING))
                .map(each -> of(
                        each.pick(),
                        each.string(),
                        !each.sounds() || each.remarks().contains(Plucked.Remark.OFF_CHORD)))
                .toList();
    }

    /** What sounded, with the fingers that played it where all did. */
    static List<Fingerprint> of(Pluck pluck, List<StruckString> strings) {
        var prints = new ArrayList<Fingerprint>();
        boolean all = strings.size() == pluck.picks().size();
        for (int i = 0; i < strings.size(); i++) {
            Pick pick = all
                    ? pluck.picks().get(i)
                    : new Pick.OnString(strings.get(i).string());
            prints.add(of(pick, strings.get(i).string(), false));
        }
        return prints;
    }

    private static Fingerprint of(Pick pick, int string, boolean wrong) {
        return switch (pick) {
            case Pick.OnString _ -> new Fingerprint(string, Optional.empty(), Optional.empty(), wrong);
            case Pick.Fretted fretted -> new Fingerprint(string, Optional.empty(), Optional.of(fretted.fret()), wrong);
            case Pick.ByRole(Role role) -> new Fingerprint(string, Optional.of(role), Optional.empty(), wrong);
        };
    }
}
