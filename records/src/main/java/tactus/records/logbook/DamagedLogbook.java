package tactus.records.logbook;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/** A logbook that SQLite itself calls corrupt. It lies aside, untouched, and a new one can be begun or a copy taken. */
public final class DamagedLogbook extends IOException {

    private static final long serialVersionUID = 1;

    private final transient Path aside;
    private final transient List<LogbookCopy> copies;

    DamagedLogbook(Path aside, List<LogbookCopy> copies, Throwable cause) {
        super("the logbook is damaged and lies aside as " + aside, cause);
        this.aside = aside;
        this.copies = List.copyOf(copies);
    }

    /** Where it lies now. */
    public Path aside() {
        return aside;
    }

    /** The copies that are whole, the newest first: {@link Logbook#restore} takes one. */
    public List<LogbookCopy> copies() {
        return copies;
    }
}
