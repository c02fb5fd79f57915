package tactus.app.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.concurrent.Task;
import tactus.console.export.Export;

/** Writes a song out beside the window; its value is the files written. */
public final class ExportTask extends Task<List<Path>> {

    private final Export kind;
    private final Export.Job job;

    public ExportTask(Export kind, Export.Job job) {
        this.kind = kind;
        this.job = job;
    }

    @Override
    protected List<Path> call() throws IOException {
        return kind.write(job, done -> updateProgress(done, 1), this::isCancelled);
    }
}
