package tactus.formats.musicxml;

import java.util.Optional;
import java.util.function.ToLongFunction;
import javax.xml.stream.XMLStreamException;
import tactus.core.laid.notation.NotatedChord;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.chord.ChordName;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.shape.Fingering;
import tactus.core.music.shape.Voicing;
import tactus.core.music.time.Length;
import tactus.core.written.harmony.Chord;
import tactus.core.written.song.Song;
import tactus.core.written.song.Sounded;

/** Writes the names of chords over the notes, with their shapes as frames. */
final class ChordNameWriter {

    private final Elements xml;
    private final Song song;
    private final Timeline timeline;

    ChordNameWriter(Elements xml, Song song, Timeline timeline) {
        this.xml = xml;
        this.song = song;
        this.timeline = timeline;
    }

    /** The chords that begin where {@code chord} does or while it lasts. */
    void write(TimelineBar bar, NotatedChord chord, ToLongFunction<Length> duration) throws XMLStreamException {
        Length from = bar.start().plus(chord.inBar());
        Length to = from.plus(chord.value().length());
        for (TimelineSpan span : timeline.spansIn(bar)) {
            boolean begins = !span.start().isLessThan(from) && span.start().isLessThan(to) && !span.goesOn();
            if (begins) writeHarmony(span, duration.applyAsLong(span.start().minus(from)));
        }
    }

    private void writeHarmony(TimelineSpan span, long offset) throws XMLStreamException {
        if (ChordName.isNoChord(span.chord())) {
            writeNone(offset);
            return;
        }
        Optional<ChordName> name = Sounded.name(song.facts(), span.chord(), span.semitonesUp());
        if (name.isEmpty()) return;
        xml.open("harmony", "placement", "above");
        writeNote("root", name.get().root());
        xml.text("kind", ChordKind.of(name.get()), "text", ChordKind.text(name.get()));
        if (name.get().isSlash()) writeNote("bass", name.get().bass());
        Optional<Chord> shape = song.chord(span.chord());
        if (shape.isPresent()) writeFrame(shape.get());
        if (offset > 0) xml.text("offset", offset);
        xml.close();
    }

    /** No chord ends the one before; its root means nothing and is not shown (MusicXML 4.0, {@code kind-value}, "none"). */
    private void writeNone(long offset) throws XMLStreamException {
        xml.open("harmony", "placement", "above");
        xml.open("root");
        xml.text("root-step", "C", "text", "");
        xml.close();
        xml.text("kind", "none", "text", "N.C.");
        if (offset > 0) xml.text("offset", offset);
        xml.close();
    }

    private void writeNote(String kind, NoteName note) throws XMLStreamException {
        xml.open(kind);
        xml.text(kind + "-step", note.letter());
        if (note.alter() != 0) xml.text(kind + "-alter", note.alter());
        xml.close();
    }

    private void writeFrame(Chord chord) throws XMLStreamException {
        Voicing voicing = chord.voicing();
        int highest = voicing.frets().stream().mapToInt(Integer::intValue).max().orElse(0);
        int lowest = voicing.frets().stream()
                .mapToInt(Integer::intValue)
                .filter(fret -> fret > 0)
                .min()
                .orElse(1);
        int first = highest <= 4 ? 1 : lowest;
        xml.open("frame");
        xml.text("frame-strings", voicing.strings());
        xml.text("frame-frets", Math.max(4, highest - first + 1));
        if (first > 1) xml.text("first-fret", first);
        for (int string = 1; string <= voicing.strings(); string++) {
            var fret = voicing.fret(string);
            if (fret.isEmpty()) continue;
            xml.open("frame-note");
            xml.text("string", string);
            xml.text("fret", fret.getAsInt());
            int pressed = string;
            Optional<Fingering> fingers = chord.fingering();
            if (fingers.isPresent()) {
                String finger = finger(fingers.get(), voicing, pressed);
                if (!finger.isEmpty()) xml.text("fingering", finger);
            }
            xml.close();
        }
        xml.close();
    }

    /** The finger on a string as it is written: 1 to 4, or T. */
    private static String finger(Fingering fingers, Voicing voicing, int string) {
        String text = fingers.toText(voicing);
        int place = voicing.strings() - string;
        char finger = place < text.length() ? text.charAt(place) : 'x';
        return Character.isDigit(finger) && finger != '0' || finger == 'T' ? String.valueOf(finger) : "";
    }
}
