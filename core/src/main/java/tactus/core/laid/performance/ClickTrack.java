package tactus.core.laid.performance;

import java.util.ArrayList;
import java.util.List;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.music.time.TempoMap;

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
        for (TimelineBar bar : timeline.bars()) addBar(clicks, bar.meter(), bar.start(), timeline.tempoMap());
        return new ClickTrack(clicks);
    }

    /** What is counted in front of {@code bar}: a bar like it, and in front of a pick-up also what it lacks; at the tempo it has. */
    public static ClickTrack countIn(Timeline timeline, TimelineBar bar) {
        Meter whole =
                timeline.bar(Math.max(1, bar.number())).map(TimelineBar::meter).orElse(bar.meter());
        Tempo tempo = timeline.tempoMap().tempoAt(bar.start());
        ClickTrack counted = countIn(whole, tempo);
        if (bar.number() > 0) return counted;
        double barSeconds = tempo.seconds(whole.length());
        int lacking = whole.beats().size() - bar.meter().beats().size();
        var clicks = new ArrayList<>(counted.clicks());
        for (Click click : counted.clicks().subList(0, lacking)) {
            clicks.add(new Click(barSeconds + click.seconds(), click.startsBar()));
        }
        return new ClickTrack(clicks);
    }

    /** How long what is counted in front of {@code bar} lasts, in seconds. */
    public static double countInSeconds(Timeline timeline, TimelineBar bar) {
        Meter whole =
                timeline.bar(Math.max(1, bar.number())).map(TimelineBar::meter).orElse(bar.meter());
        Length lacking = bar.number() > 0
                ? Length.ZERO
                : whole.length().minus(bar.meter().length());
        return timeline.tempoMap().tempoAt(bar.start()).seconds(whole.length().plus(lacking));
    }

    /** One bar of {@code meter} to count in; its clicks start at 0. */
    public static ClickTrack countIn(Meter meter, Tempo tempo) {
        var clicks = new ArrayList<Click>();
        addBar(clicks, meter, Length.ZERO, new TempoMap(tempo, List.of()));
        return new ClickTrack(clicks);
    }

    private static void addBar(List<Click> clicks, Meter meter, Length start, TempoMap tempo) {
        Length at = start;
        for (Length beat : meter.beats()) {
            clicks.add(new Click(tempo.seconds(at), at.equals(start)));
            at = at.plus(beat);
        }
    }
}
