package tactus.formats.transcription;

import java.nio.file.Path;
import java.util.Locale;
import tactus.core.ground.refusal.Refusal;
import tactus.core.reading.transcription.Transcription;
import tactus.formats.file.FormatException;
import tactus.formats.midi.MidiReader;
import tactus.formats.musicxml.MusicXmlReader;
import tactus.words.Words;

/** Reads music of another program as a song. */
public final class Import {

    private static final Transcription.Naming NAMING = new Transcription.Naming() {
        @Override
        public String section(int number) {
            return Words.of("import.section-name", number);
        }

        @Override
        public String pattern(int number) {
            return Words.of("import.pattern-name", number);
        }
    };

    private Import() {}

    /** Whether {@code file} has the ending of a kind that is read. */
    public static boolean isRead(Path file) {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return isMidi(file) || name.endsWith(".musicxml") || name.endsWith(".xml") || name.endsWith(".mxl");
    }

    private static boolean isMidi(Path file) {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return name.endsWith(".mid") || name.endsWith(".midi");
    }

    /**
     * The song in {@code file}.
     *
     * @throws FormatException if it is of no kind that is read, or broken
     */
    public static Transcription read(Path file) throws FormatException {
        if (!isRead(file)) throw new FormatException(file, "", "file.not-imported");
        try {
            return Transcription.of(isMidi(file) ? MidiReader.read(file) : MusicXmlReader.read(file), NAMING);
        } catch (Refusal impossible) {
            throw new FormatException(file, "", "file.impossible-music", impossible.reason());
        }
    }
}
