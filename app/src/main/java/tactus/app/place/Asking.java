package tactus.app.place;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks the teacher for files; empty if they think better of it. */
public interface Asking {

    /** Asks for songs to open; none if they think better of it. */
    List<Path> toOpenSeveral();

    /** Asks for a folder. */
    Optional<Path> toOpenFolder();

    /** Asks for a MIDI file to read. */
    Optional<Path> toOpenMidi();

    /**
     * Asks where to write.
     *
     * @param name what it may be called
     * @param ending what its name ends with, without the full stop
     */
    Optional<Path> toWrite(String name, String ending);
}
