package tactus.app.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.text.Text;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tactus.app.action.Action;
import tactus.app.action.Scope;
import tactus.core.reading.sentence.RuleSentence;
import tactus.core.written.rule.Rule;
import tactus.core.written.song.Song;
import tactus.formats.demo.DemoSong;
import tactus.formats.song.SongFile;
import tactus.words.Language;
import tactus.words.Words;

/**
 * A language in which every message stands in marks and every word that is read is another one. Whatever is on the
 * screen without either is data of the song, a sign or a name that is the same in every language.
 */
class MadeUpLanguageTest extends WindowTest {

    private static final Pattern WORD = Pattern.compile("[A-Za-z]+");
    private static final Pattern MARKED = Pattern.compile("\u27e6[^\u27e6\u27e7]*\u27e7");
    private static final Pattern HOLE = Pattern.compile("\\{[#*no]}");
    /** Chords and shapes: Bbm, xxx. */
    private static final Pattern CHORD = Pattern.compile("[A-G]bm|x+");
    /** Names that are the same in every language, and what stands for a sound or a tonality in signs. */
    private static final Set<String> NAMES = Set.of(
            "Tactus",
            "PDF",
            "PNG",
            "MIDI",
            "WAV",
            "Ctrl",
            "Alt",
            "Shift",
            "Insert",
            "Delete",
            "Enter",
            "Esc",
            "Escape",
            "Hz",
            "Letter",
            "Page",
            "Down",
            "Up",
            "Left",
            "Right",
            "Space",
            "Home",
            "End",
            "Backspace",
            "Tab");

    private static String changedWord(String form) {
        var text = new StringBuilder();
        int from = 0;
        Matcher hole = HOLE.matcher(form);
        while (hole.find()) {
            text.append(changedLetters(form.substring(from, hole.start()))).append(hole.group());
            from = hole.end();
        }
        return text.append(changedLetters(form.substring(from))).toString();
    }

    private static String changedLetters(String text) {
        return WORD.matcher(text).replaceAll(word -> "zz" + word.group());
    }

    static Language madeUp() {
        return Language.english().changed(text -> "\u27e6" + text + "\u27e7", MadeUpLanguageTest::changedWord);
    }

    @BeforeEach
    @Override
    void open() throws Exception {
        Language.use(madeUp());
        super.open();
    }

    @AfterEach
    void speakEnglish() {
        Language.use(Language.english());
    }

    /** The words that the song itself brings. */
    private Set<String> data(Song song) {
        String file = new String(SongFile.toBytes(song));
        var words = new TreeSet<String>();
        Matcher text = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"").matcher(file);
        while (text.find()) WORD.matcher(text.group(1)).results().forEach(word -> words.add(word.group()));
        return words;
    }

    private static String unmarked(String text) {
        String before;
        String left = text;
        do {
            before = left;
            left = MARKED.matcher(before).replaceAll(" ");
        } while (!left.equals(before));
        return left;
    }

    private static List<String> foreign(String text, Set<String> data) {
        return WORD.matcher(unmarked(text))
                .results()
                .map(match -> match.group())
                .filter(word -> word.length() > 2)
                .filter(word -> !CHORD.matcher(word).matches())
                .filter(word -> !word.toLowerCase(Locale.ROOT).startsWith("zz")
                        && !NAMES.contains(word)
                        && !data.contains(word))
                .filter(word -> word.chars().anyMatch(Character::isLowerCase))
                .toList();
    }

    private static void texts(Node node, List<String> found) {
        if (!node.isVisible()) return;
        switch (node) {
            case Labeled labeled -> found.add(labeled.getText());
            case TextInputControl input -> {
                found.add(input.getText());
                found.add(input.getPromptText());
            }
            // A label that is cut short shows less than it says.
            case Text text when !(text.getParent() instanceof Labeled) -> found.add(text.getText());
            default -> {}
        }
        if (node instanceof ComboBox<?> box) items(box, found);
        found.add(node.getAccessibleText());
        if (node instanceof Parent parent) parent.getChildrenUnmodifiable().forEach(child -> texts(child, found));
    }

    private static <T> void items(ComboBox<T> box, List<String> found) {
        if (box.getConverter() != null)
            box.getItems().forEach(item -> found.add(box.getConverter().toString(item)));
    }

    private void check(String where, Runnable show, TreeMap<String, String> wrong) {
        Set<String> data = data(song());
        var found = new ArrayList<String>();
        robot.interact(() -> {
            show.run();
            stage.getScene().getRoot().applyCss();
            stage.getScene().getRoot().layout();
            texts(stage.getScene().getRoot(), found);
        });
        for (String text : found) {
            if (text == null || text.isBlank()) continue;
            List<String> words = foreign(text, data);
            if (!words.isEmpty()) wrong.putIfAbsent(text, where + ": " + words);
        }
    }

    /** Every command that shows a place or a panel. */
    private List<Action> shows() {
        return window.actions().all().stream()
                .filter(action -> action.scope() == Scope.ANYWHERE)
                .filter(action ->
                        Stream.of("place.", "panel.", "bench.", "arrange.").anyMatch(action.id()::startsWith))
                .toList();
    }

    @Test
    void noPlaceAndNoPanelOfAnyDemoShowsASentenceThatIsNotInTheLanguage() throws Exception {
        var wrong = new TreeMap<String, String>();
        int count = 0;
        for (DemoSong demo : DemoSong.values()) {
            robot.interact(() -> work.begin(demo.song()));
            for (Action action : shows()) {
                check(demo + " " + action.id(), action::run, wrong);
                count++;
            }
            check(demo + " snags", window::toggleSnags, wrong);
            check(demo + " sheet", window::toggleSnags, wrong);
            settle();
        }
        check("keys", window::showKeys, wrong);
        assertTrue(count >= 5 * 20, count + " screens");
        assertEquals("", wrong.entrySet().stream().map(Object::toString).collect(Collectors.joining("\n")));
    }

    /** What is read is read with other words, and means the same. */
    @Test
    void aRuleWrittenInTheOtherWordsMeansTheSame() {
        var english = Language.english().lexicon();
        int count = 0;
        for (DemoSong demo : DemoSong.values()) {
            Song song = demo.song();
            for (Rule rule : song.rules()) {
                String sentence = new RuleSentence(Words.lexicon(), song).of(rule);
                assertEquals(rule, new RuleSentence(Words.lexicon(), song).parse(sentence), sentence);
                assertTrue(!sentence.toLowerCase(Locale.ROOT).contains("last pass"), sentence);
                assertEquals(rule, new RuleSentence(english, song).parse(new RuleSentence(english, song).of(rule)));
                count++;
            }
        }
        assertTrue(count > 30, count + " rules");
    }
}
