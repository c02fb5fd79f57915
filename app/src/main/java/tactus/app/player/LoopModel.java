package tactus.app.player;

import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import tactus.core.laid.performance.HeardBars;

/** How bars that go round and round are practised. */
public final class LoopModel {

    public static final int MOST_CLIMB = 20;
    public static final int MOST_ROUNDS = 16;

    private final BooleanProperty breath = new SimpleBooleanProperty(this, "breath");
    private final ObjectProperty<Optional<HeardBars>> heard =
            new SimpleObjectProperty<>(this, "heard", Optional.empty());
    private final BooleanProperty onlyCountIn = new SimpleBooleanProperty(this, "onlyCountIn");
    private final IntegerProperty climb = new SimpleIntegerProperty(this, "climb", 0);
    private final IntegerProperty rounds = new SimpleIntegerProperty(this, "rounds", 2);

    LoopModel() {}

    /** Whether a bar is counted before each further round, to breathe. */
    public BooleanProperty breathProperty() {
        return breath;
    }

    /** Which bars are heard; empty if all are. */
    public ObjectProperty<Optional<HeardBars>> heardProperty() {
        return heard;
    }

    /** Whether nothing is heard but what is counted in, so that a microphone hears the student alone. */
    public BooleanProperty onlyCountInProperty() {
        return onlyCountIn;
    }

    /** Which bars are heard, both considered. */
    Optional<HeardBars> heardNow() {
        return onlyCountIn.get() ? Optional.of(HeardBars.NONE) : heard.get();
    }

    /** By how many beats a minute it gets faster, 0 to {@value #MOST_CLIMB}. */
    public IntegerProperty climbProperty() {
        return climb;
    }

    /** After how many rounds it gets faster, 1 to {@value #MOST_ROUNDS}. */
    public IntegerProperty roundsProperty() {
        return rounds;
    }
}
