package tactus.core.patterns.picking;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Role;

/**
 * Turns the strings of a figure into fingers, by the chord it was written for: the root's string is the thumb's, the
 * bass string plucked most often beside it the alternate bass, and what lies where a finger would go is that finger's.
 *
 * @param byString the finger of each string; strings that are no finger's are left out
 * @param hand where fingers are on the chord, if not where the rule has them
 */
public record RoleFinder(Map<Integer, Role> byString, PickingHand hand) {

    private static final Set<Role> TWO_FINGERS = Set.of(Role.ROOT_BASS, Role.INDEX, Role.MIDDLE);
    private static final Set<Role> THREE_FINGERS = Set.of(Role.ROOT_BASS, Role.INDEX, Role.MIDDLE, Role.RING);

    public RoleFinder {
        Objects.requireNonNull(hand);
        byString = Map.copyOf(byString);
    }

    /**
     * Finds the fingers of {@code strings}.
     *
     * @param chord the name by which the chord is known
     * @param strings every string plucked, as often as it is
     */
    public static RoleFinder of(Held held, String chord, List<Integer> strings) {
        Map<Integer, Role> two = fingers(held, TWO_FINGERS);
        Map<Integer, Role> three = fingers(held, THREE_FINGERS);
        int root = held.rootString();
        int bassFrom = held.strings() / 2 + 1;
        boolean twoReach = strings.stream().allMatch(string -> string >= bassFrom || two.containsKey(string));
        var byString = new HashMap<>(twoReach ? two : three);
        byString.keySet().retainAll(strings);
        int alternate = mostOften(strings, byString.keySet());
        if (alternate > 0 && root > 0) byString.put(alternate, Role.ALTERNATE_BASS);
        return new RoleFinder(byString, overrides(held, chord, byString));
    }

    /** Fingers that the rule would put elsewhere on this chord are kept where they were written. */
    private static PickingHand overrides(Held held, String chord, Map<Integer, Role> byString) {
        var used = EnumSet.noneOf(Role.class);
        used.addAll(byString.values());
        Fingers usual = Fingers.on(held, chord, used, PickingHand.FOLLOWING);
        PickingHand hand = PickingHand.FOLLOWING;
        for (var entry : byString.entrySet()) {
            int string = usual.at(new Pick.ByRole(entry.getValue())).string();
            if (string != entry.getKey()) hand = hand.withOverride(chord, entry.getValue(), entry.getKey());
        }
        return hand;
    }

    private static Map<Integer, Role> fingers(Held held, Set<Role> used) {
        Fingers usual = Fingers.on(held, "", used, PickingHand.FOLLOWING);
        var byString = new HashMap<Integer, Role>();
        used.stream()
                .sorted()
                .forEach(role ->
                        byString.putIfAbsent(usual.at(new Pick.ByRole(role)).string(), role));
        return byString;
    }

    private static int mostOften(List<Integer> strings, Set<Integer> taken) {
        int found = 0;
        long most = 0;
        for (int string : strings) {
            long often = strings.stream().filter(each -> each == string).count();
            if (!taken.contains(string) && often > most) {
                found = string;
                most = often;
            }
        }
        return found;
    }

    /** {@code pick} as the finger it is for; itself where it is no finger's. */
    public Pick role(Pick pick) {
        return pick instanceof Pick.OnString(int string) && byString.containsKey(string)
                ? new Pick.ByRole(byString.get(string))
                : pick;
    }
}
