package tactus.core.reading.transcription;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import tactus.core.music.chord.NameGuess;
import tactus.core.music.chord.Naming;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.reading.transcription.HeardMusic.Heard;
import tactus.core.written.harmony.Chord;

/**
 * Finds the chords of a bar from its notes: it is cut at felt beats into as few stretches as have plain names. What a name and
 * a change cost is ours.
 */
final class HeardChords {

    private static final double CHANGE = 1.6;
    /** Two strums that are plain chords of their own, and not the same. */
    private static final double DIFFERENT = 2;

    private static final double PLAIN = 0.8;
    private static final double NAMELESS = 1.2;
    private static final int FEWEST_NOTES = 3;

    private final Naming naming;

    HeardChords(Naming naming) {
        this.naming = naming;
    }

    /** A chord and the felt beat it begins on, from 0. */
    record Found(int beat, String name) {}

    private record Way(double cost, List<Found> chords) {}

    /**
     * The chords of a bar, none where nothing with a name sounds.
     *
     * @param beats what begins in each felt beat, the first stroke first
     */
    List<Found> in(List<List<HeardStroke>> beats) {
        var ways = new ArrayList<Way>();
        ways.add(new Way(0, List.of()));
        for (int end = 1; end <= beats.size(); end++) {
            Way best = null;
            for (int start = 0; start < end; start++) {
                Way before = ways.get(start);
                List<HeardStroke> strokes =
                        beats.subList(start, end).stream().flatMap(List::stream).toList();
                Optional<NameGuess> guess = name(strokes);
                double named = guess.map(NameGuess::cost).orElse(strokes.isEmpty() ? 0 : NAMELESS);
                double cost = before.cost() + named + DIFFERENT * different(strokes) + (start > 0 ? CHANGE : 0);
                if (best != null && cost >= best.cost()) continue;
                var chords = new ArrayList<>(before.chords());
                int from = start;
                guess.map(found -> found.name().toString())
                        .filter(name ->
                                chords.isEmpty() || !chords.getLast().name().equals(name))
                        .ifPresent(name -> chords.add(new Found(from, name)));
                best = new Way(cost, List.copyOf(chords));
            }
            ways.add(best);
        }
        return ways.getLast().chords();
    }

    /** How often a strum that is a whole chord by itself follows one that is another. */
    private int different(List<HeardStroke> strokes) {
        int different = 0;
        Set<Integer> before = Set.of();
        for (HeardStroke stroke : strokes) {
            if (!stroke.isOfManyStrings()) continue;
            boolean isChord = name(List.of(stroke))
                    .filter(guess -> guess.missing().isEmpty() && guess.cost() < PLAIN)
                    .isPresent();
            if (!isChord) continue;
            Set<Integer> notes =
                    stroke.notes().stream().map(note -> note.key() % 12).collect(Collectors.toSet());
            if (!before.containsAll(notes) && !notes.containsAll(before)) different++;
            before = notes;
        }
        return different;
    }

    /** The name of what sounds in {@code strokes}, over the lowest note of the first of them. */
    private Optional<NameGuess> name(List<HeardStroke> strokes) {
        List<Integer> others = strokes.stream()
                .filter(stroke -> !stroke.isDead())
                .flatMap(stroke -> stroke.notes().stream())
                .map(Heard::key)
                .map(key -> key % 12)
                .distinct()
                .toList();
        if (others.size() < FEWEST_NOTES) return Optional.empty();
        var notes = new ArrayList<Integer>();
        notes.add(strokes.stream()
                        .filter(stroke -> !stroke.isDead())
                        .findFirst()
                        .orElseThrow()
                        .lowest()
                % 12);
        others.stream().filter(note -> !notes.contains(note)).forEach(notes::add);
        // What has no name that a person would write is no chord.
        return Optional.of(naming.names(notes).getFirst())
                .filter(guess -> guess.name().toString().length() <= Chord.LONGEST_NAME);
    }

    /** The felt beat of {@code meter} that {@code at} lies in, from 0. */
    static int beat(Meter meter, Length at) {
        Length end = Length.ZERO;
        for (int beat = 0; beat < meter.beats().size(); beat++) {
            end = end.plus(meter.beats().get(beat));
            if (at.isLessThan(end)) return beat;
        }
        return meter.beats().size() - 1;
    }

    /** Where felt beat {@code beat} of {@code meter}, from 0, begins. */
    static Length start(Meter meter, int beat) {
        return meter.beats().subList(0, beat).stream().reduce(Length.ZERO, Length::plus);
    }
}
