package tactus.core.counsel.snag;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.section.SectionId;

/** Finds chords on which nothing is struck, so that they are not heard. */
final class UnheardSnags implements Finder {

    private record On(PatternId pattern, SectionId section, int span) {}

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        List<TimelineSpan> spans = laid.timeline().spans();
        var struck = new boolean[spans.size()];
        for (TimelineStroke stroke : laid.timeline().strokes()) {
            if (stroke.stroke().isStruck()) struck[stroke.span()] = true;
        }
        // A chord that a rule cuts in two, or that is named again, sounds on from where it was struck.
        for (int i = 1; i < struck.length; i++) {
            boolean goesOn = spans.get(i).goesOn()
                    || spans.get(i).chord().equals(spans.get(i - 1).chord());
            struck[i] |= goesOn && struck[i - 1];
        }
        for (int i = struck.length - 1; i > 0; i--)
            struck[i - 1] |= spans.get(i).goesOn() && struck[i];
        Map<On, List<TimelineSpan>> silent = new LinkedHashMap<>();
        for (int i = 0; i < spans.size(); i++) {
            TimelineSpan span = spans.get(i);
            if (struck[i] || span.pattern().isEmpty() || span.inSection().isEmpty()) continue;
            if (laid.pattern(span.pattern().get()).strokes().isEmpty()) continue;
            var on = new On(
                    span.pattern().get(),
                    laid.section(span).id(),
                    span.inSection().getAsInt());
            silent.computeIfAbsent(on, _ -> new ArrayList<>()).add(span);
        }
        silent.forEach((on, played) -> found.accept(notStruck(laid, on, played)));
    }

    private static Snag notStruck(LaidSong laid, On on, List<TimelineSpan> played) {
        TimelineSpan first = played.getFirst();
        int bar = laid.timeline()
                .barAt(first.start())
                .map(TimelineBar::numberInSection)
                .orElse(1);
        return Snag.of(
                        Kind.CHORD_NOT_STRUCK,
                        laid.place(first),
                        "snag.not-struck",
                        first.chord(),
                        on.pattern,
                        Statement.of("snag.times", played.size()))
                .at("where.bar", on.section, bar)
                .about(on.section, on.pattern, laid.place(first).span())
                .counted("times", played.size());
    }
}
