package tactus.records.folder;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import tactus.formats.file.OwnFile;

/**
 * The user's data folder: settings, log and work not yet saved. It is {@code ~/.local/share/tactus} or what
 * {@code XDG_DATA_HOME} says, {@code %APPDATA%\Tactus} on Windows, or what {@code TACTUS_DATA} names.
 *
 * @param root the folder; it need not exist yet
 */
public record DataFolder(Path root) {

    /** Finds it from the system property {@code tactus.data} and the environment. */
    public static DataFolder usual() {
        return new DataFolder(named(System.getProperty("tactus.data"))
                .or(() -> named(System.getenv("TACTUS_DATA")))
                .or(() -> named(System.getenv("APPDATA")).map(path -> path.resolve("Tactus")))
                .or(() -> named(System.getenv("XDG_DATA_HOME")).map(path -> path.resolve("tactus")))
                .orElseGet(() -> Path.of(System.getProperty("user.home"), ".local", "share", "tactus")));
    }

    private static Optional<Path> named(String text) {
        return Optional.ofNullable(text).filter(name -> !name.isBlank()).map(Path::of);
    }

    /**
     * Returns the folder, made if it is not there yet, for its owner alone: students stand in it.
     *
     * @throws IOException if it cannot be made
     */
    public Path folder() throws IOException {
        return OwnFile.made(root);
    }

    /**
     * Returns a folder inside, made if it is not there yet.
     *
     * @throws IOException if it cannot be made
     */
    public Path folder(String name) throws IOException {
        folder();
        return OwnFile.folder(root.resolve(name));
    }

    public Path file(String name) {
        return root.resolve(name);
    }
}
