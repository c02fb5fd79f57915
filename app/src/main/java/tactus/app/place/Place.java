package tactus.app.place;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Actions;
import tactus.core.counsel.snag.SnagPlace;
import tactus.formats.sheet.Picture;

/** A place of the window, where one part of the work is done. The window knows no more of it than this. */
public interface Place {

    /** What it is called in the code and in the words: {@code bench}. */
    String id();

    Feather icon();

    /** Further keys that bring it into sight, beside the one of its number. */
    default List<String> keys() {
        return List.of();
    }

    /** Whether a window begins here. */
    default boolean isFirst() {
        return false;
    }

    /** Whether who has looked at it has seen what a student takes home. */
    default boolean showsHandout() {
        return false;
    }

    /** What it shows, made when it is first wanted. */
    Node node();

    /** Puts the focus where its work is done; it is in sight. */
    void takeFocus();

    /**
     * Adds its commands.
     *
     * @param show brings the place into sight, with the focus where its work is done
     */
    void addTo(Actions actions, Runnable show);

    /** The columns of the menu bar with its commands. */
    List<MenuColumn> menus();

    /** Whether it is here that {@code target} can be seen and changed. */
    boolean canShow(SnagPlace target);

    /** Shows {@code target}, which it can, and puts the focus there; it is in sight. */
    void show(SnagPlace target);

    /** What a picture can be made of alone: what is chosen there. */
    default Optional<Picture.Subject> pictured() {
        return Optional.empty();
    }

    /** Plays what it is about. */
    void play();

    /** Ends what it does beside the window; the window is closed for good. */
    default void close() {}
}
