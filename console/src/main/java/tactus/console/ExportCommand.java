package tactus.console;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.console.export.Export;
import tactus.console.export.MusicChoice;
import tactus.core.ground.refusal.Refusal;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.formats.file.FileName;
import tactus.formats.sheet.Paper;
import tactus.formats.sheet.SheetBook;
import tactus.formats.sheet.SheetLook;
import tactus.records.folder.FileTrouble;
import tactus.words.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code tactus export SONG --to pdf,midi,wav,png,csv --out DIR}: writes a song out. */
@Command(name = "export")
final class ExportCommand implements Callable<Integer> {

    private static final String KINDS =
            Stream.of(Export.values()).map(Export::code).collect(Collectors.joining(", "));

    @Parameters(paramLabel = "SONG", arity = "1..*")
    private List<Path> files;

    @Option(names = "--book", paramLabel = "TITLE")
    private String book;

    @Option(names = "--to", required = true, split = ",", paramLabel = "KIND")
    private List<String> kinds;

    @Option(names = "--out", defaultValue = ".", paramLabel = "DIR")
    private Path folder;

    @Option(names = "--paper", defaultValue = "A4")
    private Paper paper;

    @Option(
            names = {"-h", "--help"},
            usageHelp = true)
    private boolean help;

    @Option(names = "--version", paramLabel = "NAME")
    private String version;

    @ArgGroup(validate = false, heading = "What of the song, and what goes along:%n")
    private MusicOptions music = new MusicOptions();

    @Option(names = "--force")
    private boolean force;

    @Option(names = "--json")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        List<Export> exports = kinds.stream().map(ExportCommand::kind).toList();
        if (book != null && !exports.equals(List.of(Export.PDF))) throw CommandFailure.usage("command.book");
        var songs = new ArrayList<Song>();
        for (Path file : files) {
            Song song = SongArgument.read(file, spec.commandLine().getErr());
            songs.add(version == null ? song : SongArgument.inVersion(song, version));
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
        return Export.named(name.strip()).orElseThrow(() -> CommandFailure.usage("command.one-kind", name, KINDS));
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
        for (MusicChoice.Part part : music.chosen().parts(song, timeline, export)) {
            Path target = free(name + part.suffix() + "." + export.ending());
            var job = new Export.Job(song, timeline, SheetLook.on(paper), part.look(), target, force);
            written.addAll(writing(target, () -> export.write(job, _ -> {}, () -> false)));
        }
        return written;
    }

    private Path free(String name) {
        Path target = folder.resolve(name);
        if (!force && Files.exists(target)) {
            throw CommandFailure.found("command.there-in-folder", target);
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
            throw CommandFailure.saying(TactusCommand.FOUND, FileTrouble.said(unwritten, target));
        } catch (Refusal impossible) {
            throw CommandFailure.saying(TactusCommand.FOUND, Words.why(impossible));
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
