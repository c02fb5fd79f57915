package tactus.core.music.time;

import java.util.Objects;

/**
 * One place in a grid where a stroke can stand.
 *
 * @param index from 0, through the whole grid
 * @param at the distance from the start of the grid
 * @param length how long the slot is
 * @param beat which felt beat of the grid it is in, from 0
 * @param inBeat which slot of that beat it is, from 0
 * @param bar which bar of the grid it is in, from 0; -1 in front of the first bar line
 * @param inBar the distance from the start of its bar
 * @param count how the slot is counted
 */
public record Slot(int index, Length at, Length length, int beat, int inBeat, int bar, Length inBar, Count count) {

    public Slot {
        Objects.requireNonNull(at);
        Objects.requireNonNull(count);
        Objects.requireNonNull(inBar);
        Objects.requireNonNull(length);
    }

    /** Whether a felt beat starts here. */
    public boolean startsBeat() {
        return inBeat == 0;
    }

    /** Whether a bar begins with it. */
    public boolean startsBar() {
        return inBar.isZero();
    }
}
