package tactus.core.laid.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.laid.timeline.StruckString;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Stop;
import tactus.core.music.time.Length;
import tactus.core.written.rule.Raise;
import tactus.core.written.song.Song;

/** One guitar of a song as written music. */
public final class Notation {

    /** Something that begins: notes, or silence. */
    private record Onset(Length at, List<NotatedNote> notes, Optional<TimelineStroke> stroke) {}

    private final Song song;
    private final Timeline timeline;
    private final Tuning strings;

    private Notation(Song song, Timeline timeline) {
        this.song = song;
        this.timeline = timeline;
        strings = song.facts().instrument().strings();
    }

    /** Writes the first guitar of {@code shown}, which {@code timeline} was laid out from. */
    public static List<NotatedBar> of(Song shown, Timeline timeline) {
        return new Notation(shown, timeline).bars(timeline.strokes());
    }

    /** Writes the second guitar; every bar rests where it does. */
    public static List<NotatedBar> ofSecond(Song shown, Timeline timeline) {
        return new Notation(shown, timeline).bars(timeline.parts().second());
    }

    private List<NotatedBar> bars(List<TimelineStroke> strokes) {
        List<Onset> onsets = onsets(strokes);
        var bars = new ArrayList<NotatedBar>();
        int next = 0;
        Onset sounding = new Onset(Length.ZERO, List.of(), Optional.empty());
        for (TimelineBar bar : timeline.bars()) {
            var chords = new ArrayList<NotatedChord>();
            Length at = bar.start();
            boolean tied = !sounding.notes().isEmpty();
            while (at.isLessThan(bar.end())) {
                if (next < onsets.size() && !at.isLessThan(onsets.get(next).at())) {
                    sounding = onsets.get(next++);
                    tied = false;
                }
                Length end = next < onsets.size() ? onsets.get(next).at().min(bar.end()) : bar.end();
                boolean goesOn = end.equals(bar.end())
                        && (next >= onsets.size()
                                || end.isLessThan(onsets.get(next).at()))
                        && end.isLessThan(timeline.length());
                write(sounding, bar, at, end, tied, goesOn, chords);
                at = end;
                tied = true;
            }
            bars.add(new NotatedBar(bar, capo(bar), chords));
        }
        return bars;
    }

    /** Writes what sounds from {@code at} to {@code end} in as many values as it needs, tied. */
    private static void write(
            Onset onset, TimelineBar bar, Length at, Length end, boolean tied, boolean goesOn, List<NotatedChord> to) {
        List<NoteValue> values = new ArrayList<>();
        Length from = at;
        // What starts between two beats is written up to the next one first, so that the beats can be seen.
        for (Length beat : beats(bar)) {
            if (!from.isLessThan(beat) || !beat.isLessThan(end) || isOnBeat(bar, from)) continue;
            values.addAll(NoteValue.of(beat.minus(from)));
            from = beat;
        }
        values.addAll(NoteValue.of(end.minus(from)));
        Length place = at.minus(bar.start());
        boolean sounds = !onset.notes().isEmpty();
        for (int i = 0; i < values.size(); i++) {
            boolean isFirst = i == 0 && !tied;
            boolean isLast = i + 1 == values.size();
            to.add(new NotatedChord(
                    place,
                    values.get(i),
                    onset.notes(),
                    sounds && !isFirst,
                    sounds && (!isLast || goesOn),
                    isFirst ? onset.stroke() : Optional.empty()));
            place = place.plus(values.get(i).length());
        }
    }

    private static boolean isOnBeat(TimelineBar bar, Length at) {
        return at.equals(bar.start()) || beats(bar).contains(at);
    }

    private static List<Length> beats(TimelineBar bar) {
        var beats = new ArrayList<Length>();
        Length at = bar.start();
        for (Length beat : bar.meter().beats()) {
            beats.add(at);
            at = at.plus(beat);
        }
        return beats;
    }

    private List<Onset> onsets(List<TimelineStroke> strokes) {
        var onsets = new ArrayList<Onset>();
        for (TimelineStroke stroke : strokes) {
            List<NotatedNote> notes = notes(stroke);
            boolean stops = stroke.stroke() instanceof Stop;
            if (notes.isEmpty() && !stops) continue;
            var onset = new Onset(stroke.start(), notes, notes.isEmpty() ? Optional.empty() : Optional.of(stroke));
            boolean again = !onsets.isEmpty() && onsets.getLast().at().equals(onset.at());
            if (again) onsets.removeLast();
            onsets.add(onset);
        }
        return onsets;
    }

    private List<NotatedNote> notes(TimelineStroke stroke) {
        boolean dead = stroke.stroke() instanceof Mute;
        int capo =
                timeline.bar(stroke.bar()).map(this::capo).orElse(song.facts().capo());
        var notes = new ArrayList<NotatedNote>();
        for (StruckString struck : stroke.strings()) notes.add(note(struck, capo, dead, false));
        for (StruckString slurred : stroke.sound().slurred()) notes.add(note(slurred, capo, false, true));
        notes.sort((one, other) -> Integer.compare(other.string(), one.string()));
        return notes;
    }

    private NotatedNote note(StruckString struck, int capo, boolean dead, boolean slurred) {
        int fret = struck.pitch().number() - strings.string(struck.string()).number() - capo;
        return new NotatedNote(struck.string(), Math.max(0, fret), struck.pitch(), dead, slurred);
    }

    /** Where the capo is in a bar; a section in another key may move it. */
    private int capo(TimelineBar bar) {
        return timeline.spansIn(bar).stream()
                .findFirst()
                .flatMap(TimelineSpan::raise)
                .filter(raise -> raise.way() == Raise.Way.CAPO)
                .map(raise -> song.facts().capo() + raise.semitones())
                .filter(capo -> capo >= 0)
                .orElse(song.facts().capo());
    }
}
