package tactus.app.window;

import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.F1;
import static javafx.scene.input.KeyCode.J;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.SPACE;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Label;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.place.MenuColumn;
import tactus.app.place.Place;
import tactus.app.place.PlaceServices;
import tactus.core.counsel.snag.SnagPlace;
import tactus.words.Language;

/** A place that the window has never heard of is plugged in: it gets its button, key, menu, help and targets. */
class FifthPlaceTest extends WindowTest {

    private TestPlace fifth;

    private static final class TestPlace implements Place {

        private final List<String> done = new ArrayList<>();
        private Label node;

        @Override
        public String id() {
            return "fifth";
        }

        @Override
        public Feather icon() {
            return Feather.ANCHOR;
        }

        @Override
        public Node node() {
            if (node == null) node = new Label("the fifth");
            node.setFocusTraversable(true);
            return node;
        }

        @Override
        public void takeFocus() {
            node.requestFocus();
        }

        @Override
        public void addTo(Actions actions, Runnable show) {
            Runnable effect = () -> {
                show.run();
                done.add("command");
            };
            actions.add(Action.of("fifth.do", Scope.ANYWHERE, effect, "Shortcut+Shift+J"));
        }

        @Override
        public List<MenuColumn> menus() {
            return List.of(new MenuColumn("fifth", List.of(List.of("fifth.do"))));
        }

        @Override
        public boolean canShow(SnagPlace target) {
            return target == SnagPlace.InFacts.PLAN;
        }

        @Override
        public void show(SnagPlace target) {
            done.add("target");
        }

        @Override
        public void play() {
            done.add("play");
        }
    }

    @Override
    List<Place> places(PlaceServices parts) {
        var all = new ArrayList<>(super.places(parts));
        all.addFirst(fifth);
        all.add(all.removeFirst());
        return all;
    }

    @BeforeEach
    @Override
    void open() throws Exception {
        fifth = new TestPlace();
        Language.use(Language.english()
                .with(Map.of(
                        "action.place.fifth", "Fifth",
                        "action.fifth.do", "Do the fifth thing",
                        "menu.fifth", "Fifth menu")));
        super.open();
    }

    @AfterEach
    void speakEnglish() {
        fifth = new TestPlace();
        Language.use(Language.english());
    }

    @Test
    void itsButtonAndItsKeyBringItIntoSightWithTheFocus() {
        click("#button-place-fifth");
        assertTrue(isShown("the fifth"));
        assertEquals(fifth.node, stage.getScene().getFocusOwner());
        chord(CONTROL, DIGIT1);
        chord(CONTROL, DIGIT6);
        assertTrue(isShown("the fifth"));
        press(SPACE);
        assertEquals(List.of("play"), fifth.done);
    }

    @Test
    void itsCommandIsInItsMenuOnItsKeyAndInTheListOfKeys() {
        chord(CONTROL, SHIFT, J);
        assertEquals(List.of("command"), fifth.done);
        assertTrue(isShown("the fifth"));
        click("#menu-fifth");
        click("Do the fifth thing");
        assertEquals(List.of("command", "command"), fifth.done);
        press(F1);
        assertTrue(textsIn(".key-list").contains("Do the fifth thing"), textsIn(".key-list"));
    }
}
