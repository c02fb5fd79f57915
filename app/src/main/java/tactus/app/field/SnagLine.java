package tactus.app.field;

import javafx.scene.control.Label;
import tactus.core.counsel.snag.Snag;
import tactus.core.written.song.Song;
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
