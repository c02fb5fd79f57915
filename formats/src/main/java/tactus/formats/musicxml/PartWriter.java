package tactus.formats.musicxml;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.xml.stream.XMLStreamException;
import tactus.core.laid.notation.NotatedBar;
import tactus.core.laid.notation.NotatedChord;
import tactus.core.laid.notation.NotatedNote;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.pitch.NoteName;
import tactus.core.music.pitch.Pitch;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Stop;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.song.Song;

/** Writes the bars of one guitar: notes on the first staff, tablature with the way of the hand on the second. */
final class PartWriter {

    private static final int QUARTERS = 4;
    private static final int NOTES = 1;
    private static final int TABLATURE = 2;

    private final Elements xml;
    private final Song song;
    private final Timeline timeline;
    private final String id;
    private final boolean isFirst;
    private final MarkWriter marks;
    private final ChordNameWriter harmonies;
    private final long divisions;
    private final Set<Margin.SungAt> sung = new HashSet<>();
    private Optional<Meter> meter = Optional.empty();
    private int capo = -1;

    /** @param isFirst whether it has chords, words and marks, which stand over the first guitar only */
    PartWriter(Elements xml, Song song, Timeline timeline, String id, boolean isFirst) {
        this.xml = xml;
        this.song = song;
        this.timeline = timeline;
        this.id = id;
        this.isFirst = isFirst;
        marks = new MarkWriter(xml, song, timeline);
        harmonies = new ChordNameWriter(xml, song, timeline);
        divisions = divisions();
    }

    /** Into how many parts a quarter is divided, so that every value is a whole number of them. */
    private long divisions() {
        long least = 48;
        for (TimelineStroke stroke : timeline.strokes())
            least = common(least, stroke.start().times(QUARTERS).under());
        for (TimelineSpan span : timeline.spans())
            least = common(least, span.start().times(QUARTERS).under());
        return Math.min(least, 16_383);
    }

    private static long common(long one, long other) {
        long a = one;
        long b = other;
        while (b != 0) {
            long rest = a % b;
            a = b;
            b = rest;
        }
        return one / a * other;
    }

    void write(List<NotatedBar> bars) throws XMLStreamException {
        xml.open("part", "id", id);
        for (NotatedBar bar : bars) write(bar);
        xml.close();
    }

    private void write(NotatedBar bar) throws XMLStreamException {
        TimelineBar at = bar.bar();
        if (at.number() == 0) xml.open("measure", "number", 0, "implicit", "yes");
        else xml.open("measure", "number", at.number());
        writeAttributes(bar);
        if (isFirst) marks.write(at);
        for (NotatedChord chord : bar.chords()) {
            if (isFirst) harmonies.write(at, chord, this::duration);
            writeChord(chord, NOTES, at);
        }
        xml.open("backup");
        xml.text("duration", duration(at.meter().length()));
        xml.close();
        for (NotatedChord chord : bar.chords()) writeChord(chord, TABLATURE, at);
        xml.close();
    }

    private long duration(Length length) {
        return length.times(QUARTERS).times(divisions).wholesOf(Length.WHOLE);
    }

    private void writeAttributes(NotatedBar bar) throws XMLStreamException {
        boolean begins = capo < 0;
        boolean newMeter = !meter.equals(Optional.of(bar.bar().meter()));
        boolean newCapo = capo != bar.capo();
        meter = Optional.of(bar.bar().meter());
        capo = bar.capo();
        if (!begins && !newMeter && !newCapo) return;
        xml.open("attributes");
        if (begins) {
            xml.text("divisions", divisions);
            xml.open("key");
            xml.text("fifths", song.facts().key().fifths());
            xml.text("mode", song.facts().key().minor() ? "minor" : "major");
            xml.close();
        }
        if (newMeter) writeTime(bar.bar().meter());
        if (begins) {
            xml.text("staves", 2);
            xml.open("clef", "number", NOTES);
            xml.text("sign", "G");
            xml.text("line", 2);
            xml.text("clef-octave-change", -1);
            xml.close();
            xml.open("clef", "number", TABLATURE);
            xml.text("sign", "TAB");
            xml.text("line", 5);
            xml.close();
        }
        if (begins || newCapo) writeStrings();
        xml.close();
    }

    private void writeTime(Meter written) throws XMLStreamException {
        xml.open("time");
        boolean isAdditive = written.groups().size() > 1;
        String beats = isAdditive
                ? String.join(
                        "+", written.groups().stream().map(Object::toString).toList())
                : Integer.toString(written.count());
        xml.text("beats", beats);
        xml.text("beat-type", written.unit());
        xml.close();
    }

    private void writeStrings() throws XMLStreamException {
        Tuning tuning = song.facts().instrument().strings();
        xml.open("staff-details", "number", TABLATURE);
        xml.text("staff-lines", tuning.strings());
        for (int line = 1; line <= tuning.strings(); line++) {
            Pitch pitch = tuning.string(tuning.strings() - line + 1);
            NoteName name = name(pitch);
            xml.open("staff-tuning", "line", line);
            xml.text("tuning-step", name.letter());
            if (name.alter() != 0) xml.text("tuning-alter", name.alter());
            xml.text("tuning-octave", octave(pitch, name));
            xml.close();
        }
        xml.text("capo", capo);
        xml.close();
    }

    private NoteName name(Pitch pitch) {
        return song.facts().spelling().name(pitch.pitchClass(), song.facts().key());
    }

    /** The octave of the letter: C flat 4 is B 3. */
    private static int octave(Pitch pitch, NoteName name) {
        return Math.floorDiv(pitch.number() - name.alter(), 12) - 1;
    }

    private void writeChord(NotatedChord chord, int staff, TimelineBar bar) throws XMLStreamException {
        if (chord.isRest()) {
            xml.open("note");
            xml.empty("rest");
            writeValue(chord, staff);
            xml.close();
            return;
        }
        for (int i = 0; i < chord.notes().size(); i++)
            writeNote(chord, chord.notes().get(i), i == 0, staff, bar);
    }

    private void writeNote(NotatedChord chord, NotatedNote note, boolean isLowest, int staff, TimelineBar bar)
            throws XMLStreamException {
        xml.open("note");
        if (!isLowest) xml.empty("chord");
        NoteName name = name(note.pitch());
        xml.open("pitch");
        xml.text("step", name.letter());
        if (name.alter() != 0) xml.text("alter", name.alter());
        xml.text("octave", octave(note.pitch(), name));
        xml.close();
        xml.text("duration", duration(chord.value().length()));
        if (chord.isTied()) xml.empty("tie", "type", "stop");
        if (chord.goesOn()) xml.empty("tie", "type", "start");
        writeType(chord, staff);
        if (note.isDead()) xml.text("notehead", "x");
        xml.text("staff", staff);
        writeNotations(chord, note, isLowest, staff);
        if (isLowest && staff == NOTES && isFirst) writeLyric(chord, bar);
        xml.close();
    }

    private void writeValue(NotatedChord chord, int staff) throws XMLStreamException {
        xml.text("duration", duration(chord.value().length()));
        writeType(chord, staff);
        xml.text("staff", staff);
    }

    private void writeType(NotatedChord chord, int staff) throws XMLStreamException {
        xml.text("voice", staff);
        xml.text("type", NoteTypes.of(chord.value().type()));
        for (int dot = 0; dot < chord.value().dots(); dot++) xml.empty("dot");
        if (!chord.value().isTriplet()) return;
        xml.open("time-modification");
        xml.text("actual-notes", 3);
        xml.text("normal-notes", 2);
        xml.close();
    }

    private void writeNotations(NotatedChord chord, NotatedNote note, boolean isLowest, int staff)
            throws XMLStreamException {
        boolean hasTie = chord.isTied() || chord.goesOn();
        if (!hasTie && staff == NOTES) return;
        xml.open("notations");
        if (chord.isTied()) xml.empty("tied", "type", "stop");
        if (chord.goesOn()) xml.empty("tied", "type", "start");
        if (staff == TABLATURE) {
            xml.open("technical");
            if (isLowest && chord.stroke().isPresent()) writeWay(chord.stroke().get());
            if (note.isSlurred()) xml.text("hammer-on", "H", "type", "stop");
            xml.text("string", note.string());
            xml.text("fret", note.fret());
            xml.close();
            if (isLowest
                    && chord.stroke()
                            .filter(stroke -> stroke.stroke().force().isAccented())
                            .isPresent()) {
                xml.open("articulations");
                xml.empty("accent");
                xml.close();
            }
        }
        xml.close();
    }

    /** The way of the hand, with the signs of the bow as is usual for strums; plucked notes have their fingers. */
    private void writeWay(TimelineStroke stroke) throws XMLStreamException {
        switch (stroke.stroke()) {
            case Strum strum -> xml.empty(strum.direction() == Direction.DOWN ? "down-bow" : "up-bow");
            case Mute mute -> xml.empty(mute.direction() == Direction.DOWN ? "down-bow" : "up-bow");
            case Pluck _, Miss _, Ring _, Stop _ -> {}
        }
    }

    /** The words that are sung while a note lasts, which are not written yet. */
    private void writeLyric(NotatedChord chord, TimelineBar bar) throws XMLStreamException {
        Length from = bar.start().plus(chord.inBar());
        Length to = from.plus(chord.value().length());
        StringBuilder text = new StringBuilder();
        boolean goesOn = false;
        for (Margin.SungAt word : timeline.margin().words()) {
            boolean here = !word.at().isLessThan(from) && word.at().isLessThan(to);
            if (!here || !sung.add(word)) continue;
            if (!text.isEmpty()) text.append(goesOn ? "" : " ");
            text.append(word.text());
            goesOn = word.goesOn();
        }
        if (text.isEmpty()) return;
        xml.open("lyric", "number", 1);
        xml.text("syllabic", goesOn ? "begin" : "single");
        xml.text("text", text);
        xml.close();
    }
}
