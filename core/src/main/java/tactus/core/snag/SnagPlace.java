package tactus.core.snag;

import java.util.Objects;
import tactus.core.pattern.PatternId;
import tactus.core.section.SectionId;

/** Where a snag is, so that one can go there. */
public sealed interface SnagPlace {

    /**
     * A bar of a section.
     *
     * @param bar from 0
     * @param span the index of the chord it is about, from 0
     */
    record InSection(SectionId section, int bar, int span) implements SnagPlace {

        public InSection {
            Objects.requireNonNull(section);
        }

        /** The start of a section. */
        static InSection start(SectionId section) {
            return new InSection(section, 0, 0);
        }
    }

    /**
     * A bar of one pass as it is played.
     *
     * @param use the index of the entry of the running order, from 0
     * @param pass from 1
     * @param span the index of the chord it is about, from 0
     */
    record InUse(int use, int pass, int span) implements SnagPlace {}

    /**
     * A rule.
     *
     * @param index its place among the song's rules as they were written, from 0
     */
    record InRules(int index) implements SnagPlace {}

    /**
     * A slot of a pattern.
     *
     * @param slot from 0
     */
    record InPattern(PatternId pattern, int slot) implements SnagPlace {

        public InPattern {
            Objects.requireNonNull(pattern);
        }
    }

    /**
     * A chord's shape.
     *
     * @param chord its name
     */
    record InChord(String chord) implements SnagPlace {

        public InChord {
            Objects.requireNonNull(chord);
        }
    }

    /** Something about the song as a whole. */
    enum InFacts implements SnagPlace {
        TUNING,
        CAPO,
        LENGTH,
        PLAN
    }
}
