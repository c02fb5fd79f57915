package tactus.formats.sheet;

import java.io.IOException;
import java.util.List;
import tactus.core.harmony.Chord;
import tactus.core.song.Song;
import tactus.core.timeline.Timeline;
import tactus.formats.font.Typeface;
import tactus.words.HintWords;
import tactus.words.Words;

/** Puts title, chords, patterns and the running order on the pages. */
final class SheetLayout {

    private final Song song;
    private final Timeline timeline;
    private final Pages pages;

    SheetLayout(Song song, Timeline timeline, Pages pages) {
        this.song = song.asShown();
        this.timeline = timeline;
        this.pages = pages;
    }

    void lay() throws IOException {
        layHead();
        layChords();
        new PatternsLayout(song, timeline, pages).lay();
        new RunningOrderLayout(song, timeline, pages).lay();
        pages.moveDown(8);
        new LegendLayout(song, timeline, pages).lay();
        if (pages.lacksLetters()) layLines(Words.of("sheet.letters-missing"), Typeface.REGULAR, 9.5, 13, Ink.WARM);
    }

    private void layHead() throws IOException {
        pages.moveDown(18);
        layLines(song.facts().title(), Typeface.BOLD, 22, 24, Ink.DARK);
        pages.moveDown(-6);
        String version = song.versions().shown().map(name -> name + " · ").orElse("");
        String facts = version + FactsText.of(song.asShown().facts(), timeline);
        layLines(facts, Typeface.SEMIBOLD, 10.5, 14, Ink.DARK);
        if (!song.facts().note().isEmpty()) layLines(song.facts().note(), Typeface.REGULAR, 10, 14, Ink.SOFT);
        pages.moveDown(4);
        pages.paragraphs(new HintWords(song).ofSong(), pages.left(), pages.width());
    }

    /** Sets a text in as many lines as it needs. */
    private void layLines(String text, Typeface face, double size, double height, Ink ink) throws IOException {
        for (String line : pages.lines(text, pages.width(), face, size)) {
            double base = pages.startBlock(height);
            pages.pen().text(line, pages.left(), base, face, size, ink);
            pages.moveDown(height);
        }
    }

    private void layChords() throws IOException {
        layShapes();
        pages.paragraphs(new HintWords(song).ofChords(), pages.left(), pages.width());
        pages.moveDown(6);
    }

    /** Every shape as a picture, as many in a row as there is room for. */
    private void layShapes() throws IOException {
        List<Chord> chords = song.asShown().chords();
        int inRow = (int) (pages.width() / ShapePicture.WIDTH);
        for (int from = 0; from < chords.size(); from += inRow) {
            List<Chord> row = chords.subList(from, Math.min(from + inRow, chords.size()));
            int strings = row.stream()
                    .mapToInt(chord -> chord.voicing().strings())
                    .max()
                    .orElseThrow();
            double height = ShapePicture.height(strings);
            double top = pages.startBlock(height);
            for (int i = 0; i < row.size(); i++) {
                double left = pages.left() + i * ShapePicture.WIDTH;
                new ShapePicture(pages.pen(), row.get(i), left, top).print();
            }
            pages.moveDown(height);
        }
        pages.moveDown(6);
    }
}
