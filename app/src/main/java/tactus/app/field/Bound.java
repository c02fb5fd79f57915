package tactus.app.field;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.ListView;
import javafx.util.Subscription;
import tactus.core.ground.refusal.Outcome;

/**
 * Binds the controls of one view to values. What is shown is never taken for what a person did, whichever way a control
 * tells of it: by mouse, by key, with the focus or without. The view follows values while it is in a window, and shows
 * them anew when it comes back into one.
 */
public final class Bound {

    /** While it is open, nothing that the controls tell is taken. */
    public interface Showing extends AutoCloseable {
        @Override
        void close();
    }

    private final List<Supplier<Subscription>> followed = new ArrayList<>();
    private Subscription following = Subscription.EMPTY;
    private boolean inWindow;
    private int showing;

    public Bound(Node view) {
        view.sceneProperty().subscribe(scene -> setInWindow(scene != null));
    }

    private void setInWindow(boolean now) {
        if (inWindow == now) return;
        inWindow = now;
        following.unsubscribe();
        following = Subscription.EMPTY;
        if (now) followed.forEach(each -> following = following.and(each.get()));
    }

    /** Does {@code show} with the value now and whenever it changes, as long as the view is in a window. */
    public <T> void follow(ObservableValue<T> value, Consumer<T> show) {
        Supplier<Subscription> start = () -> value.subscribe(now -> showing(() -> show.accept(now)));
        followed.add(start);
        if (inWindow) following = following.and(start.get());
    }

    /** The same for what shows several values. */
    public void follow(Runnable show, ObservableValue<?>... values) {
        for (ObservableValue<?> value : values) follow(value, _ -> show.run());
    }

    /** Shows something without taking it for what a person did. */
    public void showing(Runnable show) {
        try (var _ = showing()) {
            show.run();
        }
    }

    /** Whether something is being shown, so that what controls tell is nobody's doing. */
    public boolean isShowing() {
        return showing > 0;
    }

    /** The same for as long as what is returned is open. */
    public Showing showing() {
        showing++;
        return () -> showing--;
    }

    /** Takes what a person makes of a control's value; where nothing is chosen nothing is taken. */
    public <T> void take(ObservableValue<T> value, Consumer<T> taker) {
        value.subscribe((_, now) -> {
            if (showing == 0 && now != null) taker.accept(now);
        });
    }

    /** The same, and says what is wrong with it. */
    public <T> void take(ObservableValue<T> value, Function<T, Outcome> taker, Consumer<Outcome> say) {
        take(value, now -> say.accept(taker.apply(now)));
    }

    /** The row of a list that is lit up is the one that is chosen, whoever lights it up. */
    public <T> void choose(ListView<T> list, Consumer<T> chosen) {
        take(list.getSelectionModel().selectedItemProperty(), chosen);
    }
}
