package tactus.formats.sheet;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Handout;
import tactus.core.written.song.Song;
import tactus.formats.file.WholeFile;

/** The sheet of a song, composed as the song says and laid out on pages. */
public final class Sheet {

    /** The largest print that is looked for when the pages shall be full. */
    private static final int LARGEST_FITTED = 160;

    private final Song song;
    private final Timeline timeline;
    private final SheetLook look;
    private final int percent;
    private final int pages;

    private Sheet(Song song, Timeline timeline, SheetLook look) throws IOException {
        this.song = song;
        this.timeline = timeline;
        this.look = look;
        try (var measuring = Measuring.begin()) {
            percent = percent(measuring.fonts());
            pages = lay(measuring.fonts(), percent, _ -> Surface.BLANK).size();
        }
    }

    /**
     * Lays the sheet out.
     *
     * @param timeline laid out from {@code song}
     * @throws IOException if a font that ships with the program cannot be read
     */
    public static Sheet of(Song song, Timeline timeline, SheetLook look) throws IOException {
        return new Sheet(song, timeline, look);
    }

    private Handout handout() {
        return song.lesson().handout();
    }

    /** The size that is asked for, or the largest at which no more pages are needed than shall be. */
    private int percent(Fonts fonts) throws IOException {
        int most = handout().fit().pages();
        if (handout().fit() == Handout.Fit.AS_NEEDED) return handout().percent();
        int low = Handout.SMALLEST;
        int high = LARGEST_FITTED;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (lay(fonts, middle, _ -> Surface.BLANK).size() <= most) low = middle;
            else high = middle - 1;
        }
        return low;
    }

    private List<Surface> lay(Fonts fonts, int size, Pages.Target target) throws IOException {
        var pages =
                new Pages(target, fonts, Leaf.of(look.paper(), handout().isLandscape(), size), foot(), look.notes());
        new SheetLayout(song, timeline, pages, look).lay();
        return pages.finished();
    }

    private String foot() {
        String date = handout().reader().date();
        return Stream.of(
                        song.facts().title(),
                        song.versions().shown().orElse(""),
                        handout().reader().name(),
                        date.isEmpty() ? look.today() : date)
                .filter(text -> !text.isEmpty())
                .collect(Collectors.joining(" · "));
    }

    /** The size of print, in per cent. */
    public int percent() {
        return percent;
    }

    /** How many pages there are. */
    public int pages() {
        return pages;
    }

    /** Whether there are no more pages than shall be. */
    public boolean fits() {
        return pages <= handout().fit().pages();
    }

    /** The pages as one PDF with embedded fonts. */
    byte[] pdf() throws IOException {
        try (var document = new PDDocument()) {
            var fonts = new Fonts(document);
            document.getDocumentInformation().setTitle(song.facts().title());
            document.getDocumentInformation().setCreator("Tactus");
            lay(fonts, percent, leaf -> new PdfPage(document, fonts, leaf));
            var out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    /** Writes the pages as one PDF, whole or not at all. */
    public void writePdf(Path file) throws IOException {
        byte[] pdf = pdf();
        WholeFile.write(file, out -> out.write(pdf));
    }

    /** The pages as pictures with {@code dotsPerInch}. */
    public List<BufferedImage> images(float dotsPerInch) throws IOException {
        return on((leaf, fonts) -> new ImagePage(leaf, fonts, dotsPerInch)).stream()
                .map(page -> ((ImagePage) page).image())
                .toList();
    }

    /**
     * Writes each page as a PNG with {@code dotsPerInch}; pages after the first have their number in the name.
     *
     * @param overwrites whether pages after the first may be written over files that are there
     * @return the files written
     * @throws FileAlreadyExistsException if one is there and may not be written over; then none is written
     */
    public List<Path> writePng(Path file, float dotsPerInch, boolean overwrites) throws IOException {
        List<BufferedImage> images = images(dotsPerInch);
        List<Path> files = numbered(file, images.size(), overwrites);
        for (int page = 0; page < images.size(); page++) {
            BufferedImage image = images.get(page);
            WholeFile.write(files.get(page), out -> ImageIO.write(image, "png", out));
        }
        return files;
    }

    /**
     * Writes each page as SVG, as {@link #writePng} does.
     *
     * @throws FileAlreadyExistsException if one is there and may not be written over; then none is written
     */
    public List<Path> writeSvg(Path file, boolean overwrites) throws IOException {
        List<String> svg = svg();
        List<Path> files = numbered(file, svg.size(), overwrites);
        for (int page = 0; page < svg.size(); page++) {
            byte[] text = svg.get(page).getBytes(StandardCharsets.UTF_8);
            WholeFile.write(files.get(page), out -> out.write(text));
        }
        return files;
    }

    /** The pages as SVG. */
    List<String> svg() throws IOException {
        return on((leaf, _) -> new SvgPage(leaf, song.facts().title())).stream()
                .map(Surface::toString)
                .toList();
    }

    /** A page of any kind. */
    interface Kind {
        Surface page(Leaf leaf, Fonts fonts);
    }

    /** The pages as pages of any kind that needs no document of its own. */
    List<Surface> on(Kind kind) throws IOException {
        try (var measuring = Measuring.begin()) {
            Fonts fonts = measuring.fonts();
            return lay(fonts, percent, leaf -> kind.page(leaf, fonts));
        }
    }

    private static List<Path> numbered(Path file, int pages, boolean overwrites) throws FileAlreadyExistsException {
        var files = new ArrayList<Path>(List.of(file));
        for (int page = 2; page <= pages; page++) {
            String name = file.getFileName().toString();
            int dot = name.lastIndexOf('.');
            Path target = file.resolveSibling(name.substring(0, dot) + "-" + page + name.substring(dot));
            if (!overwrites && Files.exists(target)) throw new FileAlreadyExistsException(target.toString());
            files.add(target);
        }
        return files;
    }
}
