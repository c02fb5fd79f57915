package tactus.core.music.search;

import java.util.EnumSet;
import java.util.Set;
import tactus.core.music.chord.ChordName;
import tactus.core.music.chord.Degree;

/** The notes of a name as sets of pitch classes: what must sound, what may be missing, what may be there besides. */
final class ChordTones {

    /** A fifth is hardly missed, a ninth is (common practice). */
    private static final double NO_FIFTH = 1.5;

    private static final double MISSING = 3.5;

    private static final double EXTRA = 2;

    private final ChordName name;
    private final int whole;
    private final int needed;
    private final int allowed;
    private final int fifth;

    private ChordTones(ChordName name, Set<Degree> needless, boolean needsBass) {
        this.name = name;
        int bass = 1 << name.bass().pitchClass();
        whole = mask(name.quality().degrees()) | bass;
        int kept = needsBass ? bass : 0;
        needed = whole & ~(mask(needless) & ~kept) & ~(needsBass || !name.isSlash() ? 0 : bass);
        fifth = 1 << (name.root().pitchClass() + Degree.FIVE.semitones()) % 12;
        allowed = whole | mask(name.quality().tolerated());
    }

    /** The notes of {@code name}, with its bass; what is dispensable may be missing. */
    static ChordTones of(ChordName name) {
        return new ChordTones(name, name.quality().dispensable(), true);
    }

    /** What a stand-in keeps: the root, the third or what replaces it, the seventh, and what is altered. */
    static ChordTones kept(ChordName name) {
        var needless = EnumSet.of(Degree.FIVE, Degree.NINE, Degree.ELEVEN, Degree.THIRTEEN, Degree.SIX);
        if (name.quality().degrees().stream().noneMatch(Degree::isThird)) needless.remove(Degree.FIVE);
        return new ChordTones(name, needless, false);
    }

    private int mask(Set<Degree> degrees) {
        int mask = 0;
        for (Degree degree : degrees) mask |= 1 << (name.root().pitchClass() + degree.semitones()) % 12;
        return mask;
    }

    int bass() {
        return name.bass().pitchClass();
    }

    int needed() {
        return needed;
    }

    int allowed() {
        return allowed;
    }

    boolean isWhole(int mask) {
        return (mask & whole) == whole;
    }

    /** Whether everything is there that the name asks for or allows, but for the fifth. */
    boolean isFull(int mask) {
        return ((mask | fifth) & allowed) == allowed;
    }

    boolean fits(int mask) {
        return (mask & needed) == needed && (mask & ~allowed) == 0;
    }

    /** How many notes are missing or there besides. */
    int incomplete(int mask) {
        return Integer.bitCount(whole ^ mask);
    }

    double cost(int mask) {
        int missing = whole & ~mask;
        int others = Integer.bitCount(missing & ~fifth);
        double lost = MISSING * others + (missing == 0 || others == Integer.bitCount(missing) ? 0 : NO_FIFTH);
        return lost + EXTRA * Integer.bitCount(mask & ~whole);
    }

    Set<Degree> missing(int mask) {
        var missing = EnumSet.noneOf(Degree.class);
        for (Degree degree : name.quality().degrees()) {
            if ((mask & 1 << (name.root().pitchClass() + degree.semitones()) % 12) == 0) missing.add(degree);
        }
        return missing;
    }

    /** Every note of the name, with its bass. */
    int whole() {
        return whole;
    }
}
