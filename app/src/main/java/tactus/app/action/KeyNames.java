package tactus.app.action;

import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.input.KeyCombination;
import tactus.words.Words;

/** What keys are called on the keyboards of those who speak the language: {@code Ctrl+Home}. */
final class KeyNames {

    /** Those that have a name; letters, digits and signs are themselves. */
    private static final Set<String> NAMED = Set.of(
            "alt",
            "backspace",
            "ctrl",
            "delete",
            "down",
            "end",
            "enter",
            "esc",
            "home",
            "insert",
            "left",
            "page-down",
            "page-up",
            "right",
            "shift",
            "space",
            "up");

    private KeyNames() {}

    static String of(KeyCombination keys) {
        String shown = keys.getDisplayText().replace("Back Space", "Backspace");
        return Stream.of(shown.split("(?<=[^+])\\+", -1)).map(KeyNames::named).collect(Collectors.joining("+"));
    }

    private static String named(String key) {
        String code = key.toLowerCase(Locale.ROOT).replace(' ', '-');
        return NAMED.contains(code) ? Words.of("key." + code) : key;
    }
}
