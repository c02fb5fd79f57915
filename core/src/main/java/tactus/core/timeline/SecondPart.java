package tactus.core.timeline;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.pattern.PatternId;
import tactus.core.rule.FormChoice;
import tactus.core.time.Length;
import tactus.core.time.Slot;

/** Lays the figures of a second guitar over a pass whose chords are laid. */
final class SecondPart {

    private final SectionLayout pass;
    private final Forms forms;

    SecondPart(SectionLayout pass, Forms forms) {
        this.pass = pass;
        this.forms = forms;
    }

    /** The figures of a second guitar, one after another until the bars are over. */
    void lay() {
        Length at = Length.ZERO;
        int next = 0;
        while (at.isLessThan(pass.bars.length())) {
            Forms.Moving figure = forms.moving(forms.of(
                            pass.section
                                    .second()
                                    .get(next % pass.section.second().size()),
                            FormChoice.FULL)
                    .orElseThrow());
            layFigure(figure, at);
            at = at.plus(figure.length());
            next++;
        }
    }

    private void layFigure(Forms.Moving figure, Length from) {
        int span = 0;
        for (int i = 0; i < figure.slots().size(); i++) {
            Slot slot = figure.slots().get(i);
            Length start = from.plus(figure.starts().get(i));
            if (!start.isLessThan(pass.bars.length())) return;
            while (span + 1 < pass.spans.size()
                    && !start.isLessThan(pass.spans.get(span).end())) span++;
            int bar = pass.bars.barAt(start);
            Motion motion = figure.motions().get(i);
            Optional<PatternId> id = Optional.of(figure.pattern().id());
            pass.second.add(new SectionLayout.LaidStroke(
                    start,
                    slot.length().min(pass.bars.length().minus(start)),
                    motion,
                    struck(figure, pass.spans.get(span).chord(), i),
                    List.of(),
                    pass.count(slot, figure.pattern().meter(), bar, start.minus(pass.bars.start(bar))),
                    pass.loudness.at(start),
                    bar,
                    span,
                    id,
                    slot.index()));
        }
    }

    private List<StruckString> struck(Forms.Moving figure, String chord, int slot) {
        List<List<StruckString>> found = pass.known(figure, chord);
        if (found.get(slot) == null) {
            Motion motion = figure.motions().get(slot);
            found.set(
                    slot,
                    pass.strings.struck(
                            chord, motion.stroke(), Optional.of(figure.pattern().id()), Map.of()));
        }
        return found.get(slot);
    }
}
