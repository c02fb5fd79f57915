package tactus.core.patterns.picking;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalInt;
import java.util.SortedMap;
import java.util.TreeMap;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Role;

/**
 * What a picking figure says about its fingers beyond the rule that they follow the chord.
 *
 * @param fixed fingers that never leave their string, with its number
 * @param byChord for a chord by its name, fingers that the teacher puts on another string there
 */
public record PickingHand(Map<Role, Integer> fixed, SortedMap<String, Map<Role, Integer>> byChord) {

    /** Every finger follows the chord. */
    public static final PickingHand FOLLOWING = new PickingHand(Map.of(), Collections.emptySortedMap());

    /** @throws IllegalArgumentException if a string is outside 1 to 12 */
    public PickingHand {
        fixed = checked(fixed);
        var copied = new TreeMap<String, Map<Role, Integer>>();
        byChord.forEach((chord, strings) -> {
            if (!strings.isEmpty()) copied.put(chord, checked(strings));
        });
        byChord = Collections.unmodifiableSortedMap(copied);
    }

    private static Map<Role, Integer> checked(Map<Role, Integer> strings) {
        strings.values().forEach(Pick.OnString::new);
        var copied = new EnumMap<Role, Integer>(Role.class);
        copied.putAll(strings);
        return Collections.unmodifiableMap(copied);
    }

    /** The string that the teacher has put {@code role} on for {@code chord}, or for all chords; empty if none. */
    OptionalInt asked(Role role, String chord) {
        Integer string = byChord.getOrDefault(chord, Map.of()).get(role);
        if (string == null) string = fixed.get(role);
        return string == null ? OptionalInt.empty() : OptionalInt.of(string);
    }

    /** Whether {@code role} was put on another string for {@code chord}. */
    public boolean isOverridden(Role role, String chord) {
        return byChord.getOrDefault(chord, Map.of()).containsKey(role);
    }

    /** Keeps {@code role} on {@code string} whatever the chord is. */
    public PickingHand withFixed(Role role, int string) {
        return new PickingHand(with(fixed, role, OptionalInt.of(string)), byChord);
    }

    /** Lets {@code role} follow the chord again. */
    public PickingHand withoutFixed(Role role) {
        return new PickingHand(with(fixed, role, OptionalInt.empty()), byChord);
    }

    /** Puts {@code role} on {@code string} for {@code chord}. */
    public PickingHand withOverride(String chord, Role role, int string) {
        return withOverride(chord, role, OptionalInt.of(string));
    }

    /** Takes back where {@code role} was put for {@code chord}. */
    public PickingHand withoutOverride(String chord, Role role) {
        return withOverride(chord, role, OptionalInt.empty());
    }

    private PickingHand withOverride(String chord, Role role, OptionalInt string) {
        var changed = new TreeMap<>(byChord);
        changed.put(chord, with(byChord.getOrDefault(chord, Map.of()), role, string));
        return new PickingHand(fixed, changed);
    }

    private static Map<Role, Integer> with(Map<Role, Integer> strings, Role role, OptionalInt string) {
        var changed = new EnumMap<Role, Integer>(Role.class);
        changed.putAll(strings);
        changed.remove(role);
        string.ifPresent(to -> changed.put(role, to));
        return changed;
    }
}
