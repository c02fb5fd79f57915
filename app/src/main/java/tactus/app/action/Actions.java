package tactus.app.action;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
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

    /** Takes over the keys of {@code scene}. */
    public void listenTo(Scene scene) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, press -> {
            Node focus = scene.getFocusOwner();
            if (isForTheControl(press, focus)) return;
            boolean isHeld = !held.add(press.getCode());
            matching(press, focus).ifPresent(action -> {
                if (!(isHeld && action.isOnce())) action.run();
                press.consume();
            });
        });
        scene.addEventFilter(KeyEvent.KEY_RELEASED, release -> held.remove(release.getCode()));
        // What is let go elsewhere is not heard of.
        scene.windowProperty().flatMap(Window::focusedProperty).subscribe(_ -> held.clear());
    }

    /** Space and Enter press the button that has the focus. */
    private static boolean isForTheControl(KeyEvent press, Node focus) {
        boolean presses = press.getCode() == KeyCode.SPACE || press.getCode() == KeyCode.ENTER;
        return presses && focus instanceof ButtonBase;
    }

    private Optional<Action> matching(KeyEvent press, Node focus) {
        return actions.values().stream()
                .filter(action -> action.keys().stream().anyMatch(key -> key.match(press)))
                .filter(action -> action.scope().reaches(focus))
                .findFirst();
    }

    /** A menu entry for a command. */
    public MenuItem menuItem(String id) {
        Action action = get(id);
        var item = new MenuItem(action.text());
        item.setId("menu-" + id.replace('.', '-'));
        action.keys().stream().findFirst().ifPresent(item::setAccelerator);
        action.enabled().subscribe(enabled -> item.setDisable(!enabled));
        item.setOnAction(_ -> action.run());
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
