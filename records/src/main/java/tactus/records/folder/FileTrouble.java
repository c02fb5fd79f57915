package tactus.records.folder;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.util.Locale;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tactus.core.ground.refusal.Refusal;
import tactus.formats.file.FormatException;
import tactus.records.logbook.LogbookTrouble;
import tactus.words.Words;

/** Says what is wrong with a file, in words of ours whoever found it out: the system's and the libraries' stand in the log. */
public final class FileTrouble {

    private static final Logger LOG = LoggerFactory.getLogger(FileTrouble.class);

    private FileTrouble() {}

    /**
     * Says {@code wrong}, which came of {@code file}, in a sentence.
     *
     * @throws IllegalStateException if it is a mistake of the program
     */
    public static String said(Throwable wrong, Path file) {
        return switch (wrong) {
            case FormatException format -> format.getMessage();
            case LogbookTrouble logbook -> logbook.getMessage();
            case Refusal refused -> Words.why(refused);
            case AccessDeniedException _ -> Words.of("file.denied", file);
            case FileAlreadyExistsException there -> Words.of("file.there", there.getFile());
            case NoSuchFileException _, NotDirectoryException _ -> Words.of("file.no-file", file);
            case IOException failed -> reason(failed, file);
            default -> throw new IllegalStateException(wrong);
        };
    }

    /** What the system says stands in its own language, and some causes are known by their usual English words (POSIX, Windows). */
    private static String reason(IOException failed, Path file) {
        String told = failed instanceof FileSystemException system && system.getReason() != null
                ? system.getReason()
                : String.valueOf(failed.getMessage());
        String plain = told.toLowerCase(Locale.ROOT);
        if (plain.contains("no space") || plain.contains("not enough space") || plain.contains("quota"))
            return Words.of("file.full", file);
        if (plain.contains("read-only") || plain.contains("write-protected")) return Words.of("file.read-only", file);
        if (plain.contains("is a directory")) return Words.of("file.is-folder", file);
        if (plain.contains("name too long")) return Words.of("file.long-name", file);
        LOG.warn("{} could not be read or written", file, failed);
        return Words.of("file.trouble", file);
    }
}
