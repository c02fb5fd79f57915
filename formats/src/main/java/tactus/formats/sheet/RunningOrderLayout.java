package tactus.formats.sheet;

import java.io.IOException;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.laid.outline.Block;
import tactus.core.laid.outline.LineOfBars;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.outline.OutlinedUse;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.written.section.SectionId;
import tactus.core.written.section.Use;
import tactus.core.written.song.Song;
import tactus.formats.font.Typeface;
import tactus.words.HintWords;
import tactus.words.Sentences;
import tactus.words.SongWords;
import tactus.words.Words;

/**
 * Sets the sections as they are played: every use under its heading, its bars once for all passes that have the same ones,
 * and below them a ribbon for each pass that plays something else. What is the same as before is decided by what is played.
 */
final class RunningOrderLayout {

    private static final int BARS_A_LINE = 8;
    private static final int FEWER_BARS_A_LINE = 4;
    private static final double HEAD = 22;
    private static final double INDENT = 6;
    private static final double LEAST_PICKUP = 26;
    /** Room for a meter and the number of the bar. */
    private static final double LEAST_BAR = 40;

    private static final double NAME_GAP = 9;

    private final Song song;
    private final Timeline timeline;
    private final SongWords words;
    private final Pages pages;
    private final Outline outline;
    private final RibbonPictures pictures;

    RunningOrderLayout(Song song, Timeline timeline, Pages pages, SheetLook look) {
        pictures = new RibbonPictures(song, timeline, look);
        this.song = song;
        this.timeline = timeline;
        words = new SongWords(song);
        this.pages = pages;
        outline = Outline.of(timeline);
    }

    void lay() throws IOException {
        for (OutlinedUse use : outline.uses()) layUse(use);
    }

    /** Puts a section there as it is played first. */
    void lay(SectionId id) throws IOException {
        Optional<OutlinedUse> first =
                outline.uses().stream().filter(use -> use.section().equals(id)).findFirst();
        if (first.isPresent()) layUse(first.get());
    }

    private void layUse(OutlinedUse use) throws IOException {
        boolean same = use.sameAs().isPresent();
        double top = pages.startBlock(same ? HEAD : HEAD + besidesBars(use) + firstLine(use));
        layHeading(use, top + 15);
        pages.moveDown(HEAD);
        if (same) return;
        pages.paragraphs(others(song.uses().get(use.use())), pages.left() + INDENT, width());
        boolean isFirst = use.use() == 0;
        for (Block block : use.blocks()) {
            boolean hasParts = use.blocks().size() > 1;
            layBlock(block, hasParts, isFirst ? outline.pickup() : Optional.empty());
            isFirst = false;
        }
    }

    /** How high the lines are that stand between a heading and its bars. */
    private double besidesBars(OutlinedUse use) {
        return others(song.uses().get(use.use())).stream()
                .mapToDouble(text -> Pages.LINE
                        * pages.lines(text, width(), Typeface.REGULAR, Pages.LETTERS)
                                .size())
                .sum();
    }

    /** How high the first line of bars is, so that a heading stands on the page of its bars. */
    private double firstLine(OutlinedUse use) {
        Block block = use.blocks().getFirst();
        int count = Math.min(barsALine(block.bars()), block.bars().size());
        double width = (pages.width() - LineLayout.GUTTER) / barsALine(block.bars());
        return new LineLayout(
                        song,
                        timeline,
                        pages,
                        pictures,
                        even(block, block.bars().subList(0, count), width),
                        false)
                .height();
    }

    private void layHeading(OutlinedUse use, double base) throws IOException {
        Pen pen = pages.pen();
        int passes = use.times();
        String times = passes > 1 ? Words.of("sheet.times", passes) : "";
        String name = Sentences.capital(words.use(use.use())) + times;
        pen.text(name, pages.left(), base, Typeface.BOLD, 12, Ink.DARK);
        double x = pages.left() + pen.width(name, Typeface.BOLD, 12) + 10;
        String range = bars(use);
        String key = words.key(use.section()).map(each -> "  ·  " + each).orElse("");
        String text = range + key + reference(use);
        double room = pages.left() + pages.width() - x;
        pen.text(pen.fitted(text, room, Typeface.REGULAR, 10), x, base, Typeface.REGULAR, 10, Ink.SOFT);
    }

    private String reference(OutlinedUse use) {
        if (use.sameAs().isPresent())
            return "  ·  " + Words.of("sheet.same-as", firstBar(use.sameAs().getAsInt()));
        if (use.like().isEmpty()) return "";
        return "  ·  " + likeness(outline.uses().get(use.like().getAsInt()), use);
    }

    /** In which bars, or how often, it is other than the first time; where it is so in most of them, it is not as that. */
    private static String likeness(OutlinedUse first, OutlinedUse use) {
        int before = first.first().number();
        List<Integer> other = use.other().stream().map(TimelineBar::number).toList();
        if (other.isEmpty()) return Words.of("sheet.as-rounds", before, use.times());
        if (2 * other.size() > use.lastNumber() - use.first().number() + 1) return Words.of("sheet.not-as", before);
        String bars = BarRange.of(other).stream().map(BarRange::toString).collect(Collectors.joining(", "));
        return Words.of("sheet.as-but", before, other.size(), bars);
    }

    /** {@code bars 9–16}, or {@code bar 9}. */
    static String bars(OutlinedUse use) {
        int first = use.first().number();
        return Words.of("sheet.bars", first, use.lastNumber(), use.lastNumber() - first + 1);
    }

    private int firstBar(int use) {
        return outline.uses().get(use).first().number();
    }

    /** What is to be kept in mind, and what is other this time. */
    private List<String> others(Use use) {
        String hints = new HintWords(song).ofSection(use.section());
        return Stream.concat(Stream.of(hints).filter(text -> !text.isEmpty()), words.others(use).stream())
                .toList();
    }

    private double width() {
        return pages.width() - INDENT;
    }

    private void layBlock(Block block, boolean hasParts, Optional<TimelineBar> pickup) throws IOException {
        int count = barsALine(block.bars());
        double width = (pages.width() - LineLayout.GUTTER) / count;
        for (int i = 0; i < block.bars().size(); i += count) {
            var bars = block.bars().subList(i, Math.min(i + count, block.bars().size()));
            var line = even(block, bars, width);
            if (i == 0 && pickup.isPresent()) line = line.withPickup(pickup.get(), LEAST_PICKUP, line.width());
            new LineLayout(song, timeline, pages, pictures, line, hasParts).lay();
        }
        pages.moveDown(2);
    }

    /** Eight bars where each has one short name, otherwise four; fewer where the names would not have room. */
    private int barsALine(List<TimelineBar> bars) {
        boolean isPlain = bars.stream()
                .map(timeline::spansIn)
                .allMatch(spans -> spans.size() <= 1
                        && spans.stream().allMatch(span -> span.chord().length() <= 6));
        int count = isPlain ? BARS_A_LINE : FEWER_BARS_A_LINE;
        double needed = bars.stream().mapToDouble(this::needed).max().orElse(0);
        while (count > 1 && (pages.width() - LineLayout.GUTTER) / count < needed) count /= 2;
        return count;
    }

    /** How wide a bar must be so that each name has room before the next one. */
    private double needed(TimelineBar bar) {
        List<TimelineSpan> spans = timeline.spansIn(bar);
        double needed = LEAST_BAR;
        for (TimelineSpan span : spans) {
            double share = bar.part(span.end()) - bar.part(span.start());
            double name = LineLayout.nameWidth(pages, span.chord(), span.start().isLessThan(bar.start()));
            needed = Math.max(needed, (name + NAME_GAP) / share);
        }
        return needed;
    }

    private static LineOfBars even(Block block, List<TimelineBar> bars, double width) {
        return new LineOfBars(block, bars, Collections.nCopies(bars.size(), width));
    }
}
