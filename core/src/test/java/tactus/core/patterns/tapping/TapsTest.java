package tactus.core.patterns.tapping;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.stroke.Direction;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternFrame;
import tactus.core.patterns.pattern.PatternId;

class TapsTest {

    private static final PatternFrame BAR = PatternFrame.of(Meter.parse("4/4"));
    /** An eighth lasts a quarter of a second. */
    private static final Tempo TEMPO = new Tempo(120, Length.QUARTER);

    private static List<KeyTap> taps(double... seconds) {
        var taps = new ArrayList<KeyTap>();
        for (double at : seconds) taps.add(new KeyTap(at, Optional.empty()));
        return taps;
    }

    private static Pattern pattern(Taps taps) {
        return taps.pattern(Pattern.empty(new PatternId("p"), "P", Meter.parse("4/4")));
    }

    @Test
    void tapsFallOnTheNearestSlotWithTheirErrorShown() {
        Taps taps =
                Taps.of(taps(-0.02, 0.53, 0.74, 1.25, 1.5, 1.76), BAR, TEMPO).orElseThrow();
        assertEquals("d-du-udu", pattern(taps).line());
        assertEquals(-0.02, taps.hits().getFirst().late(), 1e-9);
        assertEquals(0.03, taps.hits().get(1).late(), 1e-9);
        assertEquals(0.07 / 6, taps.meanError(), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({"0.125, 1/16", "0.25, 1/8", "0.1666667, 1/12"})
    void theDivisionIsFoundWithTheTaps(double step, String rate) {
        double[] seconds = new double[(int) Math.round(2 / step)];
        for (int i = 0; i < seconds.length; i++) seconds[i] = i * step;
        Taps taps = Taps.of(taps(seconds), BAR, TEMPO).orElseThrow();
        assertEquals(Length.parse(rate), taps.frame().hand().rate());
        assertFalse(taps.isWild(TEMPO));
    }

    @Test
    void twoKeysSayWhichWayTheStrokesGo() {
        List<KeyTap> taps = List.of(
                new KeyTap(0, Optional.of(Direction.DOWN)),
                new KeyTap(0.25, Optional.of(Direction.DOWN)),
                new KeyTap(0.5, Optional.of(Direction.UP)));
        assertEquals(
                "ddu-----", pattern(Taps.of(taps, BAR, TEMPO).orElseThrow()).line());
    }

    @Test
    void aSecondRoundFallsOnTheFirstAndTwoOnASlotAreCounted() {
        Taps taps = Taps.of(taps(0, 2.01, 0.5), BAR, TEMPO).orElseThrow();
        assertEquals("d-d-----", pattern(taps).line());
        assertEquals(1, taps.doubled());
    }

    @Test
    void tapsAtRandomAreSaidToFitNothingAndNoTapsMakeNone() {
        var random = new Random(1);
        var seconds = new double[64];
        for (int i = 0; i < seconds.length; i++) seconds[i] = random.nextDouble() * 20;
        assertTrue(Taps.of(taps(seconds), BAR, TEMPO).orElseThrow().isWild(TEMPO));
        assertTrue(Taps.of(List.of(), BAR, TEMPO).isEmpty());
    }
}
