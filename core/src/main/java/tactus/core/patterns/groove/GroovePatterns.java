package tactus.core.patterns.groove;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.time.Division;
import tactus.core.music.time.Length;
import tactus.core.music.time.Slot;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;

/**
 * Patterns made from a groove, from sparse to dense: strokes on kick and snare; those and the felt beats; every move of the
 * hand. The snare is accented, the kick strikes the bass in the sparse one (common practice).
 */
public final class GroovePatterns {

    private final Groove groove;
    private final PatternFrame frame;

    private GroovePatterns(Groove groove) {
        this.groove = groove;
        frame = frame(groove);
    }

    /** Three patterns without names, the sparsest first. */
    public static List<Pattern> of(Groove groove) {
        var made = new GroovePatterns(groove);
        return List.of(
                made.pattern("sparse", _ -> false, Reach.BASS),
                made.pattern("middle", Slot::startsBeat, Reach.ALL),
                made.pattern("dense", _ -> true, Reach.ALL));
    }

    /** The hand moves in eighths where all hits lie on them, at the groove's own division where not. */
    private static PatternFrame frame(Groove groove) {
        Stream<Length> hits = Stream.of(Drum.KICK, Drum.SNARE).flatMap(drum -> groove.at(drum).stream());
        boolean eighths = hits.allMatch(at -> at.isMultipleOf(Length.EIGHTH));
        Division usual = Division.usualIn(groove.meter());
        boolean fits = usual.slotLength(groove.meter()).equals(Length.EIGHTH);
        Division division = eighths && fits ? usual : groove.division();
        Hand hand = Hand.pendulum(division.slotLength(groove.meter()));
        return PatternFrame.of(groove.meter(), groove.beats(), division, hand);
    }

    private Pattern pattern(String name, Predicate<Slot> also, Reach kick) {
        var strokes = new ArrayList<Stroke>();
        for (Slot slot : frame.grid().slots()) {
            boolean snare = groove.isHit(Drum.SNARE, slot.at());
            boolean hit = snare || groove.isHit(Drum.KICK, slot.at());
            strokes.add(hit || also.test(slot) ? stroke(slot, snare, hit && !snare ? kick : Reach.ALL) : Miss.MISS);
        }
        return Pattern.empty(new PatternId(name), name, frame).withPlayed(strokes);
    }

    private Stroke stroke(Slot slot, boolean snare, Reach reach) {
        Direction way = frame.usualAt(slot);
        Strum strum = Strum.of(way).withReach(reach);
        return snare ? strum.withForce(Force.ACCENTED) : strum;
    }
}
