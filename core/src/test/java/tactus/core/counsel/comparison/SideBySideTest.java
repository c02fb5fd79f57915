package tactus.core.counsel.comparison;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tactus.core.counsel.comparison.SideBySide.Kind;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.outside.English;
import tactus.core.written.harmony.HarmonyLine;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;

class SideBySideTest {

    private static Section section(String line) {
        HarmonyLine read = English.line(line, Meter.parse("4/4"), Optional.empty());
        return new Section(new SectionId("s"), "S", read.bars(), read.spans(), 1);
    }

    private static SideBySide compare(String left, String right) {
        return SideBySide.of(section(left), Length.WHOLE, section(right), Length.WHOLE);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "C | G | Am | F; C | G | Am | F; ====",
                "C | G | Am | F; C | G | Dm | F; ==c=",
                "C | G | Am | F; C | G x2 | Am | F; =l==",
                "C | G | Am | F; C | G | F; ==<=",
                "C | G | F; C | G | Am | F; ==>=",
                "C | G | Am; C | G | Am | Em x2; ===>",
                "C | G; Em | D; cc"
            })
    void asFewLinesAsPossibleDiffer(String left, String right, String kinds) {
        assertEquals(
                kinds,
                compare(left, right).lines().stream()
                        .map(line -> sign(line.kind()))
                        .collect(Collectors.joining()));
    }

    private static String sign(Kind kind) {
        return switch (kind) {
            case SAME -> "=";
            case OTHER_CHORD -> "c";
            case OTHER_LENGTH -> "l";
            case OTHER -> "o";
            case ONLY_LEFT -> "<";
            case ONLY_RIGHT -> ">";
        };
    }

    @Test
    void lengthsAreComparedHoweverTheyWereCounted() {
        Section beats = section("C | G").withSpan(0, section("C | G").spans().getFirst());
        var four = beats.withSpan(0, new Span("C", SpanLength.beats(4)));
        assertTrue(SideBySide.of(beats, Length.WHOLE, four, Length.WHOLE).isSame());
    }

    @Test
    void aLineSaysBarChordAndLengthOfBothSides() {
        SideBySide.Line line = compare("C x2 | G", "C x2 | D").differences().getFirst();
        assertEquals(
                new SideBySide.Held("G", SpanLength.bars(1), 3), line.left().orElseThrow());
        assertEquals(
                new SideBySide.Held("D", SpanLength.bars(1), 3), line.right().orElseThrow());
        assertEquals(List.of(OptionalInt.of(1), OptionalInt.of(1)), List.of(line.leftSpan(), line.rightSpan()));
    }
}
