package tactus.core.snag;

import tactus.core.pattern.PatternId;
import tactus.core.section.SectionId;

/** Where a snag is, so that one can go there. */
public sealed interface Place {

    /**
     * A bar of a section.
     *
     * @param bar from 0
     * @param span the index of the chord it is about, from 0
     */
    record InSection(SectionId section, int bar, int span) implements Place {}

    /**
     * A bar of one pass as it is played.
     *
     * @param use the index of the entry of the running order, from 0
     * @param pass from 1
     * @param span the index of the chord it is about, from 0
     */
    record InUse(int use, int pass, int span) implements Place {}

    /**
     * A rule.
     *
     * @param index its place among the song's rules as they were written, from 0
     */
    record InRules(int index) implements Place {}

    /**
     * A slot of a pattern.
     *
     * @param slot from 0
     */
    record InPattern(PatternId pattern, int slot) implements Place {}

    /**
     * A chord's shape.
     *
     * @param chord its name
     */
    record InChord(String chord) implements Place {}

    /** The song's facts. */
    record InFacts() implements Place {}
}
