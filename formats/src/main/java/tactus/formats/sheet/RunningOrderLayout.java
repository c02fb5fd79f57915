package tactus.formats.sheet;

import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import tactus.core.pattern.Pattern;
import tactus.core.picture.Point;
import tactus.core.section.Except;
import tactus.core.section.Section;
import tactus.core.section.SectionId;
import tactus.core.section.Stretch.Bounds;
import tactus.core.section.Use;
import tactus.core.song.Song;
import tactus.core.time.Length;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;
import tactus.core.timeline.TimelineSpan;
import tactus.formats.font.MusicText;
import tactus.formats.font.Typeface;
import tactus.words.BarNote;
import tactus.words.Sentences;
import tactus.words.SongWords;
import tactus.words.Words;

/** Sets the sections as they are played: the bars with their chords the first time, a reference to them after that. */
final class RunningOrderLayout {

    private static final int BARS_A_LINE = 4;
    private static final double BAR_HEIGHT = 35;
    private static final double NOTE_HEIGHT = 8;
    private static final double HEAD = 24;

    private final Song song;
    private final Timeline timeline;
    private final SongWords words;
    private final Pages pages;
    private final Map<SectionId, Integer> firstBars = new HashMap<>();

    RunningOrderLayout(Song song, Timeline timeline, Pages pages) {
        this.song = song;
        this.timeline = timeline;
        words = new SongWords(song);
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
        TimelineBar first =
                bars.stream().filter(bar -> bar.number() > 0).findFirst().orElse(bars.getFirst());
        Section section = song.section(first.section()).orElseThrow();
        Use use = song.uses().get(first.use());
        Integer before = firstBars.putIfAbsent(section.id(), first.number());
        boolean laid = before == null || !use.isTheSame();
        double top = pages.startBlock(laid ? HEAD + BAR_HEIGHT : HEAD);
        layHeading(section, bars, before, top + 15);
        pages.moveDown(HEAD);
        layOther(use);
        if (laid) layBars(bars.stream().filter(bar -> bar.pass() == 1).toList());
    }

    private void layHeading(Section section, List<TimelineBar> bars, Integer before, double base) throws IOException {
        Pen pen = pages.pen();
        int passes = bars.getLast().pass();
        String called = words.use(bars.getFirst().use());
        String times = passes > 1 ? Words.of("sheet.times", passes) : "";
        String name = Sentences.capital(called) + times;
        pen.text(name, pages.left(), base, Typeface.BOLD, 12, Ink.DARK);
        double x = pages.left() + pen.width(name, Typeface.BOLD, 12) + 10;
        String range = Words.of(
                "sheet.bars",
                Math.max(1, bars.getFirst().number()),
                bars.getLast().number());
        boolean same = before != null && song.uses().get(bars.getFirst().use()).isTheSame();
        String other = before == null ? "" : "  ·  " + Words.of("sheet.as-from", before);
        String text = range + (same ? "  ·  " + Words.of("sheet.same-as", before) : other) + played(bars);
        pen.text(
                pen.fitted(text, pages.left() + pages.width() - x, Typeface.REGULAR, 10),
                x,
                base,
                Typeface.REGULAR,
                10,
                Ink.SOFT);
    }

    /** What is other this time, a line each. */
    private void layOther(Use use) throws IOException {
        for (Except except : use.excepts()) {
            pages.startBlock(13);
            String text = MusicText.signs(words.of(except));
            pages.pen().text(text, pages.left() + 6, pages.y() + 8, Typeface.REGULAR, 9.5, Ink.WARM);
            pages.moveDown(13);
        }
    }

    /** The patterns and forms that are played, in the order in which they come. */
    private String played(List<TimelineBar> bars) {
        int use = bars.getFirst().use();
        return timeline.spans().stream()
                .filter(span -> span.use() == use && span.inSection().isPresent())
                .map(TimelineSpan::played)
                .map(played -> played.pattern()
                        .flatMap(song::pattern)
                        .map(Pattern::name)
                        .orElse(""))
                .filter(name -> !name.isEmpty())
                .distinct()
                .limit(3)
                .map(name -> "  ·  " + name)
                .collect(Collectors.joining());
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
            pages.pen()
                    .line(new Point(right, top + NOTE_HEIGHT), new Point(right, top + BAR_HEIGHT - 7), 0.8, Ink.DARK);
            pages.moveDown(BAR_HEIGHT);
        }
        pages.moveDown(4);
    }

    private void layBar(TimelineBar bar, double x, double y, double width) throws IOException {
        Pen pen = pages.pen();
        double top = y + NOTE_HEIGHT;
        pen.line(new Point(x, top), new Point(x, y + BAR_HEIGHT - 7), 0.8, Ink.DARK);
        if (bar.number() > 0) {
            pen.text(Integer.toString(bar.number()), x + 3, top + 6, Typeface.REGULAR, 6.5, Ink.SOFT);
        }
        String note = pen.fitted(BarNote.of(song, timeline, bar), width - 4, Typeface.SEMIBOLD, 7);
        pen.text(note, x + 3, y + 5.5, Typeface.SEMIBOLD, 7, Ink.WARM);
        boolean unusual = !bar.meter().equals(song.facts().meter());
        if (unusual) pen.text(bar.meter().toString(), x + 16, top + 6.5, Typeface.SEMIBOLD, 7.5, Ink.WARM);
        for (TimelineSpan span : timeline.spansIn(bar)) {
            if (span.goesOn()
                    && !span.start().isLessThan(bar.start())
                    && !span.start().equals(bar.start())) continue;
            Length at = span.start().max(bar.start()).minus(bar.start());
            double offset = at.dividedBy(bar.meter().length()).toDouble() * (width - 6);
            pen.text(MusicText.signs(span.chord()), x + 6 + offset, top + 18.5, Typeface.SEMIBOLD, 12.5, Ink.DARK);
        }
        for (Bounds sung : timeline.margin().sung()) layVoice(sung, bar, x, top, width);
    }

    /** A line under the chords where somebody sings. */
    private void layVoice(Bounds sung, TimelineBar bar, double x, double top, double width) throws IOException {
        Length from = sung.from().max(bar.start()).minus(bar.start());
        Length to = sung.to().min(bar.end()).minus(bar.start());
        if (!from.isLessThan(to)) return;
        double inBar = width / bar.meter().length().toDouble();
        double y = top + 21.5;
        pages.pen()
                .line(
                        new Point(x + 3 + from.toDouble() * inBar, y),
                        new Point(x - 1 + to.toDouble() * inBar, y),
                        1.1,
                        Ink.SOFT);
    }
}
