package tactus.core.music.chord;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.pitch.Spelling;

/**
 * Finds what a set of notes may be called. Names that are whole come first, then those whose root lies lowest, then those
 * without their fifth; a name whose root does not sound is the last resort.
 */
public final class Naming {

    private static final int MOST = 8;
    private static final double FOREIGN_BASS = 2.6;
    private static final double PLAIN_ENOUGH = 1.3;
    private static final double DESCRIBED = 20;
    /** How much farther than the best a name may lie and still be worth saying. */
    private static final double FARTHEST = 4;

    private final Spelling spelling;
    private final Key key;

    /** Names are spelled as {@code spelling} and {@code key} say. */
    public Naming(Spelling spelling, Key key) {
        this.spelling = spelling;
        this.key = key;
    }

    /**
     * Returns the names of what sounds, the best first, at most eight.
     *
     * @param pitchClasses the notes, the lowest-sounding first; at least one
     */
    public List<NameGuess> names(List<Integer> pitchClasses) {
        int bass = pitchClasses.getFirst();
        int mask = 0;
        for (int pitchClass : pitchClasses) mask |= 1 << pitchClass;
        var guesses = new ArrayList<NameGuess>();
        for (int root = 0; root < 12; root++) {
            for (NamingTable.Variant variant : NamingTable.of(above(mask, root))) {
                guesses.add(guess(root, bass, variant, variant.cost() + bassCost(variant.quality(), root, bass)));
            }
            int upper = mask & ~(1 << bass);
            if (root != bass && upper != 0) addOverForeignBass(guesses, root, bass, upper);
        }
        if (guesses.stream().allMatch(guess -> guess.missing().contains(Degree.ROOT))) {
            guesses.add(described(bass, above(mask, bass)));
        }
        return best(guesses);
    }

    private static List<NameGuess> best(List<NameGuess> guesses) {
        guesses.sort(Comparator.comparingDouble(NameGuess::cost));
        Map<ChordName, NameGuess> once = new LinkedHashMap<>();
        double limit = guesses.getFirst().cost() + FARTHEST;
        for (NameGuess guess : guesses) if (guess.cost() <= limit) once.putIfAbsent(guess.name(), guess);
        return once.values().stream().limit(MOST).toList();
    }

    /** Turns {@code mask} so that bit 0 is {@code root}. */
    private static int above(int mask, int root) {
        return (mask >>> root | mask << 12 - root) & 0xfff;
    }

    private NameGuess guess(int root, int bass, NamingTable.Variant variant, double cost) {
        NoteName name = spelling.name(root, key);
        return new NameGuess(
                new ChordName(name, variant.quality(), bass(name, bass, variant)), variant.missing(), cost);
    }

    /** A bass that belongs to the chord has its letter from the chord, another one from the key. */
    private NoteName bass(NoteName root, int bass, NamingTable.Variant variant) {
        if (variant.isRootless() || bass == root.pitchClass()) return root;
        for (Degree degree : variant.quality().degrees()) {
            if ((root.pitchClass() + degree.semitones()) % 12 == bass) return plain(degree.above(root));
        }
        return spelling.name(bass, key);
    }

    private static NoteName plain(NoteName note) {
        return Math.abs(note.alter()) > 1 ? note.simplest() : note;
    }

    private static double bassCost(Quality quality, int root, int bass) {
        int interval = Math.floorMod(bass - root, 12);
        if (interval == 0) return 0;
        for (Degree degree : quality.degrees()) {
            if (degree.semitones() != interval) continue;
            if (degree.isFifth()) return 1.8;
            if (degree.isThird()) return 2.0;
            return degree.isSeventh() ? 2.4 : 3.0;
        }
        return 3.0;
    }

    private void addOverForeignBass(List<NameGuess> guesses, int root, int bass, int upper) {
        for (NamingTable.Variant variant : NamingTable.of(above(upper, root))) {
            if (!variant.isWhole()
                    || variant.cost() > PLAIN_ENOUGH
                    || variant.quality().degrees().size() < 3) continue;
            guesses.add(guess(root, bass, variant, variant.cost() + FOREIGN_BASS));
        }
    }

    /** A set that no usual quality fits is described note by note from its lowest. */
    private NameGuess described(int bass, int mask) {
        var degrees = EnumSet.of(Degree.ROOT);
        boolean third = (mask & 1 << 3 | mask & 1 << 4) != 0;
        boolean fifth = (mask & 1 << 7) != 0;
        if ((mask & 1 << 4) != 0) degrees.add(Degree.THREE);
        if ((mask & 1 << 3) != 0) degrees.add(degrees.contains(Degree.THREE) ? Degree.SHARP_NINE : Degree.FLAT_THREE);
        if (fifth) degrees.add(Degree.FIVE);
        boolean seventh = (mask & 3 << 10) != 0;
        if ((mask & 1 << 11) != 0) degrees.add(Degree.SEVEN);
        if ((mask & 1 << 10) != 0) degrees.add(Degree.FLAT_SEVEN);
        if ((mask & 1 << 1) != 0) degrees.add(Degree.FLAT_NINE);
        if ((mask & 1 << 2) != 0) degrees.add(third || seventh ? Degree.NINE : Degree.TWO);
        if ((mask & 1 << 5) != 0) degrees.add(third ? Degree.ELEVEN : Degree.FOUR);
        if ((mask & 1 << 6) != 0) degrees.add(fifth ? Degree.SHARP_ELEVEN : Degree.FLAT_FIVE);
        if ((mask & 1 << 8) != 0)
            degrees.add(fifth || degrees.contains(Degree.FLAT_FIVE) ? Degree.FLAT_THIRTEEN : Degree.SHARP_FIVE);
        if ((mask & 1 << 9) != 0) degrees.add(seventh ? Degree.THIRTEEN : Degree.SIX);
        var quality = new Quality(degrees);
        return new NameGuess(new ChordName(spelling.name(bass, key), quality), Set.of(), DESCRIBED + degrees.size());
    }
}
