package tactus.core.reading.transcription;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import tactus.core.music.time.Length;
import tactus.core.reading.transcription.HeardMusic.Heard;

/**
 * Keys that one move of the hand sounds, in the order in which they sound. A strum over six strings takes 20 to 60 ms, one
 * that is swept up to a quarter of a second (from memory of recorded playing).
 */
record HeardStroke(List<Heard> notes) {

    /** The next string of a stroke comes within so many seconds. */
    private static final double NEXT_STRING = 0.025;
    /** And of one that is swept, where the keys go on the same way. */
    private static final double NEXT_SWEPT = 0.05;
    /** Fingers that pinch come as near to each other as this, a string. */
    private static final double TOGETHER = 0.003;

    private static final double SWEPT = 0.03;
    private static final double DEAD = 0.075;
    private static final double SHORTEST_PALM_MUTED = 0.11;
    private static final double LONGEST_PALM_MUTED = 0.17;
    private static final int FEWEST_OF_STRUM = 3;
    private static final int NEIGHBOURS = 8;

    /** The strokes of {@code notes}, in order. */
    static List<HeardStroke> of(List<Heard> notes) {
        var sorted = new ArrayList<>(notes);
        sorted.sort(Comparator.comparingDouble(Heard::seconds).thenComparingInt(Heard::key));
        var strokes = new ArrayList<HeardStroke>();
        var now = new ArrayList<Heard>();
        for (Heard note : sorted) {
            if (!now.isEmpty() && !goesOn(now, note)) {
                strokes.add(new HeardStroke(List.copyOf(now)));
                now.clear();
            }
            now.add(note);
        }
        if (!now.isEmpty()) strokes.add(new HeardStroke(List.copyOf(now)));
        return strokes;
    }

    private static boolean goesOn(List<Heard> now, Heard note) {
        double gap = note.seconds() - now.getLast().seconds();
        if (gap <= NEXT_STRING) return true;
        if (gap > NEXT_SWEPT || now.stream().anyMatch(each -> each.key() == note.key())) return false;
        return now.size() == 1
                || gap > SWEPT
                        && Integer.signum(note.key() - now.getLast().key())
                                == Integer.signum(
                                        now.getLast().key() - now.getFirst().key());
    }

    /** How hard those near {@code index} are that {@code among} takes; {@code share} of them are softer. */
    static double usualForce(List<HeardStroke> strokes, int index, double share, Predicate<HeardStroke> among) {
        int from = Math.max(0, index - NEIGHBOURS);
        int to = Math.min(strokes.size(), index + NEIGHBOURS + 1);
        List<Double> forces = strokes.subList(from, to).stream()
                .filter(among)
                .map(HeardStroke::force)
                .sorted()
                .toList();
        return forces.isEmpty() ? 0 : forces.get((int) (share * (forces.size() - 1)));
    }

    Length at() {
        return notes.getFirst().at();
    }

    double force() {
        return notes.getFirst().force();
    }

    /** Seconds from one string to the next. */
    private double step() {
        return notes.size() < 2
                ? 0
                : (notes.getLast().seconds() - notes.getFirst().seconds()) / (notes.size() - 1);
    }

    boolean isTogether() {
        return step() < TOGETHER;
    }

    boolean isSwept() {
        return step() > SWEPT;
    }

    boolean isOfManyStrings() {
        return notes.size() >= FEWEST_OF_STRUM;
    }

    /** Whether the strings are damped, so that nothing rings. */
    boolean isDead() {
        return isOfManyStrings() && notes.stream().allMatch(note -> note.lasts() <= DEAD);
    }

    boolean isPalmMuted() {
        return notes.stream()
                .allMatch(note -> note.lasts() >= SHORTEST_PALM_MUTED && note.lasts() <= LONGEST_PALM_MUTED);
    }

    /** Whether the keys go upwards, as they do when the hand goes down. */
    boolean rises() {
        return notes.getLast().key() > notes.getFirst().key();
    }

    int lowest() {
        return notes.stream().mapToInt(Heard::key).min().orElseThrow();
    }
}
