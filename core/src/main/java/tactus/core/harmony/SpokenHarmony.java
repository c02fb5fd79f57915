package tactus.core.harmony;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Meter;
import tactus.core.time.NotationException;

/** Reads harmony as it is said in lessons: {@code three bars D, one A, and that twice}. */
final class SpokenHarmony {

    private static final Pattern START = Pattern.compile(
            "(?i)\\s*(\\d+|a|one|two|three|four|five|six|seven|eight)"
                    + "\\s+(bars?|beats?|rounds?|times)?\\s*(of\\s+)?\\p{L}.*",
            Pattern.DOTALL);
    private static final Map<String, Integer> NUMBERS = Map.ofEntries(
            Map.entry("a", 1),
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("once", 1),
            Map.entry("twice", 2));
    private static final Set<String> FILLERS =
            Set.of("of", "and", "then", "that", "all", "this", "go", "goes", "it", "times", "the", "whole");

    private final String text;
    private final Meter meter;
    private final Optional<Length> round;
    private List<Span> spans = new ArrayList<>();
    private String unit = "bar";

    private SpokenHarmony(String text, Meter meter, Optional<Length> round) {
        this.text = text;
        this.meter = meter;
        this.round = round;
    }

    static boolean isSpoken(String text) {
        return !text.contains("|") && START.matcher(text).matches();
    }

    static HarmonyLine read(String text, Meter meter, Optional<Length> round) {
        return new SpokenHarmony(text, meter, round).read();
    }

    private HarmonyLine read() {
        int number = -1;
        int at = 0;
        for (String word : text.split("(?<=[\\s,;])|(?=[\\s,;])")) {
            String plain = word.toLowerCase(Locale.ROOT);
            if (!plain.isBlank() && !",;".contains(plain)) {
                if (isNumber(word)) {
                    if (plain.equals("twice") || plain.equals("once")) repeat(number(plain), at);
                    else number = number(plain);
                } else if (plain.matches("times?") && number > 0) {
                    repeat(number, at);
                    number = -1;
                } else if (plain.matches("bars?|beats?|rounds?")) unit = plain.replaceAll("s$", "");
                else if (!FILLERS.contains(plain)) {
                    add(word, number, at);
                    number = -1;
                }
            }
            at += word.length();
        }
        if (number > 0) throw new NotationException("says " + number + " of nothing", text, text.length());
        return line();
    }

    /** {@code A} is a chord, {@code a} a number. */
    private static boolean isNumber(String word) {
        return word.matches("\\d{1,3}") || !word.equals("A") && NUMBERS.containsKey(word.toLowerCase(Locale.ROOT));
    }

    private static int number(String word) {
        return word.matches("\\d+") ? Integer.parseInt(word) : NUMBERS.get(word);
    }

    private void add(String chord, int number, int index) {
        if (Chord.meaning(chord).isEmpty())
            throw new NotationException("has \"" + chord + "\" in it, which is no chord", text, index);
        int count = number < 0 ? 1 : number;
        if (count == 0) throw new NotationException("gives a chord no length", text, index);
        if (unit.equals("round") && round.isEmpty()) {
            throw new NotationException(
                    "counts rounds, but no pattern is assigned here that has a length", text, index);
        }
        spans.add(new Span(
                chord,
                switch (unit) {
                    case "beat" -> SpanLength.beats(count);
                    case "round" -> SpanLength.rounds(count);
                    default -> SpanLength.bars(count);
                }));
    }

    private void repeat(int times, int index) {
        if (spans.isEmpty()) throw new NotationException("goes round before anything is said", text, index);
        if ((long) spans.size() * times > 1_000) throw new NotationException("goes round too often", text, index);
        spans = new ArrayList<>(
                Collections.nCopies(times, spans).stream().flatMap(List::stream).toList());
    }

    private HarmonyLine line() {
        var oneBar = new BarLines(List.of(meter));
        Length end = Length.ZERO;
        for (Span span : spans) end = span.length().end(oneBar, end, round.orElse(Length.ZERO));
        Length rest = end.remainderOver(meter.length());
        if (!rest.isZero()) {
            Length lacking = oneBar.beatsBefore(meter.length().minus(rest));
            throw new NotationException(
                    "comes to " + oneBar.beatsBefore(end) + " beats: the last bar lacks " + lacking,
                    text,
                    text.length());
        }
        int bars = (int) Math.min(10_000, end.wholesOf(meter.length()));
        return new HarmonyLine(Collections.nCopies(Math.max(1, bars), meter), spans, List.of());
    }
}
