package tactus.app.bench;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import tactus.app.bench.dictation.DictationModel;
import tactus.app.bench.dictation.TapModel;
import tactus.app.bench.finger.FingersModel;
import tactus.app.bench.pattern.BenchModel;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;

/**
 * What the bench works with.
 *
 * @param panel what is shown below the picture
 * @param midiFile asks for a MIDI file
 */
public record BenchParts(
        Work work,
        BenchModel bench,
        DictationModel dictation,
        FingersModel fingers,
        TapModel taps,
        PlayerModel player,
        Settings settings,
        ObjectProperty<BenchPanel> panel,
        Supplier<Optional<Path>> midiFile) {

    /** Makes the models of a bench for {@code work}. */
    public static BenchParts of(Work work, PlayerModel player, Settings settings, Supplier<Optional<Path>> midiFile) {
        var bench = new BenchModel(work, player);
        return new BenchParts(
                work,
                bench,
                new DictationModel(work, bench, settings.mannerProperty()),
                new FingersModel(work, bench),
                new TapModel(work, bench, player),
                player,
                settings,
                new SimpleObjectProperty<>(bench, "panel", BenchPanel.FACTS),
                midiFile);
    }
}
