package tactus.core.performance;

import java.util.ArrayList;
import java.util.List;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.Tempo;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;

/**
 * A metronome on the felt beats of a song.
 *
 * @param clicks in order
 */
public record ClickTrack(List<Click> clicks) {

    /**
     * One click.
     *
     * @param seconds when it sounds
     * @param startsBar whether it marks the start of a bar
     */
    public record Click(double seconds, boolean startsBar) {}

    public ClickTrack {
        clicks = List.copyOf(clicks);
    }

    /** Clicks through the whole song. */
    public static ClickTrack of(Timeline timeline) {
        var clicks = new ArrayList<Click>();
        for (TimelineBar bar : timeline.bars()) addBar(clicks, bar.meter(), bar.start(), timeline.tempo());
        return new ClickTrack(clicks);
    }

    /** One bar of {@code meter} to count in; its clicks start at 0. */
    public static ClickTrack countIn(Meter meter, Tempo tempo) {
        var clicks = new ArrayList<Click>();
        addBar(clicks, meter, Length.ZERO, tempo);
        return new ClickTrack(clicks);
    }

    private static void addBar(List<Click> clicks, Meter meter, Length start, Tempo tempo) {
        Length at = start;
        for (Length beat : meter.beats()) {
            clicks.add(new Click(tempo.seconds(at), at.equals(start)));
            at = at.plus(beat);
        }
    }
}
