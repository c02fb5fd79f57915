package tactus.formats.table;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.Snags;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.formats.file.WholeFile;
import tactus.words.SnagWords;
import tactus.words.Words;

/** Everything that does not fit in a song as a table (RFC 4180, UTF-8), what is meant so with its reason. */
public final class SnagTable {

    private SnagTable() {}

    /** Writes the table, whole or not at all. */
    public static void write(Song song, Timeline timeline, Path file) throws IOException {
        List<Snag> snags = Snags.all(song, timeline, Words.lexicon());
        var words = new SnagWords(song);
        WholeFile.write(file, out -> {
            Csv csv = Csv.to(out);
            csv.row("kind", "where", "what", "numbers", "what mends it", "meant so");
            for (Snag snag : snags)
                csv.row(
                        snag.kind().code(),
                        words.where(snag),
                        words.sentence(snag),
                        words.numbers(snag, "; "),
                        snag.fix().map(fix -> Words.say(fix.label())).orElse(""),
                        song.lesson().reason(snag.id(), snag.values()).orElse(""));
            csv.flush();
        });
    }
}
