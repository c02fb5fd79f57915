package tactus.formats.song;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongId;
import tactus.formats.file.FormatException;
import tactus.formats.file.WholeFile;
import tactus.words.Words;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.util.DefaultIndenter;
import tools.jackson.core.util.DefaultPrettyPrinter;
import tools.jackson.core.util.Separators;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectWriter;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Songs as JSON: UTF-8, indented, always in the same order, fractions as text. */
public final class SongFile {

    /** The usual ending of a song's file name. */
    public static final String ENDING = ".tactus.json";

    /** The newest version of the format that is read, and the one that is written. */
    public static final int VERSION = 7;

    static final String FORMAT = "tactus-song";

    private static final int LARGEST = 64 << 20;

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .build();
    private static final ObjectWriter WRITER = MAPPER.writer()
            .with(new DefaultPrettyPrinter(
                            Separators.createDefaultInstance().withObjectNameValueSpacing(Separators.Spacing.AFTER))
                    .withObjectIndenter(new DefaultIndenter("  ", "\n"))
                    .withArrayIndenter(new DefaultIndenter("  ", "\n")));

    private SongFile() {}

    /**
     * Reads a song as far as it can be read.
     *
     * @throws FormatException if it is no song, is damaged or of a newer version
     * @throws IOException if the file cannot be read
     */
    public static OpenedSong read(Path file) throws IOException {
        if (Files.isDirectory(file)) throw new FormatException(file, "", "file.folder");
        try {
            try (InputStream in = Files.newInputStream(file)) {
                return read(in, file);
            }
        } catch (NoSuchFileException missing) {
            throw new FormatException(file, "", "file.no-such");
        }
    }

    /**
     * Reads a song from {@code in}, which stays open; {@code name} is what it is called in messages.
     *
     * @throws FormatException if it is no song, is damaged or of a newer version
     * @throws IOException if it cannot be read
     */
    public static OpenedSong read(InputStream in, Path name) throws IOException {
        try {
            return open(MAPPER.readTree(bytes(in, name)), name);
        } catch (JacksonException damaged) {
            TokenStreamLocation at = damaged.getLocation();
            String place = at == null ? "" : Words.of("file.line", at.getLineNr(), at.getColumnNr());
            throw new FormatException(name, place, "file.damaged", JsonFault.of(damaged));
        }
    }

    /** Reads no more than a song can be, since {@code in} may never end. */
    private static byte[] bytes(InputStream in, Path name) throws IOException {
        byte[] bytes = in.readNBytes(LARGEST + 1);
        if (bytes.length > LARGEST) throw new FormatException(name, "", "file.large-song");
        return bytes;
    }

    private static OpenedSong open(JsonNode root, Path name) throws FormatException {
        if (!(root instanceof ObjectNode song)
                || !FORMAT.equals(song.path("format").asString(""))) {
            throw new FormatException(name, "", "file.no-song", FORMAT);
        }
        int version = song.path("version").asInt(0);
        if (version < 1) throw new FormatException(name, "version", "file.version-number");
        if (version > VERSION) {
            throw new FormatException(name, "version", "file.newer", version, VERSION);
        }
        return new SongReader(Migration.toNewest(song, version)).read();
    }

    /**
     * Writes {@code song}, whole or not at all.
     *
     * @throws IOException if it cannot be written; what was there before is then unchanged
     */
    public static void write(Song song, Path file) throws IOException {
        write(song, Optional.empty(), file);
    }

    /**
     * Writes {@code song} as the one that is known as {@code id}, whole or not at all.
     *
     * @throws IOException if it cannot be written; what was there before is then unchanged
     */
    public static void write(Song song, SongId id, Path file) throws IOException {
        write(song, Optional.of(id), file);
    }

    private static void write(Song song, Optional<SongId> id, Path file) throws IOException {
        byte[] text = toBytes(song, id);
        WholeFile.write(file, out -> out.write(text));
    }

    /** Returns what {@link #write} puts into the file. */
    public static byte[] toBytes(Song song) {
        return toBytes(song, Optional.empty());
    }

    private static byte[] toBytes(Song song, Optional<SongId> id) {
        return (WRITER.writeValueAsString(SongTree.of(song, id)) + "\n").getBytes(StandardCharsets.UTF_8);
    }
}
