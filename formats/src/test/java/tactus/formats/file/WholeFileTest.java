package tactus.formats.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WholeFileTest {

    @TempDir
    private Path folder;

    private List<String> names() throws IOException {
        try (var files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void aDiskThatFillsUpHalfWayLeavesTheOldFileAndNothingElse() throws IOException {
        Path file = folder.resolve("song.json");
        Files.writeString(file, "old");
        var thrown = assertThrows(
                IOException.class,
                () -> WholeFile.write(file, out -> {
                    out.write("half of the new".getBytes());
                    throw new IOException("No space left on device");
                }));
        assertEquals("No space left on device", thrown.getMessage());
        assertEquals("old", Files.readString(file));
        assertEquals(List.of("song.json"), names());
    }

    @Test
    void aFileThatIsThereIsReplacedWhole() throws IOException {
        Path file = folder.resolve("song.json");
        Files.writeString(file, "a much longer old one");
        WholeFile.write(file, out -> out.write("new".getBytes()));
        assertEquals("new", Files.readString(file));
        assertEquals(List.of("song.json"), names());
    }

    @Test
    void aLinkStaysALinkAndItsTargetIsReplaced() throws IOException {
        Path target = folder.resolve("real.json");
        Files.writeString(target, "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.json"), target);
        WholeFile.write(link, out -> out.write("new".getBytes()));
        assertEquals("new", Files.readString(target));
        assertEquals(true, Files.isSymbolicLink(link));
    }

    @Test
    void aFolderThatIsNotThereIsSaid() {
        assertThrows(IOException.class, () -> WholeFile.write(folder.resolve("no/song.json"), out -> out.write(1)));
    }
}
