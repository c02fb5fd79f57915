package tactus.app.hand;

import javafx.scene.paint.Color;

/** The colours of the theme that pictures are painted in. */
public record Inks(Color ink, Color soft, Color faint, Color warm, Color glow, Color paper) {}
