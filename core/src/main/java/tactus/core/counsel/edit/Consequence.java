package tactus.core.counsel.edit;

import java.util.List;
import java.util.Objects;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.section.SectionId;

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
     * Bars followed the song into another meter.
     *
     * @param bars how many, each as it is written
     * @param placed how many patterns were placed anew as they were said
     * @param left the names of those that are still in the meter of before
     */
    record OtherMeter(Meter from, Meter to, int bars, int placed, List<String> left) implements Consequence {

        public OtherMeter {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
            left = List.copyOf(left);
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
