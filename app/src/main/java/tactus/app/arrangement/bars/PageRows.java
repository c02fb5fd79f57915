package tactus.app.arrangement.bars;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.laid.outline.Block;
import tactus.core.laid.outline.LineOfBars;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.outline.OutlinedUse;
import tactus.core.laid.outline.WordLane;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.written.rule.Swell;
import tactus.core.written.rule.UseChoice;
import tactus.core.written.section.Use;
import tactus.core.written.song.Song;
import tactus.words.BarNote;
import tactus.words.HintWords;
import tactus.words.SongWords;
import tactus.words.Words;

/** Lays a song out in rows, each as high as what it holds. */
final class PageRows {

    private static final double HEAD = 34;
    private static final double NOTE = 18.5;
    /** How high a line of words is. */
    static final double WORDS = 19;

    private static final double GAP = 10;
    private static final double TITLE_LETTER = 10.5;
    private static final int OTHER_SHOWN = 4;
    private static final double BESIDE_HEAD = 190;
    private static final double LEAST_PICKUP = 44;

    private final Song song;
    private final Timeline timeline;
    private final boolean isPlayed;
    private final Zoom zoom;
    private final double width;
    private final Predicate<OutlinedUse> isOpen;
    private final SongWords words;
    private final List<PageRow> rows = new ArrayList<>();
    private final Outline outline;
    private final BarWidths widths;
    private final Map<Integer, Double> levels;

    private PageRows(
            Song song,
            Timeline timeline,
            boolean isPlayed,
            Outline outline,
            Zoom zoom,
            double width,
            Predicate<OutlinedUse> isOpen) {
        this.song = song;
        this.timeline = timeline;
        this.isPlayed = isPlayed;
        this.outline = outline;
        this.zoom = zoom;
        this.width = width;
        this.isOpen = isOpen;
        words = new SongWords(song);
        widths = new BarWidths(timeline, zoom);
        levels = levels(timeline);
    }

    /**
     * The rows of the song.
     *
     * @param width what a line of bars has room for
     * @param isOpen says of an entry whether its bars are shown
     */
    static List<PageRow> of(
            Song song, Timeline timeline, Outline outline, Zoom zoom, double width, Predicate<OutlinedUse> isOpen) {
        var rows = new PageRows(song, timeline, true, outline, zoom, width, isOpen);
        outline.uses().forEach(rows::add);
        return rows.rows;
    }

    /** The rows of a section that the song does not play, laid out by itself. */
    static List<PageRow> ofLoose(Song song, Timeline alone, Zoom zoom, double width) {
        var rows = new PageRows(song, alone, false, Outline.of(alone), zoom, width, _ -> true);
        rows.outline.uses().forEach(rows::add);
        return rows.rows;
    }

    private void add(OutlinedUse use) {
        boolean open = isOpen.test(use);
        String section = song.section(use.section()).orElseThrow().name();
        String title = isPlayed ? song.nameOf(song.uses().get(use.use())) : section;
        String facts = isPlayed ? facts(use) : Words.of("arrangement.notPlayed");
        String other = Stream.of(isPlayed ? other(use) : "", hints(use))
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining("  "));
        double beside = width - title.length() * TITLE_LETTER - BarWidths.text(facts) - BESIDE_HEAD;
        boolean isBelow = BarWidths.text(other) > beside;
        double head = zoom == Zoom.OVERVIEW ? 26 : HEAD;
        double below = isBelow ? NOTE * Math.ceil(BarWidths.text(other) / (width - 40)) : 0;
        rows.add(new PageRow.Head(use, isPlayed, open, title, facts, other, isBelow, level(use), head + below));
        if (open) use.blocks().forEach(block -> addBlock(use, block));
    }

    /** {@code bars 9–24 · goes round twice}, or that it is the same as from an earlier bar. */
    private String facts(OutlinedUse use) {
        String bars = Words.of("page.bars", use.first().number(), use.lastNumber())
                + words.key(use.section()).map(key -> " · " + key).orElse("");
        OptionalInt same = use.sameAs().isPresent() ? use.sameAs() : use.like();
        if (same.isPresent())
            return bars + " · "
                    + Words.of(
                            "page.same",
                            outline.uses().get(same.getAsInt()).first().number());
        return use.times() == 1 ? bars : bars + " · " + Words.of("page.round", use.times());
    }

    /** What is said of this entry alone, where it is not played as the one before. */
    private String other(OutlinedUse use) {
        if (use.sameAs().isPresent() || use.like().isEmpty()) return "";
        Use entry = song.uses().get(use.use());
        boolean isLast = song.indicesOf(entry.section()).getLast() == use.use();
        Stream<String> excepts = entry.excepts().stream().map(words::of);
        Stream<String> rules = song.asShown().rules().stream()
                .filter(rule ->
                        rule.where().section().filter(entry.section()::equals).isPresent())
                .filter(rule -> rule.where().use().equals(UseChoice.entry(entry.id()))
                        || isLast && rule.where().use().equals(UseChoice.LAST))
                .map(words.rules()::within);
        String all = Stream.concat(excepts, rules).collect(Collectors.joining("; "));
        return all.isEmpty() ? otherBars(use) : Words.of("page.but", all);
    }

    /** What is to be kept in mind there, the first time that it is played the same. */
    private String hints(OutlinedUse use) {
        if (use.sameAs().isPresent()) return "";
        return new HintWords(song).ofSection(use.section());
    }

    /** Where what is played is other, though nothing is said of this entry: the next section may lead in. */
    private static String otherBars(OutlinedUse use) {
        List<String> numbers = use.other().stream()
                .limit(OTHER_SHOWN)
                .map(bar -> Integer.toString(bar.number()))
                .toList();
        String more = use.other().size() > OTHER_SHOWN ? " …" : "";
        return Words.of("page.other", numbers.size(), String.join(", ", numbers) + more);
    }

    /** How loud an entry gets. */
    private double level(OutlinedUse use) {
        return levels.getOrDefault(use.use(), Swell.USUAL.at(0));
    }

    private static Map<Integer, Double> levels(Timeline timeline) {
        Map<Integer, Double> levels = new HashMap<>();
        for (TimelineSpan span : timeline.spans())
            levels.merge(span.use(), span.played().swell().at(1), Math::max);
        return levels;
    }

    private void addBlock(OutlinedUse use, Block block) {
        List<TimelineBar> bars = block.bars();
        int count = widths.count(bars, width);
        boolean isFirst = rows.stream().noneMatch(PageRow.Line.class::isInstance);
        for (int from = 0; from < bars.size(); from += count) {
            List<TimelineBar> some = bars.subList(from, Math.min(from + count, bars.size()));
            var line = new LineOfBars(block, some, widths.of(some, count, width));
            boolean isBegun = isFirst && from == 0 && outline.pickup().isPresent();
            addLine(use, isBegun ? line.withPickup(outline.pickup().get(), LEAST_PICKUP, width) : line);
        }
    }

    private void addLine(OutlinedUse use, LineOfBars line) {
        boolean isShort = zoom == Zoom.OVERVIEW;
        List<String> notes =
                isShort ? Collections.nCopies(line.bars().size(), "") : BarNote.besideRibbons(words, timeline, line);
        double notesHeight = NOTE * noteLines(notes, line);
        int lanes = line.block().lanes().size() + line.block().second().size();
        List<WordLane> sung = isShort ? List.of() : line.sung();
        double height = zoom.head()
                + zoom.picture()
                + notesHeight
                + WORDS * sung.size()
                + lanes * zoom.ribbon()
                + (isShort ? 3 : GAP);
        rows.add(new PageRow.Line(use, isPlayed, timeline, line, notes, notesHeight, sung, height));
    }

    /** A note that is longer than its room wraps. */
    private static int noteLines(List<String> notes, LineOfBars line) {
        int lines = 0;
        for (int i = 0; i < notes.size(); i++) {
            if (!notes.get(i).isEmpty()) lines = Math.max(lines, lines(notes.get(i), room(notes, line, i)));
        }
        return lines;
    }

    /** How many lines a text takes that is divided between words. */
    private static int lines(String text, double room) {
        int lines = 1;
        double taken = 0;
        for (String word : text.split(" ")) {
            double width = BarWidths.text(word);
            if (taken > 0 && taken + width > room) {
                lines++;
                taken = 0;
            }
            taken += width;
            lines += (int) (taken / Math.max(room, 20));
        }
        return lines;
    }

    /** How much room the note of a bar has. */
    static double room(List<String> notes, LineOfBars line, int bar) {
        return line.noteRoom(notes, bar) - 6;
    }
}
