package tactus.formats.sheet;

import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Handout;
import tactus.core.written.song.Song;
import tactus.formats.font.Typeface;
import tactus.words.HintWords;
import tactus.words.Words;

/** Puts the title and the parts that the song asks for on the pages. */
final class SheetLayout {

    private static final double DATE = 10;

    private final Song song;
    private final Timeline timeline;
    private final Pages pages;
    private final SheetLook look;
    private final Handout handout;

    SheetLayout(Song song, Timeline timeline, Pages pages, SheetLook look) {
        this.song = song.asShown();
        this.timeline = timeline;
        this.pages = pages;
        this.look = look;
        handout = song.lesson().handout();
    }

    void lay() throws IOException {
        layHead();
        layHomework();
        for (Handout.Part part : handout.parts()) lay(part);
        if (pages.lacksLetters()) layLines(Words.of("sheet.letters-missing"), Typeface.REGULAR, 9.5, 13, Ink.WARM);
    }

    private void lay(Handout.Part part) throws IOException {
        switch (part) {
            case FACTS -> layFacts();
            case NOTES -> layNotes();
            case SHAPES -> new ShapesLayout(song, timeline, pages, look).lay();
            case PATTERNS -> new PatternsLayout(song, timeline, pages, look).lay();
            case MAP -> new MapLayout(song, timeline, pages).lay();
            case BARS -> {
                new RunningOrderLayout(song, timeline, pages, look).lay();
                pages.moveDown(8);
            }
            case PRACTICE -> new PracticeLayout(song, timeline, pages).lay();
            case LEGEND -> new LegendLayout(song, timeline, pages).lay();
        }
    }

    /** What is to be done for the next time, where no part of the sheet is about practising. */
    private void layHomework() throws IOException {
        String homework = handout.reader().homework();
        if (homework.isEmpty() || handout.parts().contains(Handout.Part.PRACTICE)) return;
        layLines(Words.of("sheet.for-next-time", homework), Typeface.REGULAR, 10.5, 14, Ink.DARK);
        pages.moveDown(2);
    }

    private void layHead() throws IOException {
        layReader();
        pages.moveDown(18);
        layLines(song.facts().title(), Typeface.BOLD, 22, 24, Ink.DARK);
        pages.moveDown(-6);
    }

    /** Whom it is for, in the corner over the title. */
    private void layReader() throws IOException {
        String name = handout.reader().name();
        String text = Stream.of(
                        name.isEmpty() ? "" : Words.of("sheet.for", name),
                        handout.reader().date())
                .filter(each -> !each.isEmpty())
                .collect(Collectors.joining(" · "));
        if (text.isEmpty()) return;
        String fitted = pages.pen().fitted(text, pages.width(), Typeface.SEMIBOLD, DATE);
        double width = pages.pen().width(fitted, Typeface.SEMIBOLD, DATE);
        pages.pen().text(fitted, pages.left() + pages.width() - width, pages.y(), Typeface.SEMIBOLD, DATE, Ink.DARK);
        pages.moveDown(4);
    }

    private void layFacts() throws IOException {
        String version = song.versions().shown().map(name -> name + " · ").orElse("");
        layLines(version + FactsText.whole(song.facts(), timeline), Typeface.SEMIBOLD, 10.5, 14, Ink.DARK);
        pages.moveDown(2);
    }

    private void layNotes() throws IOException {
        if (!song.facts().note().isEmpty()) layLines(song.facts().note(), Typeface.REGULAR, 10, 14, Ink.SOFT);
        pages.moveDown(2);
        pages.paragraphs(new HintWords(song).ofSong(), pages.left(), pages.width());
        pages.moveDown(2);
    }

    /** Sets a text in as many lines as it needs. */
    private void layLines(String text, Typeface face, double size, double height, Ink ink) throws IOException {
        List<String> lines = pages.lines(text, pages.width(), face, size);
        for (String line : lines) {
            double base = pages.startBlock(height);
            pages.pen().text(line, pages.left(), base, face, size, ink);
            pages.moveDown(height);
        }
    }
}
