package tactus.core.timeline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.pattern.PatternId;
import tactus.core.rule.FormChoice;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Slot;

/** The figures of a second guitar over a pass whose chords are laid. */
final class SecondPart {

    private final PassFrame frame;
    private final PassSounds sounds;
    private final List<LaidSpan> spans;
    private final List<LaidStroke> laid = new ArrayList<>();

    private SecondPart(PassFrame frame, PassSounds sounds, List<LaidSpan> spans) {
        this.frame = frame;
        this.sounds = sounds;
        this.spans = spans;
    }

    /** Returns the strokes of the section's figures, one after another until the bars are over. */
    static List<LaidStroke> of(PassFrame frame, PassSounds sounds, List<LaidSpan> spans, Forms forms) {
        List<PatternId> figures = frame.section().second();
        if (figures.isEmpty() || spans.isEmpty()) return List.of();
        var part = new SecondPart(frame, sounds, spans);
        Length at = Length.ZERO;
        for (int next = 0; at.isLessThan(frame.bars().length()); next++) {
            PatternId id = figures.get(next % figures.size());
            Forms.Moving figure = forms.moving(forms.of(id, FormChoice.FULL).orElseThrow());
            part.layFigure(figure, at);
            at = at.plus(figure.length());
        }
        return part.laid;
    }

    private void layFigure(Forms.Moving figure, Length from) {
        BarLines bars = frame.bars();
        int span = 0;
        for (int i = 0; i < figure.slots().size(); i++) {
            Slot slot = figure.slots().get(i);
            Length start = from.plus(figure.starts().get(i));
            if (!start.isLessThan(bars.length())) return;
            while (span + 1 < spans.size() && !start.isLessThan(spans.get(span).end())) span++;
            int bar = bars.barAt(start);
            var count = sounds.count(slot, figure.pattern().meter(), bar, start.minus(bars.start(bar)));
            laid.add(new LaidStroke(
                    new SlotTime(start, slot.length().min(bars.length().minus(start)), count, bar),
                    figure.motions().get(i),
                    new Sounding(sounds.struck(figure, spans.get(span).chord(), i), List.of(), sounds.loudness(start)),
                    new PlayedFrom(span, Optional.of(figure.pattern().id()), slot.index())));
        }
    }
}
