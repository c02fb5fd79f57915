package tactus.core.laid.timeline;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.TempoMap;
import tactus.core.written.rule.Part;
import tactus.core.written.rule.PassPlan;
import tactus.core.written.rule.Rule;
import tactus.core.written.section.Stretch.Bounds;

/** The pauses of one pass: the last felt beat of the place that a rule speaks of lasts longer. */
final class Pauses {

    private Pauses() {}

    /** @param rules the most specific first; of two that pause at the same beat the first one holds */
    static List<TempoMap.Pause> of(List<Rule> rules, LaidPass pass) {
        Map<Length, TempoMap.Pause> found = new TreeMap<>();
        for (Rule rule : rules) {
            rule.play()
                    .pause()
                    .flatMap(beats -> end(rule, pass).map(end -> pause(pass.bars(), end, beats)))
                    .ifPresent(pause -> found.putIfAbsent(pause.from(), pause));
        }
        return List.copyOf(found.values());
    }

    private static Optional<Length> end(Rule rule, LaidPass pass) {
        Optional<Part> part = rule.where().part();
        if (part.isEmpty()) return Optional.of(pass.bars().length());
        Optional<Length> chord = endOfChord(part.get(), pass);
        if (chord.isPresent()) return chord;
        if (part.get() instanceof Part.OnName name) return endOfName(name, pass);
        return PassPlan.bounds(part.get(), pass.frame().numbered()).map(Bounds::to);
    }

    private static Optional<Length> endOfName(Part.OnName name, LaidPass pass) {
        return pass.spans().stream()
                .filter(span -> name.has(span.chord()))
                .map(LaidSpan::end)
                .reduce((_, last) -> last);
    }

    private static Optional<Length> endOfChord(Part part, LaidPass pass) {
        return pass.spans().stream()
                .filter(span -> part.isChord(pass.frame().numbered(), span.inSection()))
                .map(LaidSpan::end)
                .reduce((_, last) -> last);
    }

    private static TempoMap.Pause pause(BarLines bars, Length end, Length beats) {
        Length before = bars.beatsBefore(end);
        long last = before.isWhole() ? before.wholesOf(Length.WHOLE) - 1 : before.wholesOf(Length.WHOLE);
        Length from = bars.afterBeats(Length.ZERO, Length.of(last));
        Length beat = bars.afterBeats(Length.ZERO, Length.of(last + 1)).minus(from);
        return new TempoMap.Pause(from, end, beat.times(beats), true);
    }
}
