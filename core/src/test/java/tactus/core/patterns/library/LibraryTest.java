package tactus.core.patterns.library;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.music.stroke.Stroke;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.rhythm.PatternFacts;

class LibraryTest {

    private static List<String> found(String query) {
        return English.found(query);
    }

    @Test
    void aboutFortyPatternsAreThereAndEachCanBePlayedAsItIsSaid() {
        assertTrue(Library.patterns().size() >= 40);
        var lines = new HashSet<String>();
        for (LibraryPattern each : Library.patterns()) {
            Pattern pattern = each.pattern();
            assertTrue(pattern.played().stream().anyMatch(Stroke::isStruck), pattern.name());
            assertEquals(0, PatternFacts.of(pattern).against(), pattern.name());
            assertTrue(pattern.length().compareTo(pattern.meter().length()) <= 0, pattern.name());
            assertTrue(lines.add(pattern.frame() + pattern.line()), pattern.name() + " is there twice");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "has a miss on 3, has an up on 2&;Miss on three",
                "starts with bass, 3/4;Bass and two brushes",
                "fits in two beats, 4/4;Down, down-up",
                "picking, 6/8;There and back",
                "mute on 2;Muted two and four",
                "up on 1 and, 4/4;Offbeats only",
                "funk, advanced;Funk sixteenths"
            })
    void patternsAreFoundByTheirRhythm(String query, String name) {
        List<String> found = found(query);
        assertTrue(found.contains(name), found.toString());
        assertTrue(found.size() < Library.patterns().size());
    }

    @Test
    void whatIsFoundIsReallySo() {
        assertFalse(found("has a miss on 3").contains("Four downs"));
        assertFalse(found("fits in two beats").contains("Three downs of a waltz"));
        assertEquals(Library.patterns().size(), found("").size());
        assertEquals(List.of(), found("zzz"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"waltz", "rock", "odd"})
    void feelsAreFoundByTheirWord(String feel) {
        assertEquals(
                Library.patterns().stream()
                        .filter(each -> each.feels().contains(feel)
                                || each.pattern()
                                        .name()
                                        .toLowerCase(java.util.Locale.ROOT)
                                        .contains(feel))
                        .count(),
                found(feel).size());
    }
}
