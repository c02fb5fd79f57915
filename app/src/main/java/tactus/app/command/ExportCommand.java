package tactus.app.command;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.app.work.Export;
import tactus.core.refusal.Refusal;
import tactus.core.song.Song;
import tactus.core.song.Version;
import tactus.core.timeline.Timeline;
import tactus.formats.file.FileName;
import tactus.formats.sheet.Paper;
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

    @Parameters(paramLabel = "SONG", description = "a song file")
    private Path file;

    @Option(
            names = "--to",
            required = true,
            split = ",",
            paramLabel = "KIND",
            description = "pdf, png, svg, midi, musicxml, mxl, csv, txt or wav; several with commas")
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

    @Option(names = "--force", description = "write over files that are there")
    private boolean force;

    @Option(names = "--json", description = "print JSON")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        List<Export> exports = kinds.stream().map(ExportCommand::kind).toList();
        Song song = SongArgument.read(file, spec.commandLine().getErr());
        if (version != null) song = inVersion(song);
        song = song.asShown();
        Timeline timeline = Timeline.of(song);
        var written = new ArrayList<Path>();
        for (Export export : exports) written.addAll(write(export, song, timeline));
        print(written);
        return TactusCommand.FINE;
    }

    private Song inVersion(Song song) {
        if (version.equalsIgnoreCase(Version.FULL)) {
            return song.withVersions(song.versions().withShown(Optional.empty()));
        }
        return song.versions().all().stream()
                .map(Version::name)
                .filter(version::equalsIgnoreCase)
                .findFirst()
                .map(name -> song.withVersions(song.versions().withShown(Optional.of(name))))
                .orElseThrow(() -> new CommandFailure(
                        TactusCommand.USAGE,
                        "tactus export: there is no version \"" + version + "\"; there "
                                + (song.versions().all().isEmpty()
                                        ? "is only the full one"
                                        : "are full, "
                                                + String.join(
                                                        ", ",
                                                        song.versions().all().stream()
                                                                .map(Version::name)
                                                                .toList()))));
    }

    private static Export kind(String name) {
        return Export.named(name.strip())
                .orElseThrow(() -> new CommandFailure(
                        TactusCommand.USAGE,
                        "tactus export: --to takes pdf, png, svg, midi, musicxml, mxl, csv, txt or wav, not \"" + name
                                + "\""));
    }

    private List<Path> write(Export export, Song song, Timeline timeline) {
        String name = FileName.of(song.facts().title(), "song");
        Path target = folder.resolve(name + "." + export.ending());
        if (!force && Files.exists(target)) {
            throw new CommandFailure(
                    TactusCommand.FOUND,
                    "tactus export: " + target
                            + " is there already; --force writes over it, --out takes another folder");
        }
        try {
            Files.createDirectories(folder);
            return export.write(
                    new Export.Job(song, timeline, SheetLook.on(paper), target, force), _ -> {}, () -> false);
        } catch (IOException unwritten) {
            throw new CommandFailure(
                    TactusCommand.FOUND, "tactus export: " + target + " cannot be written: " + said(unwritten));
        } catch (Refusal impossible) {
            throw new CommandFailure(TactusCommand.FOUND, Words.of("command.refused", "export", Words.why(impossible)));
        }
    }

    private static String said(IOException wrong) {
        return switch (wrong) {
            case AccessDeniedException _ -> "the folder may not be written to";
            case FileSystemException system when system.getReason() != null -> system.getReason();
            default -> wrong.getMessage();
        };
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
