package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.music.stroke.Ring;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Count;
import tactus.core.music.time.Counting;
import tactus.core.music.time.Length;
import tactus.core.written.rule.What;

/** The strokes of a pass as far as it is laid, and the chords that they are played on. */
final class PassStrokes {

    private final BarLines bars;
    private final Strings strings;
    private final PassSounds sounds;
    private final List<LaidSpan> spans = new ArrayList<>();
    private final List<LaidStroke> strokes = new ArrayList<>();

    PassStrokes(PassFrame frame, PassSounds sounds) {
        bars = frame.bars();
        strings = frame.strings();
        this.sounds = sounds;
    }

    BarLines bars() {
        return bars;
    }

    Strings strings() {
        return strings;
    }

    PassSounds sounds() {
        return sounds;
    }

    List<LaidSpan> spans() {
        return spans;
    }

    List<LaidStroke> strokes() {
        return strokes;
    }

    /** The chord that is laid. */
    LaidSpan span() {
        return spans.getLast();
    }

    /** A slot of the chord that is laid. */
    PassSlot slot(Length start, Length length, Count count, int bar) {
        return new PassSlot(start, length, count, bar, spans.size() - 1);
    }

    /** Lays what {@code event} strikes on the chord that is laid. */
    void add(What.Event event) {
        EventStrokes.of(event, bars, span().start(), span().end()).forEach(this::add);
    }

    /** What is left of the chord rings from {@code from} on; where nothing of it has been played, it is struck once. */
    void addRinging(Length from) {
        boolean strikes = from.equals(span().start());
        for (EventStrokes.At at : EventStrokes.of(What.Event.HELD, bars, from, span().end())) {
            add(strikes && at.start().equals(from) ? at : new EventStrokes.At(at.start(), at.length(), Ring.RING));
        }
    }

    private void add(EventStrokes.At at) {
        int bar = bars.barAt(at.start());
        Length inBar = at.start().minus(bars.start(bar));
        Count count =
                Counting.at(bars.meter(bar), at.length().min(bars.meter(bar).unitLength()), inBar);
        List<StruckString> struck = strings.struck(span().chord(), at.stroke(), Optional.empty(), Map.of());
        strokes.add(new LaidStroke(
                slot(at.start(), at.length(), count, bar),
                Motion.event(at.stroke()),
                new Sounding(struck, List.of(), List.of(), sounds.loudness(at.start())),
                PlayedFrom.EVENT));
    }
}
