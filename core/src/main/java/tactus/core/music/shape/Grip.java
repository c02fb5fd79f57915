package tactus.core.music.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A shape as a hand holds it.
 *
 * @param barres the fingers that hold several strings
 * @param stretch from the lowest fret held to the highest, in millimetres
 */
public record Grip(Voicing voicing, Fingering fingering, List<Barre> barres, double stretch) {

    public Grip {
        Objects.requireNonNull(fingering);
        Objects.requireNonNull(voicing);
        barres = List.copyOf(barres);
    }

    /** Finds how {@code hand} holds {@code voicing} with least effort; empty if it cannot. */
    public static Optional<Grip> of(Voicing voicing, Neck neck, FrettingHand hand) {
        return new GripFinder(neck, hand).find(voicing);
    }

    /** How {@code voicing} is held with the fingers that a teacher asks for, whether or not that is wise. */
    public static Grip asked(Voicing voicing, Fingering fingering, Neck neck) {
        var barres = new ArrayList<Barre>();
        for (Finger finger : fingering.used()) {
            List<Integer> strings = IntStream.rangeClosed(1, voicing.strings())
                    .filter(string ->
                            fingering.on(string).filter(finger::equals).isPresent())
                    .boxed()
                    .toList();
            List<Integer> frets = strings.stream()
                    .map(string -> voicing.fret(string).orElse(0))
                    .distinct()
                    .toList();
            if (strings.size() > 1 && frets.size() == 1) {
                barres.add(new Barre(finger, frets.getFirst(), strings.getLast(), strings.getFirst()));
            }
        }
        return new Grip(voicing, fingering, barres, 0).at(neck);
    }

    /** How many fingers it takes. */
    public int fingers() {
        return fingering.used().size();
    }

    /** Whether one finger lies over several strings. */
    public boolean hasBarre() {
        return !barres.isEmpty();
    }

    /**
     * The finger that keeps an unplayed {@code string} quiet by leaning on it from the string beside it; empty if the
     * string is played, or nothing beside it is held.
     */
    public Optional<Finger> dampening(int string) {
        if (voicing.isPlayed(string)) return Optional.empty();
        Optional<Finger> lower = string < voicing.strings() ? fingering.on(string + 1) : Optional.empty();
        return lower.isPresent() || string == 1 ? lower : fingering.on(string - 1);
    }

    /** Whether {@code string} is left out between two that are played. */
    public boolean isSkipped(int string) {
        if (voicing.isPlayed(string)) return false;
        return playedBeyond(string, 1) && playedBeyond(string, -1);
    }

    /** The strings left out between played ones that no finger beside them keeps quiet. */
    public List<Integer> unquiet() {
        return IntStream.rangeClosed(1, voicing.strings())
                .filter(string -> isSkipped(string) && dampening(string).isEmpty())
                .boxed()
                .toList();
    }

    private boolean playedBeyond(int string, int step) {
        for (int each = string + step; each >= 1 && each <= voicing.strings(); each += step) {
            if (voicing.isPlayed(each)) return true;
        }
        return false;
    }

    /** The same grip elsewhere on a neck, where its frets lie closer or farther. */
    public Grip at(Neck neck) {
        var held = voicing.frets().stream()
                .filter(fret -> fret > 0)
                .mapToInt(Integer::intValue)
                .summaryStatistics();
        double there = held.getCount() == 0 ? 0 : neck.between(held.getMin(), held.getMax());
        return new Grip(voicing, fingering, barres, there);
    }

    /** Every part of the effort it takes. */
    public Effort effort(Neck neck, FrettingHand hand) {
        return Effort.of(this, neck, hand);
    }
}
