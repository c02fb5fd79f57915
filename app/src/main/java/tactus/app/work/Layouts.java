package tactus.app.work;

import java.io.IOException;
import java.nio.file.Files;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.song.Handout;
import tactus.formats.song.LayoutsFile;
import tactus.words.Words;

/** Named layouts of the sheet for all songs, kept in the data folder. */
public final class Layouts {

    private static final Logger LOG = LoggerFactory.getLogger(Layouts.class);
    private static final int LONGEST_NAME = 40;

    private final DataFolder folder;
    private final Map<String, Handout> all = new LinkedHashMap<>();
    private boolean isReadable = true;

    /** Reads those that were kept before. */
    public Layouts(DataFolder folder) {
        this.folder = folder;
        try {
            all.putAll(LayoutsFile.read(folder.file("layouts.json")));
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
    public Optional<String> keep(String name, Handout layout) {
        String plain = name.strip();
        if (plain.isEmpty() || plain.length() > LONGEST_NAME) return Optional.of(Words.of("layouts.name"));
        all.put(plain, layout.with(Handout.Reader.ANYBODY));
        return write();
    }

    /** Forgets the layout called {@code name}. */
    public Optional<String> forget(String name) {
        all.remove(name);
        return write();
    }

    private Optional<String> write() {
        if (!isReadable) return Optional.of(Words.of("layouts.unreadable", folder.file("layouts.json")));
        try {
            Files.createDirectories(folder.root());
            LayoutsFile.write(all, folder.file("layouts.json"));
            return Optional.empty();
        } catch (IOException full) {
            LOG.warn("the layouts cannot be kept", full);
            return Optional.of(Words.of("layouts.unwritten", folder.file("layouts.json")));
        }
    }
}
