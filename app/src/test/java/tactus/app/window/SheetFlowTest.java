package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT4;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.SPACE;
import static javafx.scene.input.KeyCode.Z;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import tactus.core.written.song.Handout;

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

    private Handout handout() {
        return song().lesson().handout();
    }

    @Test
    void theSheetIsComposedByMouseAndByKeysAndTakenBack() throws Exception {
        click("#fit-one-page");
        assertEquals(Handout.Fit.ONE_PAGE, handout().fit());
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> text("#sheet-outcome").startsWith("It does not fit: at 70 %"));
        click("#fit-as-needed");
        WaitForAsyncUtils.waitFor(
                20, TimeUnit.SECONDS, () -> text("#sheet-outcome").equals("100 %, 3 pages"));
        robot.interact(() -> robot.lookup("#part-shapes").query().requestFocus());
        chord(ALT, DOWN);
        assertEquals(Handout.Part.PATTERNS, handout().parts().get(2));
        press(SPACE);
        assertFalse(handout().parts().contains(Handout.Part.SHAPES));
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        chord(CONTROL, Z);
        assertEquals(Handout.USUAL.parts(), handout().parts());
    }

    @Test
    void aLayoutIsKeptForAllSongsAndANameForThisOne() throws Exception {
        robot.interact(() -> {
            ((TextField) robot.lookup("#sheet-name").query()).requestFocus();
            ((TextField) robot.lookup("#sheet-name").query()).setText("I".repeat(61));
        });
        press(ENTER);
        assertTrue(robot.lookup(".handout-panel .problem").queryAllAs(Labeled.class).stream()
                .anyMatch(label -> label.getText().contains("at most 60 characters")));
        robot.interact(() -> ((TextField) robot.lookup("#sheet-name").query()).setText("Ines"));
        press(ENTER);
        assertEquals("Ines", handout().reader().name());
        robot.interact(() -> ((CheckBox) robot.lookup("#sheet-landscape").query()).fire());
        robot.interact(() -> ((TextField) robot.lookup("#layout-name").query()).setText("Stand"));
        robot.interact(() -> ((Button) robot.lookup("#keep-layout").query()).fire());
        robot.interact(() ->
                work.change("edit.sheet", song -> song.withLesson(song.lesson().with(Handout.USUAL))));
        var layouts = (MenuButton) robot.lookup("#sheet-layouts").query();
        robot.interact(() -> layouts.getItems().getFirst().fire());
        assertTrue(handout().isLandscape());
        assertEquals("", handout().reader().name(), "whom it is for is not in the layout");
    }

    @Test
    void whereThereIsNoPrinterThePdfIsOffered() throws Exception {
        click("#button-sheet-print");
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> isShown("#notice"));
        assertTrue(text("#notice").startsWith("There is no printer"), text("#notice"));
        when(asker.toWrite(any(), eq("pdf"))).thenReturn(file("offered.pdf"));
        click("#notice-print-pdf");
        waitForStatus("Written: ");
        assertTrue(Files.exists(folder.resolve("offered.pdf")));
    }
}
