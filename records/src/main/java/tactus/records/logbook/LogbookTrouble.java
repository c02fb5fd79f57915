package tactus.records.logbook;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.sql.SQLException;
import java.util.Objects;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;
import tactus.core.ground.statement.Statement;
import tactus.words.Words;

/** The logbook cannot be read or written now. Nothing of it was changed or moved, and it may be sound. */
public final class LogbookTrouble extends IOException {

    private static final long serialVersionUID = 1;

    /** Why not. */
    public enum Kind {
        /** There is no room on the disk. */
        FULL,
        /** Another program has held it for longer than one waits. */
        BUSY,
        /** It may not be read or written. */
        FORBIDDEN,
        /** A newer program made it. */
        NEWER,
        /** The disk could not do it. */
        DISK,
        /** Whatever else; the log has the details. */
        OTHER
    }

    private final Kind kind;

    LogbookTrouble(Kind kind, Throwable cause) {
        super(Words.say(Statement.of("logbook." + tactus.core.ground.language.Lexicon.code(kind))), cause);
        this.kind = Objects.requireNonNull(kind);
    }

    /** What {@code wrong} comes to. */
    static LogbookTrouble of(SQLException wrong) {
        return new LogbookTrouble(kind(wrong), wrong);
    }

    /** What {@code wrong} comes to, where a file beside the database was written. */
    static LogbookTrouble of(IOException wrong) {
        if (wrong instanceof LogbookTrouble known) return known;
        boolean isForbidden = wrong instanceof AccessDeniedException;
        return new LogbookTrouble(isForbidden ? Kind.FORBIDDEN : Kind.DISK, wrong);
    }

    public Kind kind() {
        return kind;
    }

    /** Whether SQLite itself says that the file is no database or a damaged one. */
    static boolean isCorrupt(SQLException wrong) {
        return switch (primary(wrong)) {
            case SQLITE_CORRUPT, SQLITE_NOTADB -> true;
            default -> false;
        };
    }

    private static Kind kind(SQLException wrong) {
        return switch (primary(wrong)) {
            case SQLITE_FULL -> Kind.FULL;
            case SQLITE_BUSY, SQLITE_LOCKED -> Kind.BUSY;
            case SQLITE_CANTOPEN, SQLITE_READONLY, SQLITE_PERM, SQLITE_AUTH -> Kind.FORBIDDEN;
            case SQLITE_IOERR -> Kind.DISK;
            default -> Kind.OTHER;
        };
    }

    /** The result code without what extends it: its lowest eight bits (sqlite.org/rescode.html). */
    private static SQLiteErrorCode primary(SQLException wrong) {
        if (!(wrong instanceof SQLiteException told)) return SQLiteErrorCode.UNKNOWN_ERROR;
        return SQLiteErrorCode.getErrorCode(told.getResultCode().code & 0xff);
    }
}
