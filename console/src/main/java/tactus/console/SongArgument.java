package tactus.console;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;
import tactus.formats.song.OpenedSong;
import tactus.formats.song.Problem;
import tactus.formats.song.SongFile;
import tactus.records.folder.FileTrouble;

/** A song named on the command line. */
final class SongArgument {

    private SongArgument() {}

    /**
     * Reads it; what could not be taken as it stands is told to {@code err}.
     *
     * @throws CommandFailure if it cannot be read
     */
    static Song read(Path file, PrintWriter err) {
        OpenedSong opened = open(file);
        for (Problem problem : opened.problems()) err.println(file.getFileName() + ", " + problem.sentence());
        return opened.song();
    }

    static OpenedSong open(Path file) {
        try {
            return SongFile.read(file);
        } catch (IOException unreadable) {
            throw CommandFailure.saying(TactusCommand.USAGE, FileTrouble.said(unreadable, file));
        }
    }

    /**
     * {@code song} with the version called {@code name} shown.
     *
     * @throws CommandFailure if there is none, with those that are there
     */
    static Song inVersion(Song song, String name) {
        if (name.equalsIgnoreCase(Version.FULL))
            return song.withVersions(song.versions().withShown(Optional.empty()));
        List<String> all = song.versions().all().stream().map(Version::name).toList();
        return all.stream()
                .filter(name::equalsIgnoreCase)
                .findFirst()
                .map(wanted -> song.withVersions(song.versions().withShown(Optional.of(wanted))))
                .orElseThrow(
                        () -> CommandFailure.usage("command.no-version", name, all.size(), String.join(", ", all)));
    }
}
