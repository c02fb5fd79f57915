package tactus.core.counsel.suggestion;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.stroke.Hand;
import tactus.core.music.time.Division;
import tactus.core.music.time.Meter;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;

/**
 * A bass line, a note a beat, that leads from the root of one chord to the root of the next: scale notes where there are
 * enough of them, otherwise all semitones, coming from the nearer side (common practice).
 *
 * @param steps in order; the root of the next chord follows on its first beat
 */
public record BassWalk(List<Step> steps) {

    /** The longest walk. */
    public static final int MOST_BEATS = 8;

    private static final int HIGHEST_FRET = 5;

    /**
     * A note.
     *
     * @param string from 1
     * @param finger of the fretting hand, 1 to 4; 0 on an open string
     */
    public record Step(int string, int fret, int finger) {

        /** Returns {@code 5:2}, the string and its fret. */
        @Override
        public String toString() {
            return string + ":" + fret;
        }
    }

    public BassWalk {
        steps = List.copyOf(steps);
    }

    /**
     * Finds a walk of {@code beats} notes.
     *
     * @param key the key of the shapes, whose scale is walked on
     * @return empty if a chord cannot be read, its root is on no bass string, or there is no room for so many notes
     * @throws Refusal if {@code beats} is not 1 to 8
     */
    public static Optional<BassWalk> between(Chord from, Chord to, int beats, Key key, Tuning tuning) {
        if (beats < 1 || beats > MOST_BEATS) {
            throw new Refusal("bass-walk.notes", beats);
        }
        OptionalInt start = root(from, tuning);
        OptionalInt end = root(to, tuning);
        if (start.isEmpty() || end.isEmpty()) return Optional.empty();
        return notes(start.getAsInt(), end.getAsInt(), beats, key).flatMap(notes -> placed(notes, tuning));
    }

    /** The pitch of the chord's bass note as the shape has it. */
    private static OptionalInt root(Chord chord, Tuning tuning) {
        if (!chord.fits(tuning) || chord.meaning().isEmpty()) return OptionalInt.empty();
        int string = chord.held(tuning).rootString();
        if (string == 0) return OptionalInt.empty();
        OptionalInt fret = chord.voicing().fret(string);
        return fret.isEmpty() ? fret : OptionalInt.of(tuning.string(string).number() + fret.getAsInt());
    }

    /** The root, if there is a beat for it, and the last notes in front of the target. */
    private static Optional<List<Integer>> notes(int start, int end, int beats, Key key) {
        int way = end == start ? 1 : Integer.signum(end - start);
        int from = end == start ? end - 5 * way : start;
        List<Integer> between = IntStream.range(1, Math.abs(end - from))
                .map(step -> from + way * step)
                .boxed()
                .toList();
        List<Integer> scale = between.stream().filter(key::has).toList();
        int wanted = beats - 1;
        List<Integer> steps = scale.size() >= wanted && wanted > 0 ? scale : between;
        if (steps.size() < wanted && Math.abs(end - start) < 12) {
            return Optional.of(padded(start, steps, beats));
        }
        var notes = new ArrayList<Integer>();
        notes.add(start);
        notes.addAll(steps.subList(Math.max(0, steps.size() - wanted), steps.size()));
        return Optional.of(notes.subList(0, beats));
    }

    /** Where there are too few notes in between, the root is played on until they begin. */
    private static List<Integer> padded(int start, List<Integer> steps, int beats) {
        var notes = new ArrayList<Integer>();
        for (int i = 0; i < beats - steps.size(); i++) notes.add(start);
        notes.addAll(steps);
        return notes;
    }

    private static Optional<BassWalk> placed(List<Integer> notes, Tuning tuning) {
        var steps = new ArrayList<Step>();
        for (int note : notes) {
            Optional<Step> step = place(note, tuning);
            if (step.isEmpty()) return Optional.empty();
            steps.add(step.get());
        }
        return Optional.of(new BassWalk(steps));
    }

    /** The lowest fret on a bass string, in first position: a finger a fret. */
    private static Optional<Step> place(int note, Tuning tuning) {
        int strings = tuning.strings();
        return IntStream.rangeClosed(strings / 2, strings)
                .mapToObj(
                        string -> new Step(string, note - tuning.string(string).number(), 0))
                .filter(step -> step.fret >= 0 && step.fret <= HIGHEST_FRET)
                .min(Comparator.comparingInt(Step::fret))
                .map(step -> new Step(step.string, step.fret, Math.min(4, step.fret)));
    }

    /** The walk as a pattern of single notes, one a beat. */
    public Pattern pattern(PatternId id, String name, Meter meter) {
        PatternFrame frame = PatternFrame.of(meter, steps.size(), Division.of(1), Hand.pendulum(meter.shortestBeat()));
        String line = steps.stream().map(Step::toString).collect(Collectors.joining(" "));
        return Pattern.empty(id, name, frame).withLine(line);
    }

    /** Returns {@code 5:3 5:2 5:0}, with fingers {@code 3 2 0}. */
    @Override
    public String toString() {
        String fingers = steps.stream().map(step -> String.valueOf(step.finger)).collect(Collectors.joining(" "));
        return steps.stream().map(Step::toString).collect(Collectors.joining(" ")) + ", fingers " + fingers;
    }
}
