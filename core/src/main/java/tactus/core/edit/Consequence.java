package tactus.core.edit;

import java.util.List;
import java.util.Objects;
import tactus.core.pattern.Pattern;
import tactus.core.section.SectionId;

/** Something that comes of an edit and that a person must be told. */
public sealed interface Consequence {

    /**
     * A pattern is gone, and where it was played nothing is played now.
     *
     * @param sections where it was played, at least one
     */
    record NothingPlayed(Pattern gone, List<SectionId> sections) implements Consequence {
        public NothingPlayed {
            Objects.requireNonNull(gone);
            sections = List.copyOf(sections);
        }
    }

    /**
     * A section is gone with its places in the running order.
     *
     * @param times how often it was played, from 1
     */
    record FewerEntries(String section, int times) implements Consequence {

        public FewerEntries {
            Objects.requireNonNull(section);
        }
    }
}
