package tactus.app.window;

import static javafx.scene.input.KeyCode.DELETE;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.END;
import static javafx.scene.input.KeyCode.HOME;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.IntStream;
import javafx.scene.SnapshotParameters;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import tactus.app.hand.HandView;
import tactus.core.laid.picture.HandPicture;
import tactus.core.laid.picture.Mark;

/** What the eye gets of the hand over the strings: the picture as it is painted, read point by point. */
class PaintedHandTest extends WindowTest {

    private HandView hand;

    @BeforeEach
    void goToThePattern() {
        click("#hand-picture");
        press(END);
        hand = robot.lookup("#hand-picture").query();
    }

    private HandPicture picture() {
        return hand.picture().orElseThrow();
    }

    private double stringY(int number) {
        return picture().marks().stream()
                .filter(mark -> mark instanceof Mark.StringLine line && line.number() == number)
                .map(Mark.StringLine.class::cast)
                .findFirst()
                .orElseThrow()
                .from()
                .y();
    }

    private WritableImage painted() {
        settle();
        return WaitForAsyncUtils.waitForAsyncFx(5_000, () -> {
            var parameters = new SnapshotParameters();
            parameters.setFill(Color.TRANSPARENT);
            return hand.snapshot(parameters, null);
        });
    }

    /** How much ink lies between two x, from 0 for none to 1 a point. */
    private static double ink(WritableImage image, double from, double to) {
        double ink = 0;
        for (int x = (int) Math.max(0, from); x < Math.min(to, image.getWidth()); x++)
            for (int y = 0; y < image.getHeight(); y++)
                ink += image.getPixelReader().getColor(x, y).getOpacity();
        return ink;
    }

    private double inkAtSlot(int slot) {
        double middle = picture().slotX(slot);
        double half = picture().slotWidth(slot) / 2;
        return ink(painted(), middle - half, middle + half);
    }

    @Test
    void anAccentIsHeavierAndAStrokeTakenAwayIsNoLongerSeen() {
        double plain = inkAtSlot(0);
        press(HOME, E, END);
        double accented = inkAtSlot(0);
        assertTrue(accented > plain * 1.02, plain + " becomes " + accented);
        press(HOME, DELETE, END);
        double missed = inkAtSlot(0);
        assertTrue(missed < plain * 0.98, plain + " becomes " + missed);
    }

    @Test
    void everyStringIsALineFromEdgeToEdge() {
        WritableImage image = painted();
        var frame = picture().frame();
        for (int string = 1; string <= 6; string++) {
            int y = (int) Math.round(stringY(string));
            int inked = 0;
            for (int x = 0; x < image.getWidth(); x++)
                for (int near = -1; near <= 1; near++)
                    if (image.getPixelReader().getColor(x, y + near).getOpacity() > 0.2) {
                        inked++;
                        break;
                    }
            assertTrue(inked > 0.8 * frame.slotsWidth(), "string " + string + ": " + inked + " of " + image.getWidth());
        }
    }

    @Test
    void turnedOverTheLowestStringLiesBelowTheHighest() {
        assertTrue(stringY(6) < stringY(1));
        WritableImage before = painted();
        robot.interact(() -> window.settings().lowStringOnTopProperty().set(false));
        assertTrue(stringY(6) > stringY(1));
        assertNotEquals(row(before, 6), row(painted(), 6), "the picture turns with its strings");
    }

    private String row(WritableImage image, int string) {
        var text = new StringBuilder();
        int y = (int) stringY(string) + 3;
        for (int x = 0; x < image.getWidth(); x += 4)
            text.append(image.getPixelReader().getArgb(x, y)).append(' ');
        return text.toString();
    }

    @Test
    void onlyTheSlotThatIsPlayedGlows() {
        double[] still = new double[8];
        for (int slot = 0; slot < 8; slot++) still[slot] = inkAtSlot(slot);
        robot.interact(() -> hand.playingProperty().set(3 / 8.0));
        assertTrue(inkAtSlot(3) > still[3] * 1.2, "the fourth eighth is lit");
        for (int slot : new int[] {0, 1, 5, 6, 7}) assertEquals(still[slot], inkAtSlot(slot), still[slot] * 0.05);
    }

    @Test
    void inTheDarkThemeTheInkIsLightAndInTheLightOneDark() {
        robot.interact(() -> window.settings().darkProperty().set(false));
        double onPaper = brightnessOfTheDarkestTenth();
        robot.interact(() -> window.settings().darkProperty().set(true));
        double inTheDark = brightnessOfTheDarkestTenth();
        assertTrue(onPaper < 0.35 && inTheDark > onPaper + 0.15, onPaper + " and " + inTheDark);
    }

    private double brightnessOfTheDarkestTenth() {
        WritableImage image = painted();
        int width = (int) image.getWidth();
        double[] bright = IntStream.range(0, width * (int) image.getHeight())
                .mapToObj(at -> image.getPixelReader().getColor(at % width, at / width))
                .filter(color -> color.getOpacity() > 0.9)
                .mapToDouble(Color::getBrightness)
                .sorted()
                .toArray();
        return bright[bright.length / 10];
    }
}
