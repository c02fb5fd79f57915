package tactus.core.patterns.placing;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;

class BorneOutTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "d-du-udu;D D U U D U;true",
                "d-du-udu;down, down up, up down up;true",
                "D-du-udx;Down, down up, up down mute;true",
                "d-du-udu;1, 2 and, and 4 and;true",
                "d-du-udu;D U, no wait, D D U U D U;true",
                "d-du-udu;six downs;false",
                "d-du-udu;D D U U D;false",
                "d-du-udu;D U D U D U;false",
                "dudududu;down up four times;true",
                "dudududu;down up three times;false",
                "d-d-d-d-;mute down, mute down;true",
                "x-x-d-d-;mute down, mute down;true",
                "d-d-d-d-;all downs;true",
                "dddddddd;all downs in eighths;true",
                "d-du-udu;all downs;false",
                "d-du-udx;the same but the last one muted;true",
                "d-du-udu;down sideways;true",
                "d-d-d-d-;nothing that can be read;true"
            })
    void whatWasSaidIsBorneOutByStrokesAsManyAndAsTheirWayWasSaid(String line, String said, boolean isBorneOut) {
        Pattern pattern = Pattern.empty(new PatternId("p"), "P", Meter.of(4, 4)).withLine(line);
        assertEquals(isBorneOut, BorneOut.by(pattern, said, English.LEXICON));
    }
}
