package tactus.core.laid.outline;

import java.util.List;

/**
 * What is played over the bars of a block.
 *
 * @param passes the passes that play it, from 1
 * @param ribbons from left to right
 */
public record Lane(List<Integer> passes, List<Ribbon> ribbons) {

    public Lane {
        passes = List.copyOf(passes);
        ribbons = List.copyOf(ribbons);
    }
}
