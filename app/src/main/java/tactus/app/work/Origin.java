package tactus.app.work;

import java.nio.file.Path;
import java.util.Objects;
import tactus.formats.file.Checksum;

/**
 * The file a song was opened from or saved to.
 *
 * @param contents what it held then
 */
public record Origin(Path file, Checksum contents) {
    public Origin {
        Objects.requireNonNull(file);
        Objects.requireNonNull(contents);
    }
}
