package tactus.core.timeline;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.pitch.ConcertPitch;
import tactus.core.song.Section;
import tactus.core.song.SectionId;
import tactus.core.song.Song;
import tactus.core.stroke.Miss;
import tactus.core.time.Length;
import tactus.core.time.Slot;
import tactus.core.time.Tempo;

/**
 * The whole song laid out as it is played.
 *
 * @param concert what the guitar is tuned to
 * @param bars in order, without gaps
 * @param spans in order; bars that no chord fills have none
 * @param strokes in order of their start
 * @param length the length of all bars
 */
public record Timeline(
        Tempo tempo,
        ConcertPitch concert,
        List<TimelineBar> bars,
        List<TimelineSpan> spans,
        List<TimelineStroke> strokes,
        Length length) {

    public Timeline {
        bars = Collections.unmodifiableList(bars);
        spans = Collections.unmodifiableList(spans);
        strokes = Collections.unmodifiableList(strokes);
    }

    /** Lays {@code song} out: each entry of the running order, pass by pass. */
    public static Timeline of(Song song) {
        return new Layout(song).timeline();
    }

    /** When {@code position} is reached, in seconds at the song's tempo. */
    public double seconds(Length position) {
        return tempo.seconds(position);
    }

    /** How long the song is, in seconds at its tempo. */
    public double seconds() {
        return seconds(length);
    }

    /** The bar that {@code position} lies in. */
    public Optional<TimelineBar> barAt(Length position) {
        if (position.isLessThan(Length.ZERO) || !position.isLessThan(length)) return Optional.empty();
        int low = 0;
        int high = bars.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (position.isLessThan(bars.get(middle).start())) high = middle - 1;
            else low = middle;
        }
        return Optional.of(bars.get(low));
    }

    /** The strokes of the bar with {@code number}, from 1. */
    public List<TimelineStroke> strokesIn(int number) {
        int from = firstStrokeOf(number);
        int to = firstStrokeOf(number + 1);
        return strokes.subList(from, to);
    }

    /** The chords that sound in {@code bar}, those that began before it included. */
    public List<TimelineSpan> spansIn(TimelineBar bar) {
        int from = firstSpanAfter(bar.start());
        int to = from;
        while (to < spans.size() && spans.get(to).start().isLessThan(bar.end())) to++;
        return spans.subList(from, to);
    }

    /** The first span that ends after {@code position}. */
    private int firstSpanAfter(Length position) {
        int low = 0;
        int high = spans.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (position.isLessThan(spans.get(middle).end())) high = middle;
            else low = middle + 1;
        }
        return low;
    }

    private int firstStrokeOf(int bar) {
        int low = 0;
        int high = strokes.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (strokes.get(middle).bar() < bar) low = middle + 1;
            else high = middle;
        }
        return low;
    }

    /** Builds a timeline section by section; what one pass of a section looks like is worked out once. */
    private static final class Layout {

        private record Key(SectionId section, Optional<PatternId> pattern) {}

        private final Song song;
        private final Tempo tempo;
        private final Strings strings;
        private final Map<Key, SectionLayout> laid = new HashMap<>();
        private final List<TimelineBar> bars = new ArrayList<>();
        private final List<TimelineSpan> spans = new ArrayList<>();
        private final List<TimelineStroke> strokes = new ArrayList<>();
        private Length at = Length.ZERO;

        Layout(Song song) {
            this.song = song;
            this.tempo = song.facts().tempo();
            this.strings = new Strings(song);
        }

        Timeline timeline() {
            for (int use = 0; use < song.order().size(); use++) {
                Section section = song.section(song.order().get(use)).orElseThrow();
                for (int pass = 1; pass <= section.passes(); pass++) place(layout(section, pass), use, pass);
            }
            return new Timeline(tempo, song.facts().instrument().concert(), bars, spans, strokes, at);
        }

        private SectionLayout layout(Section section, int pass) {
            Optional<Pattern> pattern = section.patternOn(pass).flatMap(song::pattern);
            return laid.computeIfAbsent(
                    new Key(section.id(), pattern.map(Pattern::id)), _ -> new SectionLayout(section, pattern, strings));
        }

        private void place(SectionLayout layout, int use, int pass) {
            int firstBar = bars.size();
            int firstSpan = spans.size();
            layout.pattern.flatMap(song::pattern).ifPresent(this::placePickup);
            placeBars(layout, use, pass);
            for (int i = 0; i < layout.spans.size(); i++) {
                var span = layout.spans.get(i);
                spans.add(new TimelineSpan(
                        span.chord(),
                        at.plus(span.start()),
                        at.plus(span.end()),
                        use,
                        pass,
                        i,
                        layout.pattern,
                        span.fit()));
            }
            for (var stroke : layout.strokes) place(stroke, layout.pattern.orElseThrow(), firstBar, firstSpan);
            at = at.plus(layout.bars.length());
        }

        /** From its first stroke on a pick-up takes the place of what was played there, on the chord that sounds. */
        private void placePickup(Pattern pattern) {
            List<Slot> front = pattern.grid().slots().stream()
                    .filter(slot -> slot.bar() < 0)
                    .dropWhile(slot -> pattern.at(slot) instanceof Miss)
                    .toList();
            if (front.isEmpty()) return;
            Length start = at.minus(pattern.frame().pickupLength());
            Length from = start.plus(front.getFirst().at());
            if (spans.isEmpty() || from.isLessThan(spans.getLast().start())) return;
            while (!strokes.isEmpty() && !strokes.getLast().start().isLessThan(from)) strokes.removeLast();
            front.forEach(slot -> strokes.add(pickedUp(pattern, slot, start.plus(slot.at()))));
        }

        private TimelineStroke pickedUp(Pattern pattern, Slot slot, Length start) {
            var motion = SectionLayout.Motion.of(pattern, slot);
            return new TimelineStroke(
                    start,
                    slot.length(),
                    tempo.seconds(start.plus(motion.delay())),
                    motion.stroke(),
                    motion.hand(),
                    motion.isAgainst(),
                    strings.struck(spans.getLast().chord(), motion.stroke(), pattern.id(), Map.of()),
                    List.of(),
                    slot.count(),
                    bars.size(),
                    spans.size() - 1,
                    pattern.id(),
                    slot.index());
        }

        private void placeBars(SectionLayout layout, int use, int pass) {
            for (int bar = 0; bar < layout.bars.bars(); bar++) {
                Length start = at.plus(layout.bars.start(bar));
                bars.add(new TimelineBar(
                        bars.size() + 1,
                        layout.bars.meter(bar),
                        start,
                        tempo.seconds(start),
                        layout.section.id(),
                        use,
                        pass,
                        bar));
            }
        }

        private void place(SectionLayout.LaidStroke stroke, PatternId pattern, int firstBar, int firstSpan) {
            Length start = at.plus(stroke.start());
            strokes.add(new TimelineStroke(
                    start,
                    stroke.length(),
                    tempo.seconds(stroke.sounding(start)),
                    stroke.motion().stroke(),
                    stroke.motion().hand(),
                    stroke.motion().isAgainst(),
                    stroke.strings(),
                    stroke.slurred(),
                    stroke.count(),
                    firstBar + stroke.bar() + 1,
                    firstSpan + stroke.span(),
                    pattern,
                    stroke.slot()));
        }
    }
}
