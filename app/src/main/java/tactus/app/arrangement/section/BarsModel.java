package tactus.app.arrangement.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import tactus.app.work.Work;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.section.Except;
import tactus.core.written.section.Expansion;
import tactus.core.written.section.Section;
import tactus.core.written.song.Assignment;

/** What can be done with whole bars of the chosen section: added, taken away, copied, given another meter. */
public final class BarsModel {

    private final Work work;
    private final ArrangementModel arrangement;
    private Optional<Except.Bars> copied = Optional.empty();

    public BarsModel(Work work, ArrangementModel arrangement) {
        this.work = work;
        this.arrangement = arrangement;
    }

    /** The bar in which the last of the chosen chords ends. */
    private int lastBar(Section section) {
        BarLines bars = section.barLines();
        List<Length> edges = section.edges(round(section));
        int last = Math.min(arrangement.choice().last(), section.spans().size() - 1);
        if (!arrangement.choice().isSeveral()) return bars.barAt(edges.get(last));
        Length end = edges.get(last + 1);
        int bar = end.isLessThan(bars.length()) ? bars.barAt(end) : bars.bars();
        return bar < bars.bars() && bars.start(bar).isLessThan(end)
                ? bar
                : Math.max(bars.barAt(edges.get(last)), bar - 1);
    }

    /** Keeps the bars that the chosen chords start in, to be put elsewhere. */
    public void copyBar() {
        arrangement.section().filter(this::hasChord).ifPresent(section -> {
            BarLines bars = section.barLines();
            List<Length> edges = section.edges(round(section));
            int from = bars.barAt(edges.get(arrangement.choice().first()));
            int to = lastBar(section) + 1;
            copied = Optional.of(new Except.Bars(
                    IntStream.range(from, to).mapToObj(bars::meter).toList(),
                    Expansion.chords(section, round(section), from, to)));
        });
    }

    /** Puts the copied bars in behind the bar that the last chosen chord ends in. */
    public void pasteBar() {
        copied.ifPresent(this::putBar);
    }

    /** Puts the bars of the chosen chords once more behind themselves. */
    public void repeatBar() {
        Optional<Except.Bars> before = copied;
        copyBar();
        pasteBar();
        copied = before;
    }

    private void putBar(Except.Bars bars) {
        arrangement.section().ifPresent(section -> {
            int place = section.spans().isEmpty() ? section.bars().size() : lastBar(section) + 1;
            Section longer = Expansion.inserted(section, place, bars, round(section));
            int first = Expansion.chords(section, round(section), 0, place).size();
            work.change(
                    "edit.add-bar",
                    song -> Assignment.moved(
                                    song, section.id(), first, bars.spans().size())
                            .withSection(longer),
                    section.name());
            arrangement.chooseSpan(first);
        });
    }

    /** Adds a bar like the last one at the end of the section. */
    public void addBar() {
        arrangement.change("edit.add-bar", section -> {
            var bars = new ArrayList<>(section.bars());
            bars.add(bars.getLast());
            return section.withBars(bars);
        });
    }

    /** Takes the last bar of the section away, if it is not its only one. */
    public void removeBar() {
        arrangement.change("edit.remove-bar", section -> {
            List<Meter> bars = section.bars();
            return bars.size() == 1 ? section : section.withBars(bars.subList(0, bars.size() - 1));
        });
    }

    /** Gives the bar in which the chosen chord starts another meter. */
    public void setMeter(Meter meter) {
        arrangement.change("edit.bar-meter", section -> {
            var bars = new ArrayList<>(section.bars());
            bars.set(bar(section), meter);
            return section.withBars(bars);
        });
    }

    /** The meter of the bar in which the chosen chord starts. */
    public Optional<Meter> meter() {
        return arrangement.section().map(section -> section.bars().get(bar(section)));
    }

    private int bar(Section section) {
        boolean written = index() < section.spans().size();
        return written ? section.barLines().barAt(start(section)) : 0;
    }

    private boolean hasChord(Section section) {
        return arrangement.isAsWritten() && index() < section.spans().size();
    }

    private int index() {
        return arrangement.choice().span();
    }

    private Length round(Section section) {
        return Assignment.round(work.song(), section);
    }

    private Length start(Section section) {
        return section.edges(round(section)).get(index());
    }
}
