package tactus.formats.file;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
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
    void thePermissionsOfTheFileAreKept() throws IOException {
        Path file = Files.writeString(folder.resolve("song.json"), "old");
        var mine = PosixFilePermissions.fromString("rw-------");
        Files.setPosixFilePermissions(file, mine);
        WholeFile.write(file, out -> out.write("new".getBytes()));
        assertEquals(mine, Files.getPosixFilePermissions(file));
    }

    @Test
    void draftsThatACrashLeftLongAgoAreClearedAway() throws IOException {
        Path file = folder.resolve("song.json");
        Instant long_ = Instant.now().minusSeconds(2 * 3600);
        Path old = Files.writeString(folder.resolve(".song.json.0000.part"), "half");
        Files.setLastModifiedTime(old, FileTime.from(long_));
        Path other = Files.writeString(folder.resolve(".other.json.0000.part"), "half");
        Files.setLastModifiedTime(other, FileTime.from(long_));
        Files.writeString(folder.resolve(".song.json.1111.part"), "being written");
        WholeFile.write(file, out -> out.write("new".getBytes()));
        assertEquals(List.of(".other.json.0000.part", ".song.json.1111.part", "song.json"), names());
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

    /** Another program is killed while it saves, again and again: the file is always one that was saved, never a part of one. */
    @Test
    void aProgramKilledWhileItSavesLeavesTheFileOfBeforeOrTheNewOne() throws Exception {
        Path file = folder.resolve("song.json");
        String path = System.getProperty("jdk.module.path", "")
                + java.io.File.pathSeparator
                + System.getProperty("java.class.path", "")
                + java.io.File.pathSeparator
                + Path.of("target", "test-classes").toAbsolutePath();
        for (int kill = 0; kill < 5; kill++) {
            Process program = new ProcessBuilder(
                            ProcessHandle.current().info().command().orElseThrow(),
                            "-cp",
                            path,
                            KilledWhileSaving.class.getName(),
                            file.toString())
                    .redirectErrorStream(true)
                    .start();
            assertTrue(Character.isDigit(program.getInputStream().read()), "it does not run");
            Thread.sleep(3L * kill);
            program.destroyForcibly().waitFor();
            String saved = Files.readString(file);
            assertEquals(KilledWhileSaving.text(Integer.parseInt(saved.substring(0, saved.indexOf(' ')))), saved);
        }
    }
}
