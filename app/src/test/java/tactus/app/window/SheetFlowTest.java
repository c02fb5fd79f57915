package tactus.app.window;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT4;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.concurrent.TimeUnit;
import javafx.scene.image.ImageView;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** The sheet is looked at and handed out. */
class SheetFlowTest extends WindowTest {

    @BeforeEach
    void goThere() throws Exception {
        chord(CONTROL, DIGIT4);
        waitForPages();
    }

    private void waitForPages() throws Exception {
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> !robot.lookup(".page").queryAll().isEmpty());
    }

    private double pageWidth() {
        return robot.lookup(".page .image-view")
                .queryAs(ImageView.class)
                .getImage()
                .getWidth();
    }

    private void export(String button, String name) {
        when(asker.toWrite(any(), eq(name.substring(name.lastIndexOf('.') + 1))))
                .thenReturn(file(name));
        click(button);
    }

    private void waitForStatus(String start) throws Exception {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> text("#status").startsWith(start));
    }

    @Test
    void thePagesAreShownOnTheChosenPaper() throws Exception {
        assertEquals(893, pageWidth(), 1, "210 mm at 108 dots an inch");
        click("Letter");
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> Math.abs(pageWidth() - 918) <= 1);
    }

    @Test
    void theSheetIsWrittenAsPdf() throws Exception {
        export("#button-export-pdf", "walk.pdf");
        waitForStatus("Written: ");
        assertEquals("%PDF", new String(Files.readAllBytes(folder.resolve("walk.pdf")), 0, 4));
    }

    @Test
    void aSoundFileInTheMakingCanBeCancelledAndLeavesNothing() throws Exception {
        robot.interact(() -> work.change(
                "edit.add-entry",
                song -> song.withOrder(Collections.nCopies(40, song.order()).stream()
                        .flatMap(order -> order.stream())
                        .toList())));
        export("#button-export-wav", "walk.wav");
        click("#cancel-task");
        waitForStatus("Cancelled; no file was written.");
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> partFiles() == 0);
        assertTrue(Files.notExists(folder.resolve("walk.wav")));
    }

    private long partFiles() throws Exception {
        try (var files = Files.list(folder)) {
            return files.map(Path::toString)
                    .filter(name -> name.endsWith(".part"))
                    .count();
        }
    }

    @Test
    void aTargetThatCannotBeWrittenIsExplained() throws Exception {
        when(asker.toWrite(any(), any())).thenReturn(file("nowhere/walk.mid"));
        click("#button-export-mid");
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> isShown("#notice"));
        assertTrue(text("#notice").startsWith("The file was not written: "), text("#notice"));
    }
}
