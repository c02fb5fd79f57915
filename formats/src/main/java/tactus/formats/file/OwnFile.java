package tactus.formats.file;

import java.io.IOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/** Files and folders that are for their owner alone: students stand in them. Where a system knows no such rights nothing is done. */
public final class OwnFile {

    private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");
    private static final Set<PosixFilePermission> FOLDER = PosixFilePermissions.fromString("rwx------");

    private OwnFile() {}

    private static FileAttribute<?>[] rights(Set<PosixFilePermission> rights) {
        boolean isPosix = FileSystems.getDefault().supportedFileAttributeViews().contains("posix");
        return isPosix
                ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(rights)}
                : new FileAttribute<?>[0];
    }

    /**
     * Makes {@code file}, empty.
     *
     * @throws IOException if it is there already or cannot be made
     */
    public static void create(Path file) throws IOException {
        Files.createFile(file, rights(FILE));
    }

    /**
     * Makes {@code folder} with those above it, for its owner alone. One that is there already is somebody's choice, and stays.
     *
     * @return {@code folder}
     * @throws IOException if it cannot be made
     */
    public static Path made(Path folder) throws IOException {
        return Files.isDirectory(folder) ? folder : Files.createDirectories(folder, rights(FOLDER));
    }

    /**
     * Makes {@code folder} with those above it, where it is not there yet, and closes it to others: it is one of ours.
     *
     * @return {@code folder}
     * @throws IOException if it cannot be made
     */
    public static Path folder(Path folder) throws IOException {
        made(folder);
        restrict(folder, FOLDER);
        return folder;
    }

    /** Closes {@code file} to others, if it is there. */
    public static void close(Path file) throws IOException {
        if (Files.exists(file)) restrict(file, FILE);
    }

    /** Where rights are somebody else's to give they stay as they are. */
    private static void restrict(Path path, Set<PosixFilePermission> rights) throws IOException {
        var view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
        if (view == null || view.readAttributes().permissions().equals(rights)) return;
        try {
            view.setPermissions(rights);
        } catch (java.nio.file.FileSystemException notOurs) {
            if (!Files.isWritable(path)) return;
            throw notOurs;
        }
    }
}
