package tactus.console.export;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.Excerpt;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.formats.file.WholeFile;
import tactus.formats.midi.MidiLook;
import tactus.formats.midi.MidiSong;
import tactus.formats.musicxml.MusicXmlSong;
import tactus.formats.sheet.Sheet;
import tactus.formats.sheet.SheetLook;
import tactus.formats.table.BarTable;
import tactus.formats.table.SnagTable;
import tactus.formats.table.TextChart;

/** What a song can be written out as; for the window and for the command line. */
public enum Export {
    PDF("pdf", single(job -> Sheet.of(job.song(), job.part(), job.look()).writePdf(job.file()))),
    PNG(
            "png",
            (job, _, _) ->
                    Sheet.of(job.song(), job.part(), job.look()).writePng(job.file(), Job.PRINT_DPI, job.overwrites())),
    SVG("svg", (job, _, _) -> Sheet.of(job.song(), job.part(), job.look()).writeSvg(job.file(), job.overwrites())),
    MIDI("mid", single(job -> MidiSong.write(job.song(), job.part(), job.music().midi(), job.file()))),
    MUSICXML("musicxml", single(job -> MusicXmlSong.write(job.song(), job.part(), job.file()))),
    MXL("mxl", single(job -> MusicXmlSong.writeCompressed(job.song(), job.part(), job.file()))),
    TEXT("txt", single(job -> TextChart.write(job.song(), job.part(), job.file()))),
    CSV(
            "csv",
            single(job -> BarTable.write(job.song(), job.timeline(), job.music().bars(), job.file()))),
    SNAGS("snags", "csv", single(job -> SnagTable.write(job.song(), job.timeline(), job.file()))),
    WAV("wav", (job, progress, cancelled) -> {
        var rendering = job.music().sound().rendering(job.song(), job.timeline(), job.part());
        WholeFile.write(job.file(), out -> rendering.writeTo(out, progress, cancelled));
        return List.of(job.file());
    });

    /** Writes a job; see {@link Export#write}. */
    private interface Writing {
        List<Path> write(Job job, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException;
    }

    /** Writes a job to its file and no other. */
    private interface Single {
        void write(Job job) throws IOException;
    }

    private static Writing single(Single writing) {
        return (job, _, _) -> {
            writing.write(job);
            return List.of(job.file());
        };
    }

    /**
     * What of a song is written, and what goes along with it.
     *
     * @param bars only these, if there are any
     */
    public record MusicLook(Optional<BarRange> bars, MidiLook midi, SoundLook sound) {

        /** All of it, and nothing beside it. */
        public static final MusicLook PLAIN = new MusicLook(Optional.empty(), MidiLook.PLAIN, SoundLook.PLAIN);

        public MusicLook {
            Objects.requireNonNull(bars);
            Objects.requireNonNull(midi);
            Objects.requireNonNull(sound);
        }
    }

    /**
     * One song to be written to one file.
     *
     * @param timeline all of it
     * @param overwrites whether further pages may be written over files that are there
     */
    public record Job(Song song, Timeline timeline, SheetLook look, MusicLook music, Path file, boolean overwrites) {

        private static final float PRINT_DPI = 150;

        /** The bars that are written. */
        Timeline part() {
            return music.bars().map(bars -> Excerpt.of(timeline, bars)).orElse(timeline);
        }
    }

    private final String code;
    private final String ending;
    private final Writing writing;

    Export(String ending, Writing writing) {
        this(ending, ending, writing);
    }

    Export(String code, String ending, Writing writing) {
        this.code = code;
        this.ending = ending;
        this.writing = writing;
    }

    /** Finds the kind called {@code name}, by its name or its code. */
    public static Optional<Export> named(String name) {
        return Arrays.stream(values())
                .filter(export -> export.name().equalsIgnoreCase(name) || export.code.equalsIgnoreCase(name))
                .findFirst();
    }

    /** What it is called in commands: its ending where no other kind has the same. */
    public String code() {
        return code;
    }

    /** What its file is called for a song with the file name {@code name}, without the ending. */
    public String fileName(String name) {
        return code.equals(ending) ? name : name + "-" + code;
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
    public List<Path> write(Job job, DoubleConsumer progress, BooleanSupplier cancelled) throws IOException {
        return writing.write(job, progress, cancelled);
    }
}
