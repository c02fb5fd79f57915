package tactus.core.patterns.rhythm;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Slot;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.pattern.Pattern;

/**
 * How hard a pattern is at a tempo, from 0 up, with its parts. The weights are ours (from memory): a steady down on every
 * beat at 80 is about 5, a usual song pattern in eighths 20 to 35, sixteenths at speed over 60.
 *
 * @param parts what makes it hard, the heaviest first
 */
public record Difficulty(List<Part> parts) {

    /** What a part comes from. */
    public enum Cause {
        SPEED,
        SYNCOPATION,
        MISSED_BEATS,
        AGAINST_THE_HAND,
        KINDS_OF_STROKE,
        MIXED_DIVISIONS,
        PINCHES,
        FINGER_MOVES
    }

    /** A part of the whole; {@code points} over 0. */
    public record Part(Cause cause, double points) {

        public Part {
            Objects.requireNonNull(cause);
        }
    }

    private static final double PER_STROKE_A_SECOND = 4.5;
    private static final double PER_SYNCOPATION_A_BAR = 2;
    private static final double PER_MISSED_BEAT_A_BAR = 4;
    private static final double PER_STROKE_AGAINST = 7;
    private static final double PER_KIND = 2.5;
    private static final double PER_DIVIDED_BEAT = 5;
    private static final double PER_PINCH = 1.5;
    private static final double PER_MOVE = 3;

    public Difficulty {
        parts = parts.stream()
                .filter(part -> part.points > 0)
                .sorted((a, b) -> Double.compare(b.points, a.points))
                .toList();
    }

    /** How hard {@code pattern} is at {@code tempo}. */
    public static Difficulty of(Pattern pattern, Tempo tempo) {
        PatternFacts facts = PatternFacts.of(pattern);
        double bars = pattern.length().dividedBy(pattern.meter().length()).toDouble();
        int missedBeats = 0;
        int pinches = 0;
        int moves = 0;
        Set<String> kinds = new HashSet<>();
        for (Slot slot : pattern.grid().slots()) {
            Stroke stroke = pattern.at(slot);
            if (slot.startsBeat() && !stroke.isStruck() && facts.strokes() > 0) missedBeats++;
            if (stroke instanceof Pluck pluck && pluck.isPinch()) pinches++;
            moves += pattern.movesAt(slot).size();
            if (stroke.isStruck()) kinds.add(stroke.getClass() + " " + stroke.touch() + stroke.force());
        }
        boolean allDown = pattern.hand().mode() == Hand.Mode.ALL_DOWN;
        var parts = new ArrayList<Part>();
        parts.add(new Part(Cause.SPEED, facts.strokesPerSecond(tempo) * PER_STROKE_A_SECOND * (allDown ? 1.5 : 1)));
        parts.add(new Part(Cause.SYNCOPATION, facts.syncopation() / bars * PER_SYNCOPATION_A_BAR));
        parts.add(new Part(Cause.MISSED_BEATS, missedBeats / bars * PER_MISSED_BEAT_A_BAR));
        parts.add(new Part(Cause.AGAINST_THE_HAND, facts.against() * PER_STROKE_AGAINST));
        parts.add(new Part(Cause.KINDS_OF_STROKE, Math.max(0, kinds.size() - 1) * PER_KIND));
        parts.add(new Part(Cause.MIXED_DIVISIONS, pattern.frame().divided().size() * PER_DIVIDED_BEAT));
        parts.add(new Part(Cause.PINCHES, pinches * PER_PINCH));
        parts.add(new Part(Cause.FINGER_MOVES, moves * PER_MOVE));
        return new Difficulty(parts);
    }

    /** All parts together. */
    public double points() {
        return parts.stream().mapToDouble(Part::points).sum();
    }

    /** 1 for a first lesson to 5 for an advanced player. */
    public int level() {
        double points = points();
        return points < 14 ? 1 : points < 24 ? 2 : points < 38 ? 3 : points < 56 ? 4 : 5;
    }
}
