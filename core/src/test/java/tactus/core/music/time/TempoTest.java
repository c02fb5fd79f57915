package tactus.core.music.time;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tactus.core.ground.refusal.Refusal;
import tactus.core.outside.English;

class TempoTest {

    @Test
    void aBarOfFourAt120LastsTwoSeconds() {
        assertEquals(2.0, Tempo.of(120, Meter.parse("4/4")).seconds(Length.WHOLE), 1e-12);
    }

    @Test
    void inCompoundTimeTheDottedBeatIsCounted() {
        Tempo tempo = Tempo.of(60, Meter.parse("6/8"));
        assertEquals(Length.of(3, 8), tempo.beat());
        assertEquals(2.0, tempo.seconds(Length.of(3, 4)), 1e-12);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1, 19.9, 400.1, 1000, Double.NaN, Double.POSITIVE_INFINITY})
    void anImpossibleTempoIsRefusedWithItsValue(double perMinute) {
        var wrong = assertThrows(Refusal.class, () -> new Tempo(perMinute, Length.QUARTER));
        String value = perMinute == Math.rint(perMinute) && !Double.isInfinite(perMinute)
                ? Long.toString((long) perMinute)
                : Double.toString(perMinute);
        assertEquals("the tempo must be 20 to 400 beats a minute, was " + value, English.of(wrong));
    }
}
