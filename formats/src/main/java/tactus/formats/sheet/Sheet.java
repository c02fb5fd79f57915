package tactus.formats.sheet;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import tactus.core.song.Song;
import tactus.core.timeline.Timeline;
import tactus.formats.file.WholeFile;

/** The sheet of a song, laid out on pages. */
public final class Sheet {

    private final byte[] pdf;

    private Sheet(byte[] pdf) {
        this.pdf = pdf;
    }

    /**
     * Lays the sheet out.
     *
     * @param timeline laid out from {@code song}
     * @throws IOException if a font that ships with the program cannot be read
     */
    public static Sheet of(Song song, Timeline timeline, Paper paper) throws IOException {
        try (var document = new PDDocument()) {
            var pages = new Pages(document, paper, song.facts().title());
            new SheetLayout(song, timeline, pages).lay();
            return new Sheet(pages.finished());
        }
    }

    /** Writes the pages as one PDF, whole or not at all. */
    public void writePdf(Path file) throws IOException {
        WholeFile.write(file, out -> out.write(pdf));
    }

    /** The pages as pictures with {@code dotsPerInch}. */
    public List<BufferedImage> images(float dotsPerInch) throws IOException {
        var images = new ArrayList<BufferedImage>();
        try (var document = Loader.loadPDF(pdf)) {
            var renderer = new PDFRenderer(document);
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                images.add(renderer.renderImageWithDPI(page, dotsPerInch));
            }
        }
        return images;
    }

    /**
     * Writes each page as a PNG with {@code dotsPerInch}; pages after the first have their number in the name.
     *
     * @param overwrites whether pages after the first may be written over files that are there
     * @return the files written
     * @throws FileAlreadyExistsException if one is there and may not be written over; then none is written
     */
    public List<Path> writePng(Path file, float dotsPerInch, boolean overwrites) throws IOException {
        var written = new ArrayList<Path>();
        List<BufferedImage> pages = images(dotsPerInch);
        for (int page = 2; page <= pages.size() && !overwrites; page++) {
            Path target = numbered(file, page);
            if (Files.exists(target)) throw new FileAlreadyExistsException(target.toString());
        }
        for (BufferedImage image : pages) {
            Path target = written.isEmpty() ? file : numbered(file, written.size() + 1);
            WholeFile.write(target, out -> ImageIO.write(image, "png", out));
            written.add(target);
        }
        return written;
    }

    private static Path numbered(Path file, int page) {
        return file.resolveSibling(file.getFileName().toString().replaceFirst("\\.png$", "-" + page + ".png"));
    }
}
