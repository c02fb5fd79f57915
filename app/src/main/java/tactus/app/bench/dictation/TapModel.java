package tactus.app.bench.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.app.bench.pattern.BenchModel;
import tactus.app.player.PlayerModel;
import tactus.app.work.Work;
import tactus.core.music.stroke.Direction;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.tapping.KeyTap;
import tactus.core.patterns.tapping.Taps;

/** Tapping a pattern in against the metronome. */
public final class TapModel {

    private final Work work;
    private final BenchModel bench;
    private final PlayerModel player;
    private final List<KeyTap> tapped = new ArrayList<>();
    private final ReadOnlyObjectWrapper<Optional<Taps>> taps =
            new ReadOnlyObjectWrapper<>(this, "taps", Optional.empty());

    public TapModel(Work work, BenchModel bench, PlayerModel player) {
        this.work = work;
        this.bench = bench;
        this.player = player;
    }

    /** Starts the metronome over the beats of the pattern, all taps forgotten; stops it if it goes. */
    public void startOrStop() {
        if (player.isPlaying()) {
            player.stop();
            return;
        }
        if (bench.patternProperty().get().isEmpty()) bench.add();
        tapped.clear();
        taps.set(Optional.empty());
        bench.patternProperty().get().ifPresent(player::playClick);
    }

    /** A key was struck; it counts while the metronome goes, from a little before count 1. */
    public void tap(Optional<Direction> direction) {
        player.place().map(place -> place.at().value()).ifPresent(seconds -> {
            Tempo tempo = tempo();
            // The metronome goes over the beats from the bar line on.
            if (seconds < -tempo.seconds(frame().slotLength()) / 2) return;
            tapped.add(new KeyTap(seconds, direction));
            taps.set(Taps.of(tapped, frame(), tempo));
        });
    }

    private PatternFrame frame() {
        return bench.patternProperty()
                .get()
                .map(Pattern::frame)
                .orElseGet(() -> PatternFrame.of(work.song().facts().meter()));
    }

    private Tempo tempo() {
        return work.song().facts().tempo();
    }

    /** Whether the taps fit no slots. */
    public boolean isWild() {
        return taps.get().filter(found -> found.isWild(tempo())).isPresent();
    }

    /** What the taps come to on the pattern of the bench. */
    Optional<Pattern> pattern() {
        return taps.get().flatMap(found -> bench.patternProperty().get().map(found::pattern));
    }

    /** Puts what was tapped on the bench, unless it fits no slots. */
    public void take() {
        player.stop();
        if (!isWild())
            pattern().ifPresent(found -> work.change("edit.tap", song -> song.withPattern(found), found.name()));
    }

    public ReadOnlyObjectProperty<Optional<Taps>> tapsProperty() {
        return taps.getReadOnlyProperty();
    }
}
