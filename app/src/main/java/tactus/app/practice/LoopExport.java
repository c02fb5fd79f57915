package tactus.app.practice;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.concurrent.Task;
import tactus.app.player.PlayerModel;
import tactus.app.work.ExportTask;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.console.export.Export;
import tactus.console.export.SoundLook;
import tactus.core.laid.performance.Heard;
import tactus.core.laid.performance.MixVoice;
import tactus.core.laid.timeline.BarRange;
import tactus.formats.file.FileName;
import tactus.formats.midi.MidiLook;
import tactus.records.folder.FileTrouble;
import tactus.words.Words;

/** Writes what goes round as it is heard: its bars, voices, levels, layer and tempo, to be practised with at home. */
final class LoopExport {

    /** So often the bars come in a sound file, as often as they are to be clean. */
    private static final int ROUNDS = 4;

    private final Work work;
    private final Settings settings;
    private final PlayerModel player;
    private final BiFunction<String, String, Optional<Path>> target;
    private final Consumer<Task<?>> background;
    private final ReadOnlyObjectWrapper<String> said = new ReadOnlyObjectWrapper<>(this, "said", "");

    /**
     * @param target asks where to write
     * @param background runs what takes long
     */
    LoopExport(
            Work work,
            Settings settings,
            PlayerModel player,
            BiFunction<String, String, Optional<Path>> target,
            Consumer<Task<?>> background) {
        this.work = work;
        this.settings = settings;
        this.player = player;
        this.target = target;
        this.background = background;
    }

    /** What was written, or why not. */
    ReadOnlyObjectProperty<String> saidProperty() {
        return said.getReadOnlyProperty();
    }

    /** @param speed 1 at the song's tempo */
    void write(Export kind, Heard.Bars bars, double speed) {
        String name = FileName.of(work.song().facts().title() + " " + bars.range(), "loop");
        target.apply(name, kind.ending()).ifPresent(file -> {
            var job = new Export.Job(
                    work.song(), bars.timeline(), settings.sheetLook(), look(bars.range(), speed), file, false);
            var writing = new ExportTask(kind, job);
            writing.setOnSucceeded(_ -> said.set(Words.of("plan.written", file)));
            writing.setOnFailed(
                    _ -> said.set(Words.of("plan.not-written", FileTrouble.said(writing.getException(), file))));
            said.set(Words.of("loop.writing", file.getFileName()));
            background.accept(writing);
        });
    }

    private Export.MusicLook look(BarRange bars, double speed) {
        var mix = player.mixModel();
        var sound = new SoundLook(
                mix.mixProperty().get(),
                mix.voiceProperty().get(),
                mix.layerProperty().get(),
                player.countsInProperty().get(),
                speed,
                ROUNDS);
        var midi =
                new MidiLook(player.countsInProperty().get(), isHeard(MixVoice.CLICK), isHeard(MixVoice.DRUMS), true);
        return new Export.MusicLook(Optional.of(bars), midi, sound);
    }

    private boolean isHeard(MixVoice voice) {
        return player.mixModel().mixProperty().get().isHeard(voice);
    }
}
