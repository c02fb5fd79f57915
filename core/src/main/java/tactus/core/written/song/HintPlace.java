package tactus.core.written.song;

import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.SectionId;

/** What a hint is about. */
public sealed interface HintPlace {

    /** The song as a whole. */
    record OfSong() implements HintPlace {}

    /** A chord wherever it comes. */
    record OfChord(String chord) implements HintPlace {

        public OfChord {
            Objects.requireNonNull(chord);
        }
    }

    /** The change from one chord to another. */
    record OfChange(String from, String to) implements HintPlace {

        public OfChange {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }
    }

    /** A pattern wherever it is played. */
    record OfPattern(PatternId pattern) implements HintPlace {

        public OfPattern {
            Objects.requireNonNull(pattern);
        }
    }

    /**
     * A stroke of a pattern.
     *
     * @param slot from 0
     */
    record OfStroke(PatternId pattern, int slot) implements HintPlace {

        public OfStroke {
            Objects.requireNonNull(pattern);
        }
    }

    /** A section whenever it is played. */
    record OfSection(SectionId section) implements HintPlace {

        public OfSection {
            Objects.requireNonNull(section);
        }
    }

    /**
     * A bar of a section.
     *
     * @param bar from 1
     */
    record OfBar(SectionId section, int bar) implements HintPlace {

        public OfBar {
            Objects.requireNonNull(section);
        }
    }

    /** The section it is about or lies in; empty if in none. */
    default Optional<SectionId> inSection() {
        return switch (this) {
            case OfSection(SectionId id) -> Optional.of(id);
            case OfBar(SectionId id, int _) -> Optional.of(id);
            default -> Optional.empty();
        };
    }

    /** The pattern it is about or lies in; empty if in none. */
    default Optional<PatternId> inPattern() {
        return switch (this) {
            case OfPattern(PatternId id) -> Optional.of(id);
            case OfStroke(PatternId id, int _) -> Optional.of(id);
            default -> Optional.empty();
        };
    }

    /** The same with chords called otherwise. */
    default HintPlace renamed(UnaryOperator<String> name) {
        return switch (this) {
            case OfChord(String chord) -> new OfChord(name.apply(chord));
            case OfChange(String from, String to) -> new OfChange(name.apply(from), name.apply(to));
            default -> this;
        };
    }
}
