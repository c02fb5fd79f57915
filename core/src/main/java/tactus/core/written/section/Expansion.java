package tactus.core.written.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Except.Bars;

/** A section as it is on one pass of one use: with its exceptions and its tag. */
public final class Expansion {

    private Expansion() {}

    /** How often {@code section} goes round in {@code use}. */
    public static int passes(Section section, Use use) {
        int passes = section.passes();
        for (Except except : use.excepts()) if (except.change() instanceof Except.Runs(int runs)) passes = runs;
        return passes;
    }

    /** The exceptions of {@code use} that hold on {@code pass} of {@code passes} and change bars. */
    public static List<Except> on(Use use, int pass, int passes) {
        return use.excepts().stream()
                .filter(except -> except.on().has(pass, passes) && !(except.change() instanceof Except.Runs))
                .toList();
    }

    /**
     * {@code section} with {@code excepts} done to it, one after the other; bars are counted as they are written. An exception that no bar is left for, or that would leave none,
     * does nothing.
     *
     * @param round how long one round is, for chords that are counted in rounds
     */
    public static Numbered of(Section section, List<Except> excepts, Length round) {
        Numbered changed = Numbered.of(section);
        for (Except except : excepts) changed = changed(changed, except.change(), round);
        return changed;
    }

    private static Numbered changed(Numbered numbered, Except.Change change, Length round) {
        Section section = numbered.section();
        return switch (change) {
            case Except.Runs _ -> numbered;
            case Except.OtherWords(var words) -> numbered.with(section.withWords(words));
            case Except.OtherVoice(var voice) ->
                numbered.with(section.withVoice(voice).withWords(List.of()));
            case Except.ExtraBars(Bars added) ->
                replaced(numbered, section.bars().size(), section.bars().size(), added, round);
            case Except.OtherBars(var where, var instead) ->
                wholeBars(numbered, where)
                        .map(range -> replaced(numbered, range[0], range[1], instead, round))
                        .orElse(numbered);
            case Except.LeftOut(var where) ->
                wholeBars(numbered, where)
                        .filter(range -> range[1] - range[0] < section.bars().size())
                        .map(range -> spliced(numbered, range[0], range[1], List.of(), List.of(), round))
                        .orElse(numbered);
        };
    }

    /** Whether {@code except} finds bars in {@code section} to change. */
    public static boolean finds(Section section, Except except) {
        return switch (except.change()) {
            case Except.Runs _, Except.ExtraBars _, Except.OtherWords _, Except.OtherVoice _ -> true;
            case Except.OtherBars other ->
                wholeBars(Numbered.of(section), other.where()).isPresent();
            case Except.LeftOut(var where) ->
                wholeBars(Numbered.of(section), where)
                        .filter(range -> range[1] - range[0] < section.bars().size())
                        .isPresent();
        };
    }

    /** The bars, from 0, the second one excluded. */
    private static Optional<int[]> wholeBars(Numbered numbered, Stretch where) {
        BarLines lines = numbered.lines();
        return numbered.in(where).map(bounds -> {
            int last = lines.barAt(bounds.to());
            boolean whole = lines.start(last).equals(bounds.to());
            return new int[] {lines.barAt(bounds.from()), whole ? last : last + 1};
        });
    }

    private static Numbered replaced(Numbered numbered, int from, int to, Bars instead, Length round) {
        Numbered other = spliced(numbered, from, to, instead.bars(), instead.spans(), round);
        if (other == numbered || instead.loops().isEmpty()) return other;
        var loops = new ArrayList<>(other.section().harmony().loops());
        instead.loops().forEach(loop -> loops.add(loop.movedBy(from)));
        return other.with(other.section().withLoops(loops));
    }

    private static Numbered spliced(
            Numbered numbered, int from, int to, List<Meter> meters, List<Span> middle, Length round) {
        Section section = numbered.section();
        var bars = spliced(section.bars(), from, to, meters);
        if (bars.size() > Section.MOST_BARS) return numbered;
        BarLines lines = section.barLines();
        List<Length> edges = section.edges(round);
        List<Kept> before = kept(section, edges, Length.ZERO, lines.start(from));
        List<Kept> behind = to < lines.bars() ? kept(section, edges, lines.start(to), lines.length()) : List.of();
        int[] replaced = IntStream.range(0, section.spans().size())
                .filter(chord -> !edges.get(chord).isLessThan(lines.start(from))
                        && edges.get(chord).isLessThan(lines.start(to)))
                .toArray();
        List<Span> spans = joined(Kept::span, before, middle, behind);
        List<Integer> chords = joined(
                kept -> numbered.chords().get(kept.chord),
                before,
                numbers(middle.size(), replaced, numbered.chords(), numbered.nextChord()),
                behind);
        int[] gone = IntStream.range(from, to).toArray();
        List<Integer> numbers = numbers(meters.size(), gone, numbered.bars(), numbered.nextBar());
        return new Numbered(
                spliced(section, from, to, bars, spans, meters.size() - (to - from)),
                spliced(numbered.bars(), from, to, numbers),
                chords,
                numbered.written());
    }

    private static <T> List<T> spliced(List<T> all, int from, int to, List<T> middle) {
        return Stream.of(all.subList(0, from), middle, all.subList(to, all.size()))
                .flatMap(List::stream)
                .toList();
    }

    private static <T> List<T> joined(Function<Kept, T> of, List<Kept> before, List<T> middle, List<Kept> behind) {
        return Stream.of(
                        before.stream().map(of),
                        middle.stream(),
                        behind.stream().map(of))
                .flatMap(Function.identity())
                .toList();
    }

    /** What comes in place of others has their numbers, the rest the next ones. */
    private static List<Integer> numbers(int count, int[] replaced, List<Integer> numbers, int next) {
        return IntStream.range(0, count)
                .map(i -> i < replaced.length ? numbers.get(replaced[i]) : next + i - replaced.length)
                .boxed()
                .toList();
    }

    private static Section spliced(Section section, int from, int to, List<Meter> bars, List<Span> spans, int moved) {
        return section.withBars(bars)
                .withSpans(spans)
                .withLoops(section.harmony().loops().stream()
                        .map(loop -> loop.from() >= to ? loop.movedBy(moved) : loop)
                        .toList())
                .withCues(section.cues().stream()
                        .filter(cue -> moved == 0 || cue.bar() <= from || cue.bar() > to)
                        .map(cue ->
                                cue.bar() > to ? new Cue(cue.bar() + moved, cue.beat(), cue.passes(), cue.text()) : cue)
                        .toList())
                .withWords(section.words().stream()
                        .flatMap(line -> line.spliced(from, to, moved).stream())
                        .toList())
                .withVoice(section.voice().stream()
                        .map(stretch -> stretch instanceof Stretch.Counted counted && counted.fromBar() > to
                                ? counted.movedBy(moved)
                                : stretch)
                        .toList());
    }

    /**
     * A chord that sounds between two bar lines, cut where it crosses them.
     *
     * @param chord which one it is, from 0
     */
    private record Kept(int chord, Span span) {}

    private static List<Kept> kept(Section section, List<Length> edges, Length from, Length to) {
        BarLines lines = section.barLines();
        boolean toEnd = to.equals(lines.length());
        var found = new ArrayList<Kept>();
        for (int i = 0; i < section.spans().size(); i++) {
            Length start = edges.get(i).max(from);
            Length end = toEnd ? edges.get(i + 1) : edges.get(i + 1).min(to);
            if (!start.isLessThan(end)) continue;
            boolean whole = start.equals(edges.get(i)) && end.equals(edges.get(i + 1));
            Span span = section.spans().get(i);
            found.add(new Kept(i, whole ? span : new Span(span.chord(), SpanLength.between(lines, start, end))));
        }
        return found;
    }

    /**
     * The chords of the bars from {@code first} on, from 0, as far as {@code end}, which is excluded; cut where they
     * cross the bar lines.
     */
    public static List<Span> chords(Section section, Length round, int first, int end) {
        BarLines lines = section.barLines();
        return kept(section, section.edges(round), lines.start(first), lines.start(end)).stream()
                .map(Kept::span)
                .toList();
    }

    /** {@code section} with more bars in front of the one with the index {@code place}, from 0. */
    public static Section inserted(Section section, int place, Bars added, Length round) {
        return replaced(Numbered.of(section), place, place, added, round).section();
    }

    /** The bars of {@code tag} after those of {@code section}, with their chords, voice and cues. */
    public static Numbered tagged(Numbered numbered, Section tag) {
        Section section = numbered.section();
        int moved = section.bars().size();
        var bars = new ArrayList<>(section.bars());
        bars.addAll(tag.bars());
        if (bars.size() > Section.MOST_BARS) return numbered;
        var spans = new ArrayList<>(section.spans());
        spans.addAll(tag.spans());
        var voice = new ArrayList<>(section.voice());
        tag.voice().stream()
                .filter(Stretch.Counted.class::isInstance)
                .map(stretch -> stretch.movedBy(moved))
                .forEach(voice::add);
        var cues = new ArrayList<>(section.cues());
        tag.cues().forEach(cue -> cues.add(new Cue(cue.bar() + moved, cue.beat(), PassChoice.EVERY, cue.text())));
        var words = new ArrayList<>(section.words());
        tag.words().forEach(line -> words.add(line.movedBy(moved)));
        Section longer = section.withBars(bars)
                .withSpans(spans)
                .withVoice(voice)
                .withCues(cues)
                .withWords(words);
        return new Numbered(
                longer,
                added(numbered.bars(), tag.bars().size(), numbered.nextBar()),
                added(numbered.chords(), tag.spans().size(), numbered.nextChord()),
                numbered.written());
    }

    private static List<Integer> added(List<Integer> numbers, int count, int next) {
        return Stream.concat(
                        numbers.stream(), IntStream.range(next, next + count).boxed())
                .toList();
    }
}
