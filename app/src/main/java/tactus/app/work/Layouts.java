package tactus.app.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.ground.refusal.Outcome;
import tactus.core.written.song.Handout;
import tactus.formats.song.LayoutsFile;
import tactus.records.folder.DataFolder;
import tactus.records.folder.SharedFile;

/** Named layouts of the sheet for all songs, kept in the data folder. */
public final class Layouts {

    private static final Logger LOG = LoggerFactory.getLogger(Layouts.class);
    private static final String FILE = "layouts.json";
    private static final int LONGEST_NAME = 40;

    private final DataFolder folder;
    private final Map<String, Handout> all = new LinkedHashMap<>();
    private boolean isReadable = true;

    /** Reads those that were kept before. */
    public Layouts(DataFolder folder) {
        this.folder = folder;
        try {
            all.putAll(LayoutsFile.read(folder.file(FILE)));
        } catch (IOException unreadable) {
            isReadable = false;
            LOG.warn("the layouts cannot be read and are left as they are", unreadable);
        }
    }

    /** By their names, in the order in which they were kept. */
    public Map<String, Handout> all() {
        return Collections.unmodifiableMap(new LinkedHashMap<>(all));
    }

    /** Keeps {@code layout}; one of that name is replaced. Returns what is wrong, if anything. */
    public Outcome keep(String name, Handout layout) {
        String plain = name.strip();
        if (plain.isEmpty() || plain.length() > LONGEST_NAME) return Outcome.refused("layouts.name");
        return change(all -> all.put(plain, layout.with(Handout.Reader.ANYBODY)));
    }

    /** Forgets the layout called {@code name}. */
    public Outcome forget(String name) {
        return change(all -> all.remove(name));
    }

    /** Makes a change in what the file holds now, which another program may have changed. */
    private Outcome change(Consumer<Map<String, Handout>> change) {
        Path file = folder.file(FILE);
        if (!isReadable) return Outcome.refused("layouts.unreadable", file);
        try {
            SharedFile.change(folder, () -> {
                var now = new LinkedHashMap<>(LayoutsFile.read(file));
                change.accept(now);
                LayoutsFile.write(now, file);
                all.clear();
                all.putAll(now);
            });
            return Outcome.DONE;
        } catch (IOException full) {
            LOG.warn("the layouts cannot be kept", full);
            return Outcome.refused("layouts.unwritten", file);
        }
    }
}
