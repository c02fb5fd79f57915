package tactus.formats.musicxml;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javax.xml.stream.XMLStreamException;
import tactus.core.chord.ChordName;
import tactus.core.harmony.Chord;
import tactus.core.notation.NotatedBar;
import tactus.core.notation.NotatedChord;
import tactus.core.notation.NotatedNote;
import tactus.core.pitch.Key;
import tactus.core.pitch.NoteName;
import tactus.core.pitch.Pitch;
import tactus.core.pitch.Tuning;
import tactus.core.rule.Pace;
import tactus.core.rule.Swell;
import tactus.core.shape.Fingering;
import tactus.core.shape.Voicing;
import tactus.core.song.Song;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Mute;
import tactus.core.stroke.Pluck;
import tactus.core.stroke.Strum;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.timeline.Margin;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;
import tactus.core.timeline.TimelineSpan;
import tactus.core.timeline.TimelineStroke;
import tactus.words.SongWords;

/** Writes the bars of one guitar: notes on the first staff, tablature with the way of the hand on the second. */
final class PartWriter {

    private static final int QUARTERS = 4;
    private static final int NOTES = 1;
    private static final int TABLATURE = 2;
    private static final String[] TYPES = {"whole", "half", "quarter", "eighth", "16th", "32nd", "64th"};

    private final Elements xml;
    private final Song song;
    private final Timeline timeline;
    private final String id;
    private final boolean isFirst;
    private final SongWords words;
    private final long divisions;
    private final Set<Margin.SungAt> sung = new HashSet<>();
    private Optional<Meter> meter = Optional.empty();
    private int capo = -1;
    private Swell swell = Swell.USUAL;

    /** @param isFirst whether it has chords, words and marks, which stand over the first guitar only */
    PartWriter(Elements xml, Song song, Timeline timeline, String id, boolean isFirst) {
        this.xml = xml;
        this.song = song;
        this.timeline = timeline;
        this.id = id;
        this.isFirst = isFirst;
        words = new SongWords(song);
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
        if (isFirst) writeMarks(at);
        for (NotatedChord chord : bar.chords()) {
            if (isFirst) writeHarmonies(at, chord);
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

    /** The section, tempo, loudness and cues of a bar. */
    private void writeMarks(TimelineBar bar) throws XMLStreamException {
        if (bar.isFirst() || bar.number() == 0) {
            xml.open("direction", "placement", "above");
            xml.open("direction-type");
            xml.text("rehearsal", words.use(bar.use()));
            xml.close();
            xml.close();
        }
        if (bar.start().isZero()) writeTempo(timeline.tempo().perMinute());
        for (Margin.PaceAt pace : timeline.margin().paces()) {
            if (!isIn(pace.at(), bar)) continue;
            if (pace.pace().isPresent() && pace.pace().get().way() != Pace.Way.STEADY) {
                writeWords(words.rules().of(pace.pace().get()));
            } else {
                writeTempo(
                        pace.pace().map(Pace::perMinute).orElse(timeline.tempo().perMinute()));
            }
        }
        for (Margin.SwellAt change : timeline.margin().swells()) {
            if (!isIn(change.at(), bar) || change.swell().equals(swell)) continue;
            swell = change.swell();
            xml.open("direction", "placement", "below");
            xml.open("direction-type");
            xml.open("dynamics");
            xml.empty(swell.from().letters());
            xml.close();
            xml.close();
            xml.close();
            if (!swell.isSteady()) writeWords(words.rules().of(swell));
        }
        for (var cue : timeline.margin().cues()) if (cue.bar() == bar.number()) writeWords(cue.text());
    }

    private static boolean isIn(Length at, TimelineBar bar) {
        return !at.isLessThan(bar.start()) && at.isLessThan(bar.end());
    }

    private void writeWords(String text) throws XMLStreamException {
        xml.open("direction", "placement", "above");
        xml.open("direction-type");
        xml.text("words", text);
        xml.close();
        xml.close();
    }

    private void writeTempo(double perMinute) throws XMLStreamException {
        Length beat = timeline.tempo().beat();
        boolean dotted = beat.over() == 3;
        Length plain = dotted ? beat.times(2).dividedBy(3) : beat;
        xml.open("direction", "placement", "above");
        xml.open("direction-type");
        xml.open("metronome");
        xml.text("beat-unit", TYPES[Long.numberOfTrailingZeros(plain.under())]);
        if (dotted) xml.empty("beat-unit-dot");
        xml.text("per-minute", number(perMinute));
        xml.close();
        xml.close();
        xml.empty("sound", "tempo", number(perMinute * beat.times(QUARTERS).toDouble()));
        xml.close();
    }

    private static String number(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }

    /** The chords that begin where {@code chord} does or while it lasts. */
    private void writeHarmonies(TimelineBar bar, NotatedChord chord) throws XMLStreamException {
        Length from = bar.start().plus(chord.inBar());
        Length to = from.plus(chord.value().length());
        for (TimelineSpan span : timeline.spansIn(bar)) {
            boolean begins = !span.start().isLessThan(from) && span.start().isLessThan(to) && !span.goesOn();
            if (begins) writeHarmony(span, duration(span.start().minus(from)));
        }
    }

    private void writeHarmony(TimelineSpan span, long offset) throws XMLStreamException {
        int up = song.facts().instrument().transposition() + span.semitonesUp();
        Key key = song.facts().shapesKey().plus(up);
        Optional<ChordName> name = Chord.meaning(span.chord())
                .map(each -> each.transposed(up, song.facts().spelling(), key));
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
        xml.text("type", TYPES[Integer.numberOfTrailingZeros(chord.value().type())]);
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
            case Pluck _, tactus.core.stroke.Miss _, tactus.core.stroke.Ring _, tactus.core.stroke.Stop _ -> {}
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
