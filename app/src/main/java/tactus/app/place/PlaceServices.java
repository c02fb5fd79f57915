package tactus.app.place;

import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.concurrent.Task;
import javafx.scene.Node;
import tactus.app.action.Actions;
import tactus.app.player.PlayerModel;
import tactus.app.work.Aside;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;

/**
 * What the window has for every place.
 *
 * @param aside computes beside the window
 * @param background runs what takes long
 * @param midiFile asks for a MIDI file
 * @param target asks where to write, by a name and an ending
 * @param printer asks for printer, pages and copies, and prints; answers why not
 * @param cover covers the whole window with a page, or uncovers it
 */
public record PlaceServices(
        Work work,
        Settings settings,
        PlayerModel player,
        Actions actions,
        Aside aside,
        Consumer<Task<?>> background,
        Supplier<Optional<Path>> midiFile,
        BiFunction<String, String, Optional<Path>> target,
        Function<Printed, Outcome> printer,
        Consumer<Optional<Node>> cover) {

    public PlaceServices {
        Objects.requireNonNull(work);
        Objects.requireNonNull(settings);
        Objects.requireNonNull(player);
        Objects.requireNonNull(actions);
        Objects.requireNonNull(aside);
        Objects.requireNonNull(background);
        Objects.requireNonNull(midiFile);
        Objects.requireNonNull(target);
        Objects.requireNonNull(printer);
        Objects.requireNonNull(cover);
    }
}
