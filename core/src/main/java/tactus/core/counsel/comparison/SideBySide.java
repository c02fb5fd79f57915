package tactus.core.counsel.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import tactus.core.ground.alignment.Alignment;
import tactus.core.ground.statement.Statement;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Section;

/**
 * The chords of two passes, line by line, put opposite each other so that as few as possible differ.
 *
 * @param lines in order
 */
public record SideBySide(List<Line> lines) {

    /** How the sides of a line compare. */
    public enum Kind {
        SAME,
        /** One chord for another of the same length. */
        OTHER_CHORD,
        /** The same chord for another length. */
        OTHER_LENGTH,
        /** Both are other. */
        OTHER,
        ONLY_LEFT,
        ONLY_RIGHT;

        public boolean isSame() {
            return this == SAME;
        }
    }

    /**
     * A chord on one side or both.
     *
     * @param leftSpan its index on the left, from 0; empty where there is none
     * @param rightSpan its index on the right
     */
    public record Line(
            Kind kind, Optional<Held> left, Optional<Held> right, OptionalInt leftSpan, OptionalInt rightSpan) {

        public Line {
            Objects.requireNonNull(kind);
            Objects.requireNonNull(left);
            Objects.requireNonNull(leftSpan);
            Objects.requireNonNull(right);
            Objects.requireNonNull(rightSpan);
        }
    }

    /** A chord with its length and the bar, from 1, in which it starts. */
    public record Held(String chord, SpanLength length, int bar) {

        public Held {
            Objects.requireNonNull(chord);
            Objects.requireNonNull(length);
        }

        /** {@code bar 3: Am, 1 bar}. */
        public Statement said() {
            return Statement.of("snag.held", bar, chord, length);
        }
    }

    private static final int ONE_SIDE = 3;

    public SideBySide {
        lines = List.copyOf(lines);
    }

    /**
     * Compares two sections as they are on a pass.
     *
     * @param leftRound how long one round is on the left, for chords that are counted in rounds
     */
    public static SideBySide of(Section left, Length leftRound, Section right, Length rightRound) {
        return aligned(held(left, leftRound), held(right, rightRound));
    }

    /** The chords of a section with their lengths and the bars in which they start. */
    public static List<Held> held(Section section, Length round) {
        BarLines bars = section.barLines();
        List<Length> edges = section.edges(round);
        var held = new ArrayList<Held>();
        for (int i = 0; i < section.spans().size(); i++) {
            Span span = section.spans().get(i);
            SpanLength length = SpanLength.between(bars, edges.get(i), edges.get(i + 1));
            held.add(new Held(span.chord(), length, bars.barAt(edges.get(i)) + 1));
        }
        return held;
    }

    private static SideBySide aligned(List<Held> left, List<Held> right) {
        int same = 0;
        int shorter = Math.min(left.size(), right.size());
        while (same < shorter && kind(left.get(same), right.get(same)) == Kind.SAME) same++;
        int last = 0;
        while (last < shorter - same
                && kind(left.get(left.size() - 1 - last), right.get(right.size() - 1 - last)) == Kind.SAME) last++;
        return new SideBySide(joined(left, right, same, last));
    }

    /** What is the same at the start and at the end needs no searching; only what lies between is put opposite. */
    private static List<Line> joined(List<Held> left, List<Held> right, int same, int last) {
        var lines = new ArrayList<Line>();
        for (int i = 0; i < same; i++) lines.add(both(left, right, i, i));
        for (Line line : between(left.subList(same, left.size() - last), right.subList(same, right.size() - last))) {
            lines.add(new Line(
                    line.kind, line.left, line.right, moved(line.leftSpan, same), moved(line.rightSpan, same)));
        }
        for (int i = last; i > 0; i--) lines.add(both(left, right, left.size() - i, right.size() - i));
        return lines;
    }

    private static OptionalInt moved(OptionalInt span, int by) {
        return span.isEmpty() ? span : OptionalInt.of(span.getAsInt() + by);
    }

    private static Line both(List<Held> left, List<Held> right, int i, int j) {
        return new Line(
                kind(left.get(i), right.get(j)),
                Optional.of(left.get(i)),
                Optional.of(right.get(j)),
                OptionalInt.of(i),
                OptionalInt.of(j));
    }

    private static List<Line> between(List<Held> left, List<Held> right) {
        return Alignment.of(left, right, ONE_SIDE, (one, other) -> cost(kind(one, other))).stream()
                .map(pair -> line(left, right, pair))
                .toList();
    }

    private static Line line(List<Held> left, List<Held> right, Alignment.Pair pair) {
        if (pair.left().isPresent() && pair.right().isPresent())
            return both(left, right, pair.left().getAsInt(), pair.right().getAsInt());
        return new Line(
                pair.left().isPresent() ? Kind.ONLY_LEFT : Kind.ONLY_RIGHT,
                pair.left().stream().mapToObj(left::get).findFirst(),
                pair.right().stream().mapToObj(right::get).findFirst(),
                pair.left(),
                pair.right());
    }

    private static Kind kind(Held left, Held right) {
        boolean chord = left.chord.equals(right.chord);
        boolean length = left.length.equals(right.length);
        if (chord && length) return Kind.SAME;
        return length ? Kind.OTHER_CHORD : chord ? Kind.OTHER_LENGTH : Kind.OTHER;
    }

    private static int cost(Kind kind) {
        return switch (kind) {
            case SAME -> 0;
            case OTHER_CHORD, OTHER_LENGTH -> 2;
            case OTHER -> 5;
            case ONLY_LEFT, ONLY_RIGHT -> ONE_SIDE;
        };
    }

    /** Whether no line differs. */
    public boolean isSame() {
        return lines.stream().allMatch(line -> line.kind().isSame());
    }

    /** The lines that differ. */
    public List<Line> differences() {
        return lines.stream().filter(line -> !line.kind().isSame()).toList();
    }
}
