package tactus.formats.sheet;

import java.io.IOException;
import java.util.LinkedHashSet;
import java.util.stream.Collectors;
import tactus.core.laid.outline.Lane;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.outline.OutlinedUse;
import tactus.core.laid.outline.Ribbon;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.formats.font.Typeface;
import tactus.words.RibbonWords;
import tactus.words.Sentences;
import tactus.words.SongWords;
import tactus.words.Words;

/** The running order at a glance: a line for each entry with its bars and what is played. */
final class MapLayout {

    private static final double SIZE = 10;
    private static final double LINE = 14;
    private static final double NAMES = 120;
    private static final double BARS = 76;

    private final Song song;
    private final Timeline timeline;
    private final Pages pages;
    private final SongWords words;

    MapLayout(Song song, Timeline timeline, Pages pages) {
        this.song = song;
        this.timeline = timeline;
        this.pages = pages;
        words = new SongWords(song);
    }

    void lay() throws IOException {
        for (OutlinedUse use : Outline.of(timeline).uses()) lay(use);
        pages.moveDown(8);
    }

    private void lay(OutlinedUse use) throws IOException {
        double room = pages.width() - NAMES - BARS;
        var lines = pages.lines(played(use), room, Typeface.REGULAR, SIZE);
        double top = pages.startBlock(LINE * Math.max(1, lines.size()));
        Pen pen = pages.pen();
        String times = use.times() > 1 ? Words.of("sheet.times", use.times()) : "";
        String name = Sentences.capital(words.use(use.use())) + times;
        double size = SIZE + 1;
        while (size > 6 && pen.width(name, Typeface.BOLD, size) > NAMES - 6) size -= 0.5;
        pen.text(
                pen.fitted(name, NAMES - 6, Typeface.BOLD, size),
                pages.left(),
                top + 10,
                Typeface.BOLD,
                size,
                Ink.DARK);
        String bars = RunningOrderLayout.bars(use);
        pen.text(bars, pages.left() + NAMES, top + 10, Typeface.REGULAR, SIZE, Ink.SOFT);
        double base = top + 10;
        for (String line : lines) {
            pen.text(line, pages.left() + NAMES + BARS, base, Typeface.REGULAR, SIZE, Ink.DARK);
            base += LINE;
        }
        pages.moveDown(LINE * Math.max(1, lines.size()));
    }

    /** What is played on it, each thing once, in order. */
    private String played(OutlinedUse use) {
        var played = new LinkedHashSet<String>();
        use.blocks().forEach(block -> {
            for (Lane lane : block.lanes())
                for (Ribbon ribbon : lane.ribbons())
                    played.add(RibbonWords.of(song, words, ribbon, false).whole());
            for (Lane lane : block.second())
                for (Ribbon ribbon : lane.ribbons())
                    played.add(RibbonWords.of(song, words, ribbon, true).whole());
        });
        return played.stream().filter(text -> !text.isBlank()).collect(Collectors.joining(" · "));
    }
}
