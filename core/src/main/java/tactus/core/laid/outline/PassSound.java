package tactus.core.laid.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.StruckString;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.TempoMap;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Swell;
import tactus.core.written.section.Stretch.Bounds;

/** What is heard and held in one pass, and what it is called, counted from its start, so that two passes can be compared. */
record PassSound(
        List<Object> chords, List<Ribbon> ribbons, List<Struck> strokes, List<Struck> second, List<Object> margin) {

    /** A stroke wherever it is. */
    private record Struck(
            Length at,
            Length length,
            Stroke stroke,
            List<StruckString> strings,
            List<StruckString> slurred,
            Optional<PatternId> pattern,
            double loudness) {}

    private record Held(String chord, Length at, Length length, int semitonesUp) {}

    private record Loud(Length at, Swell swell) {}

    private record Pause(Length at, Length extra, boolean isHeld) {}

    static PassSound of(OrderedTimeline heard, List<TimelineBar> bars) {
        Timeline timeline = heard.timeline;
        Length start = OrderedTimeline.start(bars);
        var strokes = new ArrayList<Struck>();
        for (TimelineBar bar : bars)
            for (TimelineStroke stroke : timeline.strokesIn(bar.number())) strokes.add(struck(stroke, start));
        List<Struck> second =
                heard.second(bars).stream().map(stroke -> struck(stroke, start)).toList();
        return new PassSound(
                chords(timeline, bars), Outline.ribbons(timeline, bars), strokes, second, margin(heard, bars));
    }

    private static Struck struck(TimelineStroke stroke, Length start) {
        return new Struck(
                stroke.start().minus(start),
                stroke.length(),
                stroke.stroke(),
                stroke.strings(),
                stroke.slurred(),
                stroke.pattern(),
                stroke.loudness());
    }

    /** What a second guitar plays, from its first stroke of a figure to its last. */
    static List<Ribbon> figures(OrderedTimeline heard, List<TimelineBar> bars) {
        Length start = OrderedTimeline.start(bars);
        var figures = new ArrayList<Ribbon>();
        for (TimelineStroke stroke : heard.second(bars)) {
            var next = new Ribbon(
                    figures.isEmpty()
                            ? stroke.start().minus(start)
                            : figures.getLast().to(),
                    stroke.end().minus(start),
                    Optional.empty(),
                    stroke.pattern(),
                    FormChoice.FULL,
                    List.of());
            if (figures.isEmpty() || !figures.getLast().goesOnAs(next)) figures.add(next);
            else figures.set(figures.size() - 1, next.begunAt(figures.getLast().from()));
        }
        return figures;
    }

    /** Its meters and its chords with where they lie. */
    static List<Object> chords(Timeline timeline, List<TimelineBar> bars) {
        Length start = bars.getFirst().start();
        var chords = new ArrayList<Object>();
        for (TimelineBar bar : bars) {
            Meter meter = bar.meter();
            chords.add(meter);
        }
        Optional<Held> last = Optional.empty();
        for (TimelineSpan span : spans(timeline, bars)) {
            var held = new Held(
                    span.chord(), span.start().minus(start), span.end().minus(span.start()), span.semitonesUp());
            if (last.isPresent() && span.goesOn()) {
                chords.removeLast();
                held = new Held(held.chord, last.get().at, last.get().length.plus(held.length), held.semitonesUp);
            }
            chords.add(held);
            last = Optional.of(held);
        }
        return chords;
    }

    static List<TimelineSpan> spans(Timeline timeline, List<TimelineBar> bars) {
        return bars.stream()
                .flatMap(bar -> timeline.spansIn(bar).stream()
                        .filter(span -> !span.start().isLessThan(bar.start())))
                .toList();
    }

    private static List<Object> margin(OrderedTimeline heard, List<TimelineBar> bars) {
        Length start = OrderedTimeline.start(bars);
        var margin = new ArrayList<Object>();
        for (Bounds sung : heard.sung(bars))
            margin.add(new Bounds(sung.from().minus(start), sung.to().minus(start)));
        for (Margin.SwellAt swell : heard.swells(bars))
            margin.add(new Loud(swell.at().minus(start), swell.swell()));
        for (TimelineBar bar : bars)
            for (Margin.SungAt word : heard.timeline.wordsIn(bar))
                margin.add(List.of(word.at().minus(start), word.text()));
        for (Margin.OfferAt offer : heard.offers(bars))
            margin.add(List.of(offer.at().minus(start), offer.rule().play()));
        for (TempoMap.Pause pause : heard.pauses(bars))
            margin.add(new Pause(pause.from().minus(start), pause.extra(), pause.isHeld()));
        return margin;
    }
}
