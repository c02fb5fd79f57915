package tactus.core.written.harmony;

import java.util.List;
import java.util.Optional;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;

/**
 * The harmony of some bars as a line of text: {@code G | C D | Em x2 | (2/4) D | N.C.}
 *
 * <p>A stroke parts bars; chords in a bar share it evenly. {@code G:3 D} gives a chord its beats, {@code -} lets the last
 * one go on, over the bar line too; {@code D x3} is three bars of it, {@code G:2r} two rounds of the pattern, {@code [C |
 * D] x2} goes round twice, {@code (2/4)} is the meter of one bar. A full stop behind a chord strikes it once and counts
 * the rest, a low line lets it ring. As in lessons, {@code three bars D, one A, and that twice} is read as well.
 *
 * @param bars the meter of each bar
 * @param marks chords that are struck once
 * @param loops bars that are written once and go round, in order
 */
public record HarmonyLine(List<Meter> bars, List<Span> spans, List<Mark> marks, List<Loop> loops) {

    /** The longest line that is read, in characters. */
    public static final int LONGEST = 20_000;

    /**
     * A chord that is struck once.
     *
     * @param span its index, from 0
     * @param rings whether it rings on; otherwise it is stopped and the rest is counted
     */
    public record Mark(int span, boolean rings) {}

    public HarmonyLine {
        bars = List.copyOf(bars);
        spans = List.copyOf(spans);
        marks = List.copyOf(marks);
        loops = List.copyOf(loops);
    }

    /** A line without loops. */
    public HarmonyLine(List<Meter> bars, List<Span> spans, List<Mark> marks) {
        this(bars, spans, marks, List.of());
    }

    /**
     * Reads a line.
     *
     * @param usual the meter of a bar that names none
     * @param round how long one round of the pattern is, if one is assigned
     * @param lexicon the words for chords as they are said: {@code three bars D}
     * @throws NotationException if it cannot be read or a bar does not come out even, saying by how much
     */
    public static HarmonyLine parse(String line, Meter usual, Optional<Length> round, Lexicon lexicon) {
        if (line.length() > LONGEST)
            throw new NotationException("harmony-reader.too-many-letters", line, LONGEST, LONGEST);
        var spoken = new SpokenHarmony(line, usual, round, lexicon);
        return spoken.isSpoken() ? spoken.read() : new HarmonyReader(line, usual, round).read();
    }

    /** The line as it is typed, so that it reads as the same; what spills over the last bar is left out, and loops are brackets where they still go round. */
    public String text(Meter usual, Length round) {
        return new HarmonyWriter(this, usual, round).write();
    }
}
