package tactus.sound.score;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import tactus.core.performance.ClickTrack;
import tactus.core.performance.Note;
import tactus.core.performance.Performance;
import tactus.core.pitch.ConcertPitch;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;

/**
 * Events on sample frames, in order. Never changes, and is read without allocating, so that the audio thread can hold
 * it. Frame 0 is where playing starts, with the count-in if there is one.
 */
public final class Score {

    /** What happens. */
    public enum Kind {
        DAMP,
        PLUCK,
        KNOCK,
        CLICK,
        STRONG_CLICK
    }

    /** The most strings a guitar has; those of a second guitar are numbered on from here. */
    public static final int STRINGS_A_GUITAR = 12;

    /** Samples a second. */
    public static final int RATE = 44_100;

    private record Event(long frame, Kind kind, int string, float hertz, float velocity) {}

    private final Event[] events;
    private final Playback playback;
    private final double secondsInWhole;
    private final long start;
    private final long end;

    private Score(List<Event> events, Playback playback, double secondsInWhole, long start, long end) {
        this.events = events.toArray(Event[]::new);
        this.playback = playback;
        this.secondsInWhole = secondsInWhole;
        this.start = start;
        this.end = end;
    }

    /** Places the part of {@code timeline} that {@code playback} asks for. */
    public static Score of(Timeline timeline, Playback playback) {
        var events = new ArrayList<Event>();
        double countIn = playback.countsIn() ? addCountIn(events, timeline, playback) : 0;
        double shift = countIn - playback.from() / playback.speed();
        addNotes(events, Performance.of(timeline), 0, timeline, shift, playback);
        if (!timeline.margin().second().isEmpty()) {
            addNotes(events, Performance.ofSecond(timeline), STRINGS_A_GUITAR, timeline, shift, playback);
        }
        if (playback.clicks()) addClicks(events, timeline, shift, playback);
        events.sort(Comparator.comparingLong(Event::frame).thenComparing(Event::kind));
        long start = frames(countIn);
        long end = start + frames((playback.to() - playback.from()) / playback.speed());
        return new Score(events, playback, timeline.tempo().secondsInWhole(), start, end);
    }

    private static double addCountIn(List<Event> events, Timeline timeline, Playback playback) {
        TimelineBar bar = barAt(timeline, playback.from());
        for (var click : ClickTrack.countIn(timeline, bar).clicks()) {
            events.add(click(click, click.seconds() / playback.speed()));
        }
        return ClickTrack.countInSeconds(timeline, bar) / playback.speed();
    }

    private static TimelineBar barAt(Timeline timeline, double seconds) {
        TimelineBar found = timeline.bars().getFirst();
        for (TimelineBar bar : timeline.bars()) {
            if (bar.seconds() > seconds + 1e-6) break;
            found = bar;
        }
        return found;
    }

    /** @param firstString how many strings of other guitars lie before */
    private static void addNotes(
            List<Event> events,
            Performance played,
            int firstString,
            Timeline timeline,
            double shift,
            Playback playback) {
        for (Note note : played.notes()) {
            if (note.start() >= playback.from() && note.start() < playback.to())
                addNote(events, note, firstString + note.string(), timeline.concert(), shift, playback);
        }
    }

    private static void addNote(
            List<Event> events, Note note, int string, ConcertPitch concert, double shift, Playback playback) {
        float hertz = (float) concert.frequency(note.pitch());
        float velocity = (float) note.velocity();
        // The spread of a strum is the hand's, not the tempo's; it is short enough to be scaled along unheard.
        long on = frames(note.start() / playback.speed() + shift);
        events.add(new Event(on, note.isDead() ? Kind.KNOCK : Kind.PLUCK, string, hertz, velocity));
        if (note.end() < playback.to()) {
            events.add(new Event(frames(note.end() / playback.speed() + shift), Kind.DAMP, string, 0, 0));
        }
    }

    private static void addClicks(List<Event> events, Timeline timeline, double shift, Playback playback) {
        for (var click : ClickTrack.of(timeline).clicks()) {
            boolean within = click.seconds() >= playback.from() - 1e-6 && click.seconds() < playback.to() - 1e-6;
            if (within) events.add(click(click, click.seconds() / playback.speed() + shift));
        }
    }

    private static Event click(ClickTrack.Click click, double seconds) {
        return new Event(frames(seconds), click.startsBar() ? Kind.STRONG_CLICK : Kind.CLICK, 0, 0, 0);
    }

    private static long frames(double seconds) {
        return Math.round(seconds * RATE);
    }

    /** How many events there are. */
    public int events() {
        return events.length;
    }

    public long frame(int event) {
        return events[event].frame;
    }

    public Kind kind(int event) {
        return events[event].kind;
    }

    /** The string, from 1, those of a second guitar from 13; or 0 for a click. */
    public int string(int event) {
        return events[event].string;
    }

    public float hertz(int event) {
        return events[event].hertz;
    }

    public float velocity(int event) {
        return events[event].velocity;
    }

    public Playback playback() {
        return playback;
    }

    /** The frame after the count-in. */
    public long start() {
        return start;
    }

    /** The frame at which the part ends, before what rings on. */
    public long end() {
        return end;
    }

    /** The first event that is not before {@code frame}. */
    public int eventAt(long frame) {
        int low = 0;
        int high = events.length;
        while (low < high) {
            int middle = (low + high) / 2;
            if (events[middle].frame < frame) low = middle + 1;
            else high = middle;
        }
        return low;
    }

    /** What is played at {@code frame}, in seconds of the song at its own tempo; before the start while counting in. */
    public double seconds(long frame) {
        return playback.from() + (double) (frame - start) / RATE * playback.speed();
    }

    /** The frame at which this score is where {@code other}, another form of the same song, is at {@code frame}. */
    public long frameLike(Score other, long frame) {
        return frameAt(other.seconds(frame) / other.secondsInWhole * secondsInWhole);
    }

    /** The frame at which {@code seconds} of the song are played. */
    public long frameAt(double seconds) {
        return start + frames((seconds - playback.from()) / playback.speed());
    }
}
