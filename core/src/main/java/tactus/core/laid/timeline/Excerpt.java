package tactus.core.laid.timeline;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import tactus.core.music.time.Length;
import tactus.core.music.time.TempoMap;
import tactus.core.written.section.Stretch.Bounds;

/** Bars of a song as if they were all of it: they keep their numbers, and the first of them begins at 0. */
public final class Excerpt {

    private final Timeline whole;
    private final Length from;
    private final Length to;
    private final double seconds;
    private final int firstSpan;

    private Excerpt(Timeline whole, Length from, Length to) {
        this.whole = whole;
        this.from = from;
        this.to = to;
        seconds = whole.seconds(from);
        int first = 0;
        while (first < whole.spans().size()
                && !from.isLessThan(whole.spans().get(first).end())) first++;
        firstSpan = first;
    }

    /**
     * The bars {@code range} of {@code whole}; a pick-up belongs to bar 1.
     *
     * @throws IllegalArgumentException if there are none
     */
    public static Timeline of(Timeline whole, BarRange range) {
        List<TimelineBar> bars = whole.bars().stream()
                .filter(bar -> range.has(Math.max(1, bar.number())))
                .toList();
        if (bars.isEmpty()) throw new IllegalArgumentException("no bars " + range);
        return new Excerpt(whole, bars.getFirst().start(), bars.getLast().end()).timeline(bars);
    }

    private Timeline timeline(List<TimelineBar> bars) {
        return new Timeline(
                tempo(),
                whole.concert(),
                bars.stream().map(this::moved).toList(),
                whole.spans().stream()
                        .filter(span -> reaches(span.start(), span.end()))
                        .map(this::cut)
                        .toList(),
                new Parts(strokes(whole.strokes()), strokes(whole.parts().second())),
                to.minus(from),
                margin());
    }

    private TempoMap tempo() {
        return new TempoMap(
                whole.tempo(),
                whole.tempoMap().pauses().stream()
                        .filter(pause -> reaches(pause.from(), pause.to()))
                        .map(this::cut)
                        .toList());
    }

    private boolean reaches(Length start, Length end) {
        return start.isLessThan(to) && from.isLessThan(end);
    }

    /** A pause that reaches beyond is as much longer as its share says. */
    private TempoMap.Pause cut(TempoMap.Pause pause) {
        Length start = start(pause.from());
        Length end = pause.to().min(to).minus(from);
        Length share = end.minus(start).dividedBy(pause.to().minus(pause.from()));
        return new TempoMap.Pause(start, end, pause.extra().times(share), pause.isHeld());
    }

    private Length start(Length position) {
        return position.isLessThan(from) ? Length.ZERO : position.minus(from);
    }

    private TimelineBar moved(TimelineBar bar) {
        return new TimelineBar(
                bar.number(),
                bar.meter(),
                bar.start().minus(from),
                bar.seconds() - seconds,
                bar.section(),
                bar.use(),
                bar.pass(),
                bar.inSection(),
                bar.numberInSection());
    }

    private TimelineSpan cut(TimelineSpan span) {
        return new TimelineSpan(
                span.chord(),
                start(span.start()),
                span.end().min(to).minus(from),
                span.use(),
                span.pass(),
                span.inSection(),
                span.goesOn() && !span.start().isLessThan(from),
                span.played(),
                span.raise());
    }

    private boolean holds(Length position) {
        return !position.isLessThan(from) && position.isLessThan(to);
    }

    private List<TimelineStroke> strokes(List<TimelineStroke> strokes) {
        return strokes.stream()
                .filter(stroke -> holds(stroke.start()))
                .map(stroke -> new TimelineStroke(
                        new SlotTime(
                                stroke.start().minus(from),
                                stroke.length(),
                                stroke.count(),
                                stroke.bar(),
                                stroke.span() - firstSpan),
                        stroke.seconds() - seconds,
                        stroke.stroke(),
                        stroke.motion(),
                        stroke.sound(),
                        stroke.from()))
                .toList();
    }

    private Margin margin() {
        Margin all = whole.margin();
        return new Margin(
                all.cues().stream()
                        .filter(cue -> holds(cue.at()))
                        .map(cue -> new TimelineCue(cue.at().minus(from), cue.bar(), cue.text()))
                        .toList(),
                all.sung().stream()
                        .filter(sung -> reaches(sung.from(), sung.to()))
                        .map(sung ->
                                new Bounds(start(sung.from()), sung.to().min(to).minus(from)))
                        .toList(),
                lasting(all.swells(), Margin.SwellAt::at, (swell, at) -> new Margin.SwellAt(at, swell.swell())),
                all.words().stream()
                        .filter(word -> holds(word.at()))
                        .map(word -> new Margin.SungAt(
                                word.at().minus(from), word.bar(), word.text(), word.goesOn(), word.startsLine()))
                        .toList(),
                lasting(all.paces(), Margin.PaceAt::at, (pace, at) -> new Margin.PaceAt(at, pace.pace())),
                all.offers().stream()
                        .filter(offer -> holds(offer.at()))
                        .map(offer -> new Margin.OfferAt(offer.at().minus(from), offer.rule()))
                        .toList());
    }

    /** What holds until the next one: the last one in front of the excerpt holds from its start on. */
    private <T> List<T> lasting(List<T> all, Function<T, Length> place, BiFunction<T, Length, T> placed) {
        Optional<T> before =
                all.stream().filter(each -> !from.isLessThan(place.apply(each))).reduce((_, later) -> later);
        return Stream.concat(
                        before.map(each -> placed.apply(each, Length.ZERO)).stream(),
                        all.stream()
                                .filter(each -> from.isLessThan(place.apply(each))
                                        && place.apply(each).isLessThan(to))
                                .map(each ->
                                        placed.apply(each, place.apply(each).minus(from))))
                .toList();
    }
}
