package tactus.core.music.chord;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.pitch.Spelling;
import tactus.core.outside.Table;

class NamingTest {

    private static final Naming NAMING = new Naming(Spelling.BY_KEY, Key.parse("C"));
    private static final int[] OPEN = {40, 45, 50, 55, 59, 64};

    /** How often the first name was the dataset's, or one with the same notes. */
    private static final class Tally {
        int asked;
        int right;

        void count(boolean hit) {
            asked++;
            if (hit) right++;
        }

        double share() {
            return (double) right / asked;
        }
    }

    /**
     * The sample of the chord dataset: positions with exactly the notes of their name, and those without the fifth. A
     * plain name there says nothing of the bass.
     */
    @Test
    void shapesOfTheDatasetAreCalledWhatItCallsThem() {
        var rootLowest = new Tally();
        var all = new Tally();
        var noFifth = new Tally();
        for (String[] row : Table.rows("positions.tsv")) {
            ChordName name = ChordName.parse(row[0] + suffix(row[1]));
            List<Integer> sounding = sounding(row[2]);
            Set<Integer> notes = new HashSet<>(sounding);
            Set<Integer> whole = new HashSet<>(name.pitchClasses());
            Set<Integer> fifthless = new HashSet<>(whole);
            fifthless.remove((name.root().pitchClass() + 7) % 12);
            ChordName first = NAMING.names(sounding).getFirst().name();
            boolean hit = first.root().pitchClass() == name.root().pitchClass()
                            && first.quality().equals(name.quality())
                    || new HashSet<>(first.pitchClasses()).equals(notes);
            if (notes.equals(whole)) all.count(hit);
            if (notes.equals(whole) && sounding.getFirst() == name.bass().pitchClass()) rootLowest.count(hit);
            if (notes.equals(fifthless)) noFifth.count(hit);
        }
        assertTrue(all.asked > 500 && noFifth.asked > 60, all.asked + " and " + noFifth.asked);
        assertTrue(rootLowest.share() >= 0.99, "root lowest " + rootLowest.share());
        assertTrue(all.share() >= 0.95, "all " + all.share());
        assertTrue(noFifth.share() >= 0.80, "without the fifth " + noFifth.share());
    }

    /** Names of the dataset's own: its "alt" is a major triad with a flat fifth, its "7sg" a dominant seventh. */
    private static String suffix(String suffix) {
        return Map.of("major", "", "minor", "m", "alt", "(b5)", "7sg", "7").getOrDefault(suffix, suffix);
    }

    private static List<Integer> sounding(String frets) {
        String[] parts = frets.split("-");
        var pitches = new TreeSet<Integer>();
        for (int i = 0; i < parts.length; i++) {
            if (!parts[i].equals("x")) pitches.add(OPEN[i] + Integer.parseInt(parts[i]));
        }
        return pitches.stream().map(pitch -> pitch % 12).distinct().toList();
    }

    /** What teachers call these (common practice). */
    @ParameterizedTest
    @CsvSource({
        "C E G, C",
        "E G C, C/E",
        "C E A, Am/C",
        "A C E G, Am7",
        "C E G A, C6",
        "C F# A D, D/C",
        "G A C E, Am/G",
        "E B, E5",
        "C E Bb, C7",
        "D G A, Dsus4",
        "B D F A, Bm7b5",
        "C Eb F# A, Cdim7"
    })
    void theFirstNameIsTheOneTeachersUse(String notes, String name) {
        assertEquals(name, first(notes).name().toString());
    }

    private static NameGuess first(String notes) {
        return NAMING.names(classes(notes)).getFirst();
    }

    private static List<Integer> classes(String notes) {
        return Arrays.stream(notes.split(" "))
                .map(NoteName::parse)
                .map(NoteName::pitchClass)
                .toList();
    }

    @Test
    void eachNameSaysWhy() {
        assertEquals("[name.whole, name.root-lowest]", first("C E G").reasons().toString());
        assertEquals(
                "[name.left-out [1, [FIVE]], name.root-lowest]",
                first("C E Bb").reasons().toString());
        assertEquals(
                "[name.whole, name.degree-lowest [E, THREE]]",
                first("E G C").reasons().toString());
    }

    @Test
    void aRootlessNameIsTheLastResort() {
        List<NameGuess> guesses = NAMING.names(classes("E G B"));
        assertEquals("Em", guesses.getFirst().name().toString());
        assertTrue(guesses.stream().noneMatch(guess -> guess.missing().contains(Degree.ROOT)));
    }

    @Test
    void whateverSoundsHasANameWithItsNotes() {
        for (int mask = 1; mask < 4096; mask++) {
            var classes = new TreeSet<Integer>();
            for (int bit = 0; bit < 12; bit++) if ((mask & 1 << bit) != 0) classes.add(bit);
            List<NameGuess> guesses = NAMING.names(List.copyOf(classes));
            assertFalse(guesses.isEmpty());
            for (NameGuess guess : guesses) {
                ChordName name = guess.name();
                assertTrue(classes.stream().allMatch(name::has), name + " for " + classes);
                var silent = new HashSet<>(name.pitchClasses());
                silent.removeAll(classes);
                assertEquals(guess.missing().size(), silent.size(), name + " for " + classes);
                assertEquals(name, ChordName.parse(name.toString()), name.toString());
            }
        }
    }

    @Test
    void rootsFollowTheKey() {
        assertEquals(
                "Bb",
                new Naming(Spelling.BY_KEY, Key.parse("F"))
                        .names(List.of(10, 2, 5))
                        .getFirst()
                        .name()
                        .toString());
        assertEquals(
                "A#",
                new Naming(Spelling.SHARPS, Key.parse("F"))
                        .names(List.of(10, 2, 5))
                        .getFirst()
                        .name()
                        .toString());
    }
}
