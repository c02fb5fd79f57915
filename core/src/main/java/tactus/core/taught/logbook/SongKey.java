package tactus.core.taught.logbook;

import java.util.Objects;
import tactus.core.written.song.Song;

/**
 * What was played or given, as the logbook knows it. What is kept under a title follows the song when it is called otherwise.
 *
 * @param title of the song; empty where only words were given
 * @param version of the song; empty for the full one
 */
public record SongKey(String title, String version) {

    public static final SongKey NONE = new SongKey("", "");

    public SongKey {
        Objects.requireNonNull(title);
        Objects.requireNonNull(version);
    }

    /** That of {@code song} in the version that is shown. */
    public static SongKey of(Song song) {
        return new SongKey(song.facts().title(), song.versions().shown().orElse(""));
    }
}
