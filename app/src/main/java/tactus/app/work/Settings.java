package tactus.app.work;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.formats.file.WholeFile;

/** What the user has chosen for all songs, kept in the data folder. */
public final class Settings {

    private static final Logger LOG = LoggerFactory.getLogger(Settings.class);
    private static final int MOST_RECENT = 8;

    private final DataFolder folder;
    private final BooleanProperty dark = new SimpleBooleanProperty(this, "dark");
    private final BooleanProperty lowStringOnTop = new SimpleBooleanProperty(this, "lowStringOnTop", true);
    private final ReadOnlyObjectWrapper<List<Path>> recent = new ReadOnlyObjectWrapper<>(this, "recent", List.of());

    /** Reads what was chosen before; what cannot be read is as at first. */
    public Settings(DataFolder folder) {
        this.folder = folder;
        Properties kept = read();
        dark.set(Boolean.parseBoolean(kept.getProperty("dark")));
        lowStringOnTop.set(Boolean.parseBoolean(kept.getProperty("lowStringOnTop", "true")));
        recent.set(kept.getProperty("recent", "")
                .lines()
                .filter(line -> !line.isBlank())
                .map(Path::of)
                .toList());
        dark.subscribe(this::write);
        lowStringOnTop.subscribe(this::write);
    }

    private Properties read() {
        var kept = new Properties();
        Path file = folder.file("settings.properties");
        if (!Files.exists(file)) return kept;
        try (var in = Files.newBufferedReader(file)) {
            kept.load(in);
        } catch (IOException | IllegalArgumentException unreadable) {
            LOG.warn("the settings cannot be read and are taken as at first", unreadable);
        }
        return kept;
    }

    private void write() {
        var kept = new Properties();
        kept.setProperty("dark", Boolean.toString(dark.get()));
        kept.setProperty("lowStringOnTop", Boolean.toString(lowStringOnTop.get()));
        kept.setProperty(
                "recent",
                String.join("\n", recent.get().stream().map(Path::toString).toList()));
        try {
            Files.createDirectories(folder.root());
            WholeFile.write(folder.file("settings.properties"), out -> kept.store(out, "Tactus"));
        } catch (IOException full) {
            LOG.warn("the settings cannot be kept", full);
        }
    }

    /** Puts {@code file} first among the recent ones. */
    public void remember(Path file) {
        Path whole = file.toAbsolutePath();
        var files = new ArrayList<>(recent.get());
        files.remove(whole);
        files.addFirst(whole);
        recent.set(List.copyOf(files.subList(0, Math.min(MOST_RECENT, files.size()))));
        write();
    }

    public ReadOnlyObjectProperty<List<Path>> recentProperty() {
        return recent.getReadOnlyProperty();
    }

    public BooleanProperty darkProperty() {
        return dark;
    }

    public BooleanProperty lowStringOnTopProperty() {
        return lowStringOnTop;
    }
}
