package tactus.app.window;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.mockito.Mockito.mockingDetails;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import tactus.app.action.Action;
import tactus.app.place.Place;

/** No control is dead, and the tab key reaches every one of them. */
class ControlsTest extends WindowTest {

    private List<Node> inSight(Parent parent) {
        var all = new ArrayList<Node>();
        for (Node child : parent.getChildrenUnmodifiable()) {
            if (!child.isVisible()) continue;
            all.add(child);
            if (child instanceof Parent inner) all.addAll(inSight(inner));
        }
        return all;
    }

    private List<Node> inSight() {
        return inSight(stage.getScene().getRoot());
    }

    @Test
    void everyMenuEntryIsACommandWithAKeyOrAnEffect() {
        MenuBar bar = robot.lookup(".menu-bar").query();
        Set<String> texts = window.actions().all().stream().map(Action::text).collect(Collectors.toSet());
        var unknown = new ArrayList<String>();
        for (Menu menu : bar.getMenus()) {
            robot.interact(() -> menu.getOnShowing().handle(null));
            for (MenuItem item : menu.getItems()) {
                if (item instanceof SeparatorMenuItem || item instanceof Menu) continue;
                boolean named = texts.stream().anyMatch(text -> item.getText().startsWith(text));
                if (!named || item.getOnAction() == null) unknown.add(menu.getText() + ": " + item.getText());
            }
        }
        assertEquals(List.of(), unknown);
    }

    @Test
    void everyCommandRunsWithoutAFault() {
        Set<String> leave = Set.of(
                "song.close",
                "song.open",
                "song.save",
                "song.saveAs",
                "song.new",
                "groove.open",
                "play.toggle",
                "play.start");
        for (Action action : window.actions().all()) {
            if (leave.contains(action.id()) || action.id().startsWith("export.")) continue;
            robot.interact(action::run);
            boolean faulty = isShown("#notice") && text("#notice").contains("nobody foresaw");
            assertFalse(faulty, action.id());
            if (isShown(".overlay-card") || isShown("#stand")) press(KeyCode.ESCAPE);
        }
    }

    @Test
    void everyButtonInSightHasAnEffectAndAName() {
        var dead = new ArrayList<String>();
        for (Place place : window.places()) {
            robot.interact(() -> window.show(place));
            for (Node node : inSight()) {
                if (!(node instanceof ButtonBase button) || node instanceof CheckBox) continue;
                if (isPartOfAControl(node)) continue;
                boolean named = !said(button).isBlank();
                boolean works =
                        button instanceof MenuButton menu ? !menu.getItems().isEmpty() : button.getOnAction() != null;
                if (!named || !works) dead.add(place.id() + " " + button.getId() + " " + button.getText());
            }
        }
        assertEquals(List.of(), dead);
    }

    /** What a person can notice: all that is written, chosen and focused, the song, and whether it sounds. */
    private String noticed() {
        String seen = inSight().stream()
                .map(node -> switch (node) {
                    case ToggleButton toggle -> toggle.getText() + toggle.isSelected();
                    case CheckBox box -> box.getText() + box.isSelected();
                    case Labeled label -> label.getText();
                    case TextInputControl input -> input.getText();
                    default -> node.getId();
                })
                .collect(Collectors.joining("\n"));
        return seen
                + stage.getScene().getFocusOwner()
                + work.song()
                + Window.getWindows().size()
                + stage.isFullScreen()
                + copied()
                + mockingDetails(asker).getInvocations().size();
    }

    private static String copied() {
        var copied = new AtomicReference<String>();
        WaitForAsyncUtils.waitForAsyncFx(
                5_000, () -> copied.set(Clipboard.getSystemClipboard().getString()));
        return copied.get();
    }

    /** Each button of each place is clicked with the mouse, the focus being in another field. */
    @Test
    void everyButtonThatIsClickedDoesWhatCanBeNoticed() {
        var dead = new ArrayList<String>();
        for (Place place : window.places()) {
            robot.interact(() -> window.show(place));
            var known = new HashSet<String>();
            for (int i = 0; i < 200; i++) {
                Optional<ButtonBase> next = clickable(known);
                if (next.isEmpty()) break;
                known.add(key(next.get()));
                String before = noticed();
                robot.clickOn(next.get());
                if (noticed().equals(before)) dead.add(place.id() + " " + key(next.get()));
                comeBack(place);
            }
        }
        assertEquals(List.of(), dead);
    }

    /** The first button that was not clicked yet and lies where the mouse can reach it. */
    private Optional<ButtonBase> clickable(Set<String> known) {
        return inSight().stream()
                .filter(ButtonBase.class::isInstance)
                .map(ButtonBase.class::cast)
                .filter(button -> !button.isDisabled() && !isPartOfAControl(button) && !known.contains(key(button)))
                .filter(button -> !(button instanceof ToggleButton toggle && toggle.isSelected()))
                .filter(this::isWithinReach)
                .findFirst();
    }

    /** Not scrolled out of sight. */
    private boolean isWithinReach(Node node) {
        Bounds bounds = node.localToScene(node.getLayoutBounds());
        for (Node up = node.getParent(); up != null; up = up.getParent()) {
            boolean cuts = up.getClip() != null || up == stage.getScene().getRoot();
            if (cuts && !up.localToScene(up.getLayoutBounds()).contains(bounds)) return false;
        }
        return true;
    }

    private static String key(ButtonBase button) {
        return button.getId() + " " + said(button);
    }

    private void comeBack(Place place) {
        for (int i = 0; i < 3 && (isShown(".overlay-card") || isShown("#stand")); i++) press(KeyCode.ESCAPE);
        robot.interact(() -> {
            if (window.player().isPlaying()) window.player().stop();
            work.undo();
            window.show(place);
        });
    }

    private static String said(ButtonBase button) {
        String accessible = button.getAccessibleText() == null ? "" : button.getAccessibleText();
        return button.getText() == null ? accessible : button.getText() + accessible;
    }

    /** The arrows of a spinner, the button of a choice. */
    private static boolean isPartOfAControl(Node node) {
        for (Node up = node.getParent(); up != null; up = up.getParent())
            if (up instanceof Spinner || up instanceof ComboBoxBase || up instanceof MenuBar) return true;
        return false;
    }

    /** The tab key goes to the chosen button of a group; arrows go on from there. */
    private static boolean isReachedByArrows(Node node) {
        return node instanceof ToggleButton toggle && toggle.getToggleGroup() != null && !toggle.isSelected();
    }

    @Test
    void theTabKeyWalksRoundEveryPlaceAndMissesNothing() {
        for (Place place : window.places()) {
            robot.interact(() -> window.show(place));
            settle();
            Set<Node> wanted = inSight().stream()
                    .filter(node -> node.isFocusTraversable() && !node.isDisabled() && !isPartOfAControl(node))
                    .filter(node -> !isReachedByArrows(node))
                    .filter(node -> node instanceof ButtonBase
                            || node instanceof TextInputControl
                            || node instanceof ComboBoxBase
                            || node instanceof Spinner)
                    .collect(Collectors.toCollection(HashSet::new));
            Node first = stage.getScene().getFocusOwner();
            for (int i = 0; i < 160 && !wanted.isEmpty(); i++) {
                for (Node up = stage.getScene().getFocusOwner(); up != null; up = up.getParent()) wanted.remove(up);
                press(KeyCode.TAB);
                if (stage.getScene().getFocusOwner() == first && i > 3) break;
            }
            wanted.removeIf(node -> node.getScene() == null);
            assertEquals(
                    "",
                    wanted.stream()
                            .map(node -> node.getId() + " " + (node instanceof Labeled label ? label.getText() : ""))
                            .collect(Collectors.joining("; ")),
                    place.id());
        }
    }
}
