package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.laid.timeline.TimelineSpan.Played;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Ring;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Count;
import tactus.core.music.time.Counting;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.rule.Assigned;
import tactus.core.written.rule.FitChoice;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.Piece;
import tactus.core.written.rule.What;

/** Lays what the rules say on one pass of a section. */
final class PassLayout {

    /** A round that is not over when its chord is. */
    private record Carried(Pattern pattern, Length offset, boolean changesForm) {}

    private final PassFrame frame;
    private final BarLines bars;
    private final Forms forms;
    private final Loudness loudness;
    private final PassSounds sounds;
    private Length chordStart = Length.ZERO;
    private final List<LaidSpan> spans = new ArrayList<>();
    private final List<LaidStroke> strokes = new ArrayList<>();
    private Optional<Pattern> first = Optional.empty();
    private Optional<Carried> carried;
    private final Optional<Pattern> next;

    private PassLayout(PassFrame frame, Forms forms, Optional<LaidPass.GoingOn> before, Optional<Pattern> next) {
        this.frame = frame;
        this.next = next;
        carried = before.map(each -> new Carried(each.pattern(), each.offset(), false));
        this.forms = forms;
        bars = frame.bars();
        loudness = new Loudness(frame);
        sounds = new PassSounds(frame, loudness);
    }

    /**
     * Returns the pass with everything on it.
     *
     * @param before the round that goes on from the pass before
     * @param next what the next pass begins with, if that can go on with a round
     */
    static LaidPass of(PassFrame frame, Forms forms, Optional<LaidPass.GoingOn> before, Optional<Pattern> next) {
        var layout = new PassLayout(frame, forms, before, next);
        layout.layPieces(frame.plan().pieces());
        List<LaidStroke> second = SecondPart.of(frame, layout.sounds, layout.spans, forms);
        Optional<LaidPass.GoingOn> goingOn = layout.carried
                .filter(each -> next.filter(each.pattern()::equals).isPresent()
                        && each.offset().isPositive())
                .map(each -> new LaidPass.GoingOn(each.pattern(), each.offset()));
        Optional<Pattern> first = before.isPresent() ? Optional.empty() : layout.first;
        return new LaidPass(frame, layout.spans, layout.strokes, second, first, goingOn, layout.loudness);
    }

    /** What a pass begins with, if it is of several bars and made to go on from the pass before. */
    static Optional<Pattern> beginning(PassFrame frame, Forms forms) {
        if (frame.plan().pieces().isEmpty()) return Optional.empty();
        Assigned assigned = frame.plan().assigned().getFirst();
        boolean plays = assigned.what().filter(What.Plays.class::isInstance).isPresent()
                && assigned.fit().isEmpty()
                && frame.plan().pieces().getFirst().start().isZero();
        return plays
                ? assigned.pattern()
                        .flatMap(id -> forms.of(id, assigned.form()))
                        .filter(pattern -> isOfSeveralBars(pattern, forms))
                : Optional.empty();
    }

    private void layPieces(List<Piece> pieces) {
        int from = 0;
        while (from < pieces.size()) {
            int to = from + 1;
            while (to < pieces.size() && isSame(from, to)) to++;
            lay(from, pieces.get(to - 1).end(), to < pieces.size() && isOnlyAnotherForm(from, to));
            from = to;
        }
    }

    /** Whether a piece goes on as the one before does, so that a round does not start anew. */
    private boolean isSame(int one, int other) {
        Assigned now = frame.plan().assigned().get(one);
        Assigned next = frame.plan().assigned().get(other);
        return frame.plan().pieces().get(one).span()
                        == frame.plan().pieces().get(other).span()
                && now.what().equals(next.what())
                && now.pattern().equals(next.pattern())
                && now.form().equals(next.form())
                && now.fit().equals(next.fit());
    }

    /** Whether the next piece has the same chord and pattern in a form that is as long, so that the round goes on. */
    private boolean isOnlyAnotherForm(int one, int other) {
        Assigned now = frame.plan().assigned().get(one);
        Assigned next = frame.plan().assigned().get(other);
        boolean sameChord = frame.plan().pieces().get(one).span()
                == frame.plan().pieces().get(other).span();
        if (!sameChord || !now.what().equals(next.what()) || !now.pattern().equals(next.pattern())) return false;
        return length(now).isPresent() && length(now).equals(length(next));
    }

    private Optional<Length> length(Assigned assigned) {
        return assigned.pattern().flatMap(id -> forms.of(id, assigned.form())).map(Pattern::length);
    }

    /** @param goesOn whether the round goes on in another form behind it */
    private void lay(int index, Length end, boolean goesOn) {
        Piece piece = frame.plan().pieces().get(index);
        Assigned assigned = frame.plan().assigned().get(index);
        Optional<Carried> before = carried;
        carried = Optional.empty();
        Optional<Pattern> pattern = assigned.pattern().flatMap(id -> forms.of(id, assigned.form()));
        switch (assigned.what().orElse(null)) {
            case null -> addSpan(piece, end, assigned, Optional.empty(), Optional.empty());
            case What.Plays _ -> layPattern(piece, end, assigned, pattern.orElseThrow(), before, false, goesOn);
            case What.Event event -> {
                if (event == What.Event.MUTED && pattern.isPresent())
                    layPattern(piece, end, assigned, pattern.get(), Optional.empty(), true, false);
                else layEvent(piece, end, assigned, event);
            }
        }
    }

    private void addSpan(Piece piece, Length end, Assigned assigned, Optional<Pattern> pattern, Optional<Fit> fit) {
        boolean goesOn = !spans.isEmpty() && spans.getLast().inSection() == piece.span();
        if (spans.isEmpty()) first = pattern;
        if (!goesOn) chordStart = piece.start();
        // The name of a form that is kept in the song says what it is.
        FormChoice form = pattern.filter(forms::isKept).isPresent() ? FormChoice.FULL : assigned.form();
        var played =
                new Played(assigned.what(), pattern.map(Pattern::id), form, fit, assigned.swell(), assigned.rule());
        spans.add(new LaidSpan(
                frame.section().spans().get(piece.span()).chord(), piece.start(), end, piece.span(), goesOn, played));
    }

    private void layPattern(
            Piece piece,
            Length end,
            Assigned assigned,
            Pattern wanted,
            Optional<Carried> before,
            boolean muted,
            boolean goesOn) {
        Length span = end.minus(piece.start());
        Pattern pattern = fitting(wanted, span, assigned);
        FitChoice choice = assigned.fit().orElse(null);
        boolean carries = choice == FitChoice.CARRY || choice == null && isMadeToGoOn(pattern, piece.start(), end);
        boolean changesForm = before.filter(
                        each -> each.changesForm() && each.pattern().length().equals(pattern.length()))
                .isPresent();
        Length offset = changesForm
                ? before.get().offset()
                : carries
                        ? before.filter(each -> each.pattern() == pattern)
                                .map(Carried::offset)
                                .orElse(Length.ZERO)
                        : Length.ZERO;
        var fit = new Fit(span, pattern.length(), offset, Fit.Way.CUT);
        // What goes on unasked is cut at the end of the pass, unless the next one goes on with it.
        boolean isOver = choice == null
                && end.equals(bars.length())
                && next.filter(each -> each == pattern).isEmpty();
        boolean isLeft = goesOn && !fit.rest().isZero();
        fit = fit.going(carries && !isOver || isLeft ? Fit.Way.CARRIED : way(choice, pattern, fit.rest()));
        if (isLeft) carried = Optional.of(new Carried(pattern, fit.rest(), true));
        else if (carries) carried = Optional.of(new Carried(pattern, fit.rest(), false));
        boolean shortened = pattern != wanted;
        addSpan(piece, end, shortened ? shortened(assigned) : assigned, Optional.of(pattern), Optional.of(fit));
        layRounds(pattern, piece.start().minus(offset), fit, muted);
    }

    private static Assigned shortened(Assigned assigned) {
        return new Assigned(
                assigned.what(),
                assigned.pattern(),
                FormChoice.of(Form.Derivation.SHORT_FIRST_HALF),
                assigned.fit(),
                assigned.swell(),
                assigned.swellPart(),
                assigned.rule());
    }

    /** A pattern of several bars is made to go on over chords that change at bar lines. */
    private boolean isMadeToGoOn(Pattern pattern, Length start, Length end) {
        return isOfSeveralBars(pattern, forms)
                && pattern.length().remainderOver(pattern.meter().length()).isZero()
                && isBarLine(start)
                && isBarLine(end);
    }

    private static boolean isOfSeveralBars(Pattern pattern, Forms forms) {
        return forms.moving(pattern).slots().getLast().bar() > 0;
    }

    private boolean isBarLine(Length at) {
        return at.equals(bars.length()) || bars.start(bars.barAt(at)).equals(at);
    }

    private Fit.Way way(FitChoice choice, Pattern pattern, Length rest) {
        return switch (choice) {
            case null -> !rest.isZero() && forms.endsWhole(pattern, rest) ? Fit.Way.ENDS_WITH_CELL : Fit.Way.CUT;
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
        var hold = new Hold(span.chord(), frame.strings(), sounds.known(moving, span.chord()));
        var moves = ChordMoves.of(frame.strings().moves(span.chord()), bars, chordStart, span);
        hold.change(moves.before(span.start()));
        boolean rings = fit.way() == Fit.Way.RINGS;
        // A round that began on the chord before counts, if it ends on this one.
        Length wholeRounds = rings ? from.plus(fit.round().times(fit.rounds())) : span.end();
        Length round = from;
        while (round.isLessThan(wholeRounds)) {
            layRound(moving, hold, moves, round, muted);
            round = round.plus(moving.length());
        }
        Length struck = wholeRounds.max(span.start());
        layMoves(moves, hold, struck, 0, moving);
        if (struck.isLessThan(span.end())) layRinging(struck, span);
    }

    /** What is left of a chord rings; where not even one round fits, it is struck once. */
    private void layRinging(Length from, LaidSpan span) {
        boolean first = from.equals(span.start());
        for (EventStrokes.At at : EventStrokes.of(What.Event.HELD, bars, from, span.end())) {
            boolean strikes = first && at.start().equals(from);
            addEvent(span.chord(), strikes ? at : new EventStrokes.At(at.start(), at.length(), Ring.RING));
        }
    }

    private void layRound(Forms.Moving moving, Hold hold, ChordMoves moves, Length round, boolean muted) {
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
            if (!muted) layMoves(moves, hold, start, i, moving);
            List<FingerMove> fingers = moves.at(start, motion.moves());
            List<StruckString> moved = hold.change(fingers);
            List<StruckString> struck = muted
                    ? frame.strings().struck(span.chord(), motion.stroke(), Optional.of(played.id()), Map.of())
                    : hold.struck(motion.stroke(), played.id(), i);
            Count count = sounds.count(slot, played.meter(), bar, start.minus(bars.start(bar)));
            strokes.add(new LaidStroke(
                    new SlotTime(start, slot.length().min(span.end().minus(start)), count, bar),
                    motion,
                    new Sounding(
                            struck,
                            muted ? List.of() : fingers,
                            moved.isEmpty() ? moved : without(moved, struck),
                            loudness.at(start)),
                    new PlayedFrom(spans.size() - 1, Optional.of(played.id()), slot.index())));
        }
    }

    /** Fingers that move on the chord before {@code end}, where the pattern has no slot. */
    private void layMoves(ChordMoves moves, Hold hold, Length end, int slot, Forms.Moving moving) {
        while (moves.next().filter(at -> at.isLessThan(end)).isPresent()) {
            Length at = moves.next().get();
            int bar = bars.barAt(at);
            List<FingerMove> fingers = moves.at(at, List.of());
            List<StruckString> moved = hold.change(fingers);
            Length rest = end.minus(at).min(bars.meter(bar).unitLength());
            Count count =
                    Counting.at(bars.meter(bar), bars.meter(bar).unitLength().dividedBy(4), at.minus(bars.start(bar)));
            strokes.add(new LaidStroke(
                    new SlotTime(at, rest, count, bar),
                    Motion.event(Miss.MISS),
                    new Sounding(List.of(), fingers, moved, loudness.at(at)),
                    new PlayedFrom(
                            spans.size() - 1, Optional.of(moving.pattern().id()), slot)));
        }
    }

    /** A string that is struck at the same time is not slurred. */
    private static List<StruckString> without(List<StruckString> moved, List<StruckString> struck) {
        return moved.stream()
                .filter(slur -> struck.stream().noneMatch(other -> other.string() == slur.string()))
                .toList();
    }

    private void layEvent(Piece piece, Length end, Assigned assigned, What.Event event) {
        addSpan(piece, end, assigned, Optional.empty(), Optional.empty());
        String chord = spans.getLast().chord();
        EventStrokes.of(event, bars, piece.start(), end).forEach(at -> addEvent(chord, at));
    }

    private void addEvent(String chord, EventStrokes.At at) {
        int bar = bars.barAt(at.start());
        Length inBar = at.start().minus(bars.start(bar));
        Count count =
                Counting.at(bars.meter(bar), at.length().min(bars.meter(bar).unitLength()), inBar);
        List<StruckString> struck = frame.strings().struck(chord, at.stroke(), Optional.empty(), Map.of());
        strokes.add(new LaidStroke(
                new SlotTime(at.start(), at.length(), count, bar),
                Motion.event(at.stroke()),
                new Sounding(struck, List.of(), List.of(), loudness.at(at.start())),
                new PlayedFrom(spans.size() - 1, Optional.empty(), 0)));
    }
}
