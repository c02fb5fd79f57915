package tactus.app.action;

import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.input.KeyCombination;
import tactus.words.Words;

/** What keys are called on the keyboards of those who speak the language: {@code Ctrl+Home}. */
final class KeyNames {

    private KeyNames() {}

    static String of(KeyCombination keys) {
        String shown = keys.getDisplayText().replace("Back Space", "Backspace");
        return Stream.of(shown.split("(?<=[^+])\\+", -1)).map(KeyNames::named).collect(Collectors.joining("+"));
    }

    /** Letters, digits and signs are themselves. */
    private static String named(String key) {
        return Words.optional("key." + key.toLowerCase(Locale.ROOT).replace(' ', '-'))
                .orElse(key);
    }
}
