package tactus.core.dictation;

import java.util.List;
import java.util.Objects;
import tactus.core.time.Slot;

/**
 * The one question that splits the placements best: is the second up on 2& or on 3&?
 *
 * @param stroke the stroke it is about, from 0
 * @param asked the same stroke as it was said
 * @param nth which of the strokes said alike it is, from 1
 * @param earlier the slots of the earlier answer, in order
 * @param later those of the later one
 * @param bars how many bars there are
 */
public record Question(int stroke, SpokenStroke asked, int nth, List<Slot> earlier, List<Slot> later, int bars) {

    public Question {
        Objects.requireNonNull(asked);
        earlier = List.copyOf(earlier);
        later = List.copyOf(later);
    }

    /** The last slot of the earlier answer; the later one begins behind it. */
    public int lastEarlier() {
        return earlier.getLast().index();
    }
}
