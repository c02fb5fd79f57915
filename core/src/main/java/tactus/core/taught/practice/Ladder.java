package tactus.core.taught.practice;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import tactus.core.laid.timeline.PlayedForm;
import tactus.core.laid.timeline.Timeline;
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.rhythm.Difficulty;
import tactus.core.patterns.rhythm.PatternFacts;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.song.Song;

/**
 * The steps from a slow tempo to a song: each pattern with the easiest first, the hand alone, its cell, one chord; then the
 * hardest changes, the changes in order, the sections, the song. A figure of the fingers has steps of its own: the thumb, the
 * open strings, one chord, the finger that moves. Four clean rounds in a row are usual (common practice).
 *
 * @param steps in the order in which they are taken
 */
public record Ladder(List<LadderStep> steps) {

    /** How many clean rounds in a row make a step done (common practice). */
    public static final int CLEAN = 4;

    /** How many changes get a drill of their own. */
    private static final int MOST_CHANGES = 3;

    public Ladder {
        steps = List.copyOf(steps);
    }

    /** The ladder for a usual hand on a usual neck. */
    public static Ladder of(Song song, Timeline timeline) {
        return of(
                song, timeline, new Neck(Neck.USUAL.scaleLength(), song.facts().capo()), FrettingHand.USUAL);
    }

    /**
     * The ladder of the version of {@code song} that is shown.
     *
     * @param timeline laid out from it
     */
    public static Ladder of(Song song, Timeline timeline, Neck neck, FrettingHand hand) {
        Song shown = song.asShown();
        var steps = new LadderSteps(shown);
        var patterns = new PatternSteps(shown, timeline, steps);
        var whole = new SongSteps(shown, timeline, steps);
        toLearn(shown, timeline).forEach(patterns::add);
        ChangeWork.of(shown, timeline, neck, hand).stream().limit(MOST_CHANGES).forEach(whole::add);
        whole.addSections();
        whole.addSong();
        return new Ladder(steps.all());
    }

    /** The patterns that are played, the easiest first; a form is learned with its pattern where that is played too. */
    private static List<PlayedForm> toLearn(Song song, Timeline timeline) {
        List<PlayedForm> all = PlayedForm.of(song, timeline);
        Set<PatternId> full = all.stream()
                .filter(played -> played.form().equals(FormChoice.FULL))
                .map(played -> played.pattern().id())
                .collect(Collectors.toSet());
        return all.stream()
                .filter(played -> played.form().equals(FormChoice.FULL)
                        || !full.contains(played.pattern().id()))
                .filter(played -> !PatternFacts.struck(played.pattern()).isEmpty())
                .sorted(Comparator.comparingDouble(played ->
                        Difficulty.of(played.pattern(), song.facts().tempo()).points()))
                .toList();
    }
}
