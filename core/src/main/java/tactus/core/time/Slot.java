package tactus.core.time;

/**
 * One place in a grid where a stroke can stand.
 *
 * @param index from 0, through the whole grid
 * @param at the distance from the start of the grid
 * @param length how long the slot is
 * @param bar which bar of the grid it is in, from 0
 * @param inBar the distance from the start of its bar
 * @param startsBeat whether a felt beat starts here
 * @param count how the slot is counted
 */
public record Slot(int index, Length at, Length length, int bar, Length inBar, boolean startsBeat, Count count) {

    public boolean startsBar() {
        return inBar.isZero();
    }
}
