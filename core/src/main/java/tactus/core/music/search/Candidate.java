package tactus.core.music.search;

import java.util.ArrayList;
import tactus.core.music.shape.Voicing;

/**
 * Frets that sound a chord, before it is known whether a hand can hold them.
 *
 * @param frets from the lowest-sounding string
 * @param mask the pitch classes that sound
 * @param bound what holding them costs at least
 */
record Candidate(int[] frets, int mask, double bound) {

    boolean holdsEveryString() {
        for (int fret : frets) if (fret <= 0) return false;
        return true;
    }

    Voicing voicing() {
        var list = new ArrayList<Integer>(frets.length);
        for (int fret : frets) list.add(fret);
        return new Voicing(list);
    }
}
