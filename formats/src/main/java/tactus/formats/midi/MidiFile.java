package tactus.formats.midi;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import tactus.formats.file.FormatException;

/** Opens MIDI files whose tracks play together and are counted in beats. */
final class MidiFile {

    static final int TEXT = 0x01;
    static final int TRACK_NAME = 0x03;
    static final int LYRIC = 0x05;
    static final int MARKER = 0x06;
    static final int CUE_POINT = 0x07;
    static final int END_OF_TRACK = 0x2F;
    static final int TEMPO = 0x51;
    static final int TIME_SIGNATURE = 0x58;
    static final int KEY_SIGNATURE = 0x59;
    /** Channel 10, counted from 0. */
    static final int DRUM_CHANNEL = 9;
    /** What stands in front of the capo's fret, and of the open strings, in texts of the program's own files. */
    static final String CAPO = "capo ";

    static final String TUNING = "tuning ";

    private static final long LARGEST = 16_000_000;
    private static final int SEPARATE_PIECES = 2;

    private MidiFile() {}

    /**
     * Reads the messages of {@code file}.
     *
     * @throws FormatException if it is no MIDI file, larger than 16 MB, of type 2, or counts frames of film
     */
    static Sequence read(Path file) throws FormatException {
        Sequence sequence = sequence(file);
        if (sequence.getDivisionType() != Sequence.PPQ) throw new FormatException(file, "", "file.film");
        return sequence;
    }

    private static Sequence sequence(Path file) throws FormatException {
        try {
            if (Files.size(file) > LARGEST) throw new FormatException(file, "", "file.large-midi");
            if (MidiSystem.getMidiFileFormat(file.toFile()).getType() == SEPARATE_PIECES)
                throw new FormatException(file, "", "file.separate-midi");
            return MidiSystem.getSequence(file.toFile());
        } catch (FormatException told) {
            throw told;
        } catch (InvalidMidiDataException | RuntimeException noMidi) {
            throw new FormatException(file, "", "file.no-midi");
        } catch (IOException unreadable) {
            throw new FormatException(file, "", Files.isReadable(file) ? "file.no-midi" : "file.unreadable");
        }
    }
}
