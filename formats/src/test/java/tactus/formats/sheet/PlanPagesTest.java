package tactus.formats.sheet;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.time.Tempo;
import tactus.core.taught.logbook.DatedPlan;
import tactus.core.taught.practice.Ladder;
import tactus.core.taught.practice.PracticeCare;
import tactus.core.taught.practice.PracticePlan;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.words.PlanWords;

/** The days on paper, as PDF and as pictures for a printer. */
class PlanPagesTest {

    @TempDir
    private Path folder;

    /** So quick that the arm would strike too often. */
    private static PracticePlan plan(int days) throws IOException {
        Song song = DemoSong.LANTERN_WALK.song();
        song = song.withFacts(song.facts().withTempo(Tempo.of(150, song.facts().meter())))
                .asShown();
        Timeline timeline = Timeline.of(song);
        return new PracticeCare(song, timeline, Neck.USUAL, FrettingHand.USUAL)
                .eased(PracticePlan.of(Ladder.of(song, timeline), 20, days));
    }

    @Test
    void everyDayAndThingStandsThereWithItsCareAndThePicturesAreTheSamePages() throws IOException {
        PracticePlan plan = plan(12);
        Path file = folder.resolve("days.pdf");
        var dated = new DatedPlan(plan, LocalDate.of(2026, 11, 30));
        PlanPages.writePdf("Days", dated, Paper.A4, file);
        List<BufferedImage> pictures = PlanPages.images("Days", dated, Paper.A4, 100);
        try (var document = Loader.loadPDF(file.toFile())) {
            assertEquals(document.getNumberOfPages(), pictures.size());
            assertTrue(pictures.size() > 1, "twelve days are more than a page");
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            for (PracticePlan.Day day : plan.days()) {
                assertTrue(text.contains(PlanWords.day(dated, day)), PlanWords.day(dated, day));
                for (PracticePlan.Item item : day.items()) {
                    String said = PlanWords.item(item).replaceAll("\\s+", " ");
                    assertTrue(text.contains(said), said);
                    assertTrue(text.contains(PlanWords.care(item).replaceAll("\\s+", " ")), PlanWords.care(item));
                }
            }
            assertTrue(text.contains("downs a minute tire the arm"));
        }
        for (BufferedImage page : pictures) {
            // A4 is 8.27 by 11.69 inches (ISO 216).
            assertEquals(827, page.getWidth(), 1);
            assertEquals(1169, page.getHeight(), 1);
            assertTrue(ink(page) > 1_000, "something is drawn");
        }
    }

    private static long ink(BufferedImage page) {
        long dark = 0;
        for (int y = 0; y < page.getHeight(); y++)
            for (int x = 0; x < page.getWidth(); x++) if ((page.getRGB(x, y) & 0xFF) < 0x80) dark++;
        return dark;
    }
}
