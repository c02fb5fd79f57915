package tactus.formats.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageDestination;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tactus.core.written.song.Song;
import tactus.formats.SampleSong;

/** Several songs as one PDF, read back with PDFBox. */
class SheetBookTest {

    @TempDir
    private Path folder;

    @Test
    void everySongHasALineALinkAndABookmarkThatLeadToItsFirstPage() throws IOException {
        Song sample = SampleSong.plain();
        var songs = new ArrayList<Song>();
        for (int i = 1; i <= 60; i++) songs.add(sample.withFacts(sample.facts().withTitle("Song " + i)));
        Path file = folder.resolve("term.pdf");
        SheetBook.write("Autumn term", songs, SheetLook.on(Paper.A4), file, _ -> {}, () -> false);
        try (var document = Loader.loadPDF(file.toFile())) {
            var text = new PDFTextStripper();
            text.setEndPage(2);
            String contents = text.getText(document);
            assertTrue(contents.startsWith("Autumn term"), contents);
            assertTrue(contents.contains("Song 60"), "the contents take two pages");
            var item = document.getDocumentCatalog().getDocumentOutline().getFirstChild();
            var links = new ArrayList<PDAnnotationLink>();
            for (int page = 0; page < 2; page++)
                document.getPage(page).getAnnotations().forEach(link -> links.add((PDAnnotationLink) link));
            for (int i = 1; i <= 60; i++) {
                assertEquals("Song " + i, item.getTitle());
                int page = ((PDPageDestination) item.getDestination()).retrievePageNumber();
                assertEquals(
                        page,
                        ((PDPageDestination) ((PDActionGoTo) links.get(i - 1).getAction()).getDestination())
                                .retrievePageNumber());
                text.setStartPage(page + 1);
                text.setEndPage(page + 1);
                assertTrue(text.getText(document).contains("Song " + i + "\n"), "page " + page);
                assertTrue(contents.replace("\n", " ").contains("Song " + i + " " + (page + 1)), contents);
                item = item.getNextSibling();
            }
        }
    }

    @Test
    void aBookThatIsCancelledLeavesNothing() {
        List<Song> songs = Collections.nCopies(5, SampleSong.plain());
        Path file = folder.resolve("term.pdf");
        assertThrows(
                CancellationException.class,
                () -> SheetBook.write("Term", songs, SheetLook.on(Paper.A4), file, _ -> {}, () -> true));
        assertTrue(Files.notExists(file));
    }
}
