package tactus.core.laid.performance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Feel;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.patterns.groove.Drum;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.groove.PlainGroove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.song.Song;

/**
 * Drums that go along with a song: its groove, in bars of another meter a plain one.
 *
 * @param hits in order
 */
public record DrumTrack(List<Hit> hits) {

    /**
     * A drum that is hit.
     *
     * @param seconds when
     * @param force how hard, over 0 to 1
     */
    public record Hit(double seconds, Drum drum, double force) {
        public Hit {
            Objects.requireNonNull(drum);
        }
    }

    private static final double ON_BEAT = 0.9;
    private static final double OFF_BEAT = 0.6;

    public DrumTrack {
        hits = List.copyOf(hits);
    }

    /** Drums through the whole of {@code timeline}, which was laid out from {@code song}. */
    public static DrumTrack of(Song song, Timeline timeline) {
        Song shown = song.asShown();
        Feel feel = feel(shown);
        Map<Meter, Groove> grooves = new HashMap<>();
        shown.facts().groove().ifPresent(groove -> grooves.put(groove.meter(), groove));
        var hits = new ArrayList<Hit>();
        Meter before = null;
        Length from = Length.ZERO;
        for (TimelineBar bar : timeline.bars()) {
            if (bar.number() == 0) continue;
            // A groove of several bars begins anew with each section and behind another meter.
            if (bar.isFirst() || !bar.meter().equals(before)) from = bar.start();
            before = bar.meter();
            Groove groove = grooves.computeIfAbsent(bar.meter(), meter -> PlainGroove.of(meter, feel));
            for (Groove.Hit hit : groove.hits(bar.start().minus(from), bar.end().minus(from))) {
                Length at = from.plus(hit.at());
                boolean isOnBeat =
                        bar.meter().beats().stream().allMatch(beat -> hit.at().isMultipleOf(beat));
                hits.add(new Hit(timeline.seconds(at), hit.drum(), isOnBeat ? ON_BEAT : OFF_BEAT));
            }
        }
        hits.sort(Comparator.comparingDouble(Hit::seconds));
        return new DrumTrack(hits);
    }

    /** The feel of most patterns. */
    private static Feel feel(Song song) {
        List<Feel> swung = song.patterns().stream()
                .map(Pattern::frame)
                .map(frame -> frame.feel())
                .filter(feel -> !feel.isStraight())
                .toList();
        return 2 * swung.size() > song.patterns().size() ? swung.getFirst() : Feel.STRAIGHT;
    }
}
