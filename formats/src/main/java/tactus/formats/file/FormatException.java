package tactus.formats.file;

import java.io.IOException;
import java.nio.file.Path;
import tactus.core.ground.statement.Statement;
import tactus.words.Words;

/** A file is not what it should be; says which file, where in it, and why. */
public final class FormatException extends IOException {

    private static final long serialVersionUID = 1;

    private final transient Statement reason;

    /**
     * @param file the file
     * @param place where in it: {@code line 3, column 12}; empty if it is the file as a whole
     * @param code why, by the code of its sentence
     * @param values what the sentence speaks of
     */
    public FormatException(Path file, String place, String code, Object... values) {
        this(Statement.of(
                place.isEmpty() ? "file.wrong" : "file.wrong-at",
                file.getFileName().toString(),
                Statement.of(code, values),
                place));
    }

    private FormatException(Statement reason) {
        super(Words.say(reason));
        this.reason = reason;
    }

    /** Which file, where in it, and why, as a statement. */
    public Statement reason() {
        return reason;
    }
}
