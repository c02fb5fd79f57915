package tactus.sound.loudness;

import java.util.DoubleSummaryStatistics;
import tactus.core.laid.performance.Mix;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.written.rule.Dynamic;
import tactus.sound.score.Music;
import tactus.sound.score.Playback;
import tactus.sound.score.Score;
import tactus.sound.synth.Band;

/**
 * How much louder a song's guitars are made, so that all songs lie alike whether they are picked or strummed: one that reaches from
 * softer to stronger than medium has {@value #TARGET} LUFS as a whole, one that is nowhere as strong as that, or nowhere as soft, is
 * as much softer or louder as it says. The target is ours: the strongest strokes above it need no limiting.
 */
public final class Trim {

    /** The loudness of a song that is neither soft nor strong throughout. */
    public static final double TARGET = -24;

    private static final double MOST = 15;
    private static final int SLICES = 45;
    private static final int SLICE = 2 * Score.RATE;
    private static final int LEAD = Score.RATE / 2;
    private static final int BLOCK = 2_048;
    /** See tactus.core.laid.performance.Performance. */
    private static final double STEP = 4.8;

    private Trim() {}

    /** In decibels, measured on all of the song; 0 where nothing is heard. */
    public static double of(Timeline timeline) {
        return of(timeline, Integer.MAX_VALUE);
    }

    /** The same measured on slices of a long song, to about a decibel: for playing at once. */
    public static double quickly(Timeline timeline) {
        return of(timeline, SLICES);
    }

    private static double of(Timeline timeline, int slices) {
        if (timeline.strokes().isEmpty() || timeline.seconds() <= 0) return 0;
        double heard = measured(timeline, slices);
        if (Double.isInfinite(heard)) return 0;
        return Math.clamp(TARGET + STEP * (usual(timeline) - Dynamic.MEDIUM.ordinal()) - heard, -MOST, MOST);
    }

    /** Medium where the song reaches from softer to stronger, otherwise what lies next to it. */
    private static double usual(Timeline timeline) {
        DoubleSummaryStatistics levels = timeline.strokes().stream()
                .filter(stroke -> stroke.stroke().isStruck())
                .mapToDouble(TimelineStroke::loudness)
                .summaryStatistics();
        double medium = Dynamic.MEDIUM.ordinal();
        return levels.getCount() == 0 ? medium : Math.clamp(medium, levels.getMin(), levels.getMax());
    }

    private static double measured(Timeline timeline, int slices) {
        Score score = Score.of(Music.of(timeline), new Playback(0, timeline.seconds(), false, 1, false));
        var meter = new LoudnessMeter(Score.RATE);
        var band = new Band(Score.RATE);
        band.setMix(Mix.USUAL);
        var block = new float[BLOCK * Band.CHANNELS];
        long apart = Math.max(SLICE, score.end() / slices);
        for (long from = 0; from < score.end(); from += apart) {
            // Slices that follow each other go on; others begin a little earlier, unmeasured, so that strings ring.
            boolean goesOn = apart == SLICE && from > 0;
            long at = goesOn ? from : Math.max(0, from - LEAD);
            if (!goesOn) band.reset();
            int event = score.eventAt(at);
            long to = Math.min(score.end(), from + SLICE);
            while (at < to) {
                long next = at < from ? Math.min(from, at + BLOCK) : Math.min(to, at + BLOCK);
                int count = (int) (next - at);
                event = band.render(score, at, event, block, count);
                if (at >= from) meter.hear(block, count);
                at = next;
            }
            if (apart > SLICE) meter.skip();
        }
        return meter.integrated();
    }
}
