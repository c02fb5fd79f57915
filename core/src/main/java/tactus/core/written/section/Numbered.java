package tactus.core.written.section;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import tactus.core.music.time.BarLines;
import tactus.core.written.section.Stretch.Bounds;

/**
 * A section as it is on one pass, and the numbers by which its bars and chords are spoken of: those that they have where the
 * section is written. When bar 2 is left out this time, bar 3 is still bar 3.
 */
public final class Numbered {

    private final Section section;
    private final List<Integer> bars;
    private final List<Integer> chords;
    private final int written;
    private final BarLines lines;

    /** @param written how many bars are written */
    Numbered(Section section, List<Integer> bars, List<Integer> chords, int written) {
        this(section, bars, chords, written, section.barLines());
    }

    private Numbered(Section section, List<Integer> bars, List<Integer> chords, int written, BarLines lines) {
        this.section = section;
        this.bars = List.copyOf(bars);
        this.chords = List.copyOf(chords);
        this.written = written;
        this.lines = lines;
    }

    /** The section as it is on the pass. */
    public Section section() {
        return section;
    }

    /**
     * The number of each bar, from 1; what comes in place of a bar has its number, what is added the next ones behind the last
     * that is written.
     */
    public List<Integer> bars() {
        return bars;
    }

    /** The number of each chord likewise; the two ends of a chord whose middle is left out have the same. */
    public List<Integer> chords() {
        return chords;
    }

    /** How many bars are written. */
    int written() {
        return written;
    }

    /** Where its bars begin and end. */
    public BarLines lines() {
        return lines;
    }

    /** {@code section} as it is written. */
    public static Numbered of(Section section) {
        int bars = section.bars().size();
        return new Numbered(section, upTo(bars), upTo(section.spans().size()), bars);
    }

    private static List<Integer> upTo(int last) {
        return IntStream.rangeClosed(1, last).boxed().toList();
    }

    /** The number for the next bar that is added. */
    int nextBar() {
        return Math.max(written, bars.stream().mapToInt(Integer::intValue).max().orElse(0)) + 1;
    }

    /** The number for the next chord that is added. */
    int nextChord() {
        return chords.stream().mapToInt(Integer::intValue).max().orElse(0) + 1;
    }

    /** The same bars and chords in a section that has as many, raised or held otherwise. */
    public Numbered with(Section other) {
        return new Numbered(other, bars, chords, written, lines);
    }

    /** Where the bars that {@code stretch} speaks of lie on this pass; empty if none of them is played. */
    public Optional<Bounds> in(Stretch stretch) {
        return stretch instanceof Stretch.Counted counted ? in(counted) : stretch.in(lines);
    }

    private Optional<Bounds> in(Stretch.Counted said) {
        int last = said.fromBar() <= written ? Math.min(said.toBar(), written) : said.toBar();
        int[] here = IntStream.range(0, bars.size())
                .filter(bar -> bars.get(bar) >= said.fromBar() && bars.get(bar) <= last)
                .toArray();
        if (here.length == 0) return Optional.empty();
        int from = here[0];
        int to = here[here.length - 1];
        boolean begins = bars.get(from) == said.fromBar();
        boolean ends = bars.get(to) == said.toBar();
        return new Stretch.Counted(
                        from + 1, begins ? said.fromBeat() : 1, to + 1, ends ? said.toBeat() : OptionalInt.empty())
                .in(lines);
    }
}
