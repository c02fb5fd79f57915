package tactus.app.window;

import java.nio.file.Path;
import java.util.Optional;
import tactus.app.place.Asking;

/** Asks the teacher which file. */
interface FileAsker extends Asking {

    /** Asks for a song to open; empty if the user thinks better of it. */
    Optional<Path> toOpen();

    /** Asks for music of another program; empty if the user thinks better of it. */
    Optional<Path> toImport();
}
