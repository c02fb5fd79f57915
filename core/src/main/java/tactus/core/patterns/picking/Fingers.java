package tactus.core.patterns.picking;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Role;
import tactus.core.patterns.picking.Plucked.Remark;

/**
 * Where the fingers of a figure go on one chord. The thumb takes the lowest string that carries the bass note, or the
 * alternate bass; the fingers take strings next to each other above them, as the school of the song has it, as far as the
 * figure's fingers leave room (common practice).
 */
public final class Fingers {

    private final Held held;
    private final int tones;
    private final Map<Role, Plucked> found = new EnumMap<>(Role.class);

    private Fingers(Held held) {
        this.held = held;
        tones = held.tones();
    }

    /**
     * Finds the strings of {@code used} fingers.
     *
     * @param chord the name by which {@code hand} knows the chord
     */
    public static Fingers on(Held held, String chord, Set<Role> used, PickingHand hand) {
        var fingers = new Fingers(held);
        for (Role role : used) {
            OptionalInt asked = hand.asked(role, chord);
            if (asked.isPresent()) fingers.put(role, asked.getAsInt(), EnumSet.of(Remark.ASKED));
        }
        fingers.placeThumb(used);
        fingers.placeFingers(used);
        return fingers;
    }

    private void put(Role role, int string, Set<Remark> remarks) {
        found.put(role, plucked(new Pick.ByRole(role), string, remarks));
    }

    private void placeThumb(Set<Role> used) {
        int root = held.rootString();
        if (used.contains(Role.ROOT_BASS) && !found.containsKey(Role.ROOT_BASS)) {
            put(Role.ROOT_BASS, Math.max(root, 1), EnumSet.noneOf(Remark.class));
        }
        if (used.contains(Role.ALTERNATE_BASS) && !found.containsKey(Role.ALTERNATE_BASS)) {
            found.put(Role.ALTERNATE_BASS, new AlternateBass(held, tones, root, lowestFinger(root, span(used))).find());
        }
    }

    /** The string of the lowest finger, counted from the root's string and the number of fingers. */
    private int lowestFinger(int root, int fingers) {
        int highestBass = held.strings() / 2;
        int following = held.school().lowest(root, highestBass, held.strings());
        return Math.max(1, Math.max(following, Math.min(fingers, root - 1)));
    }

    private static List<Role> fingers(Set<Role> used) {
        return used.stream().filter(role -> !role.isThumb()).sorted().toList();
    }

    /** How many strings the fingers span: three for index and ring, though the middle rests. */
    private static int span(Set<Role> used) {
        return fingers(used).stream().mapToInt(Fingers::aboveIndex).max().orElse(0) + 1;
    }

    private static int aboveIndex(Role finger) {
        return finger.ordinal() - Role.INDEX.ordinal();
    }

    private void placeFingers(Set<Role> used) {
        int lowest = lowestFinger(held.rootString(), span(used));
        int last = 0;
        for (Role role : fingers(used)) {
            int string = lowest - aboveIndex(role);
            boolean room = string >= 1 && held.voicing().isPlayed(string);
            boolean shared = !room && last > 0;
            if (shared) string = last;
            string = Math.max(1, string);
            if (!found.containsKey(role)) {
                put(role, string, shared ? EnumSet.of(Remark.SHARED) : EnumSet.noneOf(Remark.class));
            }
            last = string;
        }
    }

    /** What {@code pick} comes to; {@code pick}'s role must be one of the used ones. */
    public Plucked at(Pick pick) {
        return switch (pick) {
            case Pick.ByRole(var role) -> found.get(role);
            case Pick.OnString(int string) -> plucked(pick, string, EnumSet.noneOf(Remark.class));
            case Pick.Fretted(int string, int fret) -> fretted(pick, string, fret);
        };
    }

    private Plucked plucked(Pick pick, int string, Set<Remark> remarks) {
        Set<Remark> seen = EnumSet.noneOf(Remark.class);
        seen.addAll(remarks);
        if (string > held.strings()) {
            seen.add(Remark.NO_STRING);
            return new Plucked(pick, string, 0, seen);
        }
        OptionalInt fret = held.fret(string);
        if (fret.isEmpty()) seen.add(Remark.NOT_PLAYED);
        else if (!belongs(string, fret.getAsInt())) seen.add(Remark.OFF_CHORD);
        return new Plucked(pick, string, fret.orElse(0), seen);
    }

    private boolean belongs(int string, int fret) {
        return held.belongs(string, fret);
    }

    private Plucked fretted(Pick pick, int string, int fret) {
        Set<Remark> seen = EnumSet.noneOf(Remark.class);
        if (string > held.strings()) seen.add(Remark.NO_STRING);
        else if (!belongs(string, fret)) seen.add(Remark.OFF_CHORD);
        return new Plucked(pick, string, fret, seen);
    }
}
