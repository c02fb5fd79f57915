package tactus.formats.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import tactus.core.laid.picture.Point;
import tactus.core.music.pitch.NoteSchool;
import tactus.formats.font.ChordText;
import tactus.formats.font.MusicText;
import tactus.formats.font.Typeface;
import tactus.words.Words;

/** Pages that are filled from top to bottom; a block that has no room left starts a new one. */
final class Pages {

    static final double LINE = 13;
    static final double LETTERS = 9.5;
    private static final double FOOT = 30;
    private static final double FOOT_LETTERS = 9;

    /** What a new page is drawn on. */
    interface Target {
        Surface page(Leaf leaf) throws IOException;
    }

    private final Target target;
    private final Leaf leaf;
    private final String foot;
    private final Fonts fonts;
    private final NoteSchool notes;
    private final List<Surface> surfaces = new ArrayList<>();
    private Pen pen;
    private double y;

    /**
     * @param foot what stands at the left of the foot of every page
     * @param notes what the letters of notes mean to whoever reads them
     */
    Pages(Target target, Fonts fonts, Leaf leaf, String foot, NoteSchool notes) throws IOException {
        this.target = target;
        this.fonts = fonts;
        this.leaf = leaf;
        this.foot = foot;
        this.notes = notes;
        fonts.begin();
        turn();
    }

    private void turn() throws IOException {
        Surface surface = target.page(leaf);
        surfaces.add(surface);
        pen = new Pen(surface, fonts);
        y = leaf.margin();
    }

    /** The name of a chord as it stands on them. */
    String chord(String name) {
        return ChordText.of(name, notes);
    }

    double left() {
        return leaf.margin();
    }

    double width() {
        return leaf.laidWidth() - 2 * leaf.margin();
    }

    Pen pen() {
        return pen;
    }

    /** How many there are so far. */
    int count() {
        return surfaces.size();
    }

    /** Whether a letter was set that no font of ours has. */
    boolean lacksLetters() {
        return fonts.lacksLetters();
    }

    /** Where the next block starts. */
    double y() {
        return y;
    }

    /** Makes sure that {@code room} is left on the page, and returns where the block starts. */
    double startBlock(double room) throws IOException {
        double feet = leaf.hasFoot() ? FOOT : 0;
        if (y + room > leaf.laidHeight() - leaf.margin() - feet && y > leaf.margin()) turn();
        return y;
    }

    void moveDown(double room) {
        y += room;
    }

    /** Sets texts below each other, as many lines each as it needs. */
    void paragraphs(List<String> texts, double x, double width) throws IOException {
        for (String text : texts) {
            for (String line : lines(MusicText.signs(text), width, Typeface.REGULAR, LETTERS)) {
                double top = startBlock(LINE);
                pen.text(line, x, top + 8, Typeface.REGULAR, LETTERS, Ink.WARM);
                moveDown(LINE);
            }
        }
    }

    /** {@code text} in lines that are no wider than {@code width}; a word that is wider stands in several. */
    List<String> lines(String text, double width, Typeface face, double size) {
        var lines = new ArrayList<String>();
        var line = new StringBuilder();
        for (String word : text.split("(?<= )")) {
            String rest = word;
            if (!line.isEmpty() && isWider(line + rest.stripTrailing(), width, face, size)) {
                lines.add(line.toString().stripTrailing());
                line.setLength(0);
            }
            while (line.isEmpty() && isWider(rest, width, face, size) && rest.length() > 1) {
                int fits = rest.length() - 1;
                while (fits > 1 && isWider(rest.substring(0, fits), width, face, size)) fits--;
                lines.add(rest.substring(0, fits));
                rest = rest.substring(fits);
            }
            line.append(rest);
        }
        if (!line.isEmpty()) lines.add(line.toString().stripTrailing());
        return lines;
    }

    private boolean isWider(String text, double width, Typeface face, double size) {
        return pen.width(text, face, size) > width;
    }

    /** Adds the feet; nothing more can be set. */
    List<Surface> finished() throws IOException {
        for (int page = 0; page < surfaces.size(); page++) {
            if (leaf.hasFoot()) layFoot(new Pen(surfaces.get(page), fonts), page);
            surfaces.get(page).close();
        }
        return List.copyOf(surfaces);
    }

    private void layFoot(Pen pen, int page) throws IOException {
        double base = leaf.laidHeight() - leaf.margin() + 6;
        pen.line(new Point(left(), base - 13), new Point(left() + width(), base - 13), 0.4, Ink.FAINT);
        String number = Words.of("sheet.page-of", page + 1, surfaces.size());
        double numberWidth = pen.width(number, Typeface.REGULAR, FOOT_LETTERS);
        String text = pen.fitted(foot, width() - numberWidth - 10, Typeface.REGULAR, FOOT_LETTERS);
        pen.text(text, left(), base, Typeface.REGULAR, FOOT_LETTERS, Ink.SOFT);
        pen.text(number, left() + width() - numberWidth, base, Typeface.REGULAR, FOOT_LETTERS, Ink.SOFT);
    }
}
