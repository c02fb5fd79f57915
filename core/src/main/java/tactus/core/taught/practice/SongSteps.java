package tactus.core.taught.practice;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/** The steps after the patterns: the hardest changes, each section with its changes in order, the song. */
final class SongSteps {

    private final Song song;
    private final Timeline timeline;
    private final LadderSteps steps;

    SongSteps(Song song, Timeline timeline, LadderSteps steps) {
        this.song = song;
        this.timeline = timeline;
        this.steps = steps;
    }

    /** The tempo at which a change fits is where it begins. */
    void add(ChangeWork change) {
        double fits = change.fitsAt(steps.target());
        int from = Math.max(1, Math.min(steps.slow(), (int) Math.floor(fits)));
        int first = Math.max(1, change.bar() - 1);
        TimelineBar bar = timeline.bar(change.bar()).orElseThrow();
        Length loop = LadderSteps.beats(bar.meter().length().times(change.bar() > 1 ? 2 : 1), bar.meter());
        steps.add(
                LadderStep.Kind.CHANGE,
                new LadderSteps.Loop(new BarRange(first, Math.max(first, change.bar())), loop, from),
                3,
                Statement.of("ladder.change", change.from(), change.to()),
                Statement.of(
                        change.isCounted() ? "ladder.change-counted-why" : "ladder.change-why",
                        change.from(),
                        change.to(),
                        Quantity.of(Quantity.Unit.TIME, change.times()),
                        seconds(change.seconds()),
                        seconds(change.gap()),
                        (int) Math.floor(fits)));
    }

    private static String seconds(double seconds) {
        return String.format(Locale.ROOT, "%.2f", seconds);
    }

    void addSections() {
        Set<SectionId> known = new HashSet<>();
        for (TimelineBar bar : timeline.bars()) {
            if (bar.number() < 1 || !known.add(bar.section())) continue;
            List<TimelineBar> pass = timeline.barsOf(bar.use(), bar.pass()).stream()
                    .filter(each -> each.number() > 0)
                    .toList();
            addSection(bar.section(), pass);
        }
    }

    private void addSection(SectionId id, List<TimelineBar> pass) {
        String name = song.section(id).orElseThrow().name();
        var bars = new BarRange(pass.getFirst().number(), pass.getLast().number());
        Length length = pass.getLast().end().minus(pass.getFirst().start());
        Length loop = LadderSteps.beats(length, pass.getFirst().meter());
        Set<String> inOrder = new LinkedHashSet<>();
        for (TimelineBar bar : pass) timeline.spansIn(bar).forEach(span -> inOrder.add(span.chord()));
        if (inOrder.size() > 1)
            steps.add(
                    LadderStep.Kind.CHANGES,
                    steps.slowly(bars, loop),
                    2,
                    Statement.of("ladder.changes", name),
                    Statement.of("ladder.changes-why", String.join(" ", inOrder)));
        steps.add(
                LadderStep.Kind.SECTION,
                steps.slowly(bars, loop),
                4,
                Statement.of("ladder.section", name),
                Statement.of(
                        "ladder.section-why",
                        Quantity.bars(pass.size()),
                        Quantity.of(Quantity.Unit.TIME, timesOf(id))));
    }

    private int timesOf(SectionId id) {
        return (int) timeline.bars().stream()
                .filter(bar -> bar.section().equals(id) && bar.isFirst())
                .count();
    }

    void addSong() {
        List<TimelineBar> bars =
                timeline.bars().stream().filter(bar -> bar.number() > 0).toList();
        if (bars.isEmpty() || timeline.strokes().isEmpty()) return;
        int minutes = Math.max(1, (int) Math.ceil(timeline.seconds() / 60));
        steps.add(
                LadderStep.Kind.SONG,
                steps.slowly(
                        new BarRange(bars.getFirst().number(), bars.getLast().number()),
                        LadderSteps.beats(timeline.length(), song.facts().meter())),
                minutes,
                Statement.of("ladder.song"),
                Statement.of("ladder.song-why", Quantity.bars(bars.size()), minutes));
    }
}
