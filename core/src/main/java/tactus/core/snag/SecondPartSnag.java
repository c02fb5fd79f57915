package tactus.core.snag;

import java.util.List;
import java.util.Objects;
import tactus.core.pattern.PatternId;
import tactus.core.section.SectionId;
import tactus.core.time.Length;

/** What does not fit in the part of a second guitar. */
public sealed interface SecondPartSnag extends Snag {

    /**
     * The figures of the second guitar and the bars do not come out even.
     *
     * @param figures beats that all of them last
     * @param bars beats of the section
     * @param rest beats that get only a part
     */
    record Uneven(SectionId section, List<PatternId> patterns, Length figures, Length bars, Length rest)
            implements SecondPartSnag {

        public Uneven {
            Objects.requireNonNull(bars);
            Objects.requireNonNull(figures);
            Objects.requireNonNull(rest);
            Objects.requireNonNull(section);
            patterns = List.copyOf(patterns);
        }

        @Override
        public Kind kind() {
            return Kind.SECOND_PART_UNEVEN;
        }

        @Override
        public SnagPlace place() {
            return SnagPlace.InSection.start(section);
        }

        @Override
        public List<Object> about() {
            return List.of(section);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("beats-of-figures", figures, "beats-of-bars", bars);
        }
    }

    /**
     * The second guitar is off the chord on first beats.
     *
     * @param bars of the section, from 1
     * @param chord the first chord it is off
     * @param string the string it is on there
     */
    record OffChord(
            SectionId section, PatternId figure, SnagPlace.InUse place, List<Integer> bars, String chord, int string)
            implements SecondPartSnag {

        public OffChord {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(figure);
            Objects.requireNonNull(place);
            Objects.requireNonNull(section);
            bars = List.copyOf(bars);
        }

        @Override
        public Kind kind() {
            return Kind.SECOND_PART_OFF_CHORD;
        }

        @Override
        public List<Object> about() {
            return List.of(section, figure);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("bars", bars.size());
        }
    }
}
