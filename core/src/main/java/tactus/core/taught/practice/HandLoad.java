package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.stroke.Direction;
import tactus.core.written.song.Song;

/**
 * What a song asks of the hands.
 *
 * @param barreSeconds the longest time that a barre is held without a break, in seconds at the song's tempo
 * @param downsAMinute the most downs in a minute of it
 * @param stretch the widest one, in millimetres along the neck
 * @param minutes how long it is
 */
public record HandLoad(double barreSeconds, double downsAMinute, double stretch, double minutes) {

    /** Longer than this a barre is not held without a break (a caution, from memory). */
    public static final double LONG_BARRE = 30;

    /** More downs than this tire the arm of a learner (a caution, from memory). */
    public static final double MANY_DOWNS = 240;

    /** What is too much, by its code. */
    public List<String> cautions(int minutesADay) {
        var cautions = new ArrayList<String>();
        if (barreSeconds > LONG_BARRE) cautions.add("load.barre");
        if (downsAMinute > MANY_DOWNS) cautions.add("load.downs");
        if (minutesADay > 25) cautions.add("load.breaks");
        return cautions;
    }

    /** The load of {@code song}. */
    public static HandLoad of(Song song, Timeline timeline, Neck neck, FrettingHand hand) {
        double barre = 0;
        double running = 0;
        for (TimelineSpan span : timeline.spans()) {
            Optional<Grip> grip = song.chord(span.chord()).flatMap(chord -> chord.gripOfAnyHand(neck, hand));
            double lasts = timeline.seconds(span.end()) - timeline.seconds(span.start());
            running = grip.filter(Grip::hasBarre).isPresent() ? running + lasts : 0;
            barre = Math.max(barre, running);
        }
        return new HandLoad(barre, downs(timeline), stretch(song, neck, hand), timeline.seconds() / 60);
    }

    /** The widest stretch of any shape of {@code song}, in millimetres along the neck; 0 without shapes. */
    static double stretch(Song song, Neck neck, FrettingHand hand) {
        return song.chords().stream()
                .flatMap(chord -> chord.gripOfAnyHand(neck, hand).stream())
                .mapToDouble(Grip::stretch)
                .max()
                .orElse(0);
    }

    /** The most downs in any sixty seconds, or in the whole song if that is shorter. */
    private static double downs(Timeline timeline) {
        List<Double> times = timeline.strokes().stream()
                .filter(stroke -> stroke.stroke().isStruck()
                        && stroke.stroke().way().filter(Direction.DOWN::equals).isPresent())
                .map(TimelineStroke::seconds)
                .toList();
        int most = 0;
        int from = 0;
        for (int to = 0; to < times.size(); to++) {
            while (times.get(to) - times.get(from) >= 60) from++;
            most = Math.max(most, to - from + 1);
        }
        double seconds = timeline.seconds();
        return seconds >= 60 || seconds == 0 ? most : most * 60 / seconds;
    }
}
