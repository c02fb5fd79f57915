package tactus.core.patterns.picking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Voicing;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Role;
import tactus.core.outside.Table;
import tactus.core.patterns.picking.Plucked.Remark;

/** The rules of picking over every position of the open dataset of guitar fingerings, see {@code LICENSES.txt}. */
class FingersOnDatasetTest {

    private static final Set<Role> ALL = EnumSet.allOf(Role.class);

    private record Position(String text, Held held) {}

    private static List<Position> positions() {
        var positions = new ArrayList<Position>();
        for (String[] row : Table.rows("positions.tsv")) {
            String suffix =
                    Map.of("major", "", "minor", "m", "alt", "(b5)", "7sg", "7").getOrDefault(row[1], row[1]);
            ChordName name = ChordName.parse(row[0] + suffix);
            var held = new Held(Voicing.parse(row[2]), Optional.of(name), Tuning.STANDARD);
            positions.add(new Position(name + " " + row[2], held));
        }
        return positions;
    }

    private static Plucked at(Fingers fingers, Role role) {
        return fingers.at(new Pick.ByRole(role));
    }

    /** The lowest string that sounds the bass note, found anew from the pitches. */
    private static int lowestWithBass(Held held) {
        int bass = held.name().orElseThrow().bass().pitchClass();
        int lowest = 0;
        for (int string = 6; string >= 1; string--) {
            if (held.voicing().fret(string).isEmpty()) continue;
            int sounding = Tuning.STANDARD.string(string).number()
                    + held.voicing().fret(string).getAsInt();
            if (sounding % 12 == bass) return string;
            if (lowest == 0) lowest = string;
        }
        return lowest;
    }

    @Test
    void theThumbTakesTheLowestStringWithTheBassNote() {
        List<Position> positions = positions();
        assertTrue(positions.size() > 600, positions.size() + " positions");
        for (Position position : positions) {
            Fingers fingers = Fingers.on(position.held, "", ALL, PickingHand.FOLLOWING);
            assertEquals(
                    lowestWithBass(position.held), at(fingers, Role.ROOT_BASS).string(), position.text);
        }
    }

    @Test
    void theOtherBassBelongsToTheChordAndLiesBelowTheFingers() {
        for (Position position : positions()) {
            Fingers fingers = Fingers.on(position.held, "", ALL, PickingHand.FOLLOWING);
            Plucked other = at(fingers, Role.ALTERNATE_BASS);
            int sounding = (Tuning.STANDARD.string(other.string()).number() + other.fret()) % 12;
            boolean shared = other.remarks().contains(Remark.SHARED);
            boolean belongs = position.held.name().orElseThrow().pitchClasses().contains(sounding);
            assertTrue(shared || belongs, position.text);
            assertTrue(shared || other.string() > at(fingers, Role.INDEX).string(), position.text);
            assertTrue(shared || other.string() != at(fingers, Role.ROOT_BASS).string(), position.text);
        }
    }

    @Test
    void fingersRiseFromStringToStringAndShareOneOnlyWhereItIsSaid() {
        List<Role> fingers = List.of(Role.INDEX, Role.MIDDLE, Role.RING);
        for (Position position : positions()) {
            Fingers on = Fingers.on(position.held, "", ALL, PickingHand.FOLLOWING);
            for (int i = 1; i < fingers.size(); i++) {
                int lower = at(on, fingers.get(i - 1)).string();
                Plucked higher = at(on, fingers.get(i));
                boolean shared = higher.remarks().contains(Remark.SHARED);
                assertTrue(shared ? higher.string() == lower : higher.string() < lower, position.text);
            }
            assertTrue(at(on, Role.INDEX).string() <= 3, position.text);
        }
    }

    @Test
    void stringsTurnedIntoFingersComeBackAsTheSameStrings() {
        for (Position position : positions()) {
            List<Integer> played = position.held.played().boxed().toList();
            RoleFinder finder = RoleFinder.of(position.held, "C", played);
            var used = EnumSet.noneOf(Role.class);
            used.addAll(finder.byString().values());
            Fingers back = Fingers.on(position.held, "C", used, finder.hand());
            finder.byString().forEach((string, role) -> {
                boolean shared = at(back, role).remarks().contains(Remark.SHARED);
                assertTrue(shared || at(back, role).string() == string, position.text + " " + role + " " + string);
            });
        }
    }
}
