package tactus.app.place;

import java.util.Objects;
import java.util.function.Consumer;
import javafx.concurrent.Task;
import tactus.app.action.Actions;
import tactus.app.player.PlayerModel;
import tactus.app.work.Aside;
import tactus.app.work.Settings;
import tactus.app.work.Work;

/**
 * What the window has for every place.
 *
 * @param aside computes beside the window
 * @param background runs what takes long
 */
public record PlaceServices(
        Work work,
        Settings settings,
        PlayerModel player,
        Actions actions,
        Aside aside,
        Consumer<Task<?>> background,
        Asking asking,
        Printer printer,
        Cover cover) {

    public PlaceServices {
        Objects.requireNonNull(work);
        Objects.requireNonNull(settings);
        Objects.requireNonNull(player);
        Objects.requireNonNull(actions);
        Objects.requireNonNull(aside);
        Objects.requireNonNull(background);
        Objects.requireNonNull(asking);
        Objects.requireNonNull(printer);
        Objects.requireNonNull(cover);
    }
}
