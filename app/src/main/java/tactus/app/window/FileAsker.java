package tactus.app.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import tactus.app.place.Asking;

/** Asks the teacher which file. */
interface FileAsker extends Asking {

    /** Asks for a song to open; empty if the user thinks better of it. */
    Optional<Path> toOpen();

    /** Asks for several songs to open; none if the user thinks better of it. */
    List<Path> toOpenSeveral();

    /** Asks for a folder; empty if the user thinks better of it. */
    Optional<Path> toOpenFolder();

    /** Asks for music of another program; empty if the user thinks better of it. */
    Optional<Path> toImport();
}
