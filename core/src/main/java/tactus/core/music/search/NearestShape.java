package tactus.core.music.search;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.shape.Voicing;

/**
 * Finds the shape that was probably meant: one fret or one string away first, since that is how slips happen; then two
 * such slips together.
 */
final class NearestShape {

    private static final double FRET_BESIDE = 1;
    private static final double STRING_BESIDE = 1.2;
    private static final double FINGER_FORGOTTEN = 1.5;
    private static final double LEFT_OUT = 1.8;
    private static final double FARTHER = 2.5;
    private static final int HIGHEST_GUESS = 5;

    private final Tuning tuning;
    private final ChordName name;
    private final ChordTones tones;
    /** As many strings as were played, but for one that may have been meant to be left out. */
    private long fewest;

    NearestShape(Tuning tuning, ChordName name) {
        this.tuning = tuning;
        this.name = name;
        tones = ChordTones.of(name);
    }

    private record Guess(List<Integer> frets, double cost) {}

    Optional<Voicing> to(Voicing wrong) {
        fewest = Math.max(2, played(wrong.frets()) - 1);
        List<Guess> once = slips(new Guess(wrong.frets(), 0));
        Optional<Voicing> near = nearest(once);
        if (near.isPresent()) return near;
        Map<List<Integer>, Guess> twice = new HashMap<>();
        for (Guess guess : once) {
            for (Guess next : slips(guess)) twice.merge(next.frets, next, (a, b) -> a.cost <= b.cost ? a : b);
        }
        return nearest(List.copyOf(twice.values()));
    }

    private Optional<Voicing> nearest(List<Guess> guesses) {
        return guesses.stream()
                .filter(this::isRight)
                .filter(guess -> played(guess.frets) >= fewest)
                .sorted(Comparator.comparingDouble(Guess::cost).thenComparing(guess -> guess.frets.toString()))
                .map(guess -> new Voicing(guess.frets))
                .filter(NearestShape::isPlayable)
                .findFirst();
    }

    private static long played(List<Integer> frets) {
        return frets.stream().filter(fret -> fret != Voicing.NOT_PLAYED).count();
    }

    private static boolean isPlayable(Voicing voicing) {
        return Grip.of(voicing, Neck.USUAL, FrettingHand.USUAL)
                .filter(grip -> grip.unquiet().isEmpty())
                .isPresent();
    }

    private boolean isRight(Guess guess) {
        int mask = 0;
        int lowest = Integer.MAX_VALUE;
        for (int i = 0; i < guess.frets.size(); i++) {
            if (guess.frets.get(i) == Voicing.NOT_PLAYED) continue;
            int pitch = tuning.open().get(i).number() + guess.frets.get(i);
            mask |= 1 << pitch % 12;
            lowest = Math.min(lowest, pitch);
        }
        return mask != 0 && tones.fits(mask) && lowest % 12 == name.bass().pitchClass();
    }

    private List<Guess> slips(Guess from) {
        var slips = new ArrayList<Guess>();
        for (int i = 0; i < from.frets.size(); i++) {
            int fret = from.frets.get(i);
            for (int other = Voicing.NOT_PLAYED; other <= Math.max(HIGHEST_GUESS, fret + 1); other++) {
                if (other != fret && other <= Voicing.HIGHEST_FRET)
                    slips.add(changed(from, i, other, cost(fret, other)));
            }
            if (i + 1 < from.frets.size()) slips.add(swapped(from, i));
        }
        return slips;
    }

    private static double cost(int fret, int other) {
        if (fret == Voicing.NOT_PLAYED || other == Voicing.NOT_PLAYED) return LEFT_OUT;
        if (Math.abs(fret - other) == 1) return FRET_BESIDE;
        return fret == 0 ? FINGER_FORGOTTEN : FARTHER;
    }

    private static Guess changed(Guess from, int index, int fret, double cost) {
        var frets = new ArrayList<>(from.frets);
        frets.set(index, fret);
        return new Guess(List.copyOf(frets), from.cost + cost);
    }

    /** A finger one string off: what two strings beside each other have changes places. */
    private static Guess swapped(Guess from, int index) {
        var frets = new ArrayList<>(from.frets);
        Collections.swap(frets, index, index + 1);
        return new Guess(List.copyOf(frets), from.cost + STRING_BESIDE);
    }
}
