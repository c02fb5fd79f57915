package tactus.core.patterns.placing;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.Slot;
import tactus.core.patterns.dictation.Doubt;
import tactus.core.patterns.dictation.SpokenStroke;

/** The one question that splits the placements best. */
public sealed interface Question {

    /**
     * Where a stroke falls: is the second up on 2& or on 3&?
     *
     * @param stroke the stroke it is about, from 0
     * @param asked the same stroke as it was said
     * @param nth which of the strokes said alike it is, from 1
     * @param earlier the slots of the earlier answer, in order
     * @param later those of the later one
     * @param bars how many bars there are
     */
    record OfPlace(int stroke, SpokenStroke asked, int nth, List<Slot> earlier, List<Slot> later, int bars)
            implements Question {

        public OfPlace {
            Objects.requireNonNull(asked);
            earlier = List.copyOf(earlier);
            later = List.copyOf(later);
        }

        /** The last slot of the earlier answer; the later one begins behind it. */
        public int lastEarlier() {
            return earlier.getLast().index();
        }
    }

    /**
     * What was meant: is {@code mute down} one stroke or two, is it one bar or two?
     *
     * @param asked the question
     * @param doubt what of the way one speaks is asked about; empty where it is asked of the strokes
     * @param first how it falls if the first is meant
     * @param second how it falls if the second is
     */
    record OfMeaning(Statement asked, Optional<Doubt> doubt, Placing first, Placing second) implements Question {

        public OfMeaning {
            Objects.requireNonNull(asked);
            Objects.requireNonNull(doubt);
            Objects.requireNonNull(first);
            Objects.requireNonNull(second);
        }
    }
}
