package tactus.app.export;

import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import tactus.console.export.Export;
import tactus.console.export.MusicChoice;
import tactus.core.written.song.Song;
import tactus.formats.sheet.SheetLook;

/**
 * What is to be written.
 *
 * @param open the song that is open, if it is among them
 * @param files other songs
 * @param version the version of each song that has one of that name, empty for the full one; as it is shown if absent
 * @param kinds what each becomes
 * @param folder where to; made if need be
 * @param overwrites whether files that are there are written over, or left as they are
 */
public record ExportOrder(
        Optional<Song> open,
        List<Path> files,
        Optional<String> version,
        Set<Export> kinds,
        MusicChoice music,
        SheetLook look,
        Path folder,
        boolean overwrites) {

    public ExportOrder {
        Objects.requireNonNull(open);
        Objects.requireNonNull(version);
        Objects.requireNonNull(music);
        Objects.requireNonNull(look);
        Objects.requireNonNull(folder);
        files = List.copyOf(files);
        kinds = Set.copyOf(kinds);
    }

    /** How many songs there are. */
    int songs() {
        return files.size() + (open.isPresent() ? 1 : 0);
    }

    /** {@code song} in the version that is asked for; one that has no such version is full. */
    Song shown(Song song) {
        return version.map(name -> song.withVersions(song.versions()
                        .withShown(song.versions().all().stream()
                                .map(each -> each.name())
                                .filter(name::equalsIgnoreCase)
                                .findFirst())))
                .orElse(song);
    }
}
