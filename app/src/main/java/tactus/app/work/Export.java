package tactus.app.work;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import tactus.core.song.Song;
import tactus.core.timeline.Timeline;
import tactus.formats.file.WholeFile;
import tactus.formats.midi.MidiSong;
import tactus.formats.musicxml.MusicXmlSong;
import tactus.formats.sheet.Paper;
import tactus.formats.sheet.Sheet;
import tactus.formats.table.BarTable;
import tactus.formats.table.TextChart;
import tactus.sound.wave.WaveRendering;

/** What a song can be written out as; for the window and for the command line. */
public enum Export {
    PDF("pdf") {
        @Override
        public List<Path> write(Job job, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException {
            Sheet.of(job.song(), job.timeline(), job.paper()).writePdf(job.file());
            return List.of(job.file());
        }
    },
    PNG("png") {
        @Override
        public List<Path> write(Job job, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException {
            return Sheet.of(job.song(), job.timeline(), job.paper()).writePng(job.file(), PRINT_DPI, job.overwrites());
        }
    },
    MIDI("mid") {
        @Override
        public List<Path> write(Job job, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException {
            MidiSong.write(job.song(), job.timeline(), job.file());
            return List.of(job.file());
        }
    },
    MUSICXML("musicxml") {
        @Override
        public List<Path> write(Job job, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException {
            MusicXmlSong.write(job.song(), job.timeline(), job.file());
            return List.of(job.file());
        }
    },
    MXL("mxl") {
        @Override
        public List<Path> write(Job job, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException {
            MusicXmlSong.writeCompressed(job.song(), job.timeline(), job.file());
            return List.of(job.file());
        }
    },
    TEXT("txt") {
        @Override
        public List<Path> write(Job job, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException {
            TextChart.write(job.song(), job.timeline(), job.file());
            return List.of(job.file());
        }
    },
    CSV("csv") {
        @Override
        public List<Path> write(Job job, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException {
            BarTable.write(job.song(), job.timeline(), job.file());
            return List.of(job.file());
        }
    },
    WAV("wav") {
        @Override
        public List<Path> write(Job job, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException {
            var rendering = WaveRendering.of(job.timeline());
            WholeFile.write(job.file(), out -> rendering.writeTo(out, progress, cancelled));
            return List.of(job.file());
        }
    };

    private static final float PRINT_DPI = 150;

    /**
     * One song to be written to one file.
     *
     * @param overwrites whether further pages may be written over files that are there
     */
    public record Job(Song song, Timeline timeline, Paper paper, Path file, boolean overwrites) {}

    private final String ending;

    Export(String ending) {
        this.ending = ending;
    }

    /** Finds the kind called {@code name}, by its name or its file ending. */
    public static Optional<Export> named(String name) {
        return Arrays.stream(values())
                .filter(export -> export.name().equalsIgnoreCase(name) || export.ending.equalsIgnoreCase(name))
                .findFirst();
    }

    /** The ending of its files, without the dot. */
    public String ending() {
        return ending;
    }

    /**
     * Writes the files, each whole or not at all.
     *
     * @param progress is told what part is done, from 0 to 1, where it takes long
     * @param cancelled is asked again and again where it takes long
     * @return the files written
     * @throws IOException if a file cannot be written
     * @throws IllegalArgumentException if the song cannot be written as this
     * @throws java.util.concurrent.CancellationException if {@code cancelled} says so
     */
    public abstract List<Path> write(Job job, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException;
}
