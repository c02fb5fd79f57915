package tactus.app.arrangement.section;

import java.util.Optional;
import java.util.OptionalInt;
import tactus.core.written.section.SectionId;

/**
 * What is chosen.
 *
 * @param use the entry of the running order, from 0; empty for a section that is not played
 * @param pass from 1
 * @param span the chord, from 0
 * @param reach the other end of several chords that are chosen together; the same as {@code span} for one
 */
public record Choice(Optional<SectionId> section, OptionalInt use, int pass, int span, int reach) {

    static final Choice NOTHING = new Choice(Optional.empty(), OptionalInt.empty(), 1, 0, 0);

    /** The first of the chosen chords. */
    public int first() {
        return Math.min(span, reach);
    }

    /** The last of them. */
    public int last() {
        return Math.max(span, reach);
    }

    /** Whether more than one chord is chosen. */
    public boolean isSeveral() {
        return span != reach;
    }

    /** Whether the chord with the index {@code other} is among those chosen. */
    public boolean has(int other) {
        return other >= first() && other <= last();
    }

    /** Whether the entry {@code other} is chosen. */
    public boolean isUse(int other) {
        return use.isPresent() && use.getAsInt() == other;
    }

    Choice withPass(int other) {
        return new Choice(section, use, other, span, span);
    }

    Choice reaching(int other) {
        return new Choice(section, use, pass, span, other);
    }

    Choice withSpan(int other) {
        return new Choice(section, use, pass, other, other);
    }

    /** Whether it is about an entry of the running order, or a section that the order does not have. */
    public boolean isAbout(int entry, SectionId other) {
        return use.isPresent() ? isUse(entry) : section.filter(other::equals).isPresent();
    }
}
