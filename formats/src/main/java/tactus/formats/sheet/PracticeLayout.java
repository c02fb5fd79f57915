package tactus.formats.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import tactus.core.laid.timeline.Timeline;
import tactus.core.taught.practice.Ladder;
import tactus.core.taught.practice.LadderStep;
import tactus.core.written.song.Song;
import tactus.formats.font.MusicText;
import tactus.formats.font.Typeface;
import tactus.words.Words;

/** What to practise, in two columns of boxes to tick, with the homework above. */
final class PracticeLayout {

    private static final double HEAD = 18;
    private static final double BOX = 7.5;
    private static final double INDENT = 13;
    private static final double GUTTER = 16;
    private static final double SIZE = 9;
    private static final double LINE = 11.5;

    private final Song song;
    private final Timeline timeline;
    private final Pages pages;

    PracticeLayout(Song song, Timeline timeline, Pages pages) {
        this.song = song;
        this.timeline = timeline;
        this.pages = pages;
    }

    void lay() throws IOException {
        List<LadderStep> steps = Ladder.of(song, timeline).steps();
        double top = pages.startBlock(HEAD + 2 * LINE);
        pages.pen().text(Words.of("sheet.practice"), pages.left(), top + 12, Typeface.BOLD, 12, Ink.DARK);
        pages.moveDown(HEAD);
        String homework = song.lesson().handout().reader().homework();
        if (!homework.isEmpty()) pages.paragraphs(List.of(homework), pages.left(), pages.width());
        int rows = (steps.size() + 1) / 2;
        for (int row = 0; row < rows; row++) {
            var pair = new ArrayList<LadderStep>();
            pair.add(steps.get(row));
            if (row + rows < steps.size()) pair.add(steps.get(row + rows));
            layRow(pair);
        }
        pages.moveDown(8);
    }

    private void layRow(List<LadderStep> pair) throws IOException {
        double width = (pages.width() - GUTTER) / 2;
        List<List<String>> lines = pair.stream()
                .map(step -> pages.lines(said(step), width - INDENT, Typeface.REGULAR, SIZE))
                .toList();
        double height = LINE * lines.stream().mapToInt(List::size).max().orElse(1) + 2;
        double top = pages.startBlock(height);
        for (int i = 0; i < lines.size(); i++) {
            double left = pages.left() + i * (width + GUTTER);
            pages.pen().box(left, top + 2, BOX, Ink.SOFT);
            double base = top + 8.5;
            for (String line : lines.get(i)) {
                pages.pen().text(line, left + INDENT, base, Typeface.REGULAR, SIZE, Ink.DARK);
                base += LINE;
            }
        }
        pages.moveDown(height);
    }

    /** {@code C – F alone, bars 4-5, 41 to 92, four clean}. */
    private static String said(LadderStep step) {
        return MusicText.signs(Words.of(
                "sheet.step",
                Words.say(step.what()),
                step.bars().toString(),
                step.from(),
                step.to(),
                step.from() == step.to() ? 0 : 1,
                step.rounds(),
                step.bars().from() == step.bars().to() ? 0 : 1));
    }
}
