package tactus.formats.song;

import java.util.List;
import tactus.core.song.Song;

/**
 * A song read from a file.
 *
 * @param problems what could not be taken as it stands; empty if the file was whole
 */
public record OpenedSong(Song song, List<Problem> problems) {

    public OpenedSong {
        problems = List.copyOf(problems);
    }

    public boolean isWhole() {
        return problems.isEmpty();
    }
}
