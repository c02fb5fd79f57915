package tactus.app.action;

import javafx.scene.input.KeyCombination;

/** How a key is written for a reader: {@code Ctrl+S}, {@code ←}, {@code Space}. */
final class KeyText {

    private KeyText() {}

    static String of(KeyCombination key) {
        return key.getDisplayText()
                .replace("Page_Up", "Page ▲")
                .replace("Page_Down", "Page ▼")
                .replace("Back_Space", "Backspace")
                .replace("Left", "←")
                .replace("Right", "→")
                .replace("Up", "↑")
                .replace("Down", "↓")
                .replace("Minus", "-")
                .replace("Period", ".")
                .replace("Subtract", "-");
    }
}
