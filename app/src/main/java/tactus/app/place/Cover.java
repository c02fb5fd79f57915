package tactus.app.place;

import javafx.scene.Node;

/** What can lie over the whole window. */
public interface Cover {

    /** Covers the window with {@code page}, which has the focus. */
    void show(Node page);

    /** Uncovers the window again; the place that is in sight has the focus. */
    void leave();
}
