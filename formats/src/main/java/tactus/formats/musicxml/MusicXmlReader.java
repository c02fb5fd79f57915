package tactus.formats.musicxml;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;
import org.xml.sax.ErrorHandler;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.reading.transcription.ReadMusic;
import tactus.formats.file.FormatException;

/**
 * Reads the first guitar part of a MusicXML 4.0 file, partwise, plain or compressed: parts from rehearsal marks, repeats and
 * endings played out, meters, tempo, chord symbols with frames, and strokes from tablature or notes. Nothing outside the file
 * is fetched.
 */
public final class MusicXmlReader {

    private static final long LARGEST = 40_000_000;

    private MusicXmlReader() {}

    /**
     * Reads the music.
     *
     * @throws FormatException if it is no MusicXML, has no measures, or is larger than 40 MB
     */
    public static ReadMusic read(Path file) throws FormatException {
        Document document = document(file);
        Element root = document.getDocumentElement();
        if (!root.getTagName().equals("score-partwise")) throw new FormatException(file, "", "file.no-musicxml");
        List<Element> parts = children(root, "part");
        List<Element> measures = parts.isEmpty() ? List.of() : children(parts.getFirst(), "measure");
        if (measures.isEmpty()) throw new FormatException(file, "", "file.no-measures");
        if (measures.size() > ReadMusic.MOST_BARS)
            throw new FormatException(file, "", "file.too-many-bars", ReadMusic.MOST_BARS);
        if (parts.getFirst().getElementsByTagName("note").getLength() > ReadMusic.MOST_NOTES)
            throw new FormatException(file, "", "file.too-many-notes", ReadMusic.MOST_NOTES);
        try {
            return new PartReader(root, parts, measures).read();
        } catch (Refusal impossible) {
            throw new FormatException(file, "", "file.impossible-music", impossible.reason());
        }
    }

    private static Document document(Path file) throws FormatException {
        try {
            if (Files.size(file) > LARGEST) throw new FormatException(file, "", "file.large-musicxml");
            byte[] bytes = Files.readAllBytes(file);
            boolean isZip = bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K';
            return parsed(isZip ? unpacked(file) : bytes);
        } catch (FormatException told) {
            throw told;
        } catch (SAXParseException broken) {
            throw new FormatException(file, "line " + broken.getLineNumber(), "file.no-musicxml");
        } catch (SAXException | ParserConfigurationException broken) {
            throw new FormatException(file, "", "file.no-musicxml");
        } catch (IOException unreadable) {
            throw new FormatException(file, "", "file.unreadable");
        }
    }

    /** The score of a compressed file: the first root file of its container, or the first score in it. */
    private static byte[] unpacked(Path file) throws IOException, SAXException, ParserConfigurationException {
        try (var zip = new ZipFile(file.toFile())) {
            ZipEntry container = zip.getEntry("META-INF/container.xml");
            String name = null;
            if (container != null) {
                NodeList roots = parsed(bytes(zip, container, file)).getElementsByTagName("rootfile");
                if (roots.getLength() > 0) name = ((Element) roots.item(0)).getAttribute("full-path");
            }
            ZipEntry score = name == null ? null : zip.getEntry(name);
            if (score == null) throw new FormatException(file, "", "file.no-musicxml");
            return bytes(zip, score, file);
        }
    }

    private static byte[] bytes(ZipFile zip, ZipEntry entry, Path file) throws IOException {
        try (var in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes((int) LARGEST + 1);
            if (bytes.length > LARGEST) throw new FormatException(file, "", "file.large-musicxml");
            return bytes;
        }
    }

    private static Document parsed(byte[] bytes) throws ParserConfigurationException, SAXException, IOException {
        var factory = DocumentBuilderFactory.newInstance();
        factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
        factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
        factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        factory.setXIncludeAware(false);
        var builder = factory.newDocumentBuilder();
        builder.setErrorHandler(new Silent());
        return builder.parse(new ByteArrayInputStream(bytes));
    }

    /** What is wrong is thrown, not printed. */
    private static final class Silent implements ErrorHandler {
        @Override
        public void warning(SAXParseException warning) {}

        @Override
        public void error(SAXParseException error) {}

        @Override
        public void fatalError(SAXParseException error) throws SAXException {
            throw error;
        }
    }

    static List<Element> children(Element parent) {
        NodeList nodes = parent.getChildNodes();
        var elements = new ArrayList<Element>();
        for (Node node = parent.getFirstChild(); node != null; node = node.getNextSibling())
            if (node instanceof Element element) elements.add(element);
        return nodes.getLength() == 0 ? List.of() : elements;
    }

    static List<Element> children(Element parent, String name) {
        return children(parent).stream()
                .filter(each -> each.getTagName().equals(name))
                .toList();
    }

    /** The first descendant along {@code path}; null if there is none. */
    static Element at(Element parent, String... path) {
        Element now = parent;
        for (String name : path) {
            List<Element> all = now == null ? List.of() : children(now, name);
            now = all.isEmpty() ? null : all.getFirst();
        }
        return now;
    }

    /** The text along {@code path}; empty if there is none. */
    static String text(Element parent, String... path) {
        Element found = at(parent, path);
        return found == null ? "" : found.getTextContent().strip();
    }

    /** The whole number along {@code path}. */
    static int number(Element parent, int otherwise, String... path) {
        String text = text(parent, path);
        return text.matches("-?\\d{1,9}") ? Integer.parseInt(text) : otherwise;
    }
}
