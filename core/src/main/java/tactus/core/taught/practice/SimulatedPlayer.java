package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.stroke.Direction;

/** Plays along as a student might: the stand-in for keys, for a MIDI device and for a microphone. The same seed plays the same. */
public final class SimulatedPlayer {

    /** A doubled stroke comes so much later, in seconds; ours. */
    private static final double DOUBLED = 0.09;

    private final Skill skill;
    private final SplittableRandom random;

    public SimulatedPlayer(Skill skill, long seed) {
        this.skill = skill;
        random = new SplittableRandom(seed);
    }

    /** Plays {@code due} by hand: the taps in the order of time. */
    public List<Tap> taps(List<DueStroke> due) {
        var taps = new ArrayList<Tap>();
        if (due.isEmpty()) return taps;
        double start = due.getFirst().seconds();
        for (DueStroke stroke : due) {
            double late = late(stroke.seconds() - start, isSlow(stroke));
            boolean isMissed = random.nextDouble() < skill.missed();
            boolean isWrong = random.nextDouble() < skill.wrongWay();
            boolean isDoubled = random.nextDouble() < skill.extra();
            if (isMissed) continue;
            Optional<Direction> way = stroke.way().map(right -> isWrong ? other(right) : right);
            taps.add(new Tap(stroke.seconds() + late, way));
            if (isDoubled) taps.add(new Tap(stroke.seconds() + late + DOUBLED, way.map(SimulatedPlayer::other)));
        }
        taps.sort(Comparator.comparingDouble(Tap::seconds));
        return taps;
    }

    /**
     * Plays {@code timeline} on strings: the strokes where they fall, to be sounded; nothing is doubled or turned.
     *
     * @param share of the song's tempo at which it is sounded, over 0
     */
    public Timeline played(Timeline timeline, double share) {
        var strokes = new ArrayList<TimelineStroke>();
        String chord = "";
        for (TimelineStroke stroke : timeline.strokes()) {
            if (!stroke.stroke().isStruck()) {
                strokes.add(stroke);
                continue;
            }
            String now = timeline.spans().get(stroke.span()).chord();
            double late = share * late(stroke.seconds() / share, isSlow(chord, now));
            chord = now;
            if (random.nextDouble() < skill.missed()) continue;
            strokes.add(new TimelineStroke(
                    stroke.at(),
                    Math.max(0, stroke.seconds() + late),
                    stroke.stroke(),
                    stroke.motion(),
                    stroke.sound(),
                    stroke.from()));
        }
        strokes.sort(Comparator.comparingDouble(TimelineStroke::seconds));
        return timeline.withStrokes(strokes);
    }

    private double late(double sinceStart, boolean isSlow) {
        double ms = skill.lateMs() + skill.spreadMs() * random.nextGaussian();
        if (isSlow) ms += skill.slow().orElseThrow().ms();
        return ms / 1000 + sinceStart * skill.driftPercent() / 100;
    }

    private boolean isSlow(DueStroke stroke) {
        return stroke.before().filter(before -> isSlow(before, stroke.chord())).isPresent();
    }

    private boolean isSlow(String from, String to) {
        return skill.slow()
                .filter(change -> change.from().equals(from) && change.to().equals(to))
                .isPresent();
    }

    private static Direction other(Direction way) {
        return way == Direction.DOWN ? Direction.UP : Direction.DOWN;
    }
}
