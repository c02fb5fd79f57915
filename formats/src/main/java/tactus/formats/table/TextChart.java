package tactus.formats.table;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.laid.outline.Block;
import tactus.core.laid.outline.Lane;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.outline.OutlinedUse;
import tactus.core.laid.outline.Ribbon;
import tactus.core.laid.outline.WordLane;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.PlayedForm;
import tactus.core.laid.timeline.RaisedShapes;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.patterns.saying.Saying;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.song.Song;
import tactus.formats.file.WholeFile;
import tactus.formats.sheet.FactsText;
import tactus.words.BarNote;
import tactus.words.HintWords;
import tactus.words.RibbonWords;
import tactus.words.SongWords;
import tactus.words.Words;

/**
 * A song as a chart in plain letters, to be read in a mail: headings, bars between strokes with what is sung below them, and the
 * patterns as lines with their counts. What is the same as before is said and not written again. Headings and bars can be pasted
 * as a new song.
 */
public final class TextChart {

    private static final int BARS_A_LINE = 4;
    private static final int NARROWEST = 7;

    private final Song song;
    private final Timeline timeline;
    private final SongWords words;
    private final List<String> lines = new ArrayList<>();

    private TextChart(Song song, Timeline timeline) {
        this.song = song.asShown();
        this.timeline = timeline;
        words = new SongWords(song);
    }

    /**
     * Writes {@code timeline}, which was laid out from {@code song}, in UTF-8, whole or not at all.
     *
     * @throws IOException if it cannot be written
     */
    public static void write(Song song, Timeline timeline, Path file) throws IOException {
        WholeFile.write(file, new TextChart(song, timeline)::writeTo);
    }

    private void writeTo(OutputStream out) throws IOException {
        lines.add(song.facts().title());
        String version = song.versions().shown().map(name -> name + " · ").orElse("");
        lines.add(version + FactsText.whole(song.facts(), timeline));
        if (!song.facts().note().isEmpty()) lines.add(song.facts().note());
        String homework = song.lesson().handout().reader().homework();
        if (!homework.isEmpty()) lines.add(Words.of("sheet.for-next-time", homework));
        lines.addAll(new HintWords(song).ofSong());
        Outline outline = Outline.of(timeline);
        outline.pickup().ifPresent(this::addPickup);
        for (OutlinedUse use : outline.uses()) addUse(outline, use);
        addShapes();
        addPatterns();
        out.write((String.join("\n", lines) + "\n").getBytes(StandardCharsets.UTF_8));
    }

    /** What is played before bar 1. */
    private void addPickup(TimelineBar bar) {
        String note = BarNote.of(words, timeline, bar);
        String beats = Words.count(Quantity.beats(Length.of(bar.meter().beats().size())));
        lines.add(Words.of("chart.pickup", beats, chords(bar), note.isEmpty() ? "" : "  " + note));
    }

    private void addUse(Outline outline, OutlinedUse use) {
        lines.add("");
        String times = use.times() > 1 ? Words.of("sheet.times", use.times()) : "";
        String same = use.sameAs().isPresent()
                ? ": "
                        + Words.of(
                                "chart.same-as",
                                words.use(outline.uses()
                                        .get(use.sameAs().getAsInt())
                                        .use()))
                : "";
        String key = words.key(use.section()).map(each -> " " + each).orElse("");
        lines.add("[" + words.use(use.use()) + times + "]" + key + same);
        if (use.sameAs().isPresent()) return;
        words.others(song.uses().get(use.use())).forEach(other -> lines.add("  " + other));
        String hints = new HintWords(song).ofSection(use.section());
        if (!hints.isEmpty()) lines.add("  " + hints);
        for (Block block : use.blocks()) addBlock(block);
    }

    private void addBlock(Block block) {
        int widest = block.bars().stream()
                .mapToInt(bar -> chords(bar).length())
                .max()
                .orElse(0);
        int width = Math.max(NARROWEST, widest + 1);
        for (int from = 0; from < block.bars().size(); from += BARS_A_LINE) {
            List<TimelineBar> bars = block.bars()
                    .subList(from, Math.min(from + BARS_A_LINE, block.bars().size()));
            for (TimelineBar bar : bars) {
                String note = BarNote.besideRibbons(words, timeline, block.alike(timeline, bar));
                if (!note.isEmpty()) lines.add("  " + Words.of("chart.bar-note", bar.numberInSection(), note));
            }
            lines.add(
                    bars.stream().map(bar -> padded(chords(bar), width)).collect(Collectors.joining("| ", "| ", "|")));
            for (WordLane lane : block.words()) addWords(block, bars, lane);
        }
        for (Lane lane : block.lanes()) addLane(block, lane, false);
        for (Lane lane : block.second()) addLane(block, lane, true);
    }

    private static String padded(String text, int width) {
        return text + " ".repeat(Math.max(1, width - text.length()));
    }

    /** The chords of a bar, behind the meter that begins with it. */
    private String chords(TimelineBar bar) {
        boolean isNew = timeline.startsMeter(bar, song.facts().meter());
        return (isNew ? "(" + bar.meter() + ") " : "") + chordsAlone(bar);
    }

    /** A stroke is a beat on which the one before it goes on. */
    private String chordsAlone(TimelineBar bar) {
        List<TimelineSpan> spans = timeline.spansIn(bar);
        if (spans.isEmpty()) return "";
        if (spans.size() == 1) return spans.getFirst().chord();
        var text = new ArrayList<String>();
        Length at = bar.start();
        for (Length beat : bar.meter().beats()) {
            Length from = at;
            at = at.plus(beat);
            Length to = at;
            List<String> begun = spans.stream()
                    .filter(span -> !span.goesOn() || span.start().isLessThan(bar.start()))
                    .filter(span -> {
                        Length start = span.start().max(bar.start());
                        return !start.isLessThan(from) && start.isLessThan(to);
                    })
                    .map(TimelineSpan::chord)
                    .toList();
            text.add(begun.isEmpty() ? "/" : String.join(" ", begun));
        }
        return String.join(" ", text);
    }

    private void addWords(Block block, List<TimelineBar> bars, WordLane lane) {
        Length start = block.bars().getFirst().start();
        List<Margin.SungAt> sung = lane.between(
                bars.getFirst().start().minus(start), bars.getLast().end().minus(start));
        if (sung.isEmpty()) return;
        String text = Margin.line(sung);
        lines.add("  " + passes(block, lane.passes()) + text);
    }

    private void addLane(Block block, Lane lane, boolean isSecond) {
        for (Ribbon ribbon : lane.ribbons()) {
            int first = bar(block, ribbon.from());
            int last = bar(block, ribbon.to().minus(Length.of(1, 64)));
            String said = RibbonWords.of(song, words, ribbon, isSecond).whole() + cuts(block, ribbon);
            lines.add("  " + passes(block, lane.passes())
                    + (first == last
                            ? Words.of("chart.bar-note", first, said)
                            : Words.of("chart.ribbon", first, last, said)));
        }
    }

    /** Where rounds are cut: behind a bar, or before a beat of one. */
    private static String cuts(Block block, Ribbon ribbon) {
        if (ribbon.cuts().isEmpty()) return "";
        Length start = block.bars().getFirst().start();
        return Words.of(
                "chart.cut",
                ribbon.cuts().stream()
                        .map(cut -> {
                            TimelineBar last = block.bars().stream()
                                    .filter(bar -> bar.start().minus(start).isLessThan(cut))
                                    .reduce((_, later) -> later)
                                    .orElseThrow();
                            Length within = cut.minus(last.start().minus(start));
                            var lines = new BarLines(List.of(last.meter()));
                            return within.equals(last.meter().length())
                                    ? Words.of("chart.behind-bar", last.numberInSection())
                                    : Words.of(
                                            "chart.before-beat",
                                            last.numberInSection(),
                                            lines.beatsBefore(within).plus(Length.WHOLE));
                        })
                        .collect(Collectors.joining(", ")));
    }

    /** The number within its section of the bar at a place of the pass. */
    private static int bar(Block block, Length at) {
        TimelineBar first = block.bars().getFirst();
        return block.bars().stream()
                .filter(bar -> !at.isLessThan(bar.start().minus(first.start())))
                .reduce((_, later) -> later)
                .orElse(first)
                .numberInSection();
    }

    private static String passes(Block block, List<Integer> passes) {
        return passes.size() == block.passes().size()
                ? ""
                : Words.of("bar-note.on-passes", BarNote.numbers(passes), "");
    }

    private void addShapes() {
        if (song.chords().isEmpty()) return;
        lines.add("");
        lines.add(Stream.concat(song.chords().stream(), RaisedShapes.of(song, timeline).stream())
                .map(chord -> chord.name() + " " + chord.voicing())
                .collect(Collectors.joining("   ")));
        lines.addAll(new HintWords(song).ofChords());
    }

    private void addPatterns() {
        for (PlayedForm played : PlayedForm.of(song, timeline)) {
            String name = song.pattern(played.pattern().id()).orElseThrow().name();
            String form = played.form().equals(FormChoice.FULL)
                    ? name
                    : Words.of(
                            "ribbon.form",
                            name,
                            played.form().rule().map(words.rules()::of).orElse(""));
            lines.add("");
            lines.add(form + " (" + played.pattern().meter() + "): "
                    + played.pattern().line());
            lines.add("  " + new Saying(Words.lexicon()).counted(played.pattern()));
            new HintWords(song).forPlaying(played.pattern().id()).forEach(hint -> lines.add("  " + hint));
        }
    }
}
