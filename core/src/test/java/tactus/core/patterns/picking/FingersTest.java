package tactus.core.patterns.picking;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Voicing;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Role;
import tactus.core.patterns.picking.Plucked.Remark;

/** Where thumb and fingers go, as fingerpicking is taught (common practice). */
class FingersTest {

    private static final Set<Role> ALL = EnumSet.allOf(Role.class);
    private static final Set<Role> TWO = EnumSet.of(Role.ROOT_BASS, Role.ALTERNATE_BASS, Role.INDEX, Role.MIDDLE);

    private static Held held(String shape, String name, String tuning) {
        return new Held(Voicing.parse(shape), Optional.of(ChordName.parse(name)), Tuning.parse(tuning));
    }

    private static Held held(String shape, String name) {
        return held(shape, name, "E2 A2 D3 G3 B3 E4");
    }

    private static String strings(Held held, Set<Role> used) {
        Fingers fingers = Fingers.on(held, "", used, PickingHand.FOLLOWING);
        return used.stream()
                .sorted()
                .map(role -> fingers.at(new Pick.ByRole(role)).string())
                .map(String::valueOf)
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource({
        "320003, G, 6 4 3 2 1",
        "x32010, C, 5 4 3 2 1",
        "x02210, Am, 5 4 3 2 1",
        "022000, Em, 6 5 3 2 1",
        "022100, E, 6 5 3 2 1",
        "x20003, G/B, 5 4 3 2 1",
        "133211, F, 6 5 3 2 1",
        "xx0232, D, 4 5 3 2 1"
    })
    void threeFingersTakeTheTrebleStringsAndTheThumbTheBass(String shape, String name, String strings) {
        assertEquals(strings, strings(held(shape, name), ALL));
    }

    @ParameterizedTest
    @CsvSource({
        "x32010, C, 5 4 3 2",
        "320003, G, 6 4 3 2",
        "xx0232, D, 4 3 2 1",
        "xx0231, Dm, 4 3 2 1",
        "xx3211, F, 4 3 2 1"
    })
    void aFigureOfTwoFingersMovesUpOneStringWhereTheRootIsOnStringFour(String shape, String name, String strings) {
        assertEquals(strings, strings(held(shape, name), TWO));
    }

    /** The main schools (common practice): 4 3 2 on a root on string 6, or the fingers at home on 3 2 1. */
    @ParameterizedTest
    @CsvSource({
        "320003, G, LOW_ON_SIX, 6 5 4 3 2, 6 5 4 3",
        "133211, F, LOW_ON_SIX, 6 5 4 3 2, 6 5 4 3",
        "022000, Em, LOW_ON_SIX, 6 5 4 3 2, 6 5 4 3",
        "x32010, C, LOW_ON_SIX, 5 4 3 2 1, 5 4 3 2",
        "xx0232, D, LOW_ON_SIX, 4 5 3 2 1, 4 3 2 1",
        "320003, G, STAYING, 6 4 3 2 1, 6 4 3 2",
        "xx0232, D, STAYING, 4 5 3 2 1, 4 5 3 2",
        "xx0231, Dm, STAYING, 4 5 3 2 1, 4 5 3 2"
    })
    void theSchoolSaysWhichStringsTheFingersTake(
            String shape, String name, FingerSchool school, String three, String two) {
        assertEquals(three, strings(held(shape, name).with(school), ALL));
        assertEquals(two, strings(held(shape, name).with(school), TWO));
    }

    @ParameterizedTest
    @CsvSource({"000232, D, D2 A2 D3 G3 B3 E4, 6", "002220, D, D2 A2 D3 F#3 A3 D4, 6", "xx0232, D, E2 A2 D3 G3 B3 E4, 4"
    })
    void theRootIsFoundInAnyTuning(String shape, String name, String tuning, int root) {
        assertEquals(root, held(shape, name, tuning).rootString());
    }

    @Test
    void aFingerMovesForAnAlternateBassWhereNoOtherStringHasOne() {
        // The root's finger goes over to F sharp, the fifth of B, beside it.
        Fingers fingers = Fingers.on(held("x2x202", "B7"), "B7", ALL, PickingHand.FOLLOWING);
        Plucked bass = fingers.at(new Pick.ByRole(Role.ALTERNATE_BASS));
        assertEquals(6, bass.string());
        assertEquals(2, bass.fret());
        assertEquals(Set.of(Remark.FINGER_MOVES), bass.remarks());
    }

    @Test
    void aFigureShrinksWhereTheChordHasFewerStrings() {
        Fingers fingers = Fingers.on(held("xx023x", "Dsus4"), "", ALL, PickingHand.FOLLOWING);
        Plucked ring = fingers.at(new Pick.ByRole(Role.RING));
        assertEquals(2, ring.string());
        assertEquals(Set.of(Remark.SHARED), ring.remarks());
    }

    @Test
    void fixedFingersStayAndOverridesHoldForOneChord() {
        PickingHand hand = PickingHand.FOLLOWING.withFixed(Role.INDEX, 3).withOverride("D", Role.ROOT_BASS, 5);
        Fingers onD = Fingers.on(held("xx0232", "D"), "D", TWO, hand);
        assertEquals(3, onD.at(new Pick.ByRole(Role.INDEX)).string());
        assertEquals(5, onD.at(new Pick.ByRole(Role.ROOT_BASS)).string());
        assertEquals(1, onD.at(new Pick.ByRole(Role.MIDDLE)).string());
        Fingers onC = Fingers.on(held("x32010", "C"), "C", TWO, hand);
        assertEquals(5, onC.at(new Pick.ByRole(Role.ROOT_BASS)).string());
        assertEquals(PickingHand.FOLLOWING.withFixed(Role.INDEX, 3), hand.withoutOverride("D", Role.ROOT_BASS));
    }

    @Test
    void deadStringsNotesOffTheChordAndMissingStringsAreMarked() {
        Fingers fingers = Fingers.on(held("xx0232", "D"), "D", Set.of(), PickingHand.FOLLOWING);
        assertEquals(Set.of(Remark.NOT_PLAYED), fingers.at(new Pick.OnString(6)).remarks());
        assertEquals(Set.of(Remark.NO_STRING), fingers.at(new Pick.OnString(7)).remarks());
        assertEquals(
                Set.of(Remark.OFF_CHORD), fingers.at(new Pick.Fretted(1, 3)).remarks());
        assertEquals(Set.of(), fingers.at(new Pick.Fretted(1, 2)).remarks());
    }

    @ParameterizedTest
    @CsvSource({
        "x32010, C, 5 3 2 3 1 3 2 3, p i m i a i m i",
        "x32010, C, 5 3 4 2, p i q m",
        "320003, G, 6 3 4 2, p i q m",
        "xx0232, D, 4 2 3 1, p m i a",
        "022100, E, 6 4 3 2, p q i m"
    })
    void stringsBecomeFingersByTheChordTheyWereWrittenFor(String shape, String name, String strings, String roles) {
        Held held = held(shape, name);
        List<Integer> plucked =
                List.of(strings.split(" ")).stream().map(Integer::valueOf).toList();
        RoleFinder finder = RoleFinder.of(held, name, plucked);
        List<Pick> found = plucked.stream()
                .map(string -> finder.role(new Pick.OnString(string)))
                .toList();
        assertEquals(
                roles,
                found.stream()
                        .map(pick -> pick instanceof Pick.ByRole(Role role) ? String.valueOf(role.letter()) : "-")
                        .collect(Collectors.joining(" ")));
        var used = EnumSet.noneOf(Role.class);
        found.forEach(pick -> used.add(((Pick.ByRole) pick).role()));
        Fingers back = Fingers.on(held, name, used, finder.hand());
        assertEquals(plucked, found.stream().map(pick -> back.at(pick).string()).toList());
    }
}
