package tactus.core.taught.practice;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.written.song.Song;

/**
 * What a version of a song asks of whoever plays it, at the song's tempo.
 *
 * @param version its name; empty for the full one
 * @param stretch the widest one along the neck, in millimetres
 * @param strokesPerSecond the most in any bar
 * @param changes each pair of chords once, the most work first
 */
public record Demand(String version, double stretch, double strokesPerSecond, List<Change> changes) {

    /**
     * A change between two chords.
     *
     * @param gap the least time that the pattern leaves for it, in seconds
     * @param seconds how long it takes by the movement of the fingers
     */
    public record Change(String from, String to, double gap, double seconds) {

        public Change {
            Objects.requireNonNull(from);
            Objects.requireNonNull(to);
        }

        /** How many of them fit into a minute, played without a rest. */
        public double perMinute() {
            return gap > 0 ? 60 / gap : Double.MAX_VALUE;
        }
    }

    public Demand {
        Objects.requireNonNull(version);
        changes = List.copyOf(changes);
    }

    /**
     * What {@code song} asks in the version that is shown.
     *
     * @param timeline laid out from {@code song}
     */
    public static Demand of(Song song, Timeline timeline) {
        var neck = new Neck(Neck.USUAL.scaleLength(), song.facts().capo());
        Song shown = song.asShown();
        List<Change> changes = ChangeWork.of(shown, timeline, neck, FrettingHand.USUAL).stream()
                .map(work -> new Change(work.from(), work.to(), work.gap(), work.seconds()))
                .toList();
        double stretch = HandLoad.stretch(shown, neck, FrettingHand.USUAL);
        return new Demand(song.versions().shown().orElse(""), stretch, strokes(timeline), changes);
    }

    /**
     * What {@code song} asks in each of its versions, the full one first.
     *
     * @param timeline laid out from {@code song}, which is most of the work for the version that is shown
     */
    public static List<Demand> ofVersions(Song song, Timeline timeline) {
        return Stream.concat(
                        Stream.of(Optional.<String>empty()),
                        song.versions().all().stream().map(version -> Optional.of(version.name())))
                .map(name -> ofVersion(song, timeline, name))
                .toList();
    }

    private static Demand ofVersion(Song song, Timeline timeline, Optional<String> name) {
        if (name.equals(song.versions().shown())) return of(song, timeline);
        Song shown = song.withVersions(song.versions().withShown(name));
        return of(shown, Timeline.of(shown));
    }

    private static double strokes(Timeline timeline) {
        double most = 0;
        for (TimelineBar bar : timeline.bars()) {
            double seconds = timeline.seconds(bar.end()) - timeline.seconds(bar.start());
            long struck = timeline.strokesIn(bar.number()).stream()
                    .map(TimelineStroke::stroke)
                    .filter(stroke -> stroke.isStruck())
                    .count();
            if (seconds > 0) most = Math.max(most, struck / seconds);
        }
        return most;
    }
}
