package tactus.formats.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import tactus.core.harmony.Chord;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.picture.Frame;
import tactus.core.picture.HandPicture;
import tactus.core.picture.Passage;
import tactus.core.song.Song;
import tactus.core.timeline.Timeline;
import tactus.formats.font.Typeface;
import tactus.words.HintWords;
import tactus.words.SongWords;

/** Puts title, chords, patterns and the running order on the pages. */
final class SheetLayout {

    private static final double PICTURE_HEIGHT = 118;
    private static final double GUTTER = 16;
    private static final int SLOTS_OF_HALF_A_PAGE = 12;

    private final Song song;
    private final Timeline timeline;
    private final Pages pages;

    SheetLayout(Song song, Timeline timeline, Pages pages) {
        this.song = song;
        this.timeline = timeline;
        this.pages = pages;
    }

    void lay() throws IOException {
        layHead();
        layChords();
        layPatterns();
        new RunningOrderLayout(song, timeline, pages).lay();
    }

    private void layHead() throws IOException {
        pages.moveDown(18);
        pages.pen().text(song.facts().title(), pages.left(), pages.y(), Typeface.BOLD, 22, Ink.DARK);
        pages.moveDown(18);
        String version = song.versions().shown().map(name -> name + " · ").orElse("");
        String facts = version + FactsText.of(song.asShown().facts(), timeline);
        pages.pen().text(facts, pages.left(), pages.y(), Typeface.SEMIBOLD, 10.5, Ink.DARK);
        if (!song.facts().note().isEmpty()) {
            pages.moveDown(15);
            pages.pen().text(song.facts().note(), pages.left(), pages.y(), Typeface.REGULAR, 10, Ink.SOFT);
        }
        pages.moveDown(18);
        pages.paragraphs(new HintWords(song).ofSong(), pages.left(), pages.width());
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

    private void layPatterns() throws IOException {
        for (List<Pattern> row : rows(played())) {
            double width = row.size() == 1 && isWide(row.getFirst()) ? pages.width() : (pages.width() - GUTTER) / 2;
            double top = pages.startBlock(PICTURE_HEIGHT + 34);
            for (int i = 0; i < row.size(); i++) {
                layPattern(row.get(i), pages.left() + i * (width + GUTTER), top, width);
            }
            pages.moveDown(PICTURE_HEIGHT + 34);
            for (Pattern pattern : row) {
                pages.paragraphs(
                        new HintWords(song)
                                .ofPattern(pattern.id()).stream()
                                        .map(hint -> row.size() > 1 ? pattern.name() + ": " + hint : hint)
                                        .toList(),
                        pages.left(),
                        pages.width());
            }
        }
    }

    /** The patterns that are played, by the guitar that strums them or by the second one. */
    private List<Pattern> played() {
        Set<PatternId> ids = new HashSet<>();
        timeline.spans().forEach(span -> span.pattern().ifPresent(ids::add));
        timeline.margin().second().forEach(stroke -> stroke.pattern().ifPresent(ids::add));
        return song.patterns().stream()
                .filter(pattern -> ids.contains(pattern.id()))
                .toList();
    }

    private static boolean isWide(Pattern pattern) {
        return pattern.grid().size() > SLOTS_OF_HALF_A_PAGE;
    }

    private static List<List<Pattern>> rows(List<Pattern> patterns) {
        var rows = new ArrayList<List<Pattern>>();
        Pattern waiting = null;
        for (Pattern pattern : patterns) {
            if (isWide(pattern)) rows.add(List.of(pattern));
            else if (waiting == null) waiting = pattern;
            else {
                rows.add(List.of(waiting, pattern));
                waiting = null;
            }
        }
        Optional.ofNullable(waiting).ifPresent(last -> rows.add(List.of(last)));
        return rows;
    }

    private void layPattern(Pattern pattern, double left, double top, double width) throws IOException {
        Pen pen = pages.pen();
        pen.text(pattern.name(), left, top + 12, Typeface.BOLD, 11.5, Ink.DARK);
        double where = pen.width(pattern.name(), Typeface.BOLD, 11.5) + 8;
        String text = pen.fitted(pattern.meter() + "  ·  " + where(pattern), width - where, Typeface.REGULAR, 9);
        pen.text(text, left + where, top + 12, Typeface.REGULAR, 9, Ink.SOFT);
        var picture = HandPicture.of(Passage.of(pattern), Frame.of(Frame.Size.PRINT, width, PICTURE_HEIGHT));
        new PrintedPicture(pen, song.facts().tuning(), left, top + 18).print(picture);
    }

    /** Where rules have it played. */
    private String where(Pattern pattern) {
        return song.rules().stream()
                .filter(rule -> rule.pattern().filter(pattern.id()::equals).isPresent())
                .map(rule -> new SongWords(song).of(rule.where()))
                .collect(Collectors.joining("; "));
    }
}
