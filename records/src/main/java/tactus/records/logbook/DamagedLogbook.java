package tactus.records.logbook;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;

/** A logbook that cannot be read. It lies aside, untouched, and a new one can be begun or a backup taken. */
public final class DamagedLogbook extends IOException {

    private static final long serialVersionUID = 1;

    private final transient Path aside;
    private final transient Optional<Path> backup;

    DamagedLogbook(Path aside, Optional<Path> backup, Throwable cause) {
        super("the logbook is damaged and lies aside as " + aside, cause);
        this.aside = aside;
        this.backup = backup;
    }

    /** Where it lies now. */
    public Path aside() {
        return aside;
    }

    /** The newest backup, if there is one: {@link Logbook#restore} takes it. */
    public Optional<Path> backup() {
        return backup;
    }
}
