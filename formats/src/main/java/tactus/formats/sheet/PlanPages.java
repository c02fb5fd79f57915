package tactus.formats.sheet;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import tactus.core.music.pitch.NoteSchool;
import tactus.core.taught.logbook.DatedPlan;
import tactus.core.taught.practice.PracticePlan;
import tactus.formats.file.WholeFile;
import tactus.formats.font.MusicText;
import tactus.formats.font.Typeface;
import tactus.words.PlanWords;

/** A plan of days on paper: each thing with a box to tick. */
public final class PlanPages {

    private static final double BOX = 7;
    private static final double INDENT = 13;
    private static final double SIZE = 10;
    private static final double SMALL = 8.5;
    private static final double LINE = 13;

    private final Pages pages;

    private PlanPages(Pages pages) {
        this.pages = pages;
    }

    /**
     * Writes it as PDF, whole or not at all.
     *
     * @param title over it and at the foot of each page
     */
    public static void writePdf(String title, DatedPlan plan, Paper paper, Path file) throws IOException {
        try (var document = new PDDocument()) {
            var fonts = new Fonts(document);
            document.getDocumentInformation().setTitle(title);
            document.getDocumentInformation().setCreator("Tactus");
            var pages = new Pages(
                    leaf -> new PdfPage(document, fonts, leaf),
                    fonts,
                    Leaf.of(paper, false, 100),
                    title,
                    NoteSchool.INTERNATIONAL);
            new PlanPages(pages).lay(title, plan);
            pages.finished();
            var out = new ByteArrayOutputStream();
            document.save(out);
            WholeFile.write(file, stream -> stream.write(out.toByteArray()));
        }
    }

    /** The pages as pictures with {@code dotsPerInch}. */
    public static List<BufferedImage> images(String title, DatedPlan plan, Paper paper, float dotsPerInch)
            throws IOException {
        try (var measuring = Measuring.begin()) {
            Fonts fonts = measuring.fonts();
            var pages = new Pages(
                    leaf -> new ImagePage(leaf, fonts, dotsPerInch),
                    fonts,
                    Leaf.of(paper, false, 100),
                    title,
                    NoteSchool.INTERNATIONAL);
            new PlanPages(pages).lay(title, plan);
            return pages.finished().stream()
                    .map(page -> ((ImagePage) page).image())
                    .toList();
        }
    }

    private void lay(String title, DatedPlan plan) throws IOException {
        pages.moveDown(6);
        for (String line : pages.lines(MusicText.signs(title), pages.width(), Typeface.BOLD, 18))
            layLine(line, pages.left(), Typeface.BOLD, 18, 24, 0);
        for (PracticePlan.Day day : plan.plan().days()) {
            pages.moveDown(6);
            // A heading stays with what follows it.
            layLine(PlanWords.day(plan, day), pages.left(), Typeface.SEMIBOLD, 11, 16, LINE);
            for (PracticePlan.Item item : day.items()) layItem(item);
        }
    }

    private void layItem(PracticePlan.Item item) throws IOException {
        String text = MusicText.signs(PlanWords.item(item));
        List<String> lines = pages.lines(text, pages.width() - INDENT, Typeface.REGULAR, SIZE);
        List<String> care = item.care().isEmpty()
                ? List.of()
                : pages.lines(PlanWords.care(item), pages.width() - INDENT, Typeface.REGULAR, SMALL);
        double height = LINE * (lines.size() + care.size());
        double base = pages.startBlock(height);
        pages.pen().box(pages.left(), base - BOX, BOX, Ink.SOFT);
        for (String line : lines) {
            pages.pen().text(line, pages.left() + INDENT, base, Typeface.REGULAR, SIZE, Ink.DARK);
            base += LINE;
        }
        for (String line : care) {
            pages.pen().text(line, pages.left() + INDENT, base, Typeface.REGULAR, SMALL, Ink.WARM);
            base += LINE;
        }
        pages.moveDown(height);
    }

    private void layLine(String line, double x, Typeface face, double size, double height, double behind)
            throws IOException {
        double base = pages.startBlock(height + behind);
        pages.pen().text(line, x, base, face, size, Ink.DARK);
        pages.moveDown(height);
    }
}
