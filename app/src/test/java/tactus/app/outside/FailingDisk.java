package tactus.app.outside;

import java.io.IOException;
import java.net.URI;
import java.nio.channels.FileChannel;
import java.nio.channels.SeekableByteChannel;
import java.nio.file.AccessMode;
import java.nio.file.CopyOption;
import java.nio.file.DirectoryStream;
import java.nio.file.FileStore;
import java.nio.file.FileSystem;
import java.nio.file.FileSystemException;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.OpenOption;
import java.nio.file.Path;
import java.nio.file.PathMatcher;
import java.nio.file.StandardOpenOption;
import java.nio.file.WatchService;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.FileAttributeView;
import java.nio.file.attribute.UserPrincipalLookupService;
import java.nio.file.spi.FileSystemProvider;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.StreamSupport;

/**
 * A disk that does not do what it is asked to: it is full, can only be read, or has been pulled out. Otherwise it is the folder that it
 * was made over.
 */
public final class FailingDisk extends FileSystemProvider {

    /** What is wrong with it, in the words of the system. */
    public enum Trouble {
        NONE(""),
        FULL("No space left on device"),
        READ_ONLY("Read-only file system"),
        GONE("");

        private final String reason;

        Trouble(String reason) {
            this.reason = reason;
        }
    }

    private final Disk disk;
    private Trouble trouble = Trouble.NONE;

    private FailingDisk(FileSystem real) {
        disk = new Disk(this, real);
    }

    /** {@code folder} as it lies on such a disk. */
    public static Path over(Path folder) {
        return new FailingDisk(folder.getFileSystem()).disk.of(folder);
    }

    /** Makes the disk that {@code path} lies on fail so from now on. */
    public static void make(Path path, Trouble trouble) {
        ((Disk) path.getFileSystem()).provider.trouble = trouble;
    }

    private void checkRead(Path path) throws IOException {
        if (trouble == Trouble.GONE) throw new NoSuchFileException(path.toString());
    }

    private void checkWrite(Path path) throws IOException {
        checkRead(path);
        if (trouble != Trouble.NONE) throw new FileSystemException(path.toString(), null, trouble.reason);
    }

    private static Path real(Path path) {
        return path instanceof OnDisk here ? here.real : path;
    }

    private static FileSystemProvider realProvider(Path path) {
        return real(path).getFileSystem().provider();
    }

    private static boolean writes(Set<? extends OpenOption> options) {
        return options.contains(StandardOpenOption.WRITE) || options.contains(StandardOpenOption.APPEND);
    }

    @Override
    public FileChannel newFileChannel(Path path, Set<? extends OpenOption> options, FileAttribute<?>... attributes)
            throws IOException {
        if (writes(options)) checkWrite(path);
        else checkRead(path);
        return realProvider(path).newFileChannel(real(path), options, attributes);
    }

    @Override
    public SeekableByteChannel newByteChannel(
            Path path, Set<? extends OpenOption> options, FileAttribute<?>... attributes) throws IOException {
        if (writes(options)) checkWrite(path);
        else checkRead(path);
        return realProvider(path).newByteChannel(real(path), options, attributes);
    }

    @Override
    public DirectoryStream<Path> newDirectoryStream(Path path, DirectoryStream.Filter<? super Path> filter)
            throws IOException {
        checkRead(path);
        DirectoryStream<Path> all =
                realProvider(path).newDirectoryStream(real(path), each -> filter.accept(disk.of(each)));
        return new DirectoryStream<>() {
            @Override
            public Iterator<Path> iterator() {
                return StreamSupport.stream(all.spliterator(), false)
                        .<Path>map(disk::of)
                        .iterator();
            }

            @Override
            public void close() throws IOException {
                all.close();
            }
        };
    }

    @Override
    public void createDirectory(Path path, FileAttribute<?>... attributes) throws IOException {
        checkWrite(path);
        realProvider(path).createDirectory(real(path), attributes);
    }

    @Override
    public void delete(Path path) throws IOException {
        checkWrite(path);
        realProvider(path).delete(real(path));
    }

    @Override
    public boolean deleteIfExists(Path path) throws IOException {
        if (trouble == Trouble.GONE) return false;
        return realProvider(path).deleteIfExists(real(path));
    }

    @Override
    public void copy(Path source, Path target, CopyOption... options) throws IOException {
        checkWrite(target);
        realProvider(source).copy(real(source), real(target), options);
    }

    @Override
    public void move(Path source, Path target, CopyOption... options) throws IOException {
        checkWrite(target);
        realProvider(source).move(real(source), real(target), options);
    }

    @Override
    public boolean isSameFile(Path one, Path other) throws IOException {
        return realProvider(one).isSameFile(real(one), real(other));
    }

    @Override
    public boolean isHidden(Path path) throws IOException {
        return realProvider(path).isHidden(real(path));
    }

    @Override
    public FileStore getFileStore(Path path) throws IOException {
        return realProvider(path).getFileStore(real(path));
    }

    @Override
    public void checkAccess(Path path, AccessMode... modes) throws IOException {
        checkRead(path);
        realProvider(path).checkAccess(real(path), modes);
    }

    @Override
    public <V extends FileAttributeView> V getFileAttributeView(Path path, Class<V> type, LinkOption... options) {
        return realProvider(path).getFileAttributeView(real(path), type, options);
    }

    @Override
    public <A extends BasicFileAttributes> A readAttributes(Path path, Class<A> type, LinkOption... options)
            throws IOException {
        checkRead(path);
        return realProvider(path).readAttributes(real(path), type, options);
    }

    @Override
    public Map<String, Object> readAttributes(Path path, String attributes, LinkOption... options) throws IOException {
        checkRead(path);
        return realProvider(path).readAttributes(real(path), attributes, options);
    }

    @Override
    public void setAttribute(Path path, String attribute, Object value, LinkOption... options) throws IOException {
        checkWrite(path);
        realProvider(path).setAttribute(real(path), attribute, value, options);
    }

    @Override
    public String getScheme() {
        return "failing";
    }

    @Override
    public FileSystem newFileSystem(URI uri, Map<String, ?> settings) {
        throw new UnsupportedOperationException();
    }

    @Override
    public FileSystem getFileSystem(URI uri) {
        return disk;
    }

    @Override
    public Path getPath(URI uri) {
        throw new UnsupportedOperationException();
    }

    private static final class Disk extends FileSystem {

        private final FailingDisk provider;
        private final FileSystem real;

        Disk(FailingDisk provider, FileSystem real) {
            this.provider = provider;
            this.real = real;
        }

        Path of(Path path) {
            return path == null ? null : new OnDisk(this, FailingDisk.real(path));
        }

        @Override
        public FileSystemProvider provider() {
            return provider;
        }

        @Override
        public void close() {}

        @Override
        public boolean isOpen() {
            return true;
        }

        @Override
        public boolean isReadOnly() {
            return false;
        }

        @Override
        public String getSeparator() {
            return real.getSeparator();
        }

        @Override
        public Iterable<Path> getRootDirectories() {
            return StreamSupport.stream(real.getRootDirectories().spliterator(), false)
                    .map(this::of)
                    .toList();
        }

        @Override
        public Iterable<FileStore> getFileStores() {
            return List.of();
        }

        @Override
        public Set<String> supportedFileAttributeViews() {
            return real.supportedFileAttributeViews();
        }

        @Override
        public Path getPath(String first, String... more) {
            return of(real.getPath(first, more));
        }

        @Override
        public PathMatcher getPathMatcher(String pattern) {
            return path -> real.getPathMatcher(pattern).matches(FailingDisk.real(path));
        }

        @Override
        public UserPrincipalLookupService getUserPrincipalLookupService() {
            return real.getUserPrincipalLookupService();
        }

        @Override
        public WatchService newWatchService() {
            throw new UnsupportedOperationException();
        }
    }

    private record OnDisk(Disk disk, Path real) implements Path {

        @Override
        public FileSystem getFileSystem() {
            return disk;
        }

        @Override
        public boolean isAbsolute() {
            return real.isAbsolute();
        }

        @Override
        public Path getRoot() {
            return disk.of(real.getRoot());
        }

        @Override
        public Path getFileName() {
            return disk.of(real.getFileName());
        }

        @Override
        public Path getParent() {
            return disk.of(real.getParent());
        }

        @Override
        public int getNameCount() {
            return real.getNameCount();
        }

        @Override
        public Path getName(int index) {
            return disk.of(real.getName(index));
        }

        @Override
        public Path subpath(int from, int to) {
            return disk.of(real.subpath(from, to));
        }

        @Override
        public boolean startsWith(Path other) {
            return real.startsWith(FailingDisk.real(other));
        }

        @Override
        public boolean endsWith(Path other) {
            return real.endsWith(FailingDisk.real(other));
        }

        @Override
        public Path normalize() {
            return disk.of(real.normalize());
        }

        @Override
        public Path resolve(Path other) {
            return disk.of(real.resolve(FailingDisk.real(other)));
        }

        @Override
        public Path relativize(Path other) {
            return disk.of(real.relativize(FailingDisk.real(other)));
        }

        @Override
        public URI toUri() {
            return real.toUri();
        }

        @Override
        public Path toAbsolutePath() {
            return disk.of(real.toAbsolutePath());
        }

        @Override
        public Path toRealPath(LinkOption... options) throws IOException {
            disk.provider.checkRead(this);
            return disk.of(real.toRealPath(options));
        }

        @Override
        public java.io.File toFile() {
            return real.toFile();
        }

        @Override
        public java.nio.file.WatchKey register(
                WatchService watcher,
                java.nio.file.WatchEvent.Kind<?>[] events,
                java.nio.file.WatchEvent.Modifier... modifiers) {
            throw new UnsupportedOperationException();
        }

        @Override
        public int compareTo(Path other) {
            return real.compareTo(FailingDisk.real(other));
        }

        @Override
        public String toString() {
            return real.toString();
        }
    }
}
