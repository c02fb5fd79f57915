package tactus.console;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import tactus.core.reading.transcription.Transcription;
import tactus.core.written.song.Song;
import tactus.formats.song.SongFile;
import tactus.formats.transcription.Import;
import tactus.records.folder.FileTrouble;
import tactus.words.Words;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** {@code tactus import FILE --out SONG.tactus.json}: reads music of another program as a song. */
@Command(name = "import", mixinStandardHelpOptions = true)
final class ImportCommand implements Callable<Integer> {

    @Parameters(paramLabel = "FILE")
    private Path file;

    @Option(names = "--out", required = true, paramLabel = "SONG")
    private Path out;

    @Option(names = "--force")
    private boolean force;

    @Option(names = "--json")
    private boolean json;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        if (!force && Files.exists(out)) throw CommandFailure.found("command.there", out);
        try {
            Transcription read = Import.read(file);
            SongFile.write(read.song(), out);
            print(read);
            return TactusCommand.FINE;
        } catch (IOException failed) {
            throw CommandFailure.saying(TactusCommand.FOUND, FileTrouble.said(failed, out));
        }
    }

    private void print(Transcription read) {
        PrintWriter printer = spec.commandLine().getOut();
        Song song = read.song();
        if (!json) {
            printer.println(out);
            read.left().forEach(left -> printer.println("  " + Words.say(left)));
            return;
        }
        ObjectNode tree = JsonNodeFactory.instance.objectNode().put("written", out.toString());
        tree.put("title", song.facts().title());
        tree.put("sections", song.sections().size());
        tree.put("patterns", song.patterns().size());
        tree.put("chords", song.chords().size());
        var left = tree.putArray("left");
        read.left().forEach(each -> left.add(Words.say(each)));
        printer.println(JsonMapper.shared().writeValueAsString(tree));
    }
}
