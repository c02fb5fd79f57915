package tactus.formats.file;

import java.io.IOException;
import java.nio.file.Path;

/** A file is not what it should be; says which file, where in it, and why. */
public final class FormatException extends IOException {

    private static final long serialVersionUID = 1;

    /**
     * @param file the file
     * @param place where in it: {@code line 3, column 12}; empty if it is the file as a whole
     * @param reason a sentence
     */
    public FormatException(Path file, String place, String reason) {
        super(file.getFileName() + (place.isEmpty() ? "" : ", " + place) + ": " + reason);
    }
}
