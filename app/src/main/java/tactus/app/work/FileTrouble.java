package tactus.app.work;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import tactus.formats.file.FormatException;
import tactus.words.Words;

/** Says what is wrong with a file. */
public final class FileTrouble {

    private FileTrouble() {}

    /** Says {@code wrong}, which came of {@code file}, in a sentence. */
    public static String said(IOException wrong, Path file) {
        return switch (wrong) {
            case FormatException format -> format.getMessage();
            case AccessDeniedException _ -> Words.of("file.denied", file);
            case FileAlreadyExistsException there -> Words.of("file.there", there.getFile());
            case NoSuchFileException _ -> Words.of("file.missing", file);
            case FileSystemException system
            when system.getReason() != null -> Words.of("file.reason", file, system.getReason());
            default -> Words.of("file.reason", file, String.valueOf(wrong.getMessage()));
        };
    }
}
