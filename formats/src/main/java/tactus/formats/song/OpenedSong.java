package tactus.formats.song;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongId;

/**
 * A song read from a file.
 *
 * @param id of the file's song; empty in a file that was not saved by the window
 * @param problems what could not be taken as it stands; empty if the file was whole
 */
public record OpenedSong(Song song, Optional<SongId> id, List<Problem> problems) {

    public OpenedSong {
        Objects.requireNonNull(song);
        Objects.requireNonNull(id);
        problems = List.copyOf(problems);
    }

    public boolean isWhole() {
        return problems.isEmpty();
    }
}
