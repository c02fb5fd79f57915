package tactus.app.field;

import javafx.scene.control.Label;
import tactus.core.snag.Snag;
import tactus.core.song.Song;
import tactus.words.SnagWords;

/** A snag in a sentence, where it can be mended. Style class {@code snag-line}. */
public final class SnagLine extends Label {

    public SnagLine(Song song, Snag snag) {
        super(new SnagWords(song).of(snag));
        getStyleClass().add("snag-line");
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
    }
}
