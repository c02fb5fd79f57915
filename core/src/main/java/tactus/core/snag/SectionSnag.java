package tactus.core.snag;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.comparison.SideBySide;
import tactus.core.section.Except;
import tactus.core.section.SectionId;
import tactus.core.time.Length;

/** A snag of a section, of a use of it, or of what was planned. */
public sealed interface SectionSnag extends Snag {

    /**
     * The chords do not add up to the bars.
     *
     * @param bar where they end, from 0
     * @param chords how many felt beats they last
     * @param bars how many felt beats the bars have
     */
    record Uneven(SectionId section, int bar, int span, Length chords, int barCount, Length bars, Optional<Fix> fix)
            implements SectionSnag {

        public Uneven {
            Objects.requireNonNull(bars);
            Objects.requireNonNull(chords);
            Objects.requireNonNull(fix);
            Objects.requireNonNull(section);
        }

        @Override
        public Kind kind() {
            return Kind.SPANS_DO_NOT_FILL_BARS;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InSection(section, bar, span);
        }

        @Override
        public List<Object> about() {
            return List.of(section);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("beats-of-chords", chords, "beats-of-bars", bars);
        }
    }

    /** Chords are counted in rounds and no pattern is assigned. */
    record RoundsOfNothing(SectionId section, Optional<Fix> fix) implements SectionSnag {

        public RoundsOfNothing {
            Objects.requireNonNull(fix);
            Objects.requireNonNull(section);
        }

        @Override
        public Kind kind() {
            return Kind.CHORD_WITHOUT_LENGTH;
        }

        @Override
        public SnagPlace place() {
            return SnagPlace.InSection.start(section);
        }

        @Override
        public List<Object> about() {
            return List.of(section);
        }
    }

    /**
     * Nobody has said how long chords last.
     *
     * @param place the first of them
     * @param chords how many
     */
    record LengthsOpen(SnagPlace.InSection place, int chords) implements SectionSnag {

        public LengthsOpen {
            Objects.requireNonNull(place);
        }

        @Override
        public Kind kind() {
            return Kind.CHORD_WITHOUT_LENGTH;
        }

        /** The section they are in. */
        public SectionId section() {
            return place.section();
        }

        @Override
        public List<Object> about() {
            return List.of(section(), "open");
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("chords", chords);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new SectionFix.LastABar(section()));
        }
    }

    /**
     * A chord has no shape.
     *
     * @param place where it comes first
     */
    record NoShape(SnagPlace.InSection place, String chord, Optional<Fix> fix) implements SectionSnag {

        public NoShape {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(fix);
            Objects.requireNonNull(place);
        }

        @Override
        public Kind kind() {
            return Kind.CHORD_WITHOUT_SHAPE;
        }

        /** The section that has it. */
        public SectionId section() {
            return place.section();
        }

        @Override
        public List<Object> about() {
            return List.of(section(), chord);
        }
    }

    /**
     * An exception finds no bars.
     *
     * @param use the index of the entry
     * @param entry its id
     * @param bars how many the section has
     */
    record NoBarsLeft(int use, int entry, SectionId section, int index, Except except, int bars)
            implements SectionSnag {

        public NoBarsLeft {
            Objects.requireNonNull(except);
            Objects.requireNonNull(section);
        }

        @Override
        public Kind kind() {
            return Kind.EXCEPTION_WITHOUT_BARS;
        }

        @Override
        public SnagPlace place() {
            return new SnagPlace.InUse(use, 1, 0);
        }

        @Override
        public List<Object> about() {
            return List.of(entry, index);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("bars", bars);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new SectionFix.TakeBack(entry, index));
        }
    }

    /**
     * Two sections are called the same and differ.
     *
     * @param first where they first differ
     * @param places in how many places they do
     * @param fresh a name that no section has
     */
    record SameName(SectionId section, SectionId other, SideBySide.Line first, int places, String fresh)
            implements SectionSnag {

        public SameName {
            Objects.requireNonNull(first);
            Objects.requireNonNull(fresh);
            Objects.requireNonNull(other);
            Objects.requireNonNull(section);
        }

        @Override
        public Kind kind() {
            return Kind.SAME_NAME_OTHER_BARS;
        }

        @Override
        public SnagPlace place() {
            return SnagPlace.InSection.start(section);
        }

        @Override
        public List<Object> about() {
            return List.of(section, other);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("places", places);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new SectionFix.Rename(section, fresh));
        }
    }

    /**
     * A section differs from a sibling in one place, and in its length by that.
     *
     * @param place where it begins to differ
     * @param line the place
     */
    record UnlikeSibling(
            SnagPlace.InSection place,
            SectionId sibling,
            SideBySide.Line line,
            int bars,
            int siblingBars,
            Optional<Fix> fix)
            implements SectionSnag {

        public UnlikeSibling {
            Objects.requireNonNull(fix);
            Objects.requireNonNull(line);
            Objects.requireNonNull(place);
            Objects.requireNonNull(sibling);
        }

        @Override
        public Kind kind() {
            return Kind.LENGTH_UNLIKE_SIBLING;
        }

        /** The one that differs. */
        public SectionId section() {
            return place.section();
        }

        @Override
        public List<Object> about() {
            return List.of(section(), sibling);
        }

        @Override
        public List<Number> numbers() {
            return Snag.numbers("bars-of-sibling", siblingBars, "bars", bars);
        }
    }

    /**
     * A section has an odd number of bars in a song whose others come in fours.
     *
     * @param others how many others do
     * @param nearest the nearest length that comes in fours
     * @param likeliest the chord whose length is likeliest wrong
     */
    record OddLength(SectionId section, int bars, int others, int nearest, List<SideBySide.Held> likeliest)
            implements SectionSnag {

        public OddLength {
            likeliest = List.copyOf(likeliest);
            Objects.requireNonNull(section);
        }

        @Override
        public Kind kind() {
            return Kind.LENGTH_ODD;
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
            return Snag.numbers("bars", bars);
        }
    }

    /**
     * A part was planned and is not played.
     *
     * @param isWritten whether there is a section called that
     */
    record NotThere(String part, boolean isWritten) implements SectionSnag {

        public NotThere {
            Objects.requireNonNull(part);
        }

        @Override
        public Kind kind() {
            return Kind.PLANNED_PART_MISSING;
        }

        @Override
        public SnagPlace place() {
            return SnagPlace.InFacts.PLAN;
        }

        @Override
        public List<Object> about() {
            return List.of(part);
        }

        @Override
        public Optional<Fix> fix() {
            return Optional.of(new SectionFix.TakeOffPlan(part));
        }
    }
}
