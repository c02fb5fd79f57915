package tactus.core.counsel.snag;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import tactus.core.ground.language.Lexicon;
import tactus.core.laid.timeline.Timeline;
import tactus.core.written.song.Song;

/** Finds what does not fit in a song. */
public final class Snags {

    private static final List<Finder> FINDERS = List.of(
            new SetUpSnags(),
            new SectionSnags(),
            new RuleSnags(),
            new FitSnags(),
            new LengthSnags(),
            new SlipSnags(),
            new StopSnags(),
            new PaceSnags(),
            new SecondPartSnags(),
            new ChordSnags(),
            new PatternSnags(),
            new PickingSnags(),
            new UnheardSnags(),
            new MoveSnags(),
            new WordedSnags());

    private Snags() {}

    /**
     * Finds every snag that is not accepted: those of the set-up, of sections and rules, of what is played, and of
     * patterns.
     *
     * @param lexicon reads what is said in words
     */
    public static List<Snag> of(Song song, Timeline timeline, Lexicon lexicon) {
        return byAcceptance(song, all(song, timeline, lexicon)).get(false);
    }

    /** Tells the snags among {@code all} that are accepted from those that are not; the accepted ones are under true. */
    public static Map<Boolean, List<Snag>> byAcceptance(Song song, List<Snag> all) {
        return all.stream()
                .collect(Collectors.partitioningBy(
                        snag -> song.lesson().reason(snag.id(), snag.values()).isPresent()));
    }

    /** Finds every snag, accepted or not. The finders look side by side on all processors; the order stays that of the list. */
    public static List<Snag> all(Song song, Timeline timeline, Lexicon lexicon) {
        var laid = new LaidSong(song.asShown(), timeline, lexicon);
        return FINDERS.parallelStream()
                .<Snag>mapMulti((finder, found) -> finder.find(laid, found))
                .toList();
    }
}
