package tactus.core.music.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Cost;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Voicing;

/** Goes through the combinations of frets within the reach of a hand, string by string, position by position. */
final class FretCombinations {

    private static final int HIGHEST_POSITION = 10;
    private static final int WIDEST_POSITION = 6;
    private static final int MOST_SKIPPED = 2;
    private static final int MOST_LINES = 4;
    /** On guitars with many strings only the most promising combinations are kept. */
    private static final int MOST_FOUND = 20_000;

    private static final int KEPT = 4_000;
    /** What a string that is not played costs at least: it is avoided, and the sound is thinner. */
    private static final double LEAST_SILENT = Cost.AVOIDED_BELOW + 1;

    private final Neck neck;
    private final FrettingHand hand;
    private final ChordTones tones;
    private final boolean bassFirst;
    private final int strings;
    private final int[] open;
    private final int fewest;
    private final List<Candidate> found = new ArrayList<>();
    private double worst = Double.MAX_VALUE;

    private final int[] frets;
    private final int[] reachable;
    private final int[] onLine = new int[Voicing.HIGHEST_FRET + 1];
    private int lines;
    private int low;
    private int high;

    /** @param bassFirst whether the bass of the name must sound lowest */
    FretCombinations(Tuning tuning, Neck neck, FrettingHand hand, ChordTones tones, boolean bassFirst) {
        this.neck = neck;
        this.hand = hand;
        this.tones = tones;
        this.bassFirst = bassFirst;
        strings = tuning.strings();
        open = tuning.open().stream()
                .mapToInt(pitch -> pitch.number() + neck.capo())
                .toArray();
        fewest = Math.min(
                strings, Math.max(Integer.bitCount(tones.needed()), Integer.bitCount(tones.whole()) > 2 ? 3 : 2));
        frets = new int[strings];
        reachable = new int[strings + 1];
    }

    /** Every combination, in no order. */
    List<Candidate> all() {
        low = 0;
        high = 0;
        search();
        int last = Math.min(HIGHEST_POSITION, Voicing.HIGHEST_FRET - neck.capo() - WIDEST_POSITION);
        for (low = 1; low <= last; low++) {
            high = low;
            while (high < low + WIDEST_POSITION && neck.between(low, high + 1) <= hand.span()) high++;
            search();
        }
        return found;
    }

    private void search() {
        reachable[strings] = 0;
        for (int string = strings - 1; string >= 0; string--) {
            reachable[string] = reachable[string + 1] | 1 << open[string] % 12;
            for (int fret = Math.max(1, low); fret <= high; fret++)
                reachable[string] |= 1 << (open[string] + fret) % 12;
        }
        string(0, 0, 0, 0, 0);
    }

    /**
     * Tries everything on one string and goes on to the next.
     *
     * @param mask what sounds so far
     * @param played how many strings are played so far
     * @param skipped unplayed strings since the last played one
     * @param gaps unplayed strings between played ones so far
     */
    private void string(int string, int mask, int played, int skipped, int gaps) {
        if (played + strings - string < fewest || (tones.needed() & ~mask & ~reachable[string]) != 0) return;
        if (lines > MOST_LINES || Cost.fingers(lines) + LEAST_SILENT * (string - played) >= worst) return;
        if (string == strings) {
            take(mask);
            return;
        }
        frets[string] = Voicing.NOT_PLAYED;
        string(string + 1, mask, played, played == 0 ? 0 : skipped + 1, gaps);
        int gapsNow = gaps + skipped;
        if (gapsNow > MOST_SKIPPED) return;
        place(string, 0, mask, played, gapsNow);
        for (int fret = Math.max(1, low); fret <= high; fret++) place(string, fret, mask, played, gapsNow);
    }

    private void place(int string, int fret, int mask, int played, int gaps) {
        int tone = (open[string] + fret) % 12;
        if ((tones.allowed() & 1 << tone) == 0 || bassFirst && played == 0 && tone != tones.bass()) return;
        frets[string] = fret;
        if (fret > 0 && onLine[fret]++ == 0) lines++;
        string(string + 1, mask | 1 << tone, played + 1, 0, gaps);
        if (fret > 0 && --onLine[fret] == 0) lines--;
    }

    private void take(int mask) {
        boolean isOwnPosition = low == 0 || onLine[low] > 0;
        if (!isOwnPosition || !tones.fits(mask) || bassFirst && lowestPitch() % 12 != tones.bass()) return;
        double bound = bound(mask);
        if (bound >= worst) return;
        found.add(new Candidate(frets.clone(), mask, bound));
        if (found.size() > MOST_FOUND) keepBest();
    }

    private int lowestPitch() {
        int lowest = Integer.MAX_VALUE;
        for (int i = 0; i < strings; i++) if (frets[i] >= 0) lowest = Math.min(lowest, open[i] + frets[i]);
        return lowest;
    }

    private void keepBest() {
        found.sort(Comparator.comparingDouble(Candidate::bound));
        found.subList(KEPT, found.size()).clear();
        worst = found.getLast().bound();
    }

    /** What the shape costs at least: its fingers, its stretch, its place, the strings left out and the missing notes. */
    private double bound(int mask) {
        int held = 0;
        int highest = 0;
        boolean ringsOpen = false;
        for (int fret : frets) {
            if (fret > 0) held++;
            highest = Math.max(highest, fret);
            ringsOpen |= fret == 0;
        }
        double cost = fingers(lines, held) + tones.cost(mask) + leftOut();
        if (ringsOpen) cost += Cost.mixed(highest);
        if (low == 0) return cost;
        return cost + Cost.stretch(neck.between(low, highest), hand) + Cost.height(low, highest, neck);
    }

    /** A finger for every string, or for every fret line and at least one barre. */
    private static double fingers(int lines, int held) {
        if (held == lines) return Cost.fingers(lines);
        double barred = Cost.fingers(lines) + Cost.barre(2, false);
        return held <= MOST_LINES ? Math.min(Cost.fingers(held), barred) : barred;
    }

    private double leftOut() {
        int silent = 0;
        double cost = 0;
        int first = 0;
        while (frets[first] < 0) first++;
        int last = strings - 1;
        while (frets[last] < 0) last--;
        for (int i = 0; i < strings; i++) {
            if (frets[i] >= 0) continue;
            silent++;
            if (i < first) cost += Cost.AVOIDED_BELOW;
            else if (i > last) cost += frets[i - 1] > 0 ? Cost.AVOIDED_DAMPED : Cost.AVOIDED_ABOVE;
            else cost += frets[i - 1] > 0 || frets[i + 1] > 0 ? Cost.SKIPPED_DAMPED : Cost.SKIPPED_OPEN;
        }
        return cost + Cost.thin(silent, strings);
    }
}
