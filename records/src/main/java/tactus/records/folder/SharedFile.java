package tactus.records.folder;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * A file of the data folder that several running programs write: each reads it, changes what it means to change and writes it, while
 * the others wait.
 */
public final class SharedFile {

    /** What is done with the file while nobody else is at it. */
    public interface Change {
        void make() throws IOException;
    }

    private SharedFile() {}

    /** @throws IOException if the folder cannot be written */
    public static synchronized void change(DataFolder folder, Change change) throws IOException {
        Path lock = folder.folder().resolve(".lock");
        try (var channel = FileChannel.open(lock, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock _ = channel.lock()) {
            change.make();
        }
    }
}
