package tactus.formats.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import tactus.core.laid.outline.Lane;
import tactus.core.laid.outline.LineOfBars;
import tactus.core.laid.outline.Ribbon;
import tactus.core.laid.outline.WordLane;
import tactus.core.laid.picture.Point;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.written.section.Stretch.Bounds;
import tactus.core.written.song.Song;
import tactus.formats.font.Typeface;
import tactus.words.BarNote;
import tactus.words.RibbonWords;
import tactus.words.SongWords;

/** Sets a line of bars: the notes above it, chords and voice, the words, and a ribbon for each pass that plays something else. */
final class LineLayout {

    /** What stands in front of the bars for the numbers of passes. */
    static final double GUTTER = 14;

    private static final double BAR_HEIGHT = 32;
    private static final double NOTE_HEIGHT = 9;
    private static final double RIBBON = 13;
    private static final double RIBBON_LETTERS = 8.5;
    private static final double SMALLEST = 5.5;
    private static final double WORDS = 11;
    private static final LineOfBars.Spacing SPACING = new LineOfBars.Spacing(4, 3, 0.5);

    private final Song song;
    private final Timeline timeline;
    private final SongWords words;
    private final Pages pages;
    private final RibbonPictures pictures;
    private final LineOfBars line;
    private final boolean hasParts;

    /** @param hasParts whether the passes of the entry have different bars, so that each line says its own */
    LineLayout(Song song, Timeline timeline, Pages pages, RibbonPictures pictures, LineOfBars line, boolean hasParts) {
        this.song = song;
        this.pictures = pictures;
        this.timeline = timeline;
        this.pages = pages;
        this.line = line;
        this.hasParts = hasParts;
        words = new SongWords(song);
    }

    void lay() throws IOException {
        List<List<String>> notes = notes();
        double height = height();
        double top = pages.startBlock(height) + above(notes);
        layNotes(notes, top);
        layLine(top);
        pages.moveDown(height + 2);
    }

    private double left() {
        return pages.left() + GUTTER;
    }

    private void layLine(double top) throws IOException {
        for (int i = 0; i < line.bars().size(); i++)
            layBar(line.bars().get(i), left() + line.x(i), top, line.widths().get(i));
        barLine(left() + line.width(), top);
        double lane = top + BAR_HEIGHT - 4;
        for (WordLane each : line.sung()) {
            layWords(each, lane);
            lane += WORDS;
        }
        for (Lane each : line.block().lanes()) {
            layLane(each, lane, false);
            lane += RIBBON;
            layPictures(each, lane);
            lane += pictures.height();
        }
        for (Lane each : line.block().second()) {
            layLane(each, lane, true);
            lane += RIBBON;
        }
    }

    /** What is written over each bar, in lines: a note has the room up to the next one. */
    private List<List<String>> notes() {
        List<String> texts = BarNote.besideRibbons(words, timeline, line);
        var notes = new ArrayList<List<String>>();
        for (int i = 0; i < texts.size(); i++) {
            double room = line.noteRoom(texts, i) - 4;
            notes.add(texts.get(i).isEmpty() ? List.of() : pages.lines(texts.get(i), room, Typeface.SEMIBOLD, 8));
        }
        return notes;
    }

    private void layNotes(List<List<String>> notes, double top) throws IOException {
        for (int i = 0; i < notes.size(); i++) {
            double y = top - 2.5 - NOTE_HEIGHT * (notes.get(i).size() - 1);
            for (String text : notes.get(i)) {
                pages.pen().text(text, left() + line.x(i) + 3, y, Typeface.SEMIBOLD, 8, Ink.WARM);
                y += NOTE_HEIGHT;
            }
        }
    }

    /** The words where they are sung; the first one of a line is its landmark. */
    private void layWords(WordLane lane, double top) throws IOException {
        Pen pen = pages.pen();
        if (hasParts || line.block().tells(lane.passes(), false)) layPasses(lane.passes(), top + 7.5);
        List<Margin.SungAt> sung = line.words(lane);
        List<Double> wide = sung.stream()
                .map(each -> pen.width(each.hyphened(), face(each), 9))
                .toList();
        List<Double> places = line.placesOf(lane, wide, SPACING);
        for (int i = 0; i < sung.size(); i++)
            pen.text(sung.get(i).hyphened(), left() + places.get(i), top + 7.5, face(sung.get(i)), 9, Ink.DARK);
    }

    private static Typeface face(Margin.SungAt word) {
        return word.startsLine() ? Typeface.SEMIBOLD : Typeface.REGULAR;
    }

    private void layPasses(List<Integer> passes, double base) throws IOException {
        String said = BarNote.numbers(passes);
        Pen pen = pages.pen();
        pen.text(
                pen.fitted(said, GUTTER - 2, Typeface.SEMIBOLD, 8), pages.left(), base, Typeface.SEMIBOLD, 8, Ink.DARK);
    }

    /** What is played from where to where, with the passes that play it in front. */
    private void layLane(Lane lane, double top, boolean isSecond) throws IOException {
        Pen pen = pages.pen();
        if (hasParts || line.block().tells(lane.passes(), isSecond)) layPasses(lane.passes(), top + 8.5);
        for (LineOfBars.Placed placed : line.ribbons(lane)) {
            Ribbon ribbon = placed.ribbon();
            double left = left() + placed.from() + 1.5;
            double right = left() + placed.to() - 1.5;
            frame(left, top + 1, right, top + RIBBON - 2, isSecond ? Ink.FAINT : Ink.SOFT);
            double room = right - left - 4;
            String brief = RibbonWords.of(song, words, ribbon, isSecond).brief();
            double emblem = pictures.layEmblem(
                    pen,
                    ribbon,
                    left + 2,
                    top + 1.5,
                    room,
                    RIBBON - 4,
                    pen.width(brief, Typeface.REGULAR, RIBBON_LETTERS));
            layText(ribbon, isSecond, left + 3 + emblem, top + 8.8, room - emblem);
            for (double cut : placed.cuts()) {
                double x = left() + cut - 2.5;
                pen.line(new Point(x, top), new Point(x, top + RIBBON - 1), 1.2, Ink.WARM);
            }
        }
    }

    /** What each bar of the line plays in the first of the passes of {@code lane}. */
    private void layPictures(Lane lane, double top) throws IOException {
        var bars = new ArrayList<TimelineBar>();
        var lefts = new ArrayList<Double>();
        var widths = new ArrayList<Double>();
        for (int i = 0; i < line.bars().size(); i++) {
            TimelineBar bar = line.bars().get(i);
            int pass = lane.passes().getFirst();
            bars.add(line.block().alike(timeline, bar).stream()
                    .filter(each -> each.pass() == pass)
                    .findFirst()
                    .orElse(bar));
            lefts.add(left() + line.x(i));
            widths.add(line.widths().get(i));
        }
        pictures.layBars(pages.pen(), bars, lefts, widths, top);
    }

    /** The whole where there is room, otherwise the form alone, otherwise in smaller letters. */
    private void layText(Ribbon ribbon, boolean isSecond, double x, double base, double room) throws IOException {
        Pen pen = pages.pen();
        RibbonWords says = RibbonWords.of(song, words, ribbon, isSecond);
        for (double size = RIBBON_LETTERS; size >= SMALLEST; size -= 0.5) {
            for (String text : List.of(says.whole(), says.brief())) {
                if (pen.width(text, Typeface.REGULAR, size) > room) continue;
                pen.text(text, x, base, Typeface.REGULAR, size, Ink.DARK);
                return;
            }
        }
        pen.text(
                pen.fitted(says.brief(), room, Typeface.REGULAR, SMALLEST),
                x,
                base,
                Typeface.REGULAR,
                SMALLEST,
                Ink.DARK);
    }

    private void frame(double left, double top, double right, double bottom, Ink ink) throws IOException {
        pages.pen()
                .shape(
                        List.of(
                                new Point(left, top),
                                new Point(right, top),
                                new Point(right, bottom),
                                new Point(left, bottom)),
                        ink,
                        true);
    }

    private void barLine(double x, double top) throws IOException {
        pages.pen().line(new Point(x, top), new Point(x, top + BAR_HEIGHT - 7), 0.8, Ink.DARK);
    }

    private void layBar(TimelineBar bar, double x, double top, double width) throws IOException {
        Pen pen = pages.pen();
        barLine(x, top);
        String meter =
                timeline.startsMeter(bar, song.facts().meter()) ? bar.meter().toString() : "";
        String number = bar.number() > 0 ? number(bar, width - 6 - pen.width(meter, Typeface.SEMIBOLD, 8)) : "";
        pen.text(number, x + 3, top + 7, Typeface.REGULAR, 8, Ink.SOFT);
        double behind = Math.max(20, 7 + pen.width(number, Typeface.REGULAR, 8));
        pen.text(meter, x + behind, top + 7, Typeface.SEMIBOLD, 8, Ink.WARM);
        for (TimelineSpan span : timeline.spansIn(bar)) {
            if (span.goesOn()
                    && !span.start().isLessThan(bar.start())
                    && !span.start().equals(bar.start())) continue;
            double offset = bar.part(span.start()) * (width - 6);
            boolean goesOn = span.start().isLessThan(bar.start());
            String name = pages.chord(span.chord());
            String text = goesOn ? "(" + name + ")" : name;
            pen.text(text, x + 6 + offset, top + 19.5, Typeface.SEMIBOLD, 12.5, goesOn ? Ink.SOFT : Ink.DARK);
        }
        for (Bounds sung : timeline.margin().sung()) layVoice(sung, bar, x, top, width);
    }

    /** As many of its numbers as there is room for, the first one in any case. */
    private String number(TimelineBar bar, double room) throws IOException {
        for (String numbers :
                List.of(BarNote.barNumbers(line.block().alike(timeline, bar)), BarNote.barNumbers(List.of(bar))))
            if (pages.pen().width(numbers, Typeface.REGULAR, 8) <= room) return numbers;
        return Integer.toString(bar.number());
    }

    /** How wide the name of a chord is over a bar. */
    static double nameWidth(Pages pages, String chord, boolean goesOn) {
        String name = pages.chord(chord);
        return pages.pen().width(goesOn ? "(" + name + ")" : name, Typeface.SEMIBOLD, 12.5);
    }

    /** A line under the chords where somebody sings. */
    private void layVoice(Bounds sung, TimelineBar bar, double x, double top, double width) throws IOException {
        double from = bar.part(sung.from());
        double to = bar.part(sung.to());
        double y = top + 22.5;
        if (from < to)
            pages.pen().line(new Point(x + 3 + from * width, y), new Point(x - 1 + to * width, y), 1.1, Ink.SOFT);
    }

    private double above(List<List<String>> notes) {
        return NOTE_HEIGHT
                * Math.max(1, notes.stream().mapToInt(List::size).max().orElse(1));
    }

    double height() {
        int lanes = line.block().lanes().size();
        int second = line.block().second().size();
        return above(notes())
                + BAR_HEIGHT
                + line.sung().size() * WORDS
                + lanes * (RIBBON + pictures.height())
                + second * RIBBON;
    }
}
