package tactus.records.logbook;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.taught.logbook.Student;
import tactus.core.written.song.Handout;
import tactus.formats.song.SongFile;
import tactus.records.shelf.Shelf;

/** Song files whose sheet is for a student, or whose homework speaks of one: they are the teacher's, and nobody else changes them. */
public final class StudentTraces {

    private static final Logger LOG = LoggerFactory.getLogger(StudentTraces.class);

    private StudentTraces() {}

    /**
     * Looks through the songs in {@code folders} for the student called {@code name}.
     *
     * @param isCancelled is asked before each file
     * @return a statement for each song that speaks of them
     * @throws IOException if a folder cannot be looked into
     */
    public static List<Statement> of(String name, List<Path> folders, BooleanSupplier isCancelled) throws IOException {
        var found = new ArrayList<Statement>();
        for (Path file : Shelf.songFiles(folders)) {
            if (isCancelled.getAsBoolean()) return found;
            if (speaks(file, name)) found.add(Statement.of("logbook.remains-song", file.toString()));
        }
        return found;
    }

    private static boolean speaks(Path file, String name) {
        try {
            // Taking a song apart takes far longer than looking for the letters.
            String letters = new String(Files.readAllBytes(file), StandardCharsets.UTF_8).toLowerCase(Locale.ROOT);
            if (!letters.contains(name.toLowerCase(Locale.ROOT))) return false;
            Handout.Reader reader =
                    SongFile.read(file).song().lesson().handout().reader();
            return Student.isSame(reader.name(), name) || Remains.speaks(reader.homework(), name);
        } catch (IOException | Refusal noSong) {
            LOG.info("{} cannot be looked through for a name: {}", file, noSong.getMessage());
            return false;
        }
    }
}
