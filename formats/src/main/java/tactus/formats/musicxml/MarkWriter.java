package tactus.formats.musicxml;

import javax.xml.stream.XMLStreamException;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Length;
import tactus.core.written.rule.Pace;
import tactus.core.written.rule.Swell;
import tactus.core.written.song.Song;
import tactus.words.SongWords;

/** Writes what stands over and under the bars: sections, tempo, loudness and cues. */
final class MarkWriter {

    private static final int QUARTERS = 4;

    private final Elements xml;
    private final Timeline timeline;
    private final SongWords words;
    private Swell swell = Swell.USUAL;

    MarkWriter(Elements xml, Song song, Timeline timeline) {
        this.xml = xml;
        this.timeline = timeline;
        words = new SongWords(song);
    }

    /** The section, tempo, loudness and cues of a bar. */
    void write(TimelineBar bar) throws XMLStreamException {
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
        xml.text("beat-unit", NoteTypes.of(plain.under()));
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
}
