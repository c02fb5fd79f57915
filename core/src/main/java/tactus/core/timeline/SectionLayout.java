package tactus.core.timeline;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.pattern.Form;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.rule.Assigned;
import tactus.core.rule.FitChoice;
import tactus.core.rule.FormChoice;
import tactus.core.rule.PassPlan;
import tactus.core.rule.Piece;
import tactus.core.rule.Raise;
import tactus.core.rule.What;
import tactus.core.section.Section;
import tactus.core.stroke.Ring;
import tactus.core.time.BarLines;
import tactus.core.time.Count;
import tactus.core.time.Counting;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.Slot;
import tactus.core.timeline.TimelineSpan.Played;

/** One pass of a section as the rules have it, counted from its own start; a song places it as often as it is played. */
final class SectionLayout {

    record LaidSpan(String chord, Length start, Length end, int inSection, boolean goesOn, Played played) {}

    record LaidStroke(
            Length start,
            Length length,
            Motion motion,
            List<StruckString> strings,
            List<StruckString> slurred,
            Count count,
            double loudness,
            int bar,
            int span,
            Optional<PatternId> pattern,
            int slot) {}

    /** A round that is not over when its chord is. */
    private record Carried(Pattern pattern, Length offset) {}

    final Section section;
    final Optional<Raise> raise;
    final BarLines bars;
    final List<LaidSpan> spans = new ArrayList<>();
    final List<LaidStroke> strokes = new ArrayList<>();
    final List<LaidStroke> second = new ArrayList<>();
    /** What is played first, whose pick-up lies in front. */
    Optional<Pattern> first = Optional.empty();

    private final PassPlan plan;
    final Strings strings;
    private final Forms forms;
    final Loudness loudness;
    private final Map<Pattern, Map<String, List<List<StruckString>>>> known = new IdentityHashMap<>();
    private Optional<Carried> carried = Optional.empty();

    SectionLayout(Section section, Optional<Raise> raise, PassPlan plan, Strings strings, Forms forms) {
        this.section = section;
        this.raise = raise;
        this.bars = section.barLines();
        this.plan = plan;
        this.strings = strings;
        this.forms = forms;
        loudness = new Loudness(plan, bars);
        int from = 0;
        while (from < plan.pieces().size()) {
            int to = from + 1;
            while (to < plan.pieces().size() && isSame(from, to)) to++;
            lay(from, plan.pieces().get(to - 1).end());
            from = to;
        }
        if (!section.second().isEmpty() && !spans.isEmpty()) new SecondPart(this, forms).lay();
    }

    /** How loud the pass starts; see {@link TimelineStroke#loudness}. */
    double loudnessAtStart() {
        return loudness.at(Length.ZERO);
    }

    /** Whether a piece goes on as the one before does, so that a round does not start anew. */
    private boolean isSame(int one, int other) {
        Assigned now = plan.assigned().get(one);
        Assigned next = plan.assigned().get(other);
        return plan.pieces().get(one).span() == plan.pieces().get(other).span()
                && now.what().equals(next.what())
                && now.pattern().equals(next.pattern())
                && now.form().equals(next.form())
                && now.fit().equals(next.fit());
    }

    private void lay(int index, Length end) {
        Piece piece = plan.pieces().get(index);
        Assigned assigned = plan.assigned().get(index);
        Optional<Carried> before = carried;
        carried = Optional.empty();
        Optional<Pattern> pattern = assigned.pattern().flatMap(id -> forms.of(id, assigned.form()));
        switch (assigned.what().orElse(null)) {
            case null -> addSpan(piece, end, assigned, Optional.empty(), Optional.empty());
            case What.Plays _ -> layPattern(piece, end, assigned, pattern.orElseThrow(), before, false);
            case What.Event event -> {
                if (event == What.Event.MUTED && pattern.isPresent())
                    layPattern(piece, end, assigned, pattern.get(), Optional.empty(), true);
                else layEvent(piece, end, assigned, event);
            }
        }
    }

    private void addSpan(Piece piece, Length end, Assigned assigned, Optional<Pattern> pattern, Optional<Fit> fit) {
        boolean goesOn = !spans.isEmpty() && spans.getLast().inSection() == piece.span();
        if (spans.isEmpty()) first = pattern;
        FormChoice form = pattern.flatMap(Pattern::form)
                .map(link -> FormChoice.of(link.rule()))
                .orElse(assigned.form());
        var played =
                new Played(assigned.what(), pattern.map(Pattern::id), form, fit, assigned.swell(), assigned.rule());
        spans.add(new LaidSpan(
                section.spans().get(piece.span()).chord(), piece.start(), end, piece.span(), goesOn, played));
    }

    private void layPattern(
            Piece piece, Length end, Assigned assigned, Pattern wanted, Optional<Carried> before, boolean muted) {
        Length span = end.minus(piece.start());
        Pattern pattern = fitting(wanted, span, assigned);
        FitChoice choice = assigned.fit().orElse(null);
        boolean carries = choice == FitChoice.CARRY;
        Length offset = carries
                ? before.filter(each -> each.pattern() == pattern)
                        .map(Carried::offset)
                        .orElse(Length.ZERO)
                : Length.ZERO;
        var fit = new Fit(span, pattern.length(), offset, way(choice));
        if (carries) carried = Optional.of(new Carried(pattern, fit.rest()));
        boolean shortened = pattern != wanted;
        addSpan(piece, end, shortened ? as(assigned, pattern) : assigned, Optional.of(pattern), Optional.of(fit));
        layRounds(pattern, piece.start().minus(offset), fit, muted);
    }

    private static Assigned as(Assigned assigned, Pattern pattern) {
        FormChoice form = pattern.form()
                .map(link -> FormChoice.of(link.rule()))
                .orElse(FormChoice.of(Form.Rule.SHORT_FIRST_HALF));
        return new Assigned(
                assigned.what(),
                assigned.pattern(),
                form,
                assigned.fit(),
                assigned.swell(),
                assigned.swellPart(),
                assigned.rule());
    }

    private static Fit.Way way(FitChoice choice) {
        return switch (choice) {
            case null -> Fit.Way.CUT;
            case SHORT -> Fit.Way.CUT;
            case CUT -> Fit.Way.CUT_AS_MEANT;
            case CARRY -> Fit.Way.CARRIED;
            case WHOLE_ROUNDS -> Fit.Way.RINGS;
        };
    }

    /** A pattern that is longer than its chord takes its short form if it has one, or if a rule says so. */
    private Pattern fitting(Pattern wanted, Length span, Assigned assigned) {
        if (!span.isLessThan(wanted.length())) return wanted;
        FitChoice choice = assigned.fit().orElse(null);
        if (choice == FitChoice.SHORT) return forms.shortOf(wanted.id()).orElse(wanted);
        if (choice != null || !assigned.form().equals(FormChoice.FULL)) return wanted;
        return forms.shortWritten(wanted.id()).orElse(wanted);
    }

    private void layRounds(Pattern pattern, Length from, Fit fit, boolean muted) {
        Forms.Moving moving = forms.moving(pattern);
        LaidSpan span = spans.getLast();
        var hold = new Hold(span.chord(), strings, known(moving, span.chord()));
        boolean rings = fit.way() == Fit.Way.RINGS;
        Length struck = rings ? span.start().plus(fit.round().times(fit.rounds())) : span.end();
        Length round = from;
        while (round.isLessThan(struck)) {
            layRound(moving, hold, round, muted);
            round = round.plus(moving.length());
        }
        if (struck.isLessThan(span.end())) layRinging(struck, span);
    }

    /** What each slot strikes on a chord, as far as it has been worked out. */
    List<List<StruckString>> known(Forms.Moving moving, String chord) {
        return known.computeIfAbsent(moving.pattern(), _ -> new HashMap<>())
                .computeIfAbsent(
                        chord,
                        _ -> new ArrayList<>(Collections.nCopies(moving.slots().size(), null)));
    }

    /** What is left of a chord rings; where not even one round fits, it is struck once. */
    private void layRinging(Length from, LaidSpan span) {
        boolean first = from.equals(span.start());
        for (EventStrokes.At at : EventStrokes.of(What.Event.HELD, bars, from, span.end())) {
            boolean strikes = first && at.start().equals(from);
            addEvent(span.chord(), strikes ? at : new EventStrokes.At(at.start(), at.length(), Ring.RING));
        }
    }

    private void layRound(Forms.Moving moving, Hold hold, Length round, boolean muted) {
        Pattern played = moving.pattern();
        LaidSpan span = spans.getLast();
        boolean carries = round.isLessThan(span.start());
        int bar = bars.barAt(round.max(Length.ZERO));
        for (int i = 0; i < moving.slots().size(); i++) {
            Slot slot = moving.slots().get(i);
            Length start = round.plus(moving.starts().get(i));
            if (carries && start.isLessThan(span.start())) continue;
            if (!start.isLessThan(span.end())) return;
            while (bar + 1 < bars.bars() && !start.isLessThan(bars.start(bar + 1))) bar++;
            Motion motion =
                    muted ? moving.motions().get(i).muted() : moving.motions().get(i);
            List<StruckString> moved = hold.change(motion.moves());
            List<StruckString> struck = muted
                    ? strings.struck(span.chord(), motion.stroke(), Optional.of(played.id()), Map.of())
                    : hold.struck(motion.stroke(), played.id(), i);
            strokes.add(new LaidStroke(
                    start,
                    slot.length().min(span.end().minus(start)),
                    motion,
                    struck,
                    moved.isEmpty() ? moved : without(moved, struck),
                    count(slot, played.meter(), bar, start.minus(bars.start(bar))),
                    loudness.at(start),
                    bar,
                    spans.size() - 1,
                    Optional.of(played.id()),
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
    Count count(Slot slot, Meter meter, int bar, Length inBar) {
        boolean asWritten = inBar.equals(slot.inBar()) && bars.meter(bar).equals(meter);
        return asWritten ? slot.count() : Counting.at(bars.meter(bar), slot.length(), inBar);
    }

    private void layEvent(Piece piece, Length end, Assigned assigned, What.Event event) {
        addSpan(piece, end, assigned, Optional.empty(), Optional.empty());
        String chord = spans.getLast().chord();
        EventStrokes.of(event, bars, piece.start(), end).forEach(at -> addEvent(chord, at));
    }

    private void addEvent(String chord, EventStrokes.At at) {
        int bar = bars.barAt(at.start());
        Length inBar = at.start().minus(bars.start(bar));
        strokes.add(new LaidStroke(
                at.start(),
                at.length(),
                Motion.event(at.stroke()),
                strings.struck(chord, at.stroke(), Optional.empty(), Map.of()),
                List.of(),
                Counting.at(bars.meter(bar), at.length().min(bars.meter(bar).unitLength()), inBar),
                loudness.at(at.start()),
                bar,
                spans.size() - 1,
                Optional.empty(),
                0));
    }
}
