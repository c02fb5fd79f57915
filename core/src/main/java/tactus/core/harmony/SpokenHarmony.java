package tactus.core.harmony;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import tactus.core.language.Lexicon;
import tactus.core.refusal.NotationException;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Meter;

/** Reads harmony as it is said in lessons: {@code three bars D, one A, and that twice}. */
final class SpokenHarmony {

    private static final int MOST_BARS = 10_000;

    private final String text;
    private final Meter meter;
    private final Optional<Length> round;
    private final Lexicon lexicon;
    private final List<Span> spans = new ArrayList<>();
    private SpanLength.Unit unit = SpanLength.Unit.BAR;
    private OptionalInt number = OptionalInt.empty();
    private int phraseStart;
    /** Whether a chord was said since the last comma. */
    private boolean isOpen;
    /** Whether what comes says how long the last chord is held. */
    private boolean isHeldFor;

    private int held;

    SpokenHarmony(String text, Meter meter, Optional<Length> round, Lexicon lexicon) {
        this.text = text;
        this.meter = meter;
        this.round = round;
        this.lexicon = lexicon;
    }

    /** Whether it starts with a number and goes on with words, or says how often or how long a chord comes. */
    boolean isSpoken() {
        if (text.contains("|") || text.contains("[")) return false;
        List<String> words = Stream.of(text.strip().split("[\\s,;]+")).toList();
        boolean counted = words.size() > 1
                && number(words.getFirst()).isPresent()
                && !words.get(1).isEmpty()
                && Character.isLetter(words.get(1).charAt(0));
        return counted || words.stream().skip(1).anyMatch(this::isSaid);
    }

    private boolean isSaid(String word) {
        return Stream.of("once", "twice", "times", "then", "for").anyMatch(code -> lexicon.is("harmony." + code, word));
    }

    /** The number that a word says; {@code A} is a chord, {@code a} a number. */
    private OptionalInt number(String word) {
        if (word.matches("\\d{1,3}")) return OptionalInt.of(Integer.parseInt(word));
        boolean article = lexicon.is("harmony.article", word) && Character.isLowerCase(word.charAt(0));
        if (article) return OptionalInt.of(1);
        Optional<String> said = lexicon.find("number", word);
        return said.isPresent() ? OptionalInt.of(Integer.parseInt(said.get())) : OptionalInt.empty();
    }

    HarmonyLine read() {
        int at = 0;
        for (String word : text.split("(?<=[\\s,;])|(?=[\\s,;])")) {
            if (",;".contains(word.strip()) && !word.isBlank()) endPhrase();
            else if (!word.isBlank()) read(word, at);
            at += word.length();
        }
        if (number.isPresent()) {
            throw new NotationException("spoken-harmony.says-nothing", text, text.length(), number.getAsInt());
        }
        return line();
    }

    /** {@code twice} behind a comma says that everything comes again, otherwise what was said since the comma. */
    private void endPhrase() {
        isOpen = false;
        phraseStart = spans.size();
    }

    private void read(String word, int index) {
        OptionalInt said = number(word);
        if (lexicon.is("harmony.for", word)) isHeldFor = !spans.isEmpty();
        else if (said.isPresent() && isHeldFor) hold(said.getAsInt(), index);
        else if (isHeldFor && isUnit(word)) hold(held, index);
        else if (said.isPresent()) number = said;
        else if (lexicon.is("harmony.all", word)) isOpen = false;
        else if (lexicon.is("harmony.then", word)) endPhrase();
        else if (lexicon.is("harmony.once", word)) repeat(1, index);
        else if (lexicon.is("harmony.twice", word)) repeat(2, index);
        else if (lexicon.is("harmony.times", word) && number.isPresent()) {
            repeat(number.getAsInt(), index);
            number = OptionalInt.empty();
        } else if (!isUnit(word) && !lexicon.is("harmony.filler", word) && !lexicon.is("harmony.times", word)) {
            add(word, index);
            number = OptionalInt.empty();
        }
    }

    private boolean isUnit(String word) {
        Optional<SpanLength.Unit> said = lexicon.find("harmony-unit", word, SpanLength.Unit.values());
        unit = said.orElse(unit);
        return said.isPresent();
    }

    /** The last chord is held so long: {@code D for two bars}. */
    private void hold(int count, int index) {
        if (count == 0) throw new NotationException("spoken-harmony.gives-chord", text, index);
        if (unit == SpanLength.Unit.ROUND && round.isEmpty()) {
            throw new NotationException("spoken-harmony.counts-rounds", text, index);
        }
        held = count;
        spans.set(spans.size() - 1, new Span(spans.getLast().chord(), unit.of(Length.of(count))));
    }

    private void add(String chord, int index) {
        isHeldFor = false;
        if (!isOpen) phraseStart = spans.size();
        isOpen = true;
        if (Chord.meaning(chord).isEmpty() || chord.endsWith("_")) {
            throw new NotationException("spoken-harmony.chord", text, index, chord);
        }
        int count = number.orElse(1);
        if (count == 0) throw new NotationException("spoken-harmony.gives-chord", text, index);
        if (chord.length() > Chord.LONGEST_NAME) {
            throw new NotationException("harmony-reader.chord-characters", text, index, chord.length());
        }
        if (unit == SpanLength.Unit.ROUND && round.isEmpty()) {
            throw new NotationException("spoken-harmony.counts-rounds", text, index);
        }
        spans.add(new Span(chord, unit.of(Length.of(count))));
    }

    private void repeat(int times, int index) {
        if (spans.isEmpty()) throw new NotationException("spoken-harmony.goes-round", text, index);
        if ((long) spans.size() * times > SpanLength.MOST) {
            throw new NotationException("spoken-harmony.too-often", text, index);
        }
        int from = isOpen ? phraseStart : 0;
        List<Span> again = List.copyOf(spans.subList(from, spans.size()));
        for (int more = 1; more < times; more++) spans.addAll(again);
        endPhrase();
    }

    private HarmonyLine line() {
        var oneBar = new BarLines(List.of(meter));
        Length end = Length.ZERO;
        for (Span span : spans) end = span.length().end(oneBar, end, round.orElse(Length.ZERO));
        Length rest = end.remainderOver(meter.length());
        if (!rest.isZero()) {
            Length lacking = oneBar.beatsBefore(meter.length().minus(rest));
            throw new NotationException(
                    "spoken-harmony.comes-beats", text, text.length(), oneBar.beatsBefore(end), lacking);
        }
        long bars = end.wholesOf(meter.length());
        if (bars > MOST_BARS) throw new NotationException("harmony-reader.too-many-bars", text, text.length(), bars);
        return new HarmonyLine(Collections.nCopies((int) Math.max(1, bars), meter), spans, List.of());
    }
}
