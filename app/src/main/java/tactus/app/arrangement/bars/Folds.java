package tactus.app.arrangement.bars;

import java.util.HashSet;
import java.util.Set;

/**
 * Which entries of the running order the teacher showed or hid the bars of, by the number that an entry keeps. Where she did
 * neither, the bars are shown the first time they are played, and while they are worked on.
 */
final class Folds {

    private final Set<Integer> unfolded = new HashSet<>();
    private final Set<Integer> folded = new HashSet<>();

    boolean isOpen(int entry, boolean otherwise) {
        return !folded.contains(entry) && (unfolded.contains(entry) || otherwise);
    }

    /** Hides the bars of an entry that {@code isOpen}, or shows them. */
    void toggle(int entry, boolean isOpen) {
        unfolded.remove(entry);
        folded.remove(entry);
        (isOpen ? folded : unfolded).add(entry);
    }

    void clear() {
        unfolded.clear();
        folded.clear();
    }
}
