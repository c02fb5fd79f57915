package tactus.core.laid.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.rule.PassPlan;
import tactus.core.written.rule.Piece;

/** The figures of a second guitar over a pass whose chords are laid. */
final class SecondPart {

    private final PassFrame frame;
    private final PassSounds sounds;
    private final List<LaidSpan> spans;
    private final List<LaidStroke> laid = new ArrayList<>();

    private SecondPart(PassFrame frame, PassStrokes first) {
        this.frame = frame;
        sounds = first.sounds();
        spans = first.spans();
    }

    /** A part of the pass in which a second guitar goes on with the same figures. */
    private record Entry(Length from, Length to, List<PatternId> figures) {}

    /** Returns the strokes of the figures that rules or the section name, one after another while they hold. */
    static List<LaidStroke> of(PassFrame frame, PassStrokes first, Forms forms) {
        if (first.spans().isEmpty()) return List.of();
        var part = new SecondPart(frame, first);
        for (Entry entry : part.entries()) {
            Length at = entry.from;
            for (int next = 0; at.isLessThan(entry.to) && !entry.figures.isEmpty(); next++) {
                PatternId id = entry.figures.get(next % entry.figures.size());
                Forms.Moving figure = forms.moving(forms.of(id, FormChoice.FULL).orElseThrow());
                part.layFigure(figure, at, entry.to);
                at = at.plus(figure.length());
            }
        }
        return part.laid;
    }

    private List<Entry> entries() {
        List<PatternId> usual = frame.section().second();
        Length end = frame.bars().length();
        boolean ruled =
                frame.rules().stream().anyMatch(rule -> rule.play().second().isPresent());
        if (!ruled) return List.of(new Entry(Length.ZERO, end, usual));
        var entries = new ArrayList<Entry>();
        for (Piece piece : frame.plan().pieces()) {
            List<PatternId> figures = PassPlan.holding(frame.rules(), frame.numbered(), piece).stream()
                    .flatMap(rule -> rule.play().second().stream())
                    .findFirst()
                    .map(second -> second.pattern().stream().toList())
                    .orElse(usual);
            boolean goesOn = !entries.isEmpty() && entries.getLast().figures.equals(figures);
            Length from = goesOn ? entries.removeLast().from : piece.start();
            entries.add(new Entry(from, piece.end(), figures));
        }
        return entries;
    }

    private void layFigure(Forms.Moving figure, Length from, Length end) {
        BarLines bars = frame.bars();
        int span = 0;
        for (int i = 0; i < figure.slots().size(); i++) {
            Slot slot = figure.slots().get(i);
            Length start = from.plus(figure.starts().get(i));
            if (!start.isLessThan(end)) return;
            while (span + 1 < spans.size() && !start.isLessThan(spans.get(span).end())) span++;
            int bar = bars.barAt(start);
            var count = sounds.count(slot, figure.pattern().meter(), bar, start.minus(bars.start(bar)));
            laid.add(new LaidStroke(
                    new PassSlot(start, slot.length().min(end.minus(start)), count, bar, span),
                    figure.motions().get(i),
                    new Sounding(
                            sounds.struck(figure, spans.get(span).chord(), i),
                            List.of(),
                            List.of(),
                            sounds.loudness(start)),
                    new PlayedFrom(Optional.of(figure.pattern().id()), slot.index())));
        }
    }
}
