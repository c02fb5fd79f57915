package tactus.formats.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.stream.Stream;
import tactus.core.written.song.Song;
import tactus.formats.song.SongFile;

/** A song of our own, as an evening class would play it. */
public enum DemoSong {
    LANTERN_WALK("lantern-walk", "Lantern Walk"),
    RAIN_ON_THE_BOATHOUSE("rain-on-the-boathouse", "Rain on the Boathouse"),
    LAST_CHAIR_WALTZ("last-chair-waltz", "Last Chair Waltz"),
    SEVEN_STEPS_TO_THE_POND("seven-steps-to-the-pond", "Seven Steps to the Pond"),
    KETTLE_FOR_THE_STEWARDS("kettle-for-the-stewards", "Kettle for the Stewards");

    private final String file;
    private final String title;

    DemoSong(String file, String title) {
        this.file = file;
        this.title = title;
    }

    /**
     * The one in the file called {@code name}, without its ending: {@code lantern-walk}.
     *
     * @throws IllegalArgumentException if there is none
     */
    public static DemoSong named(String name) {
        return Stream.of(values())
                .filter(demo -> demo.file.equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no demo song is called " + name));
    }

    public String title() {
        return title;
    }

    public Song song() {
        String name = file + SongFile.ENDING;
        try (InputStream in = DemoSong.class.getResourceAsStream(name)) {
            return SongFile.read(in, Path.of(name)).song();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
