package tactus.app.window;

import static javafx.scene.input.KeyCode.ALT;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.U;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import javafx.scene.control.Menu;
import javafx.scene.control.RadioMenuItem;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tactus.app.work.Settings;
import tactus.core.reading.sentence.RuleSentence;
import tactus.formats.demo.DemoSong;
import tactus.formats.sheet.Sheet;
import tactus.records.folder.DataFolder;
import tactus.words.Language;

/** A teacher works in German: the window speaks it, reads what is typed in it, and so does the sheet that goes home. */
class GermanFlowTest extends WindowTest {

    @BeforeEach
    @Override
    void open() throws Exception {
        Language.use(Language.of("de", Locale.ENGLISH));
        super.open();
    }

    @AfterEach
    void speakEnglish() {
        Language.use(Language.english());
    }

    @Test
    void aPatternIsSaidARuleWrittenAndChordsAreTypedWithAnH() {
        chord(ALT, D);
        type("runter runter hoch hoch runter hoch");
        press(ENTER);
        assertEquals("d-du-udu", pattern("bass-and-brush").line());
        chord(CONTROL, DIGIT3);
        assertEquals("C | G/H | Am | F", text("#harmony-line"));
        fill("#harmony-line", "C | G/H | H7 | B");
        press(ENTER);
        assertEquals("C 1 Takt, G/B 1 Takt, B7 1 Takt, Bb 1 Takt", spans("intro"));
        chord(ALT, U);
        fill("#rule-sentence", "beim letzten Mal Chorus, letzter Durchgang: leise bis kräftig");
        press(ENTER);
        assertEquals(
                "last Chorus, last pass: soft to strong",
                new RuleSentence(Language.english().lexicon(), song())
                        .of(song().rules().getLast()));
        assertTrue(textsIn(".arrangement-panel")
                .contains("beim letzten Mal Chorus, letzter Durchgang: leise bis kräftig"));
    }

    @Test
    void theSheetIsGermanToTheSignsThatItExplains() throws Exception {
        Path file = folder.resolve("blatt.svg");
        robot.interact(() -> work.begin(DemoSong.LANTERN_WALK.song()));
        Sheet.of(song(), work.timeline(), window.settings().sheetLook()).writeSvg(file, true);
        String page = Files.readString(file).replaceAll("<[^>]*>", " ");
        for (String said : new String[] {"klingt in D", "Griffe in C", "Kapo 2", "100 Takte", "G/H"})
            assertTrue(page.contains(said), said + " is not on " + page);
        assertTrue(!page.contains("bars") && !page.contains("pass "), page);
    }

    private RadioMenuItem language(String id) {
        return window.lookupAll(".menu-bar").stream()
                .flatMap(bar -> ((Menus) bar).getMenus().stream())
                .filter(menu -> menu.getId().equals("menu-view"))
                .flatMap(view -> {
                    view.getOnShowing().handle(null);
                    return view.getItems().stream();
                })
                .filter(Menu.class::isInstance)
                .flatMap(menu -> ((Menu) menu).getItems().stream())
                .filter(item -> item.getId().equals(id))
                .map(RadioMenuItem.class::cast)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whoChoosesEnglishIsToldSoInEnglishAndItComesWithTheNextStart() {
        robot.interact(() -> language("language-en").fire());
        assertEquals("From the next start on, Tactus speaks English.", text("#notice"));
        assertEquals("en", window.settings().languageProperty().get());
        assertTrue(language("language-en").isSelected());
        assertFalse(language("language-machine").isSelected());
        assertTrue(window.settings().saysHProperty().get(), "until then nothing changes");
        robot.interact(() -> language("language-de").fire());
        assertEquals("Tactus spricht weiter Deutsch.", text("#notice"));
        var data = new DataFolder(folder.resolve("data"));
        assertTrue(new Settings(data).saysHProperty().get());
        Language.use(Language.english());
        assertFalse(new Settings(data).saysHProperty().get(), "what nobody chose is as the language has it");
    }

    @Test
    void aLanguageThatCannotBeKeptIsNotPromised() throws Exception {
        Path settings = folder.resolve("data").resolve("settings.properties");
        Files.deleteIfExists(settings);
        Files.createDirectories(settings.resolve("in the way"));
        robot.interact(() -> language("language-en").fire());
        assertTrue(text("#notice").startsWith("Die Sprache kann nicht behalten werden"), text("#notice"));
    }
}
