package tactus.app.window;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.util.List;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import tactus.formats.font.Typeface;

/** The look of the program: our fonts and colours over the base controls. */
final class Theme {

    private static final List<String> SHEETS =
            List.of("theme.css", "controls.css", "window.css", "bench.css", "arrangement.css", "setup.css");

    private Theme() {}

    static void loadFonts() {
        for (Typeface face : Typeface.values()) Font.loadFont(face.open(), 13);
    }

    /** Dresses {@code scene}, light or dark. */
    static void dress(Scene scene, boolean dark) {
        String base = dark ? new PrimerDark().getUserAgentStylesheet() : new PrimerLight().getUserAgentStylesheet();
        if (!base.equals(Application.getUserAgentStylesheet())) Application.setUserAgentStylesheet(base);
        if (scene.getStylesheets().isEmpty())
            scene.getStylesheets().setAll(SHEETS.stream().map(Theme::sheet).toList());
        scene.getRoot().getStyleClass().removeAll("dark", "light");
        scene.getRoot().getStyleClass().add(dark ? "dark" : "light");
    }

    private static String sheet(String name) {
        return Theme.class.getResource(name).toExternalForm();
    }
}
