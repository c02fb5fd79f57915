package tactus.formats.musicxml;

import java.io.OutputStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes elements of a document, indented. */
final class Elements {

    private static final int DEEPEST = 20;
    private static final char[] INDENTS = ("\n" + "  ".repeat(DEEPEST)).toCharArray();

    private final XMLStreamWriter xml;
    private int depth;

    Elements(OutputStream out) throws XMLStreamException {
        xml = XMLOutputFactory.newFactory().createXMLStreamWriter(out, "UTF-8");
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeCharacters("\n");
        xml.writeDTD("<!DOCTYPE score-partwise PUBLIC \"-//Recordare//DTD MusicXML 4.0 Partwise//EN\" "
                + "\"http://www.musicxml.org/dtds/partwise.dtd\">");
    }

    /** @param attributes names and values by turns */
    void open(String name, Object... attributes) throws XMLStreamException {
        indent();
        xml.writeStartElement(name);
        write(attributes);
        depth++;
    }

    void close() throws XMLStreamException {
        depth--;
        indent();
        xml.writeEndElement();
    }

    void empty(String name, Object... attributes) throws XMLStreamException {
        indent();
        xml.writeEmptyElement(name);
        write(attributes);
    }

    void text(String name, Object text, Object... attributes) throws XMLStreamException {
        indent();
        xml.writeStartElement(name);
        write(attributes);
        xml.writeCharacters(allowed(text.toString()));
        xml.writeEndElement();
    }

    private void write(Object... attributes) throws XMLStreamException {
        for (int i = 0; i < attributes.length; i += 2) {
            xml.writeAttribute(attributes[i].toString(), allowed(attributes[i + 1].toString()));
        }
    }

    /** Without the control signs that XML 1.0 has no way to write. */
    private static String allowed(String text) {
        if (isPlain(text)) return text;
        return text.codePoints()
                .filter(sign -> sign == '\t' || sign == '\n' || sign >= 0x20 && sign != 0xFFFE && sign != 0xFFFF)
                .filter(sign -> sign < 0xD800 || sign > 0xDFFF)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** Nearly every text is a number or a short word, and there are tens of thousands of them. */
    private static boolean isPlain(String text) {
        for (int i = 0; i < text.length(); i++) {
            char sign = text.charAt(i);
            if (sign < 0x20 || sign > 0x7E) return false;
        }
        return true;
    }

    private void indent() throws XMLStreamException {
        xml.writeCharacters(INDENTS, 0, 1 + 2 * depth);
    }

    void end() throws XMLStreamException {
        xml.writeCharacters("\n");
        xml.writeEndDocument();
        xml.flush();
    }
}
