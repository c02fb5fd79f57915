package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Grip;
import tactus.core.music.shape.Neck;
import tactus.core.music.stroke.Direction;
import tactus.core.written.song.Song;

/**
 * What one step of a ladder asks of the hands while its bars go round and round.
 *
 * @param barreSeconds the longest time that a barre is held without a break, at the tempo the step begins with; it has no end
 *     where no chord of the bars lets go
 * @param downsAMinute at the tempo that is to be reached
 * @param stretch the widest one, in millimetres along the neck
 * @param barres the chords that are held with a barre, as the song names their shapes, each once
 */
public record StepLoad(double barreSeconds, double downsAMinute, double stretch, List<String> barres) {

    public StepLoad {
        barres = List.copyOf(barres);
    }

    /** The load of {@code step} in {@code shown}, which {@code timeline} was laid out from. */
    public static StepLoad of(LadderStep step, Song shown, Timeline timeline, Neck neck, FrettingHand hand) {
        return new Looking(step, shown, timeline, neck, hand).found();
    }

    private record Held(double seconds, Optional<Grip> grip, String chord) {

        Held {
            Objects.requireNonNull(grip);
            Objects.requireNonNull(chord);
        }

        boolean isBarre() {
            return grip.filter(Grip::hasBarre).isPresent();
        }
    }

    private record Looking(LadderStep step, Song song, Timeline timeline, Neck neck, FrettingHand hand) {

        StepLoad found() {
            List<TimelineBar> bars = timeline.bars().stream()
                    .filter(bar -> step.bars().has(bar.number()))
                    .toList();
            double tempo = song.facts().tempo().perMinute();
            // On damped or open strings nothing is held.
            boolean holds = switch (step.kind()) {
                case DAMPED, OPEN_STRINGS -> false;
                default -> true;
            };
            List<Held> held = holds ? held(bars, tempo / step.from()) : List.of();
            return new StepLoad(
                    longest(held),
                    downs(bars) * step.to() / tempo,
                    held.stream()
                            .flatMap(each -> each.grip().stream())
                            .mapToDouble(Grip::stretch)
                            .max()
                            .orElse(0),
                    held.stream()
                            .filter(Held::isBarre)
                            .map(Held::chord)
                            .distinct()
                            .toList());
        }

        private List<Held> held(List<TimelineBar> bars, double slower) {
            var held = new ArrayList<Held>();
            for (TimelineBar bar : bars) {
                for (TimelineSpan span : timeline.spansIn(bar)) {
                    double seconds = timeline.seconds(span.end().min(bar.end()))
                            - timeline.seconds(span.start().max(bar.start()));
                    Optional<Grip> grip = song.chord(span.chord()).flatMap(chord -> chord.gripOfAnyHand(neck, hand));
                    if (seconds > 0) held.add(new Held(seconds * slower, grip, span.chord()));
                }
            }
            return held;
        }

        /** The bars go round: what is held at their end is held on at their beginning. */
        private static double longest(List<Held> held) {
            if (held.isEmpty() || held.stream().noneMatch(Held::isBarre)) return 0;
            if (held.stream().allMatch(Held::isBarre)) return Double.POSITIVE_INFINITY;
            double longest = 0;
            double running = 0;
            for (int i = 0; i < 2 * held.size(); i++) {
                Held each = held.get(i % held.size());
                running = each.isBarre() ? running + each.seconds() : 0;
                longest = Math.max(longest, running);
            }
            return longest;
        }

        private double downs(List<TimelineBar> bars) {
            double seconds = bars.stream()
                    .mapToDouble(bar -> timeline.seconds(bar.end()) - timeline.seconds(bar.start()))
                    .sum();
            long downs = bars.stream()
                    .flatMap(bar -> timeline.strokesIn(bar.number()).stream())
                    .filter(stroke -> stroke.stroke().isStruck()
                            && stroke.stroke()
                                    .way()
                                    .filter(Direction.DOWN::equals)
                                    .isPresent())
                    .count();
            return seconds > 0 ? downs * 60 / seconds : 0;
        }
    }
}
