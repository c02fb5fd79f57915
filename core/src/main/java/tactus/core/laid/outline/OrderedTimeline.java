package tactus.core.laid.outline;

import java.util.List;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.time.Length;
import tactus.core.music.time.TempoMap;
import tactus.core.written.section.Stretch.Bounds;

/** A timeline with what goes along with its strokes in the order of time. */
final class OrderedTimeline {

    final Timeline timeline;
    private final InTime<TimelineStroke> second;
    private final InTime<Bounds> sung;
    private final InTime<Margin.SwellAt> swells;
    private final InTime<Margin.OfferAt> offers;
    private final InTime<TempoMap.Pause> pauses;

    OrderedTimeline(Timeline timeline) {
        this.timeline = timeline;
        Margin margin = timeline.margin();
        second = new InTime<>(timeline.parts().second(), TimelineStroke::start);
        sung = new InTime<>(margin.sung(), Bounds::from);
        swells = new InTime<>(margin.swells(), Margin.SwellAt::at);
        offers = new InTime<>(margin.offers(), Margin.OfferAt::at);
        pauses = new InTime<>(timeline.tempoMap().pauses(), TempoMap.Pause::from);
    }

    static Length start(List<TimelineBar> bars) {
        return bars.getFirst().start();
    }

    private static Length end(List<TimelineBar> bars) {
        return bars.getLast().end();
    }

    List<TimelineStroke> second(List<TimelineBar> bars) {
        return second.within(start(bars), end(bars));
    }

    List<Bounds> sung(List<TimelineBar> bars) {
        return sung.within(start(bars), end(bars));
    }

    List<Margin.SwellAt> swells(List<TimelineBar> bars) {
        return swells.within(start(bars), end(bars));
    }

    List<Margin.OfferAt> offers(List<TimelineBar> bars) {
        return offers.within(start(bars), end(bars));
    }

    List<TempoMap.Pause> pauses(List<TimelineBar> bars) {
        return pauses.within(start(bars), end(bars));
    }
}
