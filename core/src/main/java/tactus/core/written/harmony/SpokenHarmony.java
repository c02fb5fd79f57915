package tactus.core.written.harmony;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;

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
    /** Whether the number is no more than {@code a}. */
    private boolean isOnlyArticle;

    /** Whether half a unit is said, with or without a number before it. */
    private boolean isHalf;

    /** Whether the chords since the comma share a bar; how that is said further means nothing. */
    private boolean isShared;

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
        if (words.size() > 1 && lexicon.is("harmony.half", words.getFirst())) return true;
        boolean counted = words.size() > 1
                && number(words.getFirst()).isPresent()
                && !words.get(1).isEmpty()
                && Character.isLetter(words.get(1).charAt(0));
        return counted || words.stream().skip(1).anyMatch(this::isSaid);
    }

    private boolean isSaid(String word) {
        return Stream.of("once", "times", "then", "for", "share", "half")
                        .anyMatch(code -> lexicon.is("harmony." + code, word))
                || lexicon.find("times", word).isPresent()
                || lexicon.find("harmony-unit", word).isPresent();
    }

    /** The number that a word says; {@code A} is a chord, {@code a} a number. */
    private OptionalInt number(String word) {
        if (word.matches("\\d{1,3}")) return OptionalInt.of(Integer.parseInt(word));
        if (isArticle(word)) return OptionalInt.of(1);
        Optional<String> said = lexicon.find("number", word);
        return said.isPresent() ? OptionalInt.of(Integer.parseInt(said.get())) : OptionalInt.empty();
    }

    private boolean isArticle(String word) {
        return lexicon.is("harmony.article", word) && Character.isLowerCase(word.charAt(0));
    }

    private void number(OptionalInt said, boolean isArticle) {
        number = said;
        isOnlyArticle = isArticle;
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
        if (isHalf) throw new NotationException("spoken-harmony.half-of-nothing", text, text.length());
        return line();
    }

    /** {@code twice} behind a comma says that everything comes again, otherwise what was said since the comma. */
    private void endPhrase() {
        isOpen = false;
        isShared = false;
        phraseStart = spans.size();
    }

    private void read(String word, int index) {
        OptionalInt said = number(word);
        if (isShared) return;
        if (lexicon.is("harmony.share", word)) share(index);
        else if (lexicon.is("harmony.half", word)) half();
        else if (isHalf && said.isPresent()) return;
        else if (isArticle(word) && number.isPresent()) return;
        else if (lexicon.is("harmony.for", word)) isHeldFor = !spans.isEmpty();
        else if (said.isPresent() && isHeldFor) hold(said.getAsInt(), index);
        else if (isHeldFor && isUnit(word)) hold(held, index);
        else if (isBehindChord(word, index)) hold(number.getAsInt(), index);
        else if (said.isPresent()) number(said, isArticle(word));
        else if (lexicon.is("harmony.all", word)) isOpen = false;
        else if (lexicon.is("harmony.then", word)) endPhrase();
        else if (lexicon.is("harmony.once", word)) repeat(1, index);
        else if (lexicon.find("times", word).isPresent())
            repeat(Integer.parseInt(lexicon.find("times", word).orElseThrow()), index);
        else if (lexicon.is("harmony.times", word) && number.isPresent()) {
            repeat(number.getAsInt(), index);
            number = OptionalInt.empty();
        } else if (!isUnit(word) && !lexicon.is("harmony.filler", word) && !lexicon.is("harmony.times", word)) {
            add(word, index);
            number = OptionalInt.empty();
        }
    }

    /** {@code C two bars}: a length at the end of what is said of a chord is its own. */
    private boolean isBehindChord(String word, int index) {
        if (number.isEmpty() || isHalf || !isOpen || !isUnit(word)) return false;
        String rest = text.substring(index + word.length()).strip();
        return rest.isEmpty() || ",;".indexOf(rest.charAt(0)) >= 0 || lexicon.is("harmony.then", rest.split("\\s")[0]);
    }

    /** {@code half a bar} and {@code a half bar} are one, {@code one and a half bars} three halves. */
    private void half() {
        isHalf = true;
        if (isOnlyArticle) number = OptionalInt.empty();
    }

    /** The chords of this phrase are one bar, each of them as long: {@code C and G share a bar}. */
    private void share(int index) {
        List<Span> sharing = spans.subList(isOpen ? phraseStart : spans.size(), spans.size());
        if (sharing.size() < 2) throw new NotationException("spoken-harmony.shares-nothing", text, index);
        Length beats = Length.of(meter.beats().size()).dividedBy(sharing.size());
        sharing.replaceAll(span -> new Span(span.chord(), SpanLength.Unit.BEAT.of(beats)));
        isShared = true;
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
        number = OptionalInt.empty();
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
        spans.add(new Span(chord, isHalf ? halved() : unit.of(Length.of(count))));
        isHalf = false;
    }

    /** {@code half a bar}, {@code one and a half bars}, in beats, since it is no whole number of them. */
    private SpanLength halved() {
        Length units = Length.of(number.orElse(0)).plus(Length.of(1, 2));
        return unit == SpanLength.Unit.BAR
                ? SpanLength.Unit.BEAT.of(units.times(Length.of(meter.beats().size())))
                : unit.of(units);
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
