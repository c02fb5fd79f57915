package tactus.formats.musicxml;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLStreamException;
import tactus.core.laid.notation.NotatedBar;
import tactus.core.laid.notation.Notation;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;
import tactus.formats.file.WholeFile;
import tactus.words.Words;

/**
 * A song as a MusicXML 4.0 document, partwise: a part for each guitar that plays, each with a staff of notes and one of
 * tablature. Every bar is written out as it is played. Pitches are those that sound; the clef is the one of the guitar, an octave
 * lower than it looks.
 */
public final class MusicXmlSong {

    private static final String CONTAINER = """
            <?xml version="1.0" encoding="UTF-8"?>
            <container>
              <rootfiles>
                <rootfile full-path="score.musicxml" media-type="application/vnd.recordare.musicxml+xml"/>
              </rootfiles>
            </container>
            """;

    private final Song song;
    private final Timeline timeline;

    private MusicXmlSong(Song song, Timeline timeline) {
        this.song = song.asShown();
        this.timeline = timeline;
    }

    /**
     * Writes {@code timeline}, which was laid out from {@code song}, whole or not at all.
     *
     * @throws IOException if it cannot be written
     */
    public static void write(Song song, Timeline timeline, Path file) throws IOException {
        WholeFile.write(file, new MusicXmlSong(song, timeline)::writeTo);
    }

    /**
     * Writes the same compressed, as a container with one document.
     *
     * @throws IOException if it cannot be written
     */
    public static void writeCompressed(Song song, Timeline timeline, Path file) throws IOException {
        WholeFile.write(file, out -> {
            var zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
            zip.putNextEntry(new ZipEntry("META-INF/container.xml"));
            zip.write(CONTAINER.getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
            zip.putNextEntry(new ZipEntry("score.musicxml"));
            new MusicXmlSong(song, timeline).writeTo(zip);
            zip.closeEntry();
            zip.finish();
        });
    }

    private void writeTo(OutputStream out) throws IOException {
        try {
            var xml = new Elements(out);
            xml.open("score-partwise", "version", "4.0");
            writeHead(xml);
            List<NotatedBar> first = Notation.of(song, timeline);
            new PartWriter(xml, song, timeline, "P1", true).write(first);
            if (hasSecond()) {
                new PartWriter(xml, song, timeline, "P2", false).write(Notation.ofSecond(song, timeline));
            }
            xml.close();
            xml.end();
        } catch (XMLStreamException broken) {
            throw new IOException(broken);
        }
    }

    private boolean hasSecond() {
        return timeline.parts().isForTwo();
    }

    private void writeHead(Elements xml) throws XMLStreamException {
        xml.open("work");
        xml.text("work-title", song.facts().title());
        xml.close();
        xml.open("identification");
        xml.open("encoding");
        xml.text("software", "Tactus");
        xml.close();
        xml.close();
        xml.open("part-list");
        writePart(xml, "P1", Words.of("midi.guitar"));
        if (hasSecond()) writePart(xml, "P2", Words.of("midi.second-guitar"));
        xml.close();
    }

    private static void writePart(Elements xml, String id, String name) throws XMLStreamException {
        xml.open("score-part", "id", id);
        xml.text("part-name", name);
        xml.close();
    }
}
