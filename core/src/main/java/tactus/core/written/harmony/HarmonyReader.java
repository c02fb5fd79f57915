package tactus.core.written.harmony;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.chord.ChordName;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;

/** Reads a harmony line bar by bar. */
final class HarmonyReader {

    private static final int MOST_BARS = 10_000;
    private static final Pattern TOKEN = Pattern.compile("\\S+");
    private static final Pattern METER = Pattern.compile("\\((\\d[\\d+]*/\\d+)\\)");
    private static final Pattern TIMES = Pattern.compile("[x×](\\d{1,4})");
    private static final Pattern CHORD = Pattern.compile("(.+?)(?::(\\d+(?:/\\d+)?)(r?))?([._]?)");

    private record Token(String text, int index) {}

    /** A chord or its going on ({@code name} is empty), with its beats if they are said. */
    private record Part(String name, Optional<Length> beats, boolean isRounds, String mark, int index) {}

    /** A bar that has been read: its meter, parts and their lengths in felt beats. */
    private record Bar(Meter meter, List<Part> parts, List<Length> beats) {}

    private static final String SAME = "%";
    private static final String BEAT = "/";

    private final String line;
    /** The same, place by place, in our own signs. */
    private final String signs;

    private final Meter usual;
    private final Optional<Length> round;
    private final List<Bar> bars = new ArrayList<>();
    private final List<Loop> loops = new ArrayList<>();
    private int loopStart = -1;

    HarmonyReader(String line, Meter usual, Optional<Length> round) {
        this.line = line;
        signs = HarmonySigns.of(line);
        this.usual = usual;
        this.round = round;
    }

    HarmonyLine read() {
        Optional<HarmonyLine> open = open();
        if (open.isPresent()) return open.get();
        int from = 0;
        for (int at = 0; at <= signs.length(); at++) {
            boolean ends = at == signs.length() || signs.charAt(at) == '|' || signs.charAt(at) == '\n';
            if (!ends) continue;
            boolean openEnd = signs.substring(from, at).isBlank() && (at == signs.length() || bars.isEmpty());
            if (!openEnd) cell(from, at);
            from = at + 1;
        }
        if (loopStart >= 0) throw wrong("harmony-reader.opens-bracket", signs.indexOf('['));
        if (bars.isEmpty()) throw wrong("harmony-reader.chord-write", 0);
        return new HarmonyAssembly(line).of(bars.stream().map(this::plain).toList(), loops);
    }

    /** Chords and nothing else, so that it is not said how long they last: {@code C F C/G G}. */
    private Optional<HarmonyLine> open() {
        List<Token> tokens = tokens(0, signs.length());
        boolean isSaid = tokens.size() < 2
                || signs.chars().anyMatch(sign -> "|\n[]:".indexOf(sign) >= 0)
                || tokens.stream()
                        .anyMatch(token -> token.text.equals("-")
                                || token.text.equals(SAME)
                                || token.text.equals(BEAT)
                                || TIMES.matcher(token.text).matches())
                || METER.matcher(tokens.getFirst().text).matches();
        if (isSaid) return Optional.empty();
        checkCount(tokens.size());
        var spans = new ArrayList<Span>();
        var marks = new ArrayList<HarmonyLine.Mark>();
        for (Token token : tokens) {
            Part part = part(token);
            if (!part.mark.isEmpty()) marks.add(new HarmonyLine.Mark(spans.size(), part.mark.equals("_")));
            spans.add(new Span(part.name, new SpanLength.Open()));
        }
        return Optional.of(new HarmonyLine(Collections.nCopies(spans.size(), usual), spans, marks));
    }

    private HarmonyAssembly.Bar plain(Bar bar) {
        var parts = new ArrayList<HarmonyAssembly.Part>();
        for (int i = 0; i < bar.parts.size(); i++) {
            Part part = bar.parts.get(i);
            parts.add(new HarmonyAssembly.Part(
                    part.name, bar.beats.get(i), part.isRounds, part.beats, part.mark, part.index));
        }
        return new HarmonyAssembly.Bar(bar.meter, parts);
    }

    /** Reads what stands between two strokes. */
    private void cell(int from, int to) {
        List<Token> tokens = tokens(from, to);
        boolean opens = !tokens.isEmpty() && tokens.getFirst().text.equals("[");
        if (opens) {
            if (loopStart >= 0) throw wrong("harmony-reader.bracket-inside", tokens.getFirst().index);
            loopStart = bars.size();
            tokens.removeFirst();
        }
        int close = indexOf(tokens, "]");
        List<Token> inside = close < 0 ? tokens : tokens.subList(0, close);
        if (!inside.isEmpty() || close < 0) bar(new ArrayList<>(inside), from);
        if (close >= 0) repeat(tokens.subList(close + 1, tokens.size()), tokens.get(close).index);
    }

    private List<Token> tokens(int from, int to) {
        var tokens = new ArrayList<Token>();
        Matcher words = TOKEN.matcher(signs).region(from, to);
        while (words.find()) addTokens(tokens, words.group(), words.start());
        return tokens;
    }

    /** Brackets may touch what they enclose. */
    private static void addTokens(List<Token> tokens, String word, int index) {
        String rest = word;
        int at = index;
        if (rest.startsWith("[")) {
            tokens.add(new Token("[", at));
            rest = rest.substring(1);
            at++;
        }
        int close = rest.indexOf(']');
        if (close >= 0) {
            if (close > 0) tokens.add(new Token(rest.substring(0, close), at));
            tokens.add(new Token("]", at + close));
            at += close + 1;
            rest = rest.substring(close + 1);
        }
        if (!rest.isEmpty()) tokens.add(new Token(rest, at));
    }

    private static int indexOf(List<Token> tokens, String text) {
        for (int i = 0; i < tokens.size(); i++) if (tokens.get(i).text.equals(text)) return i;
        return -1;
    }

    private void repeat(List<Token> rest, int index) {
        // A repeat that opens nowhere goes back to the beginning.
        if (loopStart < 0 && loops.isEmpty() && line.charAt(index) == ':') loopStart = 0;
        if (loopStart < 0) throw wrong("harmony-reader.closes-bracket", index);
        int times = rest.isEmpty() ? 2 : times(rest.getFirst());
        if (rest.size() > 1) throw wrong("harmony-reader.needs-stroke", rest.get(1).index);
        List<Bar> loop = List.copyOf(bars.subList(loopStart, bars.size()));
        if (loop.isEmpty()) throw wrong("harmony-reader.nothing-its", index);
        checkCount((long) bars.size() + (long) loop.size() * (times - 1));
        for (int i = 1; i < times; i++) bars.addAll(loop);
        if (times > 1) loops.add(new Loop(loopStart, loop.size(), times));
        loopStart = -1;
    }

    private int times(Token token) {
        Matcher times = TIMES.matcher(token.text);
        if (!times.matches()) throw wrong("harmony-reader.needs-how", token.index);
        int count = Integer.parseInt(times.group(1));
        if (count < 1) throw wrong("harmony-reader.go-round", token.index);
        return count;
    }

    private void bar(List<Token> tokens, int from) {
        Meter meter = usual;
        if (!tokens.isEmpty() && METER.matcher(tokens.getFirst().text).matches()) {
            meter = Meter.parse(tokens.removeFirst().text.replaceAll("[()]", ""));
        }
        int times = 1;
        if (!tokens.isEmpty() && TIMES.matcher(tokens.getLast().text).matches()) times = times(tokens.removeLast());
        if (tokens.isEmpty()) throw wrong("harmony-reader.chord-bar", from, bars.size() + 1);
        checkCount((long) bars.size() + times);
        if (tokens.size() == 1 && tokens.getFirst().text.equals(SAME)) {
            if (bars.isEmpty()) throw wrong("harmony-reader.chord-yet", tokens.getFirst().index);
            bars.addAll(Collections.nCopies(times, bars.getLast()));
            return;
        }
        List<Part> parts = isInBeats(tokens)
                ? inBeats(tokens, meter)
                : tokens.stream().map(this::part).toList();
        if (parts.getFirst().isRounds) addRounds(parts, meter);
        else addBars(new Bar(meter, parts, shares(parts, meter)), times);
    }

    private static boolean isInBeats(List<Token> tokens) {
        return tokens.stream().anyMatch(token -> token.text.equals(BEAT));
    }

    /** A chord or a slash a beat: {@code C / G /}. */
    private List<Part> inBeats(List<Token> tokens, Meter meter) {
        int beats = meter.beats().size();
        if (tokens.size() != beats) {
            throw wrong("harmony-reader.slashes", tokens.getFirst().index, tokens.size(), bars.size() + 1, beats);
        }
        var parts = new ArrayList<Part>();
        int from = 0;
        for (int next = 1; next <= tokens.size(); next++) {
            boolean goesOn = next < tokens.size() && tokens.get(next).text.equals(BEAT);
            if (goesOn) continue;
            Token token = tokens.get(from);
            Part part = token.text.equals(BEAT) ? goesOn(token, Optional.empty()) : part(token);
            parts.add(new Part(part.name, Optional.of(Length.of(next - from)), false, part.mark, part.index));
            from = next;
        }
        return parts;
    }

    /** One chord for several bars is held; several chords come again. */
    private void addBars(Bar bar, int times) {
        bars.add(bar);
        Part first = bar.parts.getFirst();
        boolean held = bar.parts.size() == 1;
        Part again = held ? new Part("", Optional.empty(), false, "", first.index) : first;
        Bar next = held ? new Bar(bar.meter, List.of(again), bar.beats) : bar;
        bars.addAll(Collections.nCopies(times - 1, next));
    }

    private boolean isWholeBars(Part part, Meter meter) {
        return part.isRounds
                && round.filter(one -> one.times(part.beats.orElseThrow())
                                .remainderOver(meter.length())
                                .isZero())
                        .isPresent();
    }

    /** Several chords that are all counted in rounds, and fill one bar together: {@code C:1r G/B:1r}. */
    private void shareRounds(List<Part> parts, Meter meter) {
        Length one = round.orElseThrow(() -> wrong("harmony-reader.no-round", parts.getFirst().index));
        var lines = new BarLines(List.of(meter));
        var beats = new ArrayList<Length>();
        Length at = Length.ZERO;
        for (Part part : parts) {
            if (!part.isRounds) throw wrong("harmony-reader.counts-rounds", part.index);
            Length end = at.plus(one.times(part.beats.orElseThrow()));
            if (meter.length().isLessThan(end)) {
                throw wrong("harmony-reader.uneven-rounds", part.index, end.dividedBy(meter.length()));
            }
            beats.add(lines.beatsBefore(end).minus(lines.beatsBefore(at)));
            at = end;
        }
        if (!at.equals(meter.length())) {
            throw wrong("harmony-reader.uneven-rounds", parts.getFirst().index, at.dividedBy(meter.length()));
        }
        bars.add(new Bar(meter, parts, beats));
    }

    private void addRounds(List<Part> parts, Meter meter) {
        Part part = parts.getFirst();
        if (parts.size() > 1) {
            if (parts.stream().allMatch(each -> isWholeBars(each, meter))) {
                parts.forEach(each -> addRounds(List.of(each), meter));
            } else shareRounds(parts, meter);
            return;
        }
        Length one = round.orElseThrow(() -> wrong("harmony-reader.no-round", part.index));
        Length whole = one.times(part.beats.orElseThrow());
        Length rest = whole.remainderOver(meter.length());
        if (!rest.isZero()) {
            throw wrong("harmony-reader.uneven-rounds", part.index, whole.dividedBy(meter.length()));
        }
        long count = whole.wholesOf(meter.length());
        checkCount(bars.size() + count);
        Length beats = Length.of(meter.beats().size());
        bars.add(new Bar(meter, List.of(part), List.of(beats)));
        var again = new Part("", Optional.empty(), false, "", part.index);
        for (long i = 1; i < count; i++) bars.add(new Bar(meter, List.of(again), List.of(beats)));
    }

    private Part part(Token token) {
        if (ChordName.isNoChord(token.text)) return new Part(token.text, Optional.empty(), false, "", token.index);
        Matcher written = CHORD.matcher(token.text);
        if (!written.matches()) throw wrong("harmony-reader.chord", token.index);
        String name = written.group(1);
        if (name.equals("-"))
            return goesOn(token, Optional.ofNullable(written.group(2)).map(Length::parse));
        boolean isChord = ChordName.isNoChord(name) || Chord.meaning(name).isPresent() && !name.endsWith("_");
        if (!isChord) throw wrong("harmony-reader.no-chord", token.index, name);
        if (Chord.plainName(name).length() > Chord.LONGEST_NAME) {
            throw wrong("harmony-reader.chord-characters", token.index, name.length());
        }
        try {
            Chord.checkedName(name);
        } catch (Refusal label) {
            throw new NotationException(label.reason(), line, token.index);
        }
        Optional<Length> beats = Optional.ofNullable(written.group(2)).map(Length::parse);
        if (beats.filter(count -> !count.isPositive()).isPresent())
            throw wrong("harmony-reader.gives-chord", token.index);
        boolean rounds = "r".equals(written.group(3));
        return new Part(name, beats, rounds, written.group(4), token.index);
    }

    private Part goesOn(Token token, Optional<Length> beats) {
        if (bars.isEmpty() && line.substring(0, token.index).isBlank())
            throw wrong("harmony-reader.chord-yet", token.index);
        return new Part("", beats, false, "", token.index);
    }

    /** How many felt beats each part has: those that are said, and an even share of the rest. */
    private List<Length> shares(List<Part> parts, Meter meter) {
        Length all = Length.of(meter.beats().size());
        Length said = parts.stream().flatMap(part -> part.beats.stream()).reduce(Length.ZERO, Length::plus);
        long open = parts.stream().filter(part -> part.beats.isEmpty()).count();
        Length rest = all.minus(said);
        int index = parts.getFirst().index;
        if (open == 0 && !rest.isZero() || rest.isLessThan(Length.ZERO)) throw uneven(said, all, index);
        if (open == 0)
            return parts.stream().map(part -> part.beats.orElseThrow()).toList();
        Length share = rest.dividedBy(open);
        if (!share.isPositive()) throw uneven(said.plus(Length.of(open)), all, index);
        if (!share.times(2).isWhole()) {
            throw wrong("harmony-reader.chords-sharing", index, open, rest, bars.size() + 1);
        }
        return parts.stream().map(part -> part.beats.orElse(share)).toList();
    }

    private NotationException uneven(Length chords, Length all, int index) {
        boolean over = all.isLessThan(chords);
        Length difference = over ? chords.minus(all) : all.minus(chords);
        String code = over ? "harmony-reader.too-many" : "harmony-reader.missing";
        return wrong(code, index, chords, bars.size() + 1, all, difference);
    }

    private void checkCount(long count) {
        if (count > MOST_BARS) throw wrong("harmony-reader.too-many-bars", 0, count);
    }

    private NotationException wrong(String code, int index, Object... values) {
        return new NotationException(code, line, Math.max(0, index), values);
    }
}
