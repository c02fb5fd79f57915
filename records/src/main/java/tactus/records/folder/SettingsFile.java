package tactus.records.folder;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.formats.file.WholeFile;

/** The file of the settings, which several programs may have open: what each of them changes is kept. */
public final class SettingsFile {

    private static final Logger LOG = LoggerFactory.getLogger(SettingsFile.class);
    /** What the folders with songs are called in it. */
    public static final String SONG_FOLDERS = "folders";

    private static final String FILE = "settings.properties";

    private final DataFolder folder;
    private boolean isReadable = true;
    /** What the file says, as far as this program knows. */
    private Properties written = new Properties();

    public SettingsFile(DataFolder folder) {
        this.folder = folder;
    }

    /**
     * What is kept; nothing where there is no file yet.
     *
     * @throws IOException if it may not be read
     */
    private Properties read() throws IOException {
        var read = new Properties();
        Path file = folder.file(FILE);
        if (!Files.exists(file)) return read;
        try (var in = Files.newBufferedReader(file)) {
            read.load(in);
        } catch (IllegalArgumentException | CharacterCodingException unreadable) {
            LOG.warn("the settings cannot be read from some place on, and are taken as at first there", unreadable);
        }
        return read;
    }

    /** What is kept; where it may not be read nothing is ever written over it. */
    public Properties readAtFirst() {
        try {
            return read();
        } catch (IOException forbidden) {
            isReadable = false;
            LOG.warn("the settings cannot be read and are left as they are", forbidden);
            return new Properties();
        }
    }

    /** From now on only what is other than in {@code kept} is written. */
    public void startFrom(Properties kept) {
        written = kept;
    }

    /** Whether {@code now} is what it says, as far as this program knows. */
    public boolean says(Properties now) {
        return now.equals(written);
    }

    /** Writes what is other in {@code now} than it was written last; what other programs have changed meanwhile stays. */
    public void write(Properties now) {
        if (!isReadable || says(now)) return;
        try {
            SharedFile.change(folder, () -> {
                Properties there = read();
                for (String key : now.stringPropertyNames())
                    if (!now.getProperty(key).equals(written.getProperty(key)))
                        there.setProperty(key, now.getProperty(key));
                WholeFile.write(folder.file(FILE), out -> there.store(out, "Tactus"));
                written = now;
            });
        } catch (IOException full) {
            LOG.warn("the settings cannot be kept", full);
        }
    }

    /** The folders in which songs are looked for, as the settings in {@code folder} name them. */
    public static List<Path> songFolders(DataFolder folder) {
        return paths(new SettingsFile(folder).readAtFirst(), SONG_FOLDERS);
    }

    /** The paths that stand under {@code key}, one a line; what is none is left out. */
    public static List<Path> paths(Properties kept, String key) {
        return kept.getProperty(key, "")
                .lines()
                .filter(line -> !line.isBlank())
                .flatMap(line -> path(line).stream())
                .toList();
    }

    private static Optional<Path> path(String line) {
        try {
            return Optional.of(Path.of(line));
        } catch (InvalidPathException none) {
            LOG.warn("a path of the settings is none and is left out: {}", line);
            return Optional.empty();
        }
    }
}
