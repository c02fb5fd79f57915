package tactus.app.field;

import javafx.scene.control.Label;
import tactus.core.snag.Snag;

/** A snag in a sentence, where it can be mended. Style class {@code snag-line}. */
public final class SnagLine extends Label {

    public SnagLine(Snag snag) {
        super(snag.toString());
        getStyleClass().add("snag-line");
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
    }
}
