package tactus.formats.file;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.time.Duration;
import java.time.Instant;
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

    private static final String ENDING = ".part";
    private static final Duration OLD = Duration.ofHours(1);

    private WholeFile() {}

    /**
     * Writes beside {@code target}, then puts the finished file in its place, with the permissions that were there.
     *
     * @throws IOException if it cannot be written; then {@code target} is as before and nothing is left beside it
     */
    public static void write(Path target, Contents contents) throws IOException {
        Path real = Files.exists(target) ? target.toRealPath() : target.toAbsolutePath();
        Path draft = real.resolveSibling(start(real) + UUID.randomUUID() + ENDING);
        try {
            writeDraft(draft, contents);
            keepPermissions(real, draft);
            moveOver(draft, real);
            flushFolder(real.getParent());
        } finally {
            Files.deleteIfExists(draft);
        }
        deleteForgotten(real);
    }

    private static String start(Path target) {
        return "." + target.getFileName() + ".";
    }

    private static void writeDraft(Path draft, Contents contents) throws IOException {
        try (var channel = FileChannel.open(draft, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
            // Writers of XML give a few letters at a time.
            var out = new BufferedOutputStream(Channels.newOutputStream(channel));
            contents.writeTo(out);
            out.flush();
            channel.force(true);
        }
    }

    private static void keepPermissions(Path target, Path draft) throws IOException {
        var before = Files.exists(target) ? Files.getFileAttributeView(target, PosixFileAttributeView.class) : null;
        if (before != null)
            Files.setPosixFilePermissions(draft, before.readAttributes().permissions());
    }

    private static void moveOver(Path draft, Path target) throws IOException {
        try {
            Files.move(draft, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException notHere) {
            Files.move(draft, target, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Without this a power cut can take back the renaming; systems that cannot open a folder need no flush. */
    private static void flushFolder(Path folder) {
        try (var channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException _) {
            // the file itself has been flushed
        }
    }

    /** Deletes drafts of {@code target} that a crash has left, so old that nobody can be writing them. */
    private static void deleteForgotten(Path target) {
        try (var siblings = Files.newDirectoryStream(target.getParent(), file -> isForgotten(file, target))) {
            for (Path draft : siblings) Files.deleteIfExists(draft);
        } catch (IOException | DirectoryIteratorException _) {
            // they are in nobody's way, and the file is written
        }
    }

    private static boolean isForgotten(Path file, Path target) throws IOException {
        String name = file.getFileName().toString();
        return name.startsWith(start(target))
                && name.endsWith(ENDING)
                && Files.getLastModifiedTime(file)
                        .toInstant()
                        .isBefore(Instant.now().minus(OLD));
    }
}
