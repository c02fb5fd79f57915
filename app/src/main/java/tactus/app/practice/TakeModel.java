package tactus.app.practice;

import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.app.player.PlayerModel;
import tactus.core.laid.performance.Heard;
import tactus.core.laid.timeline.BarRange;
import tactus.core.music.stroke.Direction;
import tactus.core.taught.practice.PlayedTempo;
import tactus.core.taught.practice.Round;
import tactus.core.taught.practice.Take;
import tactus.core.taught.practice.Tap;
import tactus.sound.transport.Transport;

/** What is played along with the bars that go round: each stroke when it comes, and every round as a whole. */
final class TakeModel {

    private final PlayerModel player;
    private final StandInModel standIn;
    private final ReadOnlyObjectWrapper<Optional<Take>> take =
            new ReadOnlyObjectWrapper<>(this, "take", Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Round.Judged>> now =
            new ReadOnlyObjectWrapper<>(this, "now", Optional.empty());
    private final ReadOnlyIntegerWrapper clean = new ReadOnlyIntegerWrapper(this, "clean");
    private final ReadOnlyBooleanWrapper isEarly = new ReadOnlyBooleanWrapper(this, "early");
    private BiConsumer<BarRange, Take> whole = (_, _) -> {};
    private Runnable around = () -> {};
    private boolean isRunning;
    private Optional<Round> round = Optional.empty();

    private int number;
    private boolean hasWhole;
    private double playedSpeed = 1;

    TakeModel(PlayerModel player, StandInModel standIn) {
        this.player = player;
        this.standIn = standIn;
        standIn.onKey(this::take);
    }

    /** {@code kept} is told of every whole round that a student played. */
    void onWhole(BiConsumer<BarRange, Take> kept) {
        whole = kept;
    }

    /** {@code next} is done whenever another round begins. */
    void onAround(Runnable next) {
        around = next;
    }

    /** The last round that was played along. */
    ReadOnlyObjectProperty<Optional<Take>> takeProperty() {
        return take.getReadOnlyProperty();
    }

    /** The round that is played now, from its first stroke on. */
    ReadOnlyObjectProperty<Optional<Round.Judged>> nowProperty() {
        return now.getReadOnlyProperty();
    }

    /** The round that is played now as far as it is, otherwise the last one. */
    Optional<Take> shown() {
        return now.get().map(Round.Judged::take).or(take::get);
    }

    /** At which part of the song's tempo {@link #shown} was played. */
    double shownSpeed() {
        return round.filter(_ -> now.get().isPresent()).map(Round::share).orElse(playedSpeed);
    }

    /** How many clean rounds there were in a row. */
    ReadOnlyIntegerProperty cleanProperty() {
        return clean.getReadOnlyProperty();
    }

    /** Whether a stroke came while nothing is played that it could belong to. */
    ReadOnlyBooleanProperty earlyProperty() {
        return isEarly.getReadOnlyProperty();
    }

    boolean isRunning() {
        return isRunning;
    }

    /** Listens to what is played along with the bars that the player begins with. */
    void begin() {
        isEarly.set(false);
        isRunning = true;
        number = 0;
        hasWhole = false;
        anew();
    }

    /** What was played of this round is let go. */
    void anew() {
        drop();
        standIn.rest();
    }

    /** Forgets what was played. */
    void forget() {
        anew();
        take.set(Optional.empty());
        clean.set(0);
    }

    /** Takes a stroke that was so many seconds ago. */
    void tap(Optional<Direction> way, double ago) {
        isEarly.set(!isRunning);
        if (isRunning) player.place().ifPresent(place -> take(new Tap(played(place) - ago, way)));
    }

    private double played(Transport.Place place) {
        return PlayedTempo.of(bars().timeline(), speed()).played(place.at());
    }

    private void take(Tap tap) {
        Optional<Round.Judged> judged = current().tap(tap);
        if (judged.isPresent()) now.set(judged);
    }

    private Heard.Bars bars() {
        return player.bars().orElseThrow();
    }

    /** The round as its bars are played now: at another tempo everything before lies elsewhere. */
    private Round current() {
        if (round.filter(begun -> begun.share() != speed()).isPresent()) drop();
        Heard.Bars bars = bars();
        Round current = round.map(begun -> begun.bars() == bars ? begun : begun.with(bars))
                .orElseGet(() -> new Round(
                        bars, speed(), player.loopModel().breathProperty().get()));
        round = Optional.of(current);
        return current;
    }

    private double speed() {
        return player.speedProperty().get();
    }

    /** Follows the player, round after round. */
    void listen() {
        if (!isRunning || !player.isPlaying()) return;
        player.place().ifPresent(place -> {
            if (place.round() > number) over();
            number = place.round();
            if (standIn.playsProperty().get()) standIn.listen(current(), played(place));
        });
    }

    private void over() {
        Round played = current();
        Round.Over over = played.over();
        over.take().ifPresent(judged -> keep(judged, over.isClean()));
        drop();
        standIn.around(played.next());
        over.early().forEach(this::take);
        double before = speed();
        around.run();
        if (speed() != before) standIn.rest();
    }

    private void keep(Take judged, boolean isClean) {
        hasWhole = true;
        show(judged);
        clean.set(isClean ? clean.get() + 1 : 0);
        if (!standIn.playsProperty().get()) whole.accept(bars().range(), judged);
    }

    /** The player has stopped. A round that is broken off is shown only if none was played to its end before it. */
    void end() {
        if (!isRunning) return;
        if (!hasWhole) now.get().ifPresent(each -> show(each.take()));
        drop();
        isRunning = false;
        standIn.rest();
    }

    private void show(Take judged) {
        playedSpeed = speed();
        take.set(Optional.of(judged));
    }

    private void drop() {
        round = Optional.empty();
        now.set(Optional.empty());
    }
}
