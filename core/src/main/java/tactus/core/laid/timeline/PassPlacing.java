package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import tactus.core.music.stroke.Miss;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Slot;
import tactus.core.music.time.Tempo;
import tactus.core.music.time.TempoMap;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.section.Cue;
import tactus.core.written.section.Stretch.Bounds;
import tactus.core.written.section.Syllable;
import tactus.core.written.section.WordLine;

/** Puts one pass where it is played in a song. */
final class PassPlacing {

    /** Which pass it is: the entry of the running order, from 0, the pass, from 1, and how many there are. */
    record Turn(int use, int pass, int count) {}

    private final LaidPass laid;
    private final Turn turn;
    private final SongPosition from;
    private final Tempo tempo;
    private final TempoMap clock;

    private PassPlacing(LaidPass laid, Turn turn, SongPosition from, Tempo tempo, TempoMap clock) {
        this.laid = laid;
        this.turn = turn;
        this.from = from;
        this.tempo = tempo;
        this.clock = clock;
    }

    /** @param pauses those of the pass, counted from its start */
    static PlacedPass of(LaidPass laid, Turn turn, SongPosition from, Tempo tempo, List<TempoMap.Pause> pauses) {
        var clock = new TempoMap(
                tempo,
                pauses.stream()
                        .map(pause -> new TempoMap.Pause(
                                from.at().plus(pause.from()),
                                from.at().plus(pause.to()),
                                pause.extra(),
                                pause.isHeld()))
                        .toList());
        return new PassPlacing(laid, turn, from, tempo, clock).placed();
    }

    private PlacedPass placed() {
        return new PlacedPass(
                bars(),
                spans(),
                laid.first().map(this::pickup).orElse(List.of()),
                new Parts(strokes(laid.strokes()), strokes(laid.second())),
                new Margin(cues(), sung(), swells(), words(), paces(), List.of()),
                clock.pauses());
    }

    private double seconds(Length position) {
        if (from.held().isZero() && clock.pauses().isEmpty()) return tempo.seconds(position);
        return tempo.seconds(clock.played(position).plus(from.held()));
    }

    private List<TimelineBar> bars() {
        BarLines lines = laid.bars();
        var bars = new ArrayList<TimelineBar>(lines.bars());
        for (int bar = 0; bar < lines.bars(); bar++) {
            Length start = from.at().plus(lines.start(bar));
            bars.add(new TimelineBar(
                    from.bar() + bar,
                    lines.meter(bar),
                    start,
                    seconds(start),
                    laid.section().id(),
                    turn.use(),
                    turn.pass(),
                    OptionalInt.of(bar),
                    laid.frame().numbered().bars().get(bar)));
        }
        return bars;
    }

    private List<TimelineSpan> spans() {
        var spans = new ArrayList<TimelineSpan>(laid.spans().size());
        for (LaidSpan span : laid.spans()) {
            spans.add(new TimelineSpan(
                    span.chord(),
                    from.at().plus(span.start()),
                    from.at().plus(span.end()),
                    turn.use(),
                    turn.pass(),
                    OptionalInt.of(span.inSection()),
                    span.goesOn(),
                    span.played(),
                    laid.frame().raise()));
        }
        return spans;
    }

    private List<TimelineStroke> strokes(List<LaidStroke> all) {
        var strokes = new ArrayList<TimelineStroke>(all.size());
        for (LaidStroke stroke : all) {
            Length start = from.at().plus(stroke.at().start());
            double seconds = seconds(stroke.motion().sounding(start));
            strokes.add(stroke.placed(from, seconds));
        }
        return strokes;
    }

    /** From its first stroke on a pick-up takes the place of what was played there, on the chord that sounds. */
    private List<TimelineStroke> pickup(Pattern pattern) {
        if (pattern.frame().pickup() == 0 || from.before().isEmpty()) return List.of();
        SongPosition.Lead lead = from.before().get();
        List<Slot> front = pattern.grid().slots().stream()
                .filter(slot -> slot.bar() < 0)
                .dropWhile(slot -> pattern.at(slot) instanceof Miss)
                .toList();
        if (front.isEmpty()) return List.of();
        Length start = from.at().minus(pattern.frame().pickupLength());
        if (start.plus(front.getFirst().at()).isLessThan(lead.start())) return List.of();
        return front.stream()
                .map(slot -> pickedUp(pattern, slot, start.plus(slot.at()), lead))
                .toList();
    }

    private TimelineStroke pickedUp(Pattern pattern, Slot slot, Length start, SongPosition.Lead lead) {
        Motion motion = Motion.of(pattern, slot);
        List<StruckString> struck =
                lead.strings().struck(lead.chord(), motion.stroke(), Optional.of(pattern.id()), Map.of());
        return new TimelineStroke(
                new SlotTime(start, slot.length(), slot.count(), from.bar() - 1, from.span() - 1),
                seconds(motion.sounding(start)),
                motion.stroke(),
                motion.hand(),
                new Sounding(struck, List.of(), List.of(), laid.loudnessAtStart()),
                new PlayedFrom(Optional.of(pattern.id()), slot.index()));
    }

    private List<Margin.SwellAt> swells() {
        return laid.loudness().changes().stream()
                .map(change -> new Margin.SwellAt(from.at().plus(change.at()), change.swell()))
                .toList();
    }

    private List<Margin.PaceAt> paces() {
        return Pacing.changes(laid).stream()
                .map(change -> new Margin.PaceAt(from.at().plus(change.at()), change.pace()))
                .toList();
    }

    private List<Bounds> sung() {
        return laid.frame().sung().stream()
                .map(bounds ->
                        new Bounds(from.at().plus(bounds.from()), from.at().plus(bounds.to())))
                .toList();
    }

    private List<Margin.SungAt> words() {
        var words = new ArrayList<Margin.SungAt>();
        for (WordLine line : laid.section().wordsWithin()) {
            for (Syllable each : line.syllables()) {
                boolean starts = each == line.syllables().getFirst();
                words.add(new Margin.SungAt(
                        from.at().plus(each.at(laid.bars())), from.bar(), each.text(), each.goesOn(), starts));
            }
        }
        return words;
    }

    private List<TimelineCue> cues() {
        return laid.section().cues().stream()
                .filter(cue -> cue.passes().has(turn.pass(), turn.count()))
                .flatMap(cue ->
                        position(cue)
                                .map(start -> new TimelineCue(start, from.bar() + cue.bar() - 1, cue.text()))
                                .stream())
                .toList();
    }

    /** In front of the first bar beats are counted as in a bar like it. */
    private Optional<Length> position(Cue cue) {
        BarLines lines = laid.bars();
        if (cue.bar() > lines.bars()) return Optional.empty();
        Meter meter = lines.meter(Math.max(0, cue.bar() - 1));
        if (cue.beat() > meter.beats().size()) return Optional.empty();
        Length inBar = meter.beats().subList(0, cue.beat() - 1).stream().reduce(Length.ZERO, Length::plus);
        Length start = cue.bar() == 0 ? meter.length().times(-1) : lines.start(cue.bar() - 1);
        return Optional.of(from.at().plus(start).plus(inBar));
    }
}
