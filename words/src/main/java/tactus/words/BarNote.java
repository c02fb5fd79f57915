package tactus.words;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import tactus.core.laid.outline.LineOfBars;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineCue;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.time.TempoMap;
import tactus.core.reading.sentence.RuleSentence;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Pace;
import tactus.core.written.rule.Raise;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.What;

/** What is written above a bar: how loud it gets, events and forms that begin, a pause, a second guitar, cues. */
public final class BarNote {

    private final Timeline timeline;
    private final TimelineBar bar;
    private final List<TimelineSpan> spans;
    private final RuleSentence rules;

    private BarNote(SongWords words, Timeline timeline, TimelineBar bar) {
        this.timeline = timeline;
        this.bar = bar;
        spans = timeline.spansIn(bar);
        rules = words.rules();
    }

    /** The note of {@code bar} in a song with these words. */
    public static String of(SongWords words, Timeline timeline, TimelineBar bar) {
        return new BarNote(words, timeline, bar).text();
    }

    /** So many numbers stand in front of a bar that comes more often. */
    private static final int MOST_NUMBERS = 3;

    /**
     * By which numbers a bar is known: those in the song of each time that it comes, and behind them that in its section where
     * it is another one.
     *
     * @param alike the bars of the song that are written as one, in order, at least one
     */
    public static String barNumbers(List<TimelineBar> alike) {
        List<String> numbers =
                alike.stream().map(bar -> Integer.toString(bar.number())).toList();
        String all = numbers.size() <= MOST_NUMBERS
                ? String.join("·", numbers)
                : numbers.getFirst() + "·…·" + numbers.getLast();
        TimelineBar first = alike.getFirst();
        boolean isOne = first.number() == first.numberInSection() || first.number() == 0;
        return isOne ? all : Words.of("bar-note.numbers", all, first.numberInSection());
    }

    /** What ribbons do not say: cues, loudness, tempo, another key, a pause. */
    private List<String> parts() {
        List<String> parts = marks();
        for (TimelineSpan span : spans)
            if (!span.start().isLessThan(bar.start())) raise(span).ifPresent(parts::add);
        if (hasPause()) parts.add(Words.of("bar-note.pause"));
        return parts;
    }

    /**
     * The notes of the bars at one place of several passes; what does not hold on all of them has the numbers of the passes in
     * front.
     */
    public static String besideRibbons(SongWords words, Timeline timeline, List<TimelineBar> passes) {
        Map<String, List<Integer>> parts = new LinkedHashMap<>();
        for (TimelineBar bar : passes) {
            for (String part : new BarNote(words, timeline, bar).parts())
                parts.computeIfAbsent(part, _ -> new ArrayList<>()).add(bar.pass());
        }
        return parts.entrySet().stream()
                .map(part -> part.getValue().size() == passes.size()
                        ? part.getKey()
                        : Words.of("bar-note.on-passes", numbers(part.getValue()), part.getKey()))
                .collect(Collectors.joining("  "));
    }

    /** The notes of a line of bars, one for each; empty texts where there are none. */
    public static List<String> besideRibbons(SongWords words, Timeline timeline, LineOfBars line) {
        return line.bars().stream()
                .map(bar -> besideRibbons(words, timeline, line.block().alike(timeline, bar)))
                .toList();
    }

    /** The numbers of passes: {@code 1,2}. */
    public static String numbers(List<Integer> passes) {
        return passes.stream().distinct().map(Object::toString).collect(Collectors.joining(","));
    }

    /** Its parts, the cues first. */
    private String text() {
        List<String> parts = marks();
        for (TimelineSpan span : spans) if (!span.start().isLessThan(bar.start())) addStart(span, parts);
        if (hasPause()) parts.add(Words.of("bar-note.pause"));
        if (startsFigure()) parts.add(Words.of("bar-note.second"));
        return String.join("  ", parts);
    }

    private List<String> marks() {
        var parts = new ArrayList<String>();
        for (TimelineCue cue : timeline.margin().cues()) {
            if (cue.bar() == bar.number()) parts.add(Words.of("bar-note.cue", cue.text()));
        }
        addLoudness(parts);
        addPaces(parts);
        timeline.margin().offers().stream()
                .filter(offer ->
                        !offer.at().isLessThan(bar.start()) && offer.at().isLessThan(bar.end()))
                .map(offer -> rules.said(offer.rule()))
                .forEach(parts::add);
        return parts;
    }

    /** The tempo where it becomes another one, and at the start of every pass that is not as usual. */
    private void addPaces(List<String> parts) {
        Optional<Pace> pace = Optional.empty();
        boolean isSaid = false;
        for (Margin.PaceAt change : timeline.margin().paces()) {
            if (!change.at().isLessThan(bar.end())) break;
            boolean here = !change.at().isLessThan(bar.start());
            if (here && !isSaid && bar.isFirst() && bar.start().isLessThan(change.at()))
                pace.map(rules::of).ifPresent(parts::add);
            isSaid |= here;
            pace = change.pace();
            if (here) parts.add(pace.map(rules::of).orElseGet(this::usualTempo));
        }
        if (!isSaid && bar.isFirst()) pace.map(rules::of).ifPresent(parts::add);
    }

    private void addStart(TimelineSpan span, List<String> parts) {
        raise(span).ifPresent(parts::add);
        if (span.played().what().orElse(null) instanceof What.Event event) parts.add(rules.of(event));
        boolean hasForm = span.pattern().isPresent() && !span.played().form().equals(FormChoice.FULL);
        if (hasForm && !isLikeBefore(span))
            span.played().form().rule().map(rules::of).ifPresent(parts::add);
    }

    private boolean hasPause() {
        return timeline.tempoMap().pauses().stream()
                .filter(TempoMap.Pause::isHeld)
                .anyMatch(pause ->
                        !pause.from().isLessThan(bar.start()) && pause.from().isLessThan(bar.end()));
    }

    private String usualTempo() {
        return rules.of(new Pace(Pace.Way.STEADY, timeline.tempo().perMinute()));
    }

    /** A second guitar is named where a pass begins and where it comes in. */
    private boolean startsFigure() {
        return figures(bar.number()) && (bar.isFirst() || !figures(bar.number() - 1));
    }

    private boolean figures(int number) {
        return timeline.parts().second().stream().anyMatch(stroke -> stroke.bar() == number);
    }

    private boolean isLikeBefore(TimelineSpan span) {
        return timeline.before(span)
                .filter(last -> last.played().form().equals(span.played().form())
                        && last.pattern().equals(span.pattern()))
                .isPresent();
    }

    /** Where a section in another key begins, and where the song goes back. */
    private Optional<String> raise(TimelineSpan span) {
        Optional<Raise> last = timeline.before(span).flatMap(TimelineSpan::raise);
        boolean goesOn = span.raise().equals(last);
        // Every pass says so, or the first alone would seem to be meant.
        boolean starts = bar.isFirst()
                && span.start().equals(bar.start())
                && span.raise().isPresent();
        if (goesOn && !starts) return Optional.empty();
        return Optional.of(span.raise().map(rules::of).orElse(Words.of("bar-note.back")));
    }

    /** The letters where it becomes louder or softer, and at the start of a pass that is not as usual. */
    private void addLoudness(List<String> parts) {
        Swell last = Swell.USUAL;
        for (Margin.SwellAt change : timeline.margin().swells()) {
            if (!change.at().isLessThan(bar.end())) return;
            boolean starts = bar.isFirst()
                    && change.at().equals(bar.start())
                    && !change.swell().equals(Swell.USUAL);
            boolean here = !change.at().isLessThan(bar.start());
            if (here && (starts || !change.swell().equals(last))) parts.add(letters(change.swell()));
            last = change.swell();
        }
    }

    private static String letters(Swell swell) {
        String letters = swell.from().letters();
        return swell.isSteady()
                ? letters
                : Words.of("bar-note.swell", letters, swell.to().letters());
    }
}
