package tactus.core.laid.timeline;

import java.util.List;
import java.util.Optional;
import tactus.core.laid.timeline.TimelineSpan.Played;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
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
    private record Carried(Pattern pattern, Length offset, boolean changesForm) {

        /** Whether it is {@code other} that goes on with it: the next form, or itself where it is carried on. */
        boolean goesOnIn(Pattern other, boolean carries) {
            if (changesForm && pattern.length().equals(other.length())) return true;
            return carries && pattern == other;
        }
    }

    private final PassFrame frame;
    private final BarLines bars;
    private final Forms forms;
    private final Loudness loudness;
    private final PassStrokes laid;
    private Length chordStart = Length.ZERO;
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
        laid = new PassStrokes(frame, new PassSounds(frame, loudness));
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
        List<LaidStroke> second = SecondPart.of(frame, layout.laid, forms);
        Optional<LaidPass.GoingOn> goingOn = layout.carried
                .filter(each -> next.filter(each.pattern()::equals).isPresent()
                        && each.offset().isPositive())
                .map(each -> new LaidPass.GoingOn(each.pattern(), each.offset()));
        Optional<Pattern> first = before.isPresent() ? Optional.empty() : layout.first;
        return new LaidPass(frame, layout.laid.spans(), layout.laid.strokes(), second, first, goingOn, layout.loudness);
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

    /** A chord or a piece of one, and what is played on it. */
    private record Stretch(Piece piece, Length end, Assigned assigned) {

        Length start() {
            return piece.start();
        }

        Length length() {
            return end.minus(piece.start());
        }

        FitChoice choice() {
            return assigned.fit().orElse(null);
        }

        Stretch with(Assigned other) {
            return new Stretch(piece, end, other);
        }
    }

    /** @param goesOn whether the round goes on in another form behind it */
    private void lay(int index, Length end, boolean goesOn) {
        Assigned assigned = frame.plan().assigned().get(index);
        var stretch = new Stretch(frame.plan().pieces().get(index), end, assigned);
        Optional<Carried> before = carried;
        carried = Optional.empty();
        Optional<Pattern> pattern = assigned.pattern().flatMap(id -> forms.of(id, assigned.form()));
        switch (assigned.what().orElse(null)) {
            case null -> addSpan(stretch, Optional.empty(), Optional.empty());
            case What.Plays _ -> layPattern(stretch, pattern.orElseThrow(), before, goesOn);
            case What.Event event -> {
                if (event == What.Event.MUTED && pattern.isPresent()) {
                    layPattern(stretch, pattern.get(), Optional.empty(), false);
                } else {
                    addSpan(stretch, Optional.empty(), Optional.empty());
                    laid.add(event);
                }
            }
        }
    }

    private void addSpan(Stretch at, Optional<Pattern> pattern, Optional<Fit> fit) {
        List<LaidSpan> spans = laid.spans();
        Assigned assigned = at.assigned;
        int span = at.piece.span();
        boolean goesOn = !spans.isEmpty() && spans.getLast().inSection() == span;
        if (spans.isEmpty()) first = pattern;
        if (!goesOn) chordStart = at.start();
        // The name of a form that is kept in the song says what it is.
        FormChoice form = pattern.filter(forms::isKept).isPresent() ? FormChoice.FULL : assigned.form();
        var played =
                new Played(assigned.what(), pattern.map(Pattern::id), form, fit, assigned.swell(), assigned.rule());
        String chord = frame.section().spans().get(span).chord();
        spans.add(new LaidSpan(chord, at.start(), at.end, span, goesOn, played));
    }

    private void layPattern(Stretch at, Pattern wanted, Optional<Carried> before, boolean goesOn) {
        Pattern pattern = fitting(wanted, at);
        boolean carries =
                at.choice() == FitChoice.CARRY || at.choice() == null && isMadeToGoOn(pattern, at.start(), at.end);
        Length offset = before.filter(each -> each.goesOnIn(pattern, carries))
                .map(Carried::offset)
                .orElse(Length.ZERO);
        var fit = new Fit(at.length(), pattern.length(), offset, Fit.Way.CUT);
        // What goes on unasked is cut at the end of the pass, unless the next one goes on with it.
        boolean isOver = at.choice() == null
                && at.end.equals(bars.length())
                && next.filter(each -> each == pattern).isEmpty();
        boolean isLeft = goesOn && !fit.rest().isZero();
        fit = fit.going(carries && !isOver || isLeft ? Fit.Way.CARRIED : way(at.choice(), pattern, fit.rest()));
        if (isLeft || carries) carried = Optional.of(new Carried(pattern, fit.rest(), isLeft));
        Stretch played = pattern == wanted ? at : at.with(shortened(at.assigned));
        addSpan(played, Optional.of(pattern), Optional.of(fit));
        boolean isMuted = at.assigned.what().filter(What.Event.MUTED::equals).isPresent();
        new Rounds(laid, forms.moving(pattern), chordStart, isMuted)
                .lay(at.start().minus(offset), fit);
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
    private Pattern fitting(Pattern wanted, Stretch at) {
        if (!at.length().isLessThan(wanted.length())) return wanted;
        if (at.choice() == FitChoice.SHORT) return forms.shortOf(wanted.id()).orElse(wanted);
        if (at.choice() != null || !at.assigned.form().equals(FormChoice.FULL)) return wanted;
        return forms.shortWritten(wanted.id()).orElse(wanted);
    }
}
