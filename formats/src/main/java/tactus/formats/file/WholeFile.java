package tactus.formats.file;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.UUID;

/**
 * Writes a file whole or not at all: a crash, a full disk or a cancelled job at any moment leaves what was there before.
 */
public final class WholeFile {

    /** Writes the contents. */
    @FunctionalInterface
    public interface Contents {
        void writeTo(OutputStream out) throws IOException;
    }

    private WholeFile() {}

    /**
     * Writes beside {@code target}, then puts the finished file in its place.
     *
     * @throws IOException if it cannot be written; then {@code target} is as before and nothing is left beside it
     */
    public static void write(Path target, Contents contents) throws IOException {
        Path real = Files.exists(target) ? target.toRealPath() : target.toAbsolutePath();
        Path draft = real.resolveSibling("." + real.getFileName() + "." + UUID.randomUUID() + ".part");
        try {
            writeDraft(draft, contents);
            moveOver(draft, real);
        } finally {
            Files.deleteIfExists(draft);
        }
    }

    private static void writeDraft(Path draft, Contents contents) throws IOException {
        try (var channel = FileChannel.open(draft, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
            var out = Channels.newOutputStream(channel);
            contents.writeTo(out);
            out.flush();
            channel.force(true);
        }
    }

    private static void moveOver(Path draft, Path target) throws IOException {
        try {
            Files.move(draft, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException notHere) {
            Files.move(draft, target, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
