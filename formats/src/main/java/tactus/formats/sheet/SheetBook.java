package tactus.formats.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDBorderStyleDictionary;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageFitDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.formats.file.WholeFile;
import tactus.formats.font.Typeface;

/** The sheets of several songs as one PDF, for a lesson or a term: contents in front, a bookmark and a link for each song. */
public final class SheetBook {

    private static final double LINE = 17;
    private static final double SIZE = 11;
    private static final double HEAD = 40;

    private final String title;
    private final SheetLook look;
    private final List<Chapter> chapters = new ArrayList<>();

    private record Chapter(String title, int pages, byte[] pdf) {}

    /** Where a chapter is named among the contents. */
    private record Entry(int page, double top, int chapter) {}

    private SheetBook(String title, SheetLook look) {
        this.title = title;
        this.look = look;
    }

    /**
     * Writes the sheets, each composed as its song says, whole or not at all.
     *
     * @param songs at least one
     * @param progress is told what part is done, from 0 to 1
     * @param cancelled is asked before each song
     * @throws CancellationException if {@code cancelled} says so
     */
    public static void write(
            String title,
            List<Song> songs,
            SheetLook look,
            Path file,
            DoubleConsumer progress,
            BooleanSupplier cancelled)
            throws IOException {
        if (songs.isEmpty()) throw new IllegalArgumentException("a book has at least one song");
        var book = new SheetBook(title, look);
        for (Song song : songs) {
            if (cancelled.getAsBoolean()) throw new CancellationException();
            Sheet sheet = Sheet.of(song, Timeline.of(song), look);
            String version = song.versions().shown().orElse("");
            String name = Stream.of(song.facts().title(), version)
                    .filter(text -> !text.isEmpty())
                    .collect(Collectors.joining(" · "));
            book.chapters.add(new Chapter(name, sheet.pages(), sheet.pdf()));
            progress.accept((double) book.chapters.size() / songs.size());
        }
        byte[] pdf = book.bound();
        WholeFile.write(file, out -> out.write(pdf));
    }

    private byte[] bound() throws IOException {
        try (var document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            document.getDocumentInformation().setCreator("Tactus");
            List<Entry> entries = layContents(document);
            int contents = document.getNumberOfPages();
            var merger = new PDFMergerUtility();
            for (Chapter chapter : chapters) {
                try (PDDocument sheet = Loader.loadPDF(chapter.pdf())) {
                    merger.appendDocument(document, sheet);
                }
            }
            addBookmarks(document, contents);
            for (Entry entry : entries) addLink(document, entry, contents);
            var out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private int firstPage(int chapter, int contents) {
        return contents
                + chapters.subList(0, chapter).stream().mapToInt(Chapter::pages).sum();
    }

    /** The contents are laid twice, since their own length moves the songs. */
    private List<Entry> layContents(PDDocument document) throws IOException {
        int pages;
        try (var measuring = Measuring.begin()) {
            pages = lay(_ -> Surface.BLANK, measuring.fonts(), 1, new ArrayList<>());
        }
        var fonts = new Fonts(document);
        var entries = new ArrayList<Entry>();
        lay(leaf -> new PdfPage(document, fonts, leaf), fonts, pages, entries);
        return entries;
    }

    private int lay(Pages.Target target, Fonts fonts, int contents, List<Entry> entries) throws IOException {
        var pages = new Pages(target, fonts, Leaf.of(look.paper(), false, 100), title, look.notes());
        pages.startBlock(HEAD);
        pages.pen()
                .text(
                        pages.pen().fitted(title, pages.width(), Typeface.BOLD, 22),
                        pages.left(),
                        pages.y() + 18,
                        Typeface.BOLD,
                        22,
                        Ink.DARK);
        pages.moveDown(HEAD);
        for (int i = 0; i < chapters.size(); i++) {
            double top = pages.startBlock(LINE);
            String number = String.valueOf(firstPage(i, contents) + 1);
            double width = pages.pen().width(number, Typeface.REGULAR, SIZE);
            String name =
                    pages.pen().fitted(chapters.get(i).title(), pages.width() - width - 12, Typeface.REGULAR, SIZE);
            pages.pen().text(name, pages.left(), top + 12, Typeface.REGULAR, SIZE, Ink.DARK);
            pages.pen().text(number, pages.left() + pages.width() - width, top + 12, Typeface.REGULAR, SIZE, Ink.SOFT);
            entries.add(new Entry(pages.count() - 1, top, i));
            pages.moveDown(LINE);
        }
        return pages.finished().size();
    }

    private static PDPageFitDestination at(PDPage page) {
        var destination = new PDPageFitDestination();
        destination.setPage(page);
        return destination;
    }

    private void addBookmarks(PDDocument document, int contents) {
        var outline = new PDDocumentOutline();
        for (int i = 0; i < chapters.size(); i++) {
            var item = new PDOutlineItem();
            item.setTitle(chapters.get(i).title());
            item.setDestination(at(document.getPage(firstPage(i, contents))));
            outline.addLast(item);
        }
        document.getDocumentCatalog().setDocumentOutline(outline);
    }

    private void addLink(PDDocument document, Entry entry, int contents) throws IOException {
        PDPage page = document.getPage(entry.page());
        Leaf leaf = Leaf.of(look.paper(), false, 100);
        var link = new PDAnnotationLink();
        var action = new PDActionGoTo();
        action.setDestination(at(document.getPage(firstPage(entry.chapter(), contents))));
        link.setAction(action);
        link.setRectangle(new PDRectangle(
                (float) leaf.margin(),
                (float) (leaf.height() - entry.top() - LINE),
                (float) (leaf.width() - 2 * leaf.margin()),
                (float) LINE));
        var border = new PDBorderStyleDictionary();
        border.setWidth(0);
        link.setBorderStyle(border);
        page.getAnnotations().add(link);
    }
}
