package tactus.app.window;

import org.kordamp.ikonli.feather.Feather;
import tactus.words.Words;

/** The places of the window, in the order of the work. */
enum Place {
    SET_UP("setup", Feather.SLIDERS),
    BENCH("bench", Feather.EDIT_3),
    ARRANGEMENT("arrangement", Feather.LAYERS),
    SHEET("sheet", Feather.FILE_TEXT);

    private final String id;
    private final Feather icon;

    Place(String id, Feather icon) {
        this.id = id;
        this.icon = icon;
    }

    String id() {
        return id;
    }

    Feather icon() {
        return icon;
    }

    String title() {
        return Words.of("action.place." + id);
    }
}
