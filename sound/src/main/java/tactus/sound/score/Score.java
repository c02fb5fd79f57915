package tactus.sound.score;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import tactus.core.laid.performance.ClickTrack;
import tactus.core.laid.performance.CountTrack;
import tactus.core.laid.performance.DrumTrack;
import tactus.core.laid.performance.HeardBars;
import tactus.core.laid.performance.Layer;
import tactus.core.laid.performance.MixVoice;
import tactus.core.laid.performance.Note;
import tactus.core.laid.performance.Performance;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;

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
        STRONG_CLICK,
        /** A drum is hit. */
        HIT,
        /** A word is said. */
        WORD
    }

    /** The most strings a guitar has; those of a second guitar are numbered on from here, those of the bass after them. */
    public static final int STRINGS_A_GUITAR = 12;

    /** Samples a second. */
    public static final int RATE = 44_100;

    /** @param voice empty for the count-in, which is heard whatever the mix is */
    private record Event(long frame, Kind kind, Optional<MixVoice> voice, int number, float hertz, float velocity) {}

    private final Event[] events;
    private final Playback playback;
    private final double secondsInWhole;
    private final long start;
    private final long round;
    private final long breath;
    private final long end;
    private final double trim;

    private Score(List<Event> events, Playback playback, double secondsInWhole, Rounds rounds, double trim) {
        this.events = events.toArray(Event[]::new);
        this.playback = playback;
        this.secondsInWhole = secondsInWhole;
        start = rounds.start;
        round = rounds.length;
        breath = rounds.breath;
        end = start + rounds.count * round;
        this.trim = Math.pow(10, trim / 20);
    }

    /**
     * How often the part is laid before it goes round, since other bars are silent every time; in frames.
     *
     * @param length of one round, the breath behind it included
     */
    private record Rounds(int count, long start, long length, long breath) {}

    /** Places the part of {@code timeline} that {@code playback} asks for: guitars and click. */
    public static Score of(Timeline timeline, Playback playback) {
        return of(Music.of(timeline), playback);
    }

    /** Places the part of {@code music} that {@code playback} asks for: every voice that it has. */
    public static Score of(Music music, Playback playback) {
        var events = new ArrayList<Event>();
        Timeline timeline = music.timeline();
        double countIn = playback.countsIn() ? addCountIn(events, timeline, playback, 0) : 0;
        double breath = playback.loops() && playback.breath()
                ? ClickTrack.countInSeconds(timeline, barAt(timeline, playback.from())) / playback.speed()
                : 0;
        double sounding = (playback.to() - playback.from()) / playback.speed();
        List<TimelineBar> bars = timeline.bars().stream()
                .filter(bar -> isWithin(bar.seconds(), playback))
                .toList();
        int count = playback.loops()
                ? playback.heard()
                        .map(heard -> heard.rounds(Math.max(1, bars.size())))
                        .orElse(1)
                : 1;
        for (int round = 0; round < count; round++) {
            var laid = new ArrayList<Event>();
            double begins = countIn + round * (sounding + breath);
            addRound(laid, music, begins - playback.from() / playback.speed(), playback);
            if (breath > 0) {
                laid.removeIf(event -> event.frame > frames(begins + sounding));
                dampAll(laid, frames(begins + sounding));
            }
            if (playback.heard().isPresent())
                silence(laid, bars, playback.heard().get(), round, begins, playback);
            events.addAll(laid);
            if (breath > 0) addCountIn(events, timeline, playback, begins + sounding);
        }
        events.sort(Comparator.comparingLong(Event::frame).thenComparing(Event::kind));
        var rounds = new Rounds(count, frames(countIn), frames(sounding + breath), frames(breath));
        return new Score(events, playback, timeline.tempo().secondsInWhole(), rounds, music.trim());
    }

    private static void addRound(List<Event> events, Music music, double shift, Playback playback) {
        Timeline timeline = music.timeline();
        addNotes(events, Performance.of(timeline, music.layer()), MixVoice.GUITAR, 0, timeline, shift, playback);
        if (timeline.parts().isForTwo()) {
            Performance second = Performance.ofSecond(timeline);
            addNotes(events, second, MixVoice.SECOND, STRINGS_A_GUITAR, timeline, shift, playback);
        }
        Performance bass = Performance.of(timeline, Layer.BASS);
        addNotes(events, bass, MixVoice.BASS, 2 * STRINGS_A_GUITAR, timeline, shift, playback);
        addClicks(events, timeline, shift, playback);
        music.drums().ifPresent(drums -> addDrums(events, drums, shift, playback));
        music.counts().ifPresent(counts -> addWords(events, counts, shift, playback));
    }

    /** Every string that sounds is damped at {@code frame}. */
    private static void dampAll(List<Event> events, long frame) {
        List<Event> ends = events.stream()
                .filter(event -> event.kind == Kind.PLUCK)
                .map(event -> new Event(frame, Kind.DAMP, event.voice, event.number, 0, 0))
                .distinct()
                .toList();
        events.addAll(ends);
    }

    /** Takes out what begins in bars that are not heard; what sounds is damped where they begin. */
    private static void silence(
            List<Event> events, List<TimelineBar> bars, HeardBars heard, int round, double begins, Playback playback) {
        for (int bar = 0; bar < bars.size(); bar++) {
            if (heard.isHeard(round * bars.size() + bar)) continue;
            double from = begins + (bars.get(bar).seconds() - playback.from()) / playback.speed();
            double to = bar + 1 < bars.size()
                    ? begins + (bars.get(bar + 1).seconds() - playback.from()) / playback.speed()
                    : Double.MAX_VALUE / RATE;
            // A word begins before its place.
            long early = frames(from) - RATE / 20;
            events.removeIf(event -> event.kind != Kind.DAMP
                    && event.frame >= (event.kind == Kind.WORD ? early : frames(from))
                    && event.frame < frames(to) - (event.kind == Kind.WORD ? RATE / 20 : 0));
            dampAll(events, frames(from));
        }
    }

    /** @return how long it takes, in seconds */
    private static double addCountIn(List<Event> events, Timeline timeline, Playback playback, double from) {
        TimelineBar bar = barAt(timeline, playback.from());
        for (var click : ClickTrack.countIn(timeline, bar).clicks()) {
            events.add(click(click, Optional.empty(), from + click.seconds() / playback.speed()));
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
            MixVoice voice,
            int firstString,
            Timeline timeline,
            double shift,
            Playback playback) {
        for (Note note : played.notes()) {
            if (!isWithin(note.start(), playback)) continue;
            float hertz = (float) timeline.concert().frequency(note.pitch());
            float velocity = (float) note.velocity();
            int string = firstString + note.string();
            // The spread of a strum is the hand's, not the tempo's; it is short enough to be scaled along unheard.
            long on = frames(note.start() / playback.speed() + shift);
            Kind kind = note.isDead() ? Kind.KNOCK : Kind.PLUCK;
            events.add(new Event(on, kind, Optional.of(voice), string, hertz, velocity));
            if (note.end() < playback.to()) {
                long off = frames(note.end() / playback.speed() + shift);
                events.add(new Event(off, Kind.DAMP, Optional.of(voice), string, 0, 0));
            }
        }
    }

    private static boolean isWithin(double seconds, Playback playback) {
        return seconds >= playback.from() - 1e-6 && seconds < playback.to() - 1e-6;
    }

    private static void addClicks(List<Event> events, Timeline timeline, double shift, Playback playback) {
        for (var click : ClickTrack.of(timeline).clicks()) {
            if (isWithin(click.seconds(), playback))
                events.add(click(click, Optional.of(MixVoice.CLICK), click.seconds() / playback.speed() + shift));
        }
    }

    private static Event click(ClickTrack.Click click, Optional<MixVoice> voice, double seconds) {
        return new Event(frames(seconds), click.startsBar() ? Kind.STRONG_CLICK : Kind.CLICK, voice, 0, 0, 1);
    }

    private static void addDrums(List<Event> events, DrumTrack drums, double shift, Playback playback) {
        for (DrumTrack.Hit hit : drums.hits()) {
            if (!isWithin(hit.seconds(), playback)) continue;
            long at = frames(hit.seconds() / playback.speed() + shift);
            var voice = Optional.of(MixVoice.DRUMS);
            events.add(new Event(at, Kind.HIT, voice, hit.drum().ordinal(), 0, (float) hit.force()));
        }
    }

    /** A word begins so early that its vowel lies in its place; those that come after it follow without a gap. */
    private static void addWords(List<Event> events, CountTrack counts, double shift, Playback playback) {
        for (CountTrack.Word word : counts.words()) {
            if (!isWithin(word.seconds(), playback)) continue;
            long at = frames(word.seconds() / playback.speed() + shift);
            boolean isFirst = true;
            for (String part : word.parts()) {
                Optional<SpokenWord> spoken = SpokenWord.of(part);
                if (spoken.isEmpty()) continue;
                if (isFirst) at -= spoken.get().vowel();
                isFirst = false;
                var voice = Optional.of(MixVoice.COUNT);
                events.add(new Event(
                        Math.max(0, at), Kind.WORD, voice, spoken.get().number(), 0, 1));
                at += spoken.get().length();
            }
        }
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

    /** The voice that it belongs to; empty for the count-in. */
    public Optional<MixVoice> voice(int event) {
        return events[event].voice;
    }

    /** The string, from 1, those of a second guitar from 13, of the bass from 25; the drum, or the word. */
    public int number(int event) {
        return events[event].number;
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

    /** The factor of the guitars' amplitude, see {@link Music#trim}. */
    public double trim() {
        return trim;
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

    /**
     * What is played at {@code frame}, in seconds of the song at its own tempo; before the start while counting in or
     * breathing before the next round.
     */
    public double seconds(long frame) {
        long inRound = frame < start || !playback.loops() ? frame - start : (frame - start) % round;
        boolean breathes = breath > 0 && inRound >= round - breath;
        return playback.from() + (double) (breathes ? inRound - round : inRound) / RATE * playback.speed();
    }

    /**
     * Which time the part is played at {@code frame}, from 0; a breath belongs to the round behind it. What goes round more
     * often than it is laid goes on counting.
     */
    public int round(long frame) {
        if (frame < start || !playback.loops()) return 0;
        int rounds = (int) ((frame - start) / round);
        return breath > 0 && (frame - start) % round >= round - breath ? rounds + 1 : rounds;
    }

    /** How many rounds are laid before it begins anew. */
    public int rounds() {
        return (int) ((end - start) / round);
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
