package tactus.core.laid.performance;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tactus.core.laid.timeline.StruckString;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Stop;
import tactus.core.music.stroke.Strum;
import tactus.core.music.stroke.Touch;

/**
 * The notes of a song. A note goes on until its string is struck again, a stop or mute silences it, or the hand leaves
 * for a chord that holds the string elsewhere and strikes; the last ones ring for {@link #LAST_RING}.
 *
 * @param notes in order of their start
 * @param seconds how long the song is, without what rings on
 */
public record Performance(List<Note> notes, double seconds) {

    /** How long the last notes ring on after the end, in seconds. */
    public static final double LAST_RING = 2.5;

    private static final double DEAD_NOTE = 0.06;
    private static final int MOST_STRINGS = 12;

    public Performance {
        notes = Collections.unmodifiableList(notes);
    }

    /** Plays the first guitar of {@code timeline} at its own tempo. */
    public static Performance of(Timeline timeline) {
        return of(timeline, Layer.WHOLE);
    }

    /** Plays what of the first guitar belongs to {@code layer}. */
    public static Performance of(Timeline timeline, Layer layer) {
        return new Player(timeline, layer.of(timeline.strokes()), layer.isDamped()).performance();
    }

    /** Plays the second guitar, if there is one. */
    public static Performance ofSecond(Timeline timeline) {
        return new Player(timeline, timeline.parts().second(), false).performance();
    }

    private static final class Player {

        private final Timeline timeline;
        private final List<TimelineStroke> strokes;
        private final boolean isDamped;
        private final List<Note> notes = new ArrayList<>();
        private final Map<List<StruckString>, int[]> pitches = new HashMap<>();
        /** The index of the note that sounds on each string, or -1. */
        private final int[] sounding = new int[MOST_STRINGS + 1];

        Player(Timeline timeline, List<TimelineStroke> strokes, boolean isDamped) {
            this.timeline = timeline;
            this.strokes = strokes;
            this.isDamped = isDamped;
            Arrays.fill(sounding, -1);
        }

        Performance performance() {
            int span = -1;
            for (TimelineStroke stroke : strokes) {
                if (stroke.stroke().isStruck() && stroke.span() != span) {
                    releaseWhatMoved(stroke);
                    span = stroke.span();
                }
                play(stroke);
            }
            silence(timeline.seconds() + LAST_RING);
            notes.sort(Comparator.comparingDouble(Note::start));
            return new Performance(notes, timeline.seconds());
        }

        private void play(TimelineStroke stroke) {
            switch (stroke.stroke()) {
                case Strum _ -> strike(stroke, isDamped);
                case Pluck _ -> strike(stroke, isDamped);
                case Mute _ -> {
                    silence(stroke.seconds());
                    strike(stroke, true);
                }
                case Stop _ -> silence(stroke.seconds());
                case Miss _, Ring _ -> {}
            }
            if (isDamped) return;
            double slurs = Strumming.SLURRED * Strumming.loudness(stroke.loudness());
            for (StruckString slurred : stroke.slurred()) sound(stroke.seconds(), slurred, slurs, false);
        }

        private void strike(TimelineStroke stroke, boolean dead) {
            double at = stroke.seconds();
            double level = Strumming.loudness(stroke.loudness());
            int place = 0;
            for (StruckString struck : stroke.strings()) {
                double velocity = level * Strumming.velocity(stroke.stroke(), place++);
                sound(at, struck, velocity, dead);
                if (stroke.stroke().touch() == Touch.PALM_MUTED) end(struck.string(), at + Strumming.PALM_MUTED);
                at += Strumming.spread(stroke.stroke());
            }
        }

        private void sound(double at, StruckString struck, double velocity, boolean dead) {
            end(struck.string(), at);
            notes.add(new Note(struck.string(), struck.pitch(), at, at + DEAD_NOTE, velocity, dead));
            if (!dead) sounding[struck.string()] = notes.size() - 1;
        }

        private void releaseWhatMoved(TimelineStroke stroke) {
            int[] held = pitches.computeIfAbsent(stroke.strings(), Player::byString);
            for (int string = 1; string <= MOST_STRINGS; string++) {
                if (sounding[string] >= 0 && notes.get(sounding[string]).pitch().number() != held[string]) {
                    end(string, stroke.seconds());
                }
            }
        }

        private static int[] byString(List<StruckString> strings) {
            int[] held = new int[MOST_STRINGS + 1];
            strings.forEach(struck -> held[struck.string()] = struck.pitch().number());
            return held;
        }

        private void silence(double at) {
            for (int string = 1; string <= MOST_STRINGS; string++) end(string, at);
        }

        private void end(int string, double at) {
            int index = sounding[string];
            if (index < 0) return;
            notes.set(
                    index,
                    notes.get(index).endingAt(Math.max(at, notes.get(index).start() + 0.001)));
            sounding[string] = -1;
        }
    }
}
