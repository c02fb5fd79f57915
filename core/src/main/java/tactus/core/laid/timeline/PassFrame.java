package tactus.core.laid.timeline;

import java.util.List;
import java.util.Optional;
import tactus.core.music.time.BarLines;
import tactus.core.written.rule.PassPlan;
import tactus.core.written.rule.Raise;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Numbered;
import tactus.core.written.section.Section;
import tactus.core.written.section.Stretch.Bounds;

/**
 * One pass of a section before anything is laid on it: the plan.
 *
 * @param numbered the section with the chords that are held on this pass
 * @param raise how it lies in another key, if it does
 * @param plan what the rules say of each piece of it
 * @param rules those that hold there or in a part of it, the most specific first
 * @param strings what its chords sound
 * @param sung where somebody sings
 */
record PassFrame(
        Numbered numbered,
        BarLines bars,
        Optional<Raise> raise,
        PassPlan plan,
        List<Rule> rules,
        Strings strings,
        List<Bounds> sung) {

    static PassFrame of(
            Numbered section,
            Optional<Raise> raise,
            PassPlan plan,
            List<Rule> rules,
            Strings strings,
            List<Bounds> sung) {
        return new PassFrame(section, section.lines(), raise, plan, rules, strings, sung);
    }

    /** The section as it is on this pass. */
    Section section() {
        return numbered.section();
    }
}
