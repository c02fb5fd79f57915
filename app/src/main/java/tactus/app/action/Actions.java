package tactus.app.action;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.stage.Window;
import org.kordamp.ikonli.javafx.FontIcon;
import tactus.app.field.Bound;

/** Knows every command of a window. Menus, buttons, keys and the list of keys are made from it. */
public final class Actions {

    private final Map<String, Action> actions = new LinkedHashMap<>();
    private Consumer<String> done = _ -> {};
    private final Set<KeyCode> held = EnumSet.noneOf(KeyCode.class);
    private final TextFocus text = new TextFocus();
    private boolean isPressing;
    private Covering covering = new Covering() {
        @Override
        public Optional<Node> top() {
            return Optional.empty();
        }

        @Override
        public boolean isQuestion() {
            return false;
        }
    };

    /** Tells {@code listener} the id of every command that was run. */
    public void tell(Consumer<String> listener) {
        done = done.andThen(listener);
    }

    /** @throws IllegalArgumentException if a command with that id is there already */
    public void add(Action action) {
        Action told = action.followedBy(() -> done.accept(action.id()));
        if (actions.putIfAbsent(action.id(), told) != null) {
            throw new IllegalArgumentException("there is an action " + action.id() + " already");
        }
    }

    /** @throws IllegalArgumentException if there is no such command */
    public Action get(String id) {
        return Optional.ofNullable(actions.get(id))
                .orElseThrow(() -> new IllegalArgumentException("there is no action " + id));
    }

    /** The command with {@code id}, if there is one. */
    public Optional<Action> find(String id) {
        return Optional.ofNullable(actions.get(id));
    }

    /** Every command, in the order in which they were added. */
    public List<Action> all() {
        return new ArrayList<>(actions.values());
    }

    /** What covers the window, if anything does. */
    public interface Covering {

        /** What lies on top, which all keys go to; empty where nothing covers the window. */
        Optional<Node> top();

        /** Whether it is a question, behind which no command is reached. */
        boolean isQuestion();
    }

    /** Keys go to what {@code covers} the window as long as something does. */
    public void coverBy(Covering covers) {
        covering = covers;
    }

    /** Takes over the keys of {@code scene}. */
    public void listenTo(Scene scene) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, press -> {
            isPressing = true;
            Platform.runLater(() -> isPressing = false);
            if (isBehind(press, scene)) return;
            Node focus = scene.getFocusOwner();
            if (isForTheControl(press, focus) || isForTheText(press, focus)) return;
            text.note(press, focus);
            boolean isHeld = !held.add(press.getCode());
            matching(press, focus).ifPresent(action -> {
                if (!(isHeld && action.isOnce())) action.run();
                press.consume();
            });
        });
        scene.addEventFilter(KeyEvent.KEY_TYPED, typed -> {
            if (!isBehind(typed, scene)) text.note(typed, scene.getFocusOwner());
        });
        scene.addEventFilter(KeyEvent.KEY_RELEASED, release -> held.remove(release.getCode()));
        scene.focusOwnerProperty().subscribe(text::moved);
        // What is let go elsewhere is not heard of.
        scene.windowProperty().flatMap(Window::focusedProperty).subscribe(_ -> held.clear());
    }

    /** A key that would reach what lies behind a cover goes to the cover; Escape puts that away as if it had had the focus. */
    private boolean isBehind(KeyEvent key, Scene scene) {
        Optional<Node> top = covering.top();
        if (top.isEmpty() || isIn(scene.getFocusOwner(), top.get())) return false;
        key.consume();
        if (key.getEventType() != KeyEvent.KEY_PRESSED) return true;
        top.get().requestFocus();
        if (key.getCode() == KeyCode.ESCAPE) Event.fireEvent(top.get(), key.copyFor(top.get(), top.get()));
        return true;
    }

    private static boolean isIn(Node node, Node whole) {
        for (Node up = node; up != null; up = up.getParent()) if (up == whole) return true;
        return false;
    }

    /** Undo and redo belong to a text that is being written. */
    private boolean isForTheText(KeyEvent press, Node focus) {
        if (!text.isWriting(focus)) return false;
        boolean undoes = isKeyOf("edit.undo", press);
        boolean redoes = isKeyOf("edit.redo", press);
        if (!undoes && !redoes) return false;
        text.undo(focus, redoes);
        press.consume();
        return true;
    }

    private boolean isKeyOf(String id, KeyEvent press) {
        return find(id).filter(action -> action.keys().stream().anyMatch(key -> key.match(press)))
                .isPresent();
    }

    /** Space and Enter press the button that has the focus. */
    private static boolean isForTheControl(KeyEvent press, Node focus) {
        boolean presses = press.getCode() == KeyCode.SPACE || press.getCode() == KeyCode.ENTER;
        return presses && focus instanceof ButtonBase;
    }

    private Optional<Action> matching(KeyEvent press, Node focus) {
        Optional<Node> top = covering.top();
        Optional<Action> matching = actions.values().stream()
                .filter(action -> action.keys().stream().anyMatch(key -> key.match(press)))
                .filter(action -> action.scope().reaches(focus))
                .filter(action -> top.isEmpty() || action.scope().isPlace() || action.reachesBehind())
                .findFirst();
        return top.isPresent() && covering.isQuestion() ? Optional.empty() : matching;
    }

    /** A menu entry for a command. */
    public MenuItem menuItem(String id) {
        Action action = get(id);
        var item = new MenuItem(action.text());
        item.setId("menu-" + id.replace('.', '-'));
        action.keys().stream().findFirst().ifPresent(item::setAccelerator);
        action.enabled().subscribe(enabled -> item.setDisable(!enabled));
        // A menu shows the key, and would do it wherever the focus is: keys are told apart by where they work, which is
        // done before.
        item.setOnAction(_ -> {
            if (!isPressing) action.run();
        });
        return item;
    }

    /** A button for a command, with its icon if it has one, its text otherwise. */
    public Button button(String id) {
        Action action = get(id);
        var button = new Button();
        dress(button, action);
        button.setOnAction(_ -> action.run());
        return button;
    }

    /** A button with both icon and text. */
    public Button wordedButton(String id) {
        Button button = button(id);
        button.setText(get(id).text());
        return button;
    }

    /** A button that stays pressed; the caller binds its state. */
    public ToggleButton toggle(String id) {
        Action action = get(id);
        var toggle = new ToggleButton();
        dress(toggle, action);
        toggle.setOnAction(_ -> action.run());
        return toggle;
    }

    private static void dress(ButtonBase button, Action action) {
        button.setId("button-" + action.id().replace('.', '-'));
        action.icon()
                .ifPresentOrElse(icon -> button.setGraphic(new FontIcon(icon)), () -> button.setText(action.text()));
        String key = action.keyText();
        LateTooltip.install(button, key.isEmpty() ? action.text() : action.text() + "  (" + key + ")");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setAccessibleText(action.text());
        button.setDisable(!action.enabled().get());
        // A page that is put away is not kept by the commands that it offers.
        new Bound(button).follow(action.enabled(), enabled -> button.setDisable(!enabled));
    }
}
