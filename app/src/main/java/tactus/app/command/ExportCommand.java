package tactus.app.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.app.work.Export;
import tactus.app.work.FileTrouble;
import tactus.app.work.MusicChoice;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.formats.file.FileName;
import tactus.formats.sheet.Paper;
import tactus.formats.sheet.SheetBook;
import tactus.formats.sheet.SheetLook;
import tactus.words.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code tactus export SONG --to pdf,midi,wav,png,csv --out DIR}: writes a song out. */
@Command(
        name = "export",
        description = "Write a song as a PDF, PNG or SVG sheet, a MIDI file, MusicXML, a table of bars or sound.")
final class ExportCommand implements Callable<Integer> {

    @Parameters(paramLabel = "SONG", arity = "1..*", description = "one song file or several")
    private List<Path> files;

    @Option(names = "--book", paramLabel = "TITLE", description = "all sheets as one PDF with contents")
    private String book;

    @Option(
            names = "--to",
            required = true,
            split = ",",
            paramLabel = "KIND",
            description = "pdf, png, svg, midi, musicxml, mxl, csv, snags, txt or wav; several with commas")
    private List<String> kinds;

    @Option(names = "--out", defaultValue = ".", paramLabel = "DIR", description = "the folder, made if need be")
    private Path folder;

    @Option(names = "--paper", defaultValue = "A4", description = "a4 or letter")
    private Paper paper;

    @Option(
            names = {"-h", "--help"},
            usageHelp = true,
            description = "show this and leave")
    private boolean help;

    @Option(
            names = "--version",
            paramLabel = "NAME",
            description = "the version; the one that is shown if none is named")
    private String version;

    @ArgGroup(validate = false, heading = "What of the song, and what goes along:%n")
    private MusicOptions music = new MusicOptions();

    @Option(names = "--force", description = "write over files that are there")
    private boolean force;

    @Option(names = "--json", description = "print JSON")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        List<Export> exports = kinds.stream().map(ExportCommand::kind).toList();
        if (book != null && !exports.equals(List.of(Export.PDF)))
            throw new CommandFailure(TactusCommand.USAGE, "tactus export: --book is a PDF; write --to pdf with it");
        var songs = new ArrayList<Song>();
        for (Path file : files) {
            Song song = SongArgument.read(file, spec.commandLine().getErr());
            songs.add(version == null ? song : SongArgument.inVersion(song, version, "export"));
        }
        var written = new ArrayList<Path>();
        if (book != null) written.add(bound(songs));
        else
            for (Song song : songs)
                for (Export export : exports) written.addAll(write(export, song.asShown(), Timeline.of(song)));
        print(written);
        return TactusCommand.FINE;
    }

    private static Export kind(String name) {
        return Export.named(name.strip())
                .orElseThrow(() -> new CommandFailure(
                        TactusCommand.USAGE,
                        "tactus export: --to takes pdf, png, svg, midi, musicxml, mxl, csv, snags, txt or wav, not \""
                                + name + "\""));
    }

    private Path bound(List<Song> songs) {
        Path target = free(FileName.of(book, "songs") + ".pdf");
        writing(target, () -> {
            SheetBook.write(book, songs, SheetLook.on(paper), target, _ -> {}, () -> false);
            return List.of(target);
        });
        return target;
    }

    private List<Path> write(Export export, Song song, Timeline timeline) {
        String name = export.fileName(FileName.of(song.facts().title(), "song"));
        var written = new ArrayList<Path>();
        try {
            for (MusicChoice.Part part : music.chosen().parts(song, timeline, export)) {
                Path target = free(name + part.suffix() + "." + export.ending());
                var job = new Export.Job(song, timeline, SheetLook.on(paper), part.look(), target, force);
                written.addAll(writing(target, () -> export.write(job, _ -> {}, () -> false)));
            }
        } catch (Refusal impossible) {
            throw new CommandFailure(TactusCommand.USAGE, Words.of("command.refused", "export", Words.why(impossible)));
        }
        return written;
    }

    private Path free(String name) {
        Path target = folder.resolve(name);
        if (!force && Files.exists(target)) {
            throw new CommandFailure(
                    TactusCommand.FOUND,
                    "tactus export: " + target
                            + " is there already; --force writes over it, --out takes another folder");
        }
        return target;
    }

    /** Writes files, and may fail at it. */
    private interface Writing {
        List<Path> write() throws IOException;
    }

    private List<Path> writing(Path target, Writing writing) {
        try {
            Files.createDirectories(folder);
            return writing.write();
        } catch (IOException unwritten) {
            throw new CommandFailure(TactusCommand.FOUND, "tactus export: " + FileTrouble.said(unwritten, target));
        } catch (Refusal impossible) {
            throw new CommandFailure(TactusCommand.FOUND, Words.of("command.refused", "export", Words.why(impossible)));
        }
    }

    private void print(List<Path> written) {
        PrintWriter out = spec.commandLine().getOut();
        if (!json) {
            written.forEach(out::println);
            return;
        }
        ObjectNode tree = JsonNodeFactory.instance.objectNode();
        var list = tree.putArray("written");
        written.forEach(path -> list.add(path.toString()));
        out.println(JsonMapper.shared().writeValueAsString(tree));
    }
}
