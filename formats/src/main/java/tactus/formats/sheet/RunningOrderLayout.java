package tactus.formats.sheet;

import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.picture.Point;
import tactus.core.section.Section;
import tactus.core.section.SectionId;
import tactus.core.song.Assignment;
import tactus.core.song.Song;
import tactus.core.time.Length;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;
import tactus.core.timeline.TimelineSpan;
import tactus.formats.font.MusicText;
import tactus.formats.font.Typeface;

/** Sets the sections as they are played: the bars with their chords the first time, a reference to them after that. */
final class RunningOrderLayout {

    private static final int BARS_A_LINE = 4;
    private static final double BAR_HEIGHT = 27;
    private static final double HEAD = 24;

    private final Song song;
    private final Timeline timeline;
    private final Pages pages;
    private final Map<SectionId, Integer> firstBars = new HashMap<>();

    RunningOrderLayout(Song song, Timeline timeline, Pages pages) {
        this.song = song;
        this.timeline = timeline;
        this.pages = pages;
    }

    void lay() throws IOException {
        int from = 0;
        while (from < timeline.bars().size()) {
            int to = from;
            while (to < timeline.bars().size()
                    && timeline.bars().get(to).use()
                            == timeline.bars().get(from).use()) to++;
            layUse(timeline.bars().subList(from, to));
            from = to;
        }
    }

    private void layUse(List<TimelineBar> bars) throws IOException {
        TimelineBar first = bars.getFirst();
        Section section = song.section(first.section()).orElseThrow();
        Integer before = firstBars.putIfAbsent(section.id(), first.number());
        double top = pages.startBlock(before == null ? HEAD + BAR_HEIGHT : HEAD);
        layHeading(section, bars, before, top + 15);
        pages.moveDown(HEAD);
        if (before == null) layBars(bars.subList(0, section.bars().size()));
    }

    private void layHeading(Section section, List<TimelineBar> bars, Integer before, double base) throws IOException {
        Pen pen = pages.pen();
        String name = section.name() + (section.passes() > 1 ? ", " + section.passes() + " times" : "");
        pen.text(name, pages.left(), base, Typeface.BOLD, 12, Ink.DARK);
        double x = pages.left() + pen.width(name, Typeface.BOLD, 12) + 10;
        String range = "bars " + bars.getFirst().number() + "–" + bars.getLast().number();
        String text = before == null ? range + played(section) : range + "  ·  the same as from bar " + before;
        pen.text(text, x, base, Typeface.REGULAR, 10, Ink.SOFT);
    }

    private String played(Section section) {
        var text = new StringBuilder();
        name(Assignment.of(song, section.id()))
                .ifPresent(name -> text.append("  ·  ").append(name));
        if (section.passes() > 1) {
            name(Assignment.ofLastPass(song, section.id()))
                    .ifPresent(name -> text.append("; last pass: ").append(name));
        }
        return text.toString();
    }

    private Optional<String> name(Optional<PatternId> id) {
        return id.flatMap(song::pattern).map(Pattern::name);
    }

    private void layBars(List<TimelineBar> bars) throws IOException {
        double width = pages.width() / BARS_A_LINE;
        for (int i = 0; i < bars.size(); i += BARS_A_LINE) {
            double top = pages.startBlock(BAR_HEIGHT);
            var line = bars.subList(i, Math.min(i + BARS_A_LINE, bars.size()));
            for (int place = 0; place < line.size(); place++) {
                layBar(line.get(place), pages.left() + place * width, top, width);
            }
            double right = pages.left() + line.size() * width;
            pages.pen().line(new Point(right, top), new Point(right, top + BAR_HEIGHT - 7), 0.8, Ink.DARK);
            pages.moveDown(BAR_HEIGHT);
        }
        pages.moveDown(4);
    }

    private void layBar(TimelineBar bar, double x, double top, double width) throws IOException {
        Pen pen = pages.pen();
        pen.line(new Point(x, top), new Point(x, top + BAR_HEIGHT - 7), 0.8, Ink.DARK);
        pen.text(Integer.toString(bar.number()), x + 3, top + 6, Typeface.REGULAR, 6.5, Ink.SOFT);
        boolean unusual = !bar.meter().equals(song.facts().meter());
        if (unusual) pen.text(bar.meter().toString(), x + 16, top + 6.5, Typeface.SEMIBOLD, 7.5, Ink.WARM);
        for (TimelineSpan span : timeline.spansIn(bar)) {
            Length at = span.start().max(bar.start()).minus(bar.start());
            double offset = at.dividedBy(bar.meter().length()).toDouble() * (width - 6);
            pen.text(MusicText.signs(span.chord()), x + 6 + offset, top + 18.5, Typeface.SEMIBOLD, 12.5, Ink.DARK);
        }
    }
}
