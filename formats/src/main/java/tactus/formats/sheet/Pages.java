package tactus.formats.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import tactus.core.picture.Point;
import tactus.formats.font.MusicText;
import tactus.formats.font.Typeface;

/** Pages that are filled from top to bottom; a block that has no room left starts a new one. */
final class Pages {

    static final double MARGIN = 42;
    private static final double FOOT = 30;

    private final PDDocument document;
    static final double LINE = 13;
    static final double LETTERS = 9.5;

    private final Paper paper;
    private final String title;
    private final Pen.Fonts fonts;
    private final List<PDPageContentStream> streams = new ArrayList<>();
    private Pen pen;
    private double y;

    Pages(PDDocument document, Paper paper, String title) throws IOException {
        this.document = document;
        this.paper = paper;
        this.title = title;
        this.fonts = new Pen.Fonts(document);
        document.getDocumentInformation().setTitle(title);
        document.getDocumentInformation().setCreator("Tactus");
        turn();
    }

    private void turn() throws IOException {
        var page = new PDPage(paper.rectangle());
        document.addPage(page);
        var stream = new PDPageContentStream(document, page);
        streams.add(stream);
        pen = new Pen(stream, fonts, height());
        y = MARGIN;
    }

    double left() {
        return MARGIN;
    }

    double width() {
        return paper.rectangle().getWidth() - 2 * MARGIN;
    }

    private double height() {
        return paper.rectangle().getHeight();
    }

    Pen pen() {
        return pen;
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
        if (y + room > height() - MARGIN - FOOT && y > MARGIN) turn();
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

    /** Adds the feet and returns the document. */
    byte[] finished() throws IOException {
        for (int page = 0; page < streams.size(); page++) {
            var foot = new Pen(streams.get(page), fonts, height());
            double base = height() - MARGIN + 6;
            foot.line(new Point(left(), base - 13), new Point(left() + width(), base - 13), 0.4, Ink.FAINT);
            foot.text(title, left(), base, Typeface.REGULAR, 9, Ink.SOFT);
            String number = (page + 1) + " of " + streams.size();
            double width = foot.width(number, Typeface.REGULAR, 9);
            foot.text(number, left() + width() - width, base, Typeface.REGULAR, 9, Ink.SOFT);
            streams.get(page).close();
        }
        var out = new ByteArrayOutputStream();
        document.save(out);
        return out.toByteArray();
    }
}
