package tactus.core.timeline;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.pattern.FingerMove;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.song.Section;
import tactus.core.song.Span;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Stroke;
import tactus.core.time.BarLines;
import tactus.core.time.Count;
import tactus.core.time.Counting;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.Slot;

/** One pass of a section with one pattern, counted from its own start; a song places it as often as it is played. */
final class SectionLayout {

    record LaidSpan(String chord, Length start, Length end, Optional<Fit> fit) {}

    record LaidStroke(
            Length start,
            Length length,
            Motion motion,
            List<StruckString> strings,
            List<StruckString> slurred,
            Count count,
            int bar,
            int span,
            int slot) {

        /** When it sounds if it is written at {@code at}. */
        Length sounding(Length at) {
            return motion.delay.isZero() ? at : at.plus(motion.delay);
        }
    }

    /** What the hands do at a slot, whatever the chord is. */
    record Motion(Stroke stroke, List<FingerMove> moves, Length delay, Optional<Direction> hand, boolean isAgainst) {
        static Motion of(Pattern played, Slot slot) {
            return new Motion(
                    played.at(slot),
                    played.movesAt(slot),
                    played.frame().delay(slot),
                    played.frame().handAt(slot),
                    played.isAgainstHand(slot));
        }
    }

    final Section section;
    final BarLines bars;
    final Optional<PatternId> pattern;
    final List<LaidSpan> spans = new ArrayList<>();
    final List<LaidStroke> strokes = new ArrayList<>();

    SectionLayout(Section section, Optional<Pattern> pattern, Strings strings) {
        this.section = section;
        this.bars = section.barLines();
        this.pattern = pattern.map(Pattern::id);
        laySpans(pattern.map(Pattern::length));
        pattern.ifPresent(played -> layStrokes(played, strings));
    }

    private void laySpans(Optional<Length> round) {
        Length at = Length.ZERO;
        for (Span span : section.spans()) {
            if (!at.isLessThan(bars.length())) return;
            Length start = at;
            Length end = span.length().end(bars, start).min(bars.length());
            spans.add(new LaidSpan(span.chord(), start, end, round.map(length -> new Fit(end.minus(start), length))));
            at = end;
        }
    }

    private void layStrokes(Pattern played, Strings strings) {
        Length pickup = played.frame().pickupLength();
        Length length = played.length();
        List<Slot> slots =
                played.grid().slots().stream().filter(slot -> slot.bar() >= 0).toList();
        var motions = slots.stream().map(slot -> Motion.of(played, slot)).toList();
        Map<String, List<List<StruckString>>> known = new HashMap<>();
        for (int span = 0; span < spans.size(); span++) {
            Length round = spans.get(span).start();
            var hold = new Hold(
                    spans.get(span).chord(),
                    strings,
                    known.computeIfAbsent(
                            spans.get(span).chord(), _ -> new ArrayList<>(Collections.nCopies(slots.size(), null))));
            while (round.isLessThan(spans.get(span).end())) {
                layRound(slots, played, motions, hold, span, round.minus(pickup));
                round = round.plus(length);
            }
        }
    }

    private void layRound(List<Slot> slots, Pattern played, List<Motion> motions, Hold hold, int index, Length round) {
        LaidSpan span = spans.get(index);
        int bar = bars.barAt(round.max(Length.ZERO));
        for (int i = 0; i < slots.size(); i++) {
            Slot slot = slots.get(i);
            Length start = round.plus(slot.at());
            if (!start.isLessThan(span.end())) return;
            while (bar + 1 < bars.bars() && !start.isLessThan(bars.start(bar + 1))) bar++;
            Motion motion = motions.get(i);
            List<StruckString> moved = hold.change(motion.moves());
            List<StruckString> struck = hold.struck(motion.stroke(), played.id(), i);
            strokes.add(new LaidStroke(
                    start,
                    slot.length().min(span.end().minus(start)),
                    motion,
                    struck,
                    moved.isEmpty() ? moved : without(moved, struck),
                    count(slot, played.meter(), bar, start.minus(bars.start(bar))),
                    bar,
                    index,
                    slot.index()));
        }
    }

    /** A string that is struck at the same time is not slurred. */
    private static List<StruckString> without(List<StruckString> moved, List<StruckString> struck) {
        return moved.stream()
                .filter(slur -> struck.stream().noneMatch(other -> other.string() == slur.string()))
                .toList();
    }

    /** How the slot is counted in the bar it falls in, which need not be where the pattern was written. */
    private Count count(Slot slot, Meter meter, int bar, Length inBar) {
        boolean asWritten = inBar.equals(slot.inBar()) && bars.meter(bar).equals(meter);
        return asWritten ? slot.count() : Counting.at(bars.meter(bar), slot.length(), inBar);
    }
}
