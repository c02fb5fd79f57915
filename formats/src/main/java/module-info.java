/** Files in and out: songs as JSON, MIDI, tables of bars, and the sheet as PDF or PNG; and the fonts they are set in. */
module tactus.formats {
    requires transitive tactus.core;
    requires transitive tactus.words;
    requires transitive java.desktop;
    requires java.xml;
    requires de.siegmar.fastcsv;
    // PDFBox logs through it without saying so.
    requires org.apache.commons.logging;
    // PDFBox frees its buffers with it, and complains in the log where it is missing.
    requires jdk.unsupported;
    requires org.apache.pdfbox;
    requires tools.jackson.databind;

    exports tactus.formats.demo;
    exports tactus.formats.file;
    exports tactus.formats.font;
    exports tactus.formats.midi;
    exports tactus.formats.musicxml;
    exports tactus.formats.sheet;
    exports tactus.formats.song;
    exports tactus.formats.table;
    exports tactus.formats.transcription;
}
