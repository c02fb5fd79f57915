package tactus.formats.font;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** A font file that ships with the program. */
public enum Typeface {
    REGULAR("OpenSans-Regular.ttf"),
    SEMIBOLD("OpenSans-Semibold.ttf"),
    BOLD("OpenSans-Bold.ttf"),
    /** Accidentals and note values. */
    MUSIC("NotoMusic-Regular.ttf"),
    /** All letters of one width, for chords that stand over words. */
    FIXED("NotoSansMono-Regular.ttf");

    private final String file;

    Typeface(String file) {
        this.file = file;
    }

    /** Opens the TrueType file; the caller closes it. */
    public InputStream open() {
        InputStream in = Typeface.class.getResourceAsStream(file);
        if (in == null) throw new UncheckedIOException(new IOException("the font " + file + " is missing"));
        return in;
    }
}
