package tactus.core.snag;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import tactus.core.song.Song;
import tactus.core.timeline.Timeline;

/** Finds what does not fit in a song. */
public final class Snags {

    private Snags() {}

    /**
     * Finds every snag that is not accepted: those of the set-up, of sections and rules, of what is played, and of
     * patterns.
     */
    public static List<Snag> of(Song song, Timeline timeline) {
        return byAcceptance(song, all(song, timeline)).get(false);
    }

    /** Tells the snags among {@code all} that are accepted from those that are not; the accepted ones are under true. */
    public static Map<Boolean, List<Snag>> byAcceptance(Song song, List<Snag> all) {
        return all.stream()
                .collect(Collectors.partitioningBy(
                        snag -> song.lesson().reason(snag.key()).isPresent()));
    }

    /** Finds every snag, accepted or not. */
    public static List<Snag> all(Song song, Timeline timeline) {
        var found = new ArrayList<>(SetUpSnags.of(song));
        found.addAll(SectionSnags.of(song));
        found.addAll(RuleSnags.of(song, timeline));
        found.addAll(FitSnags.of(song, timeline));
        found.addAll(LengthSnags.of(song));
        found.addAll(StopSnags.of(song, timeline));
        found.addAll(PaceSnags.of(song, timeline));
        found.addAll(SecondPartSnags.of(song, timeline));
        found.addAll(PatternSnags.of(song));
        found.addAll(PickingSnags.of(song, timeline));
        return List.copyOf(found);
    }
}
