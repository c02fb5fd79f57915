package tactus.core.patterns.saying;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Force;
import tactus.core.music.stroke.Hand;
import tactus.core.music.stroke.Miss;
import tactus.core.music.stroke.Mute;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Reach;
import tactus.core.music.stroke.Ring;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stop;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Strum;
import tactus.core.music.stroke.Touch;
import tactus.core.music.time.CountSchool;
import tactus.core.music.time.Division;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.patterns.placing.Placing;

class SayingTest {

    private static Pattern pattern(String meter, int slots, String line) {
        PatternFrame frame = PatternFrame.of(Meter.parse(meter)).withDivision(Division.of(slots));
        return Pattern.empty(new PatternId("p"), "P", frame).withLine(line);
    }

    @Test
    void aPatternIsSaidInWordsWithCountsAndInTime() {
        Pattern pattern = pattern("4/4", 2, "d-du-udu");
        assertEquals("down, down, up, up, down, up", new Saying(English.LEXICON).words(pattern));
        assertEquals("1 down, 2 down, & up, (3), & up, 4 down, & up", new Saying(English.LEXICON).counted(pattern));
        assertEquals("down –, down up, – up, down up", new Saying(English.LEXICON).aloud(pattern));
    }

    /** The syllables of Hoffman, Pelto and White (1996); what is not played stands in brackets. */
    @ParameterizedTest
    @CsvSource({
        "4/4, 2, d-du-udu, NUMBERS, 1 2 & (3) & 4 &",
        "4/4, 2, d-du-udu, TAKADIMI, ta ta di (ta) di ta di",
        "4/4, 4, dudu----d---d-du, TAKADIMI, ta ka di mi (ta) ta ta di mi",
        "6/8, 3, dududu, NUMBERS, 1 2 3 4 5 6",
        "6/8, 3, dududu, BEATS, 1 la li 2 la li",
        "6/8, 3, dududu, TAKADIMI, ta ki da ta ki da",
        "6/8, 6, dududududu--, TAKADIMI, ta va ki di da ma ta va ki di (da)",
        "2/4, 3, dududu, BEATS, 1 trip let 2 trip let",
        "2/4, 3, dududu, NUMBERS, 1 & a 2 & a",
        "2+2+3/8, 2, dududud, TAKADIMI, ta di ta di ta ki da",
        "2+2+3/8, 2, dududud, NUMBERS, 1 2 3 4 5 6 7"
    })
    void theCountsAreThoseOfTheSchool(String meter, int slots, String line, CountSchool school, String counts) {
        assertEquals(counts, Saying.counts(pattern(meter, slots, line), school));
    }

    private static List<Stroke> kinds() {
        var kinds = new ArrayList<Stroke>(List.of(Ring.RING, Stop.STOP, Miss.MISS, Miss.MISS, Miss.MISS));
        for (Direction way : Direction.values()) {
            kinds.add(Strum.of(way));
            kinds.add(Strum.of(way).withForce(Force.ACCENTED));
            kinds.add(Strum.of(way).withReach(Reach.BASS).withForce(Force.SOFT));
            kinds.add(Strum.of(way).withReach(Reach.TREBLE).withTouch(Touch.SWEPT));
            kinds.add(Strum.of(way).withReach(Reach.of(4, 2)));
            kinds.add(Strum.of(way).withTouch(Touch.PALM_MUTED).withForce(Force.ACCENTED));
            kinds.add(Mute.of(way));
            kinds.add(new Mute(way, Mute.Kind.LAID, Force.ACCENTED));
        }
        kinds.add(Pluck.of(new Pick.OnString(5)));
        kinds.add(Pluck.of(new Pick.Fretted(5, 3)));
        kinds.add(Pluck.of(new Pick.ByRole(Role.RING)).withForce(Force.SOFT));
        kinds.add(Pluck.of(new Pick.ByRole(Role.ROOT_BASS), new Pick.ByRole(Role.RING)));
        kinds.add(Pluck.of(new Pick.OnString(6), new Pick.OnString(1)));
        return kinds;
    }

    @Test
    void whatIsSaidWithCountsIsReadBackAsTheSamePattern() {
        var random = new Random(9);
        List<Stroke> kinds = kinds();
        List<PatternFrame> frames = List.of(
                PatternFrame.of(Meter.parse("4/4")),
                PatternFrame.of(Meter.parse("4/4")).withBeats(8),
                PatternFrame.of(Meter.parse("3/4")).withDivision(Division.FOUR),
                PatternFrame.of(Meter.parse("6/8")).withDivision(Division.SIX),
                PatternFrame.of(Meter.parse("2+2+3/8")),
                PatternFrame.of(Meter.parse("4/4")).withDivisionOf(3, Division.THREE),
                PatternFrame.of(Meter.parse("4/4")).withPickup(1),
                PatternFrame.of(Meter.parse("4/4")).withDivision(Division.FOUR).withHand(Hand.pendulum(Length.EIGHTH)));
        for (int run = 0; run < 300; run++) {
            PatternFrame frame = frames.get(run % frames.size());
            Pattern pattern = Pattern.empty(new PatternId("p"), "P", frame);
            for (int slot = 0; slot < frame.grid().size(); slot++) {
                pattern = pattern.withStroke(slot, kinds.get(random.nextInt(kinds.size())));
            }
            String said = new Saying(English.LEXICON).counted(pattern);
            Placing placing = Placing.of(English.dictation(said), frame);
            Pattern back = placing.pattern(placing.best().getFirst(), pattern);
            assertEquals(pattern.line(), back.line(), said);
        }
    }

    @Test
    void theWordsOfAUsualPatternPlaceItAgain() {
        Pattern pattern = pattern("4/4", 2, "d-du-udu");
        Placing placing = Placing.of(English.dictation(new Saying(English.LEXICON).words(pattern)), pattern.frame());
        assertEquals(
                pattern.line(),
                placing.pattern(placing.best().getFirst(), pattern).line());
    }
}
