package tactus.app.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Asks the user which file. */
interface FileAsker {

    /** Asks for a song to open; empty if the user thinks better of it. */
    Optional<Path> toOpen();

    /** Asks for several songs to open; none if the user thinks better of it. */
    List<Path> toOpenSeveral();

    /** Asks for a folder; empty if the user thinks better of it. */
    Optional<Path> toOpenFolder();

    /** Asks for music of another program; empty if the user thinks better of it. */
    Optional<Path> toImport();

    /** Asks for a MIDI file to read; empty if the user thinks better of it. */
    Optional<Path> toOpenMidi();

    /** Asks where to write, suggesting {@code name}; empty if the user thinks better of it. */
    Optional<Path> toWrite(String name, String ending);
}
