package tactus.core.timeline;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.pattern.Pattern;
import tactus.core.rule.PassPlan;
import tactus.core.rule.Raise;
import tactus.core.rule.Rule;
import tactus.core.rule.RuleBook;
import tactus.core.rule.Situation;
import tactus.core.section.Cue;
import tactus.core.section.Except;
import tactus.core.section.Section;
import tactus.core.section.SectionId;
import tactus.core.section.Stretch.Bounds;
import tactus.core.section.Use;
import tactus.core.song.Assignment;
import tactus.core.song.Passes;
import tactus.core.song.Song;
import tactus.core.stroke.Miss;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.Slot;
import tactus.core.time.Tempo;
import tactus.core.time.TempoMap;

/** Builds a timeline pass by pass; what passes look like that have the same bars and rules is worked out once. */
final class Layout {

    private record Key(SectionId section, List<Except> excepts, boolean isLast, BitSet rules) {}

    private final Song song;
    private final Tempo tempo;
    private final RuleBook book;
    private final Passes passes;
    private final Forms forms;
    private final Map<Optional<Raise>, Strings> strings = new HashMap<>();
    private final Map<Key, SectionLayout> laid = new HashMap<>();
    private final List<TimelineBar> bars = new ArrayList<>();
    private final List<TimelineSpan> spans = new ArrayList<>();
    private final List<TimelineStroke> strokes = new ArrayList<>();
    private final List<TimelineStroke> second = new ArrayList<>();
    private final List<TimelineCue> cues = new ArrayList<>();
    private final List<Bounds> sung = new ArrayList<>();
    private final List<Margin.SwellAt> swells = new ArrayList<>();
    private final List<TempoMap.Pause> pauses = new ArrayList<>();
    /** By how much the pauses so far have held the song up. */
    private Length held = Length.ZERO;
    /** The pauses of the pass that is being laid. */
    private TempoMap clock;

    private Length at = Length.ZERO;
    private int number = 1;
    /** The pass before the one that is being laid. */
    private Optional<SectionLayout> before = Optional.empty();

    Layout(Song written) {
        song = written.asShown();
        tempo = song.facts().tempo();
        book = new RuleBook(song.rules());
        passes = new Passes(song);
        forms = new Forms(song);
        clock = new TempoMap(tempo, List.of());
    }

    Timeline timeline() {
        for (int use = 0; use < song.uses().size(); use++) {
            int count = passes.count(use);
            for (int pass = 1; pass <= count; pass++) lay(use, pass, count);
        }
        return new Timeline(
                new TempoMap(tempo, pauses),
                song.facts().instrument().concert(),
                bars,
                spans,
                strokes,
                at,
                new Margin(cues, sung, swells, second));
    }

    private void lay(int use, int pass, int count) {
        Use entry = song.uses().get(use);
        Situation situation = passes.situation(use, pass);
        BitSet indices = book.in(situation);
        var key = new Key(entry.section(), passes.excepts(use, pass), passes.hasTag(use, pass), indices);
        List<Rule> rules = book.at(indices);
        SectionLayout layout = laid.computeIfAbsent(key, _ -> layout(use, pass, rules));
        if (bars.isEmpty()) layPickup(layout);
        new Placing(layout, use, pass).place(rules, count);
    }

    private SectionLayout layout(int use, int pass, List<Rule> rules) {
        Section written = passes.section(use, pass);
        var raise = RuleBook.decide(
                        rules.stream()
                                .filter(rule -> rule.where().part().isEmpty())
                                .toList(),
                        play -> play.raise())
                .flatMap(verdict -> verdict.winner().play().raise());
        Section section = Raised.chords(song, written, raise);
        PassPlan plan = PassPlan.of(section, rules, Assignment.round(song, section));
        return new SectionLayout(
                section, raise, plan, strings.computeIfAbsent(raise, each -> Raised.strings(song, each)), forms);
    }

    /** The incomplete bar in front of the first one, on the chord that the song starts with. */
    private void layPickup(SectionLayout first) {
        int beats = song.facts().pickup();
        if (beats == 0) return;
        Meter whole = song.facts().meter();
        Meter meter = Pickup.meter(whole, beats);
        bars.add(new TimelineBar(0, meter, at, tempo.seconds(at), first.section.id(), 0, 1, -1));
        at = at.plus(meter.length());
        if (first.spans.isEmpty()) return;
        spans.add(new TimelineSpan(
                first.spans.getFirst().chord(),
                Length.ZERO,
                at,
                0,
                1,
                -1,
                false,
                TimelineSpan.Played.NOTHING,
                first.raise));
    }

    /** Puts one pass behind what is there. */
    private final class Placing {

        private final SectionLayout layout;
        private final int use;
        private final int pass;
        private final int firstSpan = spans.size();
        private final int firstBar = number;

        Placing(SectionLayout layout, int use, int pass) {
            this.layout = layout;
            this.use = use;
            this.pass = pass;
        }

        void place(List<Rule> rules, int count) {
            setClock(Pauses.of(rules, layout));
            layout.first.ifPresent(this::placePickup);
            placeBars();
            for (var span : layout.spans) {
                spans.add(new TimelineSpan(
                        span.chord(),
                        at.plus(span.start()),
                        at.plus(span.end()),
                        use,
                        pass,
                        span.inSection(),
                        span.goesOn(),
                        span.played(),
                        layout.raise));
            }
            for (var stroke : layout.strokes) strokes.add(placed(stroke));
            for (var stroke : layout.second) second.add(placed(stroke));
            placeMargin(count);
            pauses.addAll(clock.pauses());
            for (TempoMap.Pause pause : clock.pauses()) held = held.plus(pause.extra());
            at = at.plus(layout.bars.length());
            before = Optional.of(layout);
            clock = new TempoMap(tempo, List.of());
        }

        private void setClock(List<TempoMap.Pause> inPass) {
            clock = new TempoMap(
                    tempo,
                    inPass.stream()
                            .map(pause -> new TempoMap.Pause(at.plus(pause.from()), at.plus(pause.to()), pause.extra()))
                            .toList());
        }

        private void placeBars() {
            for (int bar = 0; bar < layout.bars.bars(); bar++) {
                Length start = at.plus(layout.bars.start(bar));
                bars.add(new TimelineBar(
                        number++, layout.bars.meter(bar), start, seconds(start), layout.section.id(), use, pass, bar));
            }
        }

        private TimelineStroke placed(SectionLayout.LaidStroke stroke) {
            Length start = at.plus(stroke.start());
            return new TimelineStroke(
                    start,
                    stroke.length(),
                    seconds(stroke.motion().sounding(start)),
                    stroke.motion().stroke(),
                    stroke.motion().hand(),
                    stroke.motion().isAgainst(),
                    stroke.strings(),
                    stroke.slurred(),
                    stroke.count(),
                    stroke.loudness(),
                    firstBar + stroke.bar(),
                    firstSpan + stroke.span(),
                    stroke.pattern(),
                    stroke.slot());
        }

        /** From its first stroke on a pick-up takes the place of what was played there, on the chord that sounds. */
        private void placePickup(Pattern pattern) {
            if (pattern.frame().pickup() == 0) return;
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
            Motion motion = Motion.of(pattern, slot);
            return new TimelineStroke(
                    start,
                    slot.length(),
                    seconds(motion.sounding(start)),
                    motion.stroke(),
                    motion.hand(),
                    motion.isAgainst(),
                    before.orElse(layout)
                            .strings
                            .struck(spans.getLast().chord(), motion.stroke(), Optional.of(pattern.id()), Map.of()),
                    List.of(),
                    slot.count(),
                    layout.loudnessAtStart(),
                    number - 1,
                    spans.size() - 1,
                    Optional.of(pattern.id()),
                    slot.index());
        }

        private void placeMargin(int count) {
            for (Margin.SwellAt change : layout.loudness.changes()) {
                swells.add(new Margin.SwellAt(at.plus(change.at()), change.swell()));
            }
            for (var stretch : layout.section.voice()) {
                stretch.in(layout.bars)
                        .ifPresent(bounds -> sung.add(new Bounds(at.plus(bounds.from()), at.plus(bounds.to()))));
            }
            for (Cue cue : layout.section.cues()) {
                if (cue.passes().has(pass, count)) position(cue).ifPresent(start -> addCue(cue, start));
            }
        }

        private void addCue(Cue cue, Length start) {
            cues.add(new TimelineCue(start, Math.max(bars.getFirst().number(), firstBar + cue.bar() - 1), cue.text()));
        }

        /** In front of the first bar beats are counted as in a bar like it. */
        private Optional<Length> position(Cue cue) {
            BarLines lines = layout.bars;
            if (cue.bar() > lines.bars()) return Optional.empty();
            int bar = Math.max(0, cue.bar() - 1);
            Meter meter = lines.meter(bar);
            if (cue.beat() > meter.beats().size()) return Optional.empty();
            Length inBar = meter.beats().subList(0, cue.beat() - 1).stream().reduce(Length.ZERO, Length::plus);
            Length start = cue.bar() == 0 ? meter.length().times(-1) : lines.start(bar);
            return Optional.of(at.plus(start).plus(inBar));
        }
    }

    private double seconds(Length position) {
        if (held.isZero() && clock.pauses().isEmpty()) return tempo.seconds(position);
        return tempo.seconds(clock.played(position).plus(held));
    }
}
