package tactus.formats.sheet;

import java.awt.Color;

/** The colours of the sheet; they read as well in grey. */
enum Ink {
    DARK(0x22303A),
    SOFT(0x5C6670),
    FAINT(0xB9B4A7),
    WARM(0xB4491F),
    PAPER(0xFFFFFF);

    private final Color color;

    Ink(int rgb) {
        color = new Color(rgb);
    }

    Color color() {
        return color;
    }
}
