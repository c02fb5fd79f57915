package tactus.core.music.time;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class CountSchoolTest {

    private static String said(CountSchool school, String meter, int slots) {
        Meter parsed = Meter.parse(meter);
        return Grid.of(parsed, parsed.beats().size(), Division.of(slots)).slots().stream()
                .map(slot -> Counting.said(school, parsed, slot.length(), slot.inBar()))
                .collect(Collectors.joining(" "));
    }

    /** Hoffman, Pelto and White (1996): duple and triple divisions and subdivisions of the beat. */
    @ParameterizedTest
    @CsvSource({
        "2/4, 1, ta ta",
        "2/4, 2, ta di ta di",
        "2/4, 4, ta ka di mi ta ka di mi",
        "2/4, 3, ta ki da ta ki da",
        "6/8, 1, ta ta",
        "6/8, 3, ta ki da ta ki da",
        "6/8, 6, ta va ki di da ma ta va ki di da ma",
        "2+2+3/8, 2, ta di ta di ta ki da"
    })
    void takadimiNamesThePlaceInTheBeat(String meter, int slots, String syllables) {
        assertEquals(syllables, said(CountSchool.TAKADIMI, meter, slots));
    }

    @ParameterizedTest
    @CsvSource({
        "4/4, 2, 1 & 2 & 3 & 4 &",
        "6/8, 3, 1 la li 2 la li",
        "3/4, 3, 1 trip let 2 trip let 3 trip let",
        "2/4, 4, 1 e & a 2 e & a"
    })
    void theBeatSchoolNumbersFeltBeats(String meter, int slots, String counts) {
        assertEquals(counts, said(CountSchool.BEATS, meter, slots));
    }

    @ParameterizedTest
    @EnumSource(CountSchool.class)
    void everySlotOfEveryMeterIsNamed(CountSchool school) {
        for (String meter : List.of("2/4", "3/4", "4/4", "5/4", "6/8", "9/8", "12/8", "7/8", "2+2+3/8", "5/8")) {
            Meter parsed = Meter.parse(meter);
            for (Division division : Division.in(parsed)) {
                for (Slot slot :
                        Grid.of(parsed, parsed.beats().size(), division).slots()) {
                    String said = Counting.said(school, parsed, slot.length(), slot.inBar());
                    assertFalse(said.isBlank(), meter + " " + division + " " + slot);
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void theSyllablesOfABeatAreAllDifferentAndTheSameInEveryBeat(int slots) {
        Meter four = Meter.parse("4/4");
        Map<Integer, Set<String>> byPlace = new HashMap<>();
        for (Slot slot : Grid.of(four, 4, Division.of(slots)).slots()) {
            byPlace.computeIfAbsent(slot.inBeat(), _ -> new HashSet<>())
                    .add(Counting.said(CountSchool.TAKADIMI, four, slot.length(), slot.inBar()));
        }
        var all = new HashSet<String>();
        byPlace.values().forEach(names -> {
            assertEquals(1, names.size());
            all.addAll(names);
        });
        assertEquals(slots, all.size());
    }

    @Test
    void thePlacesOfAPickUpAreNamedAsInAWholeBar() {
        Meter four = Meter.parse("4/4");
        Slot first = Grid.of(four, 1, 4, _ -> Division.TWO).slots().getFirst();
        assertEquals("4", Counting.said(CountSchool.NUMBERS, four, first.length(), first.inBar()));
    }
}
