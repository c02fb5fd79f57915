package tactus.core.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.harmony.Span;
import tactus.core.harmony.SpanLength;
import tactus.core.section.Except.Bars;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Meter;

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
     * {@code section} with {@code excepts} done to it. An exception that no bar is left for, or that would leave none,
     * does nothing.
     *
     * @param round how long one round is, for chords that are counted in rounds
     */
    public static Section of(Section section, List<Except> excepts, Length round) {
        Section changed = section;
        for (Except except : excepts) changed = changed(changed, except.change(), round);
        return changed;
    }

    private static Section changed(Section section, Except.Change change, Length round) {
        return switch (change) {
            case Except.Runs _ -> section;
            case Except.OtherWords(var words) -> section.withWords(words);
            case Except.OtherVoice(var voice) -> section.withVoice(voice).withWords(List.of());
            case Except.ExtraBars(Bars added) ->
                replaced(section, section.bars().size(), section.bars().size(), added, round);
            case Except.OtherBars(var where, var instead) ->
                wholeBars(section, where)
                        .map(range -> replaced(section, range[0], range[1], instead, round))
                        .orElse(section);
            case Except.LeftOut(var where) ->
                wholeBars(section, where)
                        .filter(range -> range[1] - range[0] < section.bars().size())
                        .map(range -> without(section, range[0], range[1], round))
                        .orElse(section);
        };
    }

    /** Whether {@code except} finds bars in {@code section} to change. */
    public static boolean finds(Section section, Except except) {
        return switch (except.change()) {
            case Except.Runs _, Except.ExtraBars _, Except.OtherWords _, Except.OtherVoice _ -> true;
            case Except.OtherBars other -> wholeBars(section, other.where()).isPresent();
            case Except.LeftOut(var where) ->
                wholeBars(section, where)
                        .filter(range -> range[1] - range[0] < section.bars().size())
                        .isPresent();
        };
    }

    /** The bars, from 0, the second one excluded. */
    private static Optional<int[]> wholeBars(Section section, Stretch where) {
        BarLines lines = section.barLines();
        return where.in(lines).map(bounds -> {
            int last = lines.barAt(bounds.to());
            boolean whole = lines.start(last).equals(bounds.to());
            return new int[] {lines.barAt(bounds.from()), whole ? last : last + 1};
        });
    }

    private static Section replaced(Section section, int from, int to, Bars instead, Length round) {
        Section other = spliced(section, from, to, instead.bars(), instead.spans(), round);
        if (other == section || instead.loops().isEmpty()) return other;
        var loops = new ArrayList<>(other.harmony().loops());
        instead.loops().forEach(loop -> loops.add(loop.movedBy(from)));
        return other.withLoops(loops);
    }

    private static Section without(Section section, int from, int to, Length round) {
        return spliced(section, from, to, List.of(), List.of(), round);
    }

    private static Section spliced(
            Section section, int from, int to, List<Meter> meters, List<Span> middle, Length round) {
        BarLines lines = section.barLines();
        var bars = new ArrayList<>(section.bars().subList(0, from));
        bars.addAll(meters);
        bars.addAll(section.bars().subList(to, section.bars().size()));
        if (bars.size() > Section.MOST_BARS) return section;
        var spans = new ArrayList<>(between(section, lines, round, Length.ZERO, lines.start(from)));
        spans.addAll(middle);
        if (to < lines.bars()) spans.addAll(between(section, lines, round, lines.start(to), lines.length()));
        int moved = meters.size() - (to - from);
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

    /** The chords that sound between two bar lines, cut where they cross them. */
    private static List<Span> between(Section section, BarLines lines, Length round, Length from, Length to) {
        List<Length> edges = section.edges(round);
        var found = new ArrayList<Span>();
        for (int i = 0; i < section.spans().size(); i++) {
            Length start = edges.get(i).max(from);
            boolean toEnd = to.equals(lines.length());
            Length end = toEnd ? edges.get(i + 1) : edges.get(i + 1).min(to);
            if (!start.isLessThan(end)) continue;
            boolean whole = start.equals(edges.get(i)) && end.equals(edges.get(i + 1));
            Span span = section.spans().get(i);
            found.add(whole ? span : new Span(span.chord(), SpanLength.between(lines, start, end)));
        }
        return found;
    }

    /**
     * The chords of the bars from {@code first} on, from 0, as far as {@code end}, which is excluded; cut where they
     * cross the bar lines.
     */
    public static List<Span> chords(Section section, Length round, int first, int end) {
        BarLines lines = section.barLines();
        return between(section, lines, round, lines.start(first), lines.start(end));
    }

    /** {@code section} with more bars in front of the one with the index {@code place}, from 0. */
    public static Section inserted(Section section, int place, Bars added, Length round) {
        return replaced(section, place, place, added, round);
    }

    /** The bars of {@code tag} after those of {@code section}, with their chords, voice and cues. */
    public static Section tagged(Section section, Section tag) {
        int moved = section.bars().size();
        var bars = new ArrayList<>(section.bars());
        bars.addAll(tag.bars());
        if (bars.size() > Section.MOST_BARS) return section;
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
        return section.withBars(bars)
                .withSpans(spans)
                .withVoice(voice)
                .withCues(cues)
                .withWords(words);
    }
}
