package tactus.core.music.search;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tactus.core.ground.statement.Statement;
import tactus.core.music.chord.ChordName;
import tactus.core.music.chord.Degree;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.Effort;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Shape;
import tactus.core.music.shape.Voicing;

/**
 * An easier shape for a chord that is still too hard. It keeps the root, the third and the seventh if there is one.
 *
 * @param givenUp what it gives up against the shape it stands in for
 */
public record StandIn(Shape shape, Statement givenUp) {

    public StandIn {
        Objects.requireNonNull(givenUp);
        Objects.requireNonNull(shape);
    }

    /** How much less the hand must pay for a stand-in to be worth learning. */
    private static final double WORTH = 4;
    /** What it is worth that the fingers already know their places, and that the bass stays. */
    private static final double FAMILIAR = 4;

    private static final double OTHER_BASS = 3;
    /** The fewest strings of a small form. */
    private static final int SMALL = 4;
    /** So many strings carry a chord of three notes. */
    private static final int HIGH = 3;

    /**
     * Finds the best stand-in for {@code voicing} as {@code name}; empty if nothing is easier.
     *
     * @param name of the shape as it is held: a capo changes what it sounds as, and never its name
     * @param neck where it is held, behind the capo
     */
    public static Optional<StandIn> of(ChordName name, Voicing voicing, Tuning tuning, Neck neck, FrettingHand hand) {
        return new Search(name, voicing, tuning, neck, hand).best();
    }

    /**
     * The small form of {@code voicing}: strings left out at its edges, four at least left, where that is easier ({@code xx3211}
     * of {@code 133211}; common practice).
     */
    public static Optional<Shape> small(ChordName name, Voicing voicing, Tuning tuning, Neck neck, FrettingHand hand) {
        return new Search(name, voicing, tuning, neck, hand).small();
    }

    /**
     * What is left of {@code voicing} on the three highest strings, if one finger holds it and no note of the chord is missing:
     * {@code xxx111} of {@code 133111} (common practice for a first lesson).
     */
    public static Optional<Shape> underOneFinger(
            ChordName name, Voicing voicing, Tuning tuning, Neck neck, FrettingHand hand) {
        return new Search(name, voicing, tuning, neck, hand).underOneFinger();
    }

    private record Search(ChordName name, Voicing voicing, Tuning tuning, Neck neck, FrettingHand hand) {

        private double held() {
            return Grip.of(voicing, neck, hand)
                    .map(grip -> grip.effort(neck, hand).handCost())
                    .orElse(Double.MAX_VALUE);
        }

        Optional<Shape> small() {
            var tones = ChordTones.kept(name);
            return parts().filter(part -> tones.fits(part.mask())
                            && part.voicing().pitches(tuning, 0).size() >= SMALL)
                    .flatMap(part -> shape(part, tones).stream())
                    .filter(shape -> shape.effort().handCost() < held())
                    .min(Comparator.comparingDouble(shape -> shape.effort().handCost()));
        }

        Optional<Shape> underOneFinger() {
            int strings = voicing.strings();
            var tones = ChordTones.kept(name);
            return Optional.of(part(strings - HIGH, strings))
                    .filter(part -> tones.fits(part.mask()))
                    .flatMap(part -> shape(part, tones))
                    .filter(shape -> shape.voicing().pitches(tuning, 0).size() == HIGH
                            && shape.missing().isEmpty()
                            && shape.grip().fingering().used().size() == 1);
        }

        Optional<StandIn> best() {
            double held = held();
            var tones = ChordTones.kept(name);
            Stream<Candidate> parts = parts().filter(part -> tones.fits(part.mask()));
            Stream<Candidate> others = new FretCombinations(tuning, neck.withCapo(0), hand, tones, false)
                    .all().stream().filter(candidate -> candidate.bound() < held);
            return Stream.concat(parts, others)
                    .flatMap(candidate -> shape(candidate, tones).stream())
                    .filter(shape -> shape.effort().handCost() <= held - WORTH)
                    .min(Comparator.comparingDouble(this::cost))
                    .map(shape -> new StandIn(shape, givenUp(shape)));
        }

        /** The shape with strings left out at its edges. */
        private Stream<Candidate> parts() {
            int strings = voicing.strings();
            return IntStream.range(0, strings)
                    .boxed()
                    .flatMap(from -> IntStream.rangeClosed(from + 1, strings)
                            .filter(to -> to - from < strings)
                            .mapToObj(to -> part(from, to)))
                    .filter(candidate -> Integer.bitCount(candidate.mask()) > 1);
        }

        private Candidate part(int from, int to) {
            int[] frets = new int[voicing.strings()];
            int mask = 0;
            for (int i = 0; i < frets.length; i++) {
                frets[i] = i >= from && i < to ? voicing.frets().get(i) : Voicing.NOT_PLAYED;
                if (frets[i] >= 0) mask |= 1 << (tuning.open().get(i).number() + frets[i]) % 12;
            }
            return new Candidate(frets, mask, 0);
        }

        private Optional<Shape> shape(Candidate candidate, ChordTones tones) {
            return Grip.of(candidate.voicing(), neck, hand).map(grip -> {
                int mask = candidate.mask();
                Effort effort = grip.effort(neck, hand).withIncomplete(tones.incomplete(mask), tones.cost(mask));
                return new Shape(grip, effort, tones.missing(mask));
            });
        }

        private double cost(Shape shape) {
            boolean familiar = shape.voicing().isPartOf(voicing);
            boolean sameBass = bass(shape.voicing()) == bass(voicing);
            return shape.effort().cost() - (familiar ? FAMILIAR : 0) + (sameBass ? 0 : OTHER_BASS);
        }

        private int bass(Voicing each) {
            return each.pitchClasses(tuning, 0).getFirst();
        }

        private Statement givenUp(Shape shape) {
            List<Degree> notes = lostNotes(shape);
            List<Integer> strings = lostStrings(shape);
            int bass = bass(shape.voicing());
            List<NoteName> lowest = bass == bass(voicing) ? List.of() : List.of(name.note(bass));
            return Statement.of("stand-in", notes, strings, lowest);
        }

        private List<Degree> lostNotes(Shape shape) {
            Set<Integer> before = Set.copyOf(voicing.pitchClasses(tuning, 0));
            return name.quality().degrees().stream()
                    .filter(shape.missing()::contains)
                    .filter(degree -> before.contains((name.root().pitchClass() + degree.semitones()) % 12))
                    .toList();
        }

        private List<Integer> lostStrings(Shape shape) {
            return IntStream.iterate(voicing.strings(), string -> string >= 1, string -> string - 1)
                    .filter(string ->
                            voicing.isPlayed(string) && !shape.voicing().isPlayed(string))
                    .boxed()
                    .toList();
        }
    }
}
