package tactus.core.counsel.snag;

import java.util.Objects;
import tactus.core.ground.statement.Statement;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.Where;
import tactus.core.written.section.SectionId;

/** Where a snag is, so that one can go there. */
public sealed interface SnagPlace {

    /**
     * A bar of a section.
     *
     * @param index from 0
     */
    record Bar(int index) {

        @Override
        public String toString() {
            return Integer.toString(index);
        }
    }

    /**
     * A chord of a section.
     *
     * @param index from 0
     */
    record Chord(int index) {

        @Override
        public String toString() {
            return Integer.toString(index);
        }
    }

    /**
     * An entry of the running order.
     *
     * @param index from 0
     */
    record Entry(int index) {

        @Override
        public String toString() {
            return Integer.toString(index);
        }
    }

    /**
     * A time round.
     *
     * @param number from 1
     */
    record Pass(int number) {

        @Override
        public String toString() {
            return Integer.toString(number);
        }
    }

    /** The place as it is said, unless something nearer is known. */
    Statement said();

    /**
     * A bar of a section.
     *
     * @param span the chord it is about
     */
    record InSection(SectionId section, Bar bar, Chord span) implements SnagPlace {

        public InSection {
            Objects.requireNonNull(bar);
            Objects.requireNonNull(span);
            Objects.requireNonNull(section);
        }

        @Override
        public Statement said() {
            return Statement.of("where.bar", section, bar.index + 1);
        }

        /** The start of a section. */
        public static InSection start(SectionId section) {
            return new InSection(section, new Bar(0), new Chord(0));
        }
    }

    /**
     * A bar of one pass as it is played.
     *
     * @param span the chord it is about
     */
    record InUse(Entry use, Pass pass, Chord span) implements SnagPlace {

        public InUse {
            Objects.requireNonNull(pass);
            Objects.requireNonNull(span);
            Objects.requireNonNull(use);
        }

        /** The chord with the index {@code span} on the time round {@code pass}, from 1, of the entry with the index {@code use}. */
        public static InUse at(int use, int pass, int span) {
            return new InUse(new Entry(use), new Pass(pass), new Chord(span));
        }

        @Override
        public Statement said() {
            return Statement.of("where.name", this);
        }
    }

    /**
     * A rule.
     *
     * @param index its place among the song's rules as they were written, from 0
     * @param where what it speaks of
     */
    record InRules(int index, Where where) implements SnagPlace {

        public InRules {
            Objects.requireNonNull(where);
        }

        @Override
        public Statement said() {
            return Statement.of("where.name", where);
        }
    }

    /**
     * A slot of a pattern.
     *
     * @param slot from 0
     */
    record InPattern(PatternId pattern, int slot) implements SnagPlace {

        public InPattern {
            Objects.requireNonNull(pattern);
        }

        @Override
        public Statement said() {
            return Statement.of("where.name", pattern);
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

        @Override
        public Statement said() {
            return Statement.of("where.chord", chord);
        }
    }

    /** Something about the song as a whole. */
    enum InFacts implements SnagPlace {
        TUNING("where.tuning"),
        CAPO("where.capo"),
        LENGTH("where.length"),
        PLAN("where.note");

        private final String code;

        InFacts(String code) {
            this.code = code;
        }

        @Override
        public Statement said() {
            return Statement.of(code);
        }
    }
}
