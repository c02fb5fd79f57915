package tactus.core.patterns.placing;

import java.util.List;
import tactus.core.ground.statement.Statement;

/**
 * A slot for every stroke of a dictation.
 *
 * @param slots indices into the grid, one for each stroke, rising
 * @param cost how unlikely it is; the likeliest has the least
 * @param reasons what speaks for it, with its numbers
 */
public record Placement(List<Integer> slots, double cost, List<Statement> reasons) {

    public Placement {
        slots = List.copyOf(slots);
        reasons = List.copyOf(reasons);
    }
}
