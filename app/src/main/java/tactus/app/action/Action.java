package tactus.app.action;

import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import org.kordamp.ikonli.feather.Feather;
import tactus.words.Words;

/**
 * A command.
 *
 * @param id what it is called in the code and in the words: {@code song.save}
 * @param keys the first is shown, all work
 * @param effect what it does
 * @param enabled whether it can be done now
 * @param isOnce whether a key that is held does it only once
 * @param reachesBehind whether its key works while a page covers the window; behind a question none does
 */
public record Action(
        String id,
        Scope scope,
        List<KeyCombination> keys,
        Optional<Feather> icon,
        Runnable effect,
        ObservableBooleanValue enabled,
        boolean isOnce,
        boolean reachesBehind) {

    public Action {
        keys = List.copyOf(keys);
    }

    /**
     * Returns a command that can always be done.
     *
     * @param keys as {@link KeyCombination#valueOf} reads them: {@code Shortcut+S}, {@code Page Down}
     * @throws IllegalArgumentException if a key is not on the keyboard
     */
    public static Action of(String id, Scope scope, Runnable effect, String... keys) {
        return new Action(
                id,
                scope,
                List.of(keys).stream().map(Action::key).toList(),
                Optional.empty(),
                effect,
                // Its own: one for all would keep everything that ever asked it.
                Bindings.createBooleanBinding(() -> true),
                false,
                false);
    }

    private static KeyCombination key(String text) {
        KeyCombination key = KeyCombination.valueOf(text);
        if (key instanceof KeyCodeCombination) return key;
        throw new IllegalArgumentException("there is no key called " + text);
    }

    public Action withIcon(Feather other) {
        return new Action(id, scope, keys, Optional.of(other), effect, enabled, isOnce, reachesBehind);
    }

    public Action when(ObservableBooleanValue condition) {
        return new Action(id, scope, keys, icon, effect, condition, isOnce, reachesBehind);
    }

    /** The same, but a key that is held does it only once: a stroke, not a step. */
    public Action once() {
        return new Action(id, scope, keys, icon, effect, enabled, true, reachesBehind);
    }

    /** The same, with a key that works while a page covers the window. */
    public Action behindPages() {
        return new Action(id, scope, keys, icon, effect, enabled, isOnce, true);
    }

    /** The same, and {@code then} behind it. */
    Action followedBy(Runnable then) {
        Runnable both = () -> {
            effect.run();
            then.run();
        };
        return new Action(id, scope, keys, icon, both, enabled, isOnce, reachesBehind);
    }

    /** What it is called in menus and on buttons. */
    public String text() {
        return Words.of("action." + id);
    }

    /** The key that is shown; empty if there is none. */
    public String keyText() {
        return keys.isEmpty() ? "" : KeyNames.of(keys.getFirst());
    }

    /** Does it, if it can be done now. */
    public void run() {
        if (enabled.get()) effect.run();
    }
}
