package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.C;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DIGIT4;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F1;
import static javafx.scene.input.KeyCode.T;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeoutException;
import java.util.regex.Pattern;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.app.action.Action;
import tactus.app.action.Scope;
import tactus.app.hand.HandView;

/** What can be said of a screen without looking at it. */
class LookTest extends WindowTest {

    private static final List<KeyCode> PLACES = List.of(DIGIT1, DIGIT2, DIGIT3, DIGIT4);

    /** Text may be shortened where it is long by nature: names in lists, the facts above a narrow window. */
    private static final List<String> MAY_BE_SHORT = List.of("quiet", "song-facts", "song-title");

    @ParameterizedTest
    @CsvSource({"1280, 800", "1100, 700"})
    void noTextIsCutShortInAnyPlace(double width, double height) {
        robot.interact(() -> {
            stage.setWidth(width);
            stage.setHeight(height);
        });
        for (KeyCode place : PLACES) {
            chord(CONTROL, place);
            var cut = new ArrayList<String>();
            robot.interact(() -> collectCut(window, cut));
            assertEquals(List.of(), cut, "at " + width + " in place " + place);
        }
    }

    private static void collectCut(Node node, List<String> cut) {
        if (!node.isVisible()) return;
        boolean exempt = node.getStyleClass().stream().anyMatch(MAY_BE_SHORT::contains);
        if (node instanceof Labeled labeled && labeled.getText() != null && !exempt && labeled.getWidth() > 0) {
            labeled.getChildrenUnmodifiable().stream()
                    .filter(child ->
                            child instanceof Text && child.getStyleClass().contains("text"))
                    .map(child -> ((Text) child).getText())
                    .filter(shown ->
                            !shown.replace("\n", "").equals(labeled.getText().replace("\n", "")))
                    .forEach(shown -> cut.add(labeled.getText() + " → " + shown));
        }
        if (node instanceof Parent parent) parent.getChildrenUnmodifiable().forEach(child -> collectCut(child, cut));
    }

    /** The panels of the set-up, by the letters that open them. */
    @ParameterizedTest
    @CsvSource({"1280, 800, S", "1280, 800, C", "1280, 800, T", "1280, 800, H", "1100, 700, S", "1100, 700, C"})
    void thePanelsOfTheSetUpAreWholeAndNamed(double width, double height, KeyCode panel) throws TimeoutException {
        robot.interact(() -> {
            stage.setWidth(width);
            stage.setHeight(height);
        });
        chord(ALT, C);
        await(() -> isShown(".capo-row"));
        chord(ALT, panel);
        var cut = new ArrayList<String>();
        var nameless = new ArrayList<String>();
        robot.interact(() -> {
            collectCut(window, cut);
            collectNameless(window, nameless);
        });
        assertEquals(List.of(), cut, "at " + width + " in panel " + panel);
        assertEquals(List.of(), nameless, "in panel " + panel);
    }

    /** Contrast as WCAG 2.2 defines it: 4.5 for text (1.4.3), 3 for what is drawn (1.4.11). */
    @ParameterizedTest
    @ValueSource(strings = {"light", "dark"})
    void inkStandsOutFromPaper(String theme) throws IOException {
        Map<String, Color> tones = tones(theme);
        for (String paper : List.of("paper", "raised", "sunken", "glow")) {
            assertContrast(tones, "ink", paper, 4.5);
            assertContrast(tones, "soft", paper, 4.5);
        }
        assertContrast(tones, "warm", "paper", 4.5);
        assertContrast(tones, "warm", "glow", 4.5);
        assertContrast(tones, "paper", "ink", 4.5);
        assertContrast(tones, "string", "paper", 3);
    }

    private static void assertContrast(Map<String, Color> tones, String ink, String paper, double least) {
        double a = luminance(tones.get(ink));
        double b = luminance(tones.get(paper));
        double contrast = (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
        assertTrue(contrast >= least, ink + " on " + paper + " has " + contrast);
    }

    private static double luminance(Color colour) {
        return 0.2126 * linear(colour.getRed())
                + 0.7152 * linear(colour.getGreen())
                + 0.0722 * linear(colour.getBlue());
    }

    private static double linear(double part) {
        return part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4);
    }

    private static Map<String, Color> tones(String theme) throws IOException {
        String css;
        try (var in = Theme.class.getResourceAsStream("theme.css")) {
            css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        String block = css.substring(css.indexOf(".root." + theme));
        var tones = new HashMap<String, Color>();
        var matcher =
                Pattern.compile("-tone-([a-z-]+): (#[0-9A-F]{6});").matcher(block.substring(0, block.indexOf('}')));
        while (matcher.find()) tones.put(matcher.group(1), Color.web(matcher.group(2)));
        return tones;
    }

    @Test
    void theDarkThemeIsOneKeyAndIsRemembered() {
        chord(CONTROL, D);
        assertTrue(window.getStyleClass().contains("dark"));
        assertTrue(window.settings().darkProperty().get());
        chord(CONTROL, D);
        assertFalse(window.getStyleClass().contains("dark"));
    }

    @Test
    void theStringsTurnOverWithTheirStrokes() {
        chord(CONTROL, T);
        HandView picture = robot.lookup("#hand-picture").query();
        assertFalse(picture.picture().orElseThrow().frame().lowStringOnTop());
    }

    @Test
    void everyCommandHasAWordAndNoTwoShareAKeyWhereBothWork() {
        var taken = new HashSet<String>();
        for (Action action : window.actions().all()) {
            assertFalse(action.text().isBlank(), action.id());
            for (var key : action.keys()) {
                for (Scope scope : Scope.values()) {
                    boolean clash = scope != action.scope()
                            && overlap(scope, action.scope())
                            && taken.contains(scope + " " + key);
                    assertFalse(clash, action.id() + " " + key + " is taken in " + scope);
                }
                assertTrue(taken.add(action.scope() + " " + key), action.id() + " " + key + " is taken");
            }
        }
    }

    /** Space in the picture hears the pattern and everywhere else plays: the place comes first. */
    private static boolean overlap(Scope a, Scope b) {
        return a == Scope.ANYWHERE || b == Scope.ANYWHERE;
    }

    @Test
    void f1ListsEveryKey() {
        press(F1);
        var shown = robot.lookup(".key-rows .key-cap").queryAll().size();
        assertEquals(
                window.actions().all().stream()
                        .filter(action -> !action.keys().isEmpty())
                        .count(),
                shown);
        press(ESCAPE);
        assertFalse(isShown(".key-rows"));
    }

    @Test
    void everythingThatCanBeFocusedHasANameForThoseWhoCannotSeeIt() {
        for (KeyCode place : PLACES) {
            chord(CONTROL, place);
            var nameless = new ArrayList<String>();
            robot.interact(() -> collectNameless(window, nameless));
            assertEquals(List.of(), nameless, "in place " + place);
        }
        settle();
    }

    private static void collectNameless(Node node, List<String> nameless) {
        if (!node.isVisible()) return;
        boolean named =
                node.getAccessibleText() != null && !node.getAccessibleText().isBlank()
                        || node instanceof Labeled labeled
                                && labeled.getText() != null
                                && !labeled.getText().isBlank()
                        || node.getStyleClass().contains("bars-view")
                        || node.getStyleClass().contains("menu-bar");
        if (node.isFocusTraversable() && !named) nameless.add(node.toString());
        boolean opaque = node instanceof Control && named;
        if (!opaque && node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collectNameless(child, nameless));
        }
    }
}
