package tactus.app.export;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import javafx.concurrent.Task;
import tactus.console.export.Export;
import tactus.console.export.MusicChoice;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.formats.file.FileName;
import tactus.formats.song.SongFile;
import tactus.records.folder.FileTrouble;
import tactus.words.Words;

/** Writes many files, one after the other; what fails is told at the end and keeps nothing else from being written. */
public final class BulkExport extends Task<BulkExport.Outcome> {

    /**
     * What became of it.
     *
     * @param problems what was not written, with the reason
     */
    public record Outcome(List<Path> written, List<String> problems) {

        public Outcome {
            written = List.copyOf(written);
            problems = List.copyOf(problems);
        }
    }

    private final ExportOrder order;
    private final List<Path> written = new ArrayList<>();
    private final List<String> problems = new ArrayList<>();
    private int done;

    public BulkExport(ExportOrder order) {
        this.order = order;
    }

    @Override
    protected Outcome call() {
        try {
            Files.createDirectories(order.folder());
        } catch (IOException unmade) {
            return new Outcome(List.of(), List.of(FileTrouble.said(unmade, order.folder())));
        }
        order.open().ifPresent(song -> {
            write(song);
            done++;
        });
        for (Path file : order.files()) {
            if (isCancelled()) break;
            read(file).ifPresent(this::write);
            done++;
        }
        return new Outcome(written, problems);
    }

    private Optional<Song> read(Path file) {
        try {
            return Optional.of(SongFile.read(file).song());
        } catch (IOException unread) {
            problems.add(FileTrouble.said(unread, file));
            return Optional.empty();
        }
    }

    private void write(Song song) {
        Song shown = order.shown(song).asShown();
        Timeline timeline = Timeline.of(shown);
        Set<Export> kinds = EnumSet.copyOf(order.kinds());
        int kind = 0;
        for (Export export : kinds) {
            if (isCancelled()) return;
            double before = done + (double) kind++ / kinds.size();
            write(export, shown, timeline, part -> updateProgress(before + part / kinds.size(), order.songs()));
        }
    }

    private void write(Export export, Song song, Timeline timeline, DoubleConsumer progress) {
        progress.accept(0);
        String name = export.fileName(FileName.of(song.facts().title(), "song"));
        try {
            for (MusicChoice.Part part : order.music().parts(song, timeline, export)) {
                Path target = order.folder().resolve(name + part.suffix() + "." + export.ending());
                if (written.contains(target) || !order.overwrites() && Files.exists(target)) {
                    problems.add(Words.of("bulk.there", target.getFileName()));
                    continue;
                }
                var job = new Export.Job(song, timeline, order.look(), part.look(), target, order.overwrites());
                written.addAll(export.write(job, progress, this::isCancelled));
            }
        } catch (Refusal impossible) {
            problems.add(Words.of("bulk.not", name + "." + export.ending(), Words.why(impossible)));
        } catch (IOException unwritten) {
            problems.add(FileTrouble.said(unwritten, order.folder().resolve(name + "." + export.ending())));
        } catch (CancellationException cancelled) {
            // The file that was being written is not there; those before it are.
            return;
        }
    }
}
