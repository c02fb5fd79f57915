package tactus.core.reading.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.music.pitch.Key;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Tempo;
import tactus.core.written.section.Section;

/** Reads a chord text line by line. */
final class ChartReader {

    private static final int TAB = 8;
    private static final int LONGEST_HEADING = 60;
    private static final int LONGEST_TITLE = 100;
    private static final Pattern TIMES =
            Pattern.compile("(?<![\\s(])[\\s(]*(?:[x×]\\s*(\\d{1,2})|(\\d{1,2})\\s*[x×])\\)?\\s*$");
    private static final Pattern NUMBERED = Pattern.compile("(?<!\\s)\\s*\\d{1,2}[a-z]?$");
    private static final Pattern FACT = Pattern.compile("([\\p{L} ]{2,20})\\s*[:=]\\s*(.{1,40})");

    private final String text;
    private final Lexicon lexicon;
    private final List<ChartPart> parts = new ArrayList<>();
    private final List<ChartLine> lines = new ArrayList<>();
    private Optional<String> title = Optional.empty();
    private Optional<Key> key = Optional.empty();
    private OptionalInt capo = OptionalInt.empty();
    private Optional<Meter> meter = Optional.empty();
    private OptionalInt perMinute = OptionalInt.empty();
    private final Meter usual;
    private String name = "";
    private int times = 1;
    private boolean isOpen;
    private List<ChartBar> bars = new ArrayList<>();
    /** The bars of the line of chords above, that words would belong to, and where they stand. */
    private Optional<ChordRow.Read> above = Optional.empty();
    /** Lines of words of a part that has no chords so far, by their place among all lines. */
    private final Map<Integer, String> alone = new TreeMap<>();

    ChartReader(String text, Meter usual, Lexicon lexicon) {
        this.text = text;
        this.usual = usual;
        this.lexicon = lexicon;
    }

    Chart read() {
        for (String line : text.replace("\uFEFF", "").split("\\R", -1)) read(expanded(line));
        close();
        if (parts.stream().allMatch(part -> part.bars().isEmpty()))
            throw new NotationException("chart.no-chord", text, 0);
        return new Chart(title, key, capo, meter, perMinute, parts, lines);
    }

    /** Tabs stand for spaces, so that words stay under their chords. */
    private static String expanded(String line) {
        var wide = new StringBuilder();
        for (int i = 0; i < line.length(); i++) {
            char sign = line.charAt(i);
            if (sign == '\t') wide.repeat(" ", TAB - wide.length() % TAB);
            else if (!Character.isISOControl(sign)) wide.append(sign);
        }
        return wide.toString().stripTrailing();
    }

    private void read(String line) {
        if (line.isBlank()) {
            above = Optional.empty();
            note(line, ChartLine.Kind.BLANK, "chart.blank");
        } else if (!(isFact(line) || isHeading(line) || isChords(line) || isTitle(line))) words(line);
    }

    private void note(String line, ChartLine.Kind kind, String code, Object... values) {
        lines.add(new ChartLine(line, kind, Statement.of(code, values)));
    }

    private boolean isFact(String line) {
        if (isOpen) return false;
        Matcher fact = FACT.matcher(line.strip());
        String plain = line.strip();
        try {
            if (fact.matches() && lexicon.is("chart.key", fact.group(1).strip())) {
                key = Optional.of(key(fact.group(2).strip()));
            } else if (fact.matches() && lexicon.is("chart.title", fact.group(1).strip())) {
                title = Optional.of(fact.group(2).strip());
            } else if (!capo(plain, fact) && !tempo(plain, fact) && !meter(plain, fact)) return false;
        } catch (Refusal unread) {
            return false;
        }
        note(line, ChartLine.Kind.FACT, "chart.fact");
        return true;
    }

    /** {@code G}, {@code G major}, {@code e-Moll}: the tonality may be said in words, and a minor key with a small letter. */
    private Key key(String said) {
        String[] parts = said.split("[\\s-]+", 2);
        if (parts.length < 2) return Key.parse(said);
        String root = parts[0].substring(0, 1).toUpperCase(Locale.ROOT) + parts[0].substring(1);
        if (lexicon.is("chart.major", parts[1])) return Key.parse(root);
        return Key.parse(lexicon.is("chart.minor", parts[1]) ? root + "m" : said);
    }

    private boolean capo(String line, Matcher fact) {
        String value = fact.matches() && lexicon.is("chart.capo", fact.group(1).strip())
                ? fact.group(2)
                : lexicon.read("chart.capo-at", line).map(List::getFirst).orElse("");
        Matcher number = Pattern.compile("\\D*(\\d{1,2})\\D*").matcher(value);
        if (!number.matches() || Integer.parseInt(number.group(1)) > 11) return false;
        capo = OptionalInt.of(Integer.parseInt(number.group(1)));
        return true;
    }

    private boolean tempo(String line, Matcher fact) {
        String value = fact.matches() && lexicon.is("chart.tempo", fact.group(1).strip())
                ? fact.group(2)
                : lexicon.read("chart.tempo-of", line).map(List::getFirst).orElse("");
        Matcher number = Pattern.compile("\\D*(\\d{2,3})\\D*").matcher(value);
        if (!number.matches()) return false;
        int said = Integer.parseInt(number.group(1));
        if (said < Tempo.SLOWEST || said > Tempo.FASTEST) return false;
        perMinute = OptionalInt.of(said);
        return true;
    }

    private boolean meter(String line, Matcher fact) {
        String value = fact.matches() && lexicon.is("chart.meter", fact.group(1).strip())
                ? fact.group(2).strip()
                : line;
        if (!value.matches("\\d{1,2}/\\d{1,2}")) return false;
        meter = Optional.of(Meter.parse(value));
        return true;
    }

    /** {@code [Verse 1]}, {@code Chorus x2}, {@code Verse: G D Em C}; a heading opens a part. */
    private boolean isHeading(String line) {
        String plain = line.strip();
        Matcher bracketed =
                Pattern.compile("[\\[({<]([^\\[\\]]{1,60})[\\])}>]:?(.*)").matcher(plain);
        int colon = plain.indexOf(':');
        if (bracketed.matches() && isName(bracketed.group(1), true))
            return open(line, bracketed.group(1), bracketed.group(2));
        if (colon > 0 && !plain.substring(0, colon).contains("|") && isName(plain.substring(0, colon), false))
            return open(line, plain.substring(0, colon), plain.substring(colon + 1));
        return isKnown(plain) && open(line, plain, "");
    }

    /** Whether it can be the name of a part: anything in square brackets that is no chord, otherwise a word that we know. */
    private boolean isName(String said, boolean isMarked) {
        if (said.length() > LONGEST_HEADING || said.isBlank()) return false;
        boolean chords = ChordRow.of(said, 4, Optional.empty()).isPresent();
        return isKnown(said.strip()) || isMarked && !chords && said.strip().length() > 1;
    }

    private boolean isKnown(String said) {
        if (said.length() > LONGEST_HEADING) return false;
        String bare = NUMBERED.matcher(TIMES.matcher(said).replaceFirst("").replaceFirst(":$", ""))
                .replaceFirst("")
                .strip();
        return lexicon.is("chart.part", bare) || lexicon.is("chart.part", bare.replace('-', ' '));
    }

    private boolean open(String line, String said, String rest) {
        if (!rest.isBlank()
                && !isRepeat(rest)
                && ChordRow.of(rest, beats(), last()).isEmpty()) return false;
        close();
        Matcher repeat = TIMES.matcher(said + (isRepeat(rest) ? " " + rest.strip() : ""));
        times = 1;
        String bare = said;
        if (repeat.find()) {
            times = Math.max(1, Integer.parseInt(repeat.group(1) != null ? repeat.group(1) : repeat.group(2)));
            bare = repeat.replaceFirst("");
        }
        name = titled(bare.strip().replaceFirst("[:.]$", ""));
        isOpen = true;
        above = Optional.empty();
        if (!rest.isBlank() && !isRepeat(rest)) {
            int from = line.length() - rest.length();
            chords(" ".repeat(Math.max(0, from)) + rest).ifPresent(bars::addAll);
        }
        note(
                line,
                ChartLine.Kind.HEADING,
                bars.isEmpty() ? "chart.part" : "chart.part-with-bars",
                name,
                times,
                bars.size());
        return true;
    }

    private static boolean isRepeat(String rest) {
        return !rest.isBlank()
                && TIMES.matcher(" " + rest.strip()).replaceFirst("").isBlank();
    }

    /** A heading in capitals alone is written as a name. */
    private static String titled(String said) {
        if (said.isEmpty() || !said.equals(said.toUpperCase(Locale.ROOT))) return said;
        return said.charAt(0) + said.substring(1).toLowerCase(Locale.ROOT);
    }

    private boolean isChords(String line) {
        Optional<List<ChartBar>> read = chords(line);
        if (read.isEmpty()) return false;
        isOpen = true;
        forgetAlone();
        ChordRow.Read row = above.orElseThrow();
        bars.addAll(read.get());
        note(
                line,
                ChartLine.Kind.CHORDS,
                row.hasBarLines() ? "chart.bars" : "chart.chords",
                read.get().size(),
                row.times());
        return true;
    }

    private Optional<List<ChartBar>> chords(String line) {
        Optional<ChordRow.Read> read = ChordRow.of(line, beats(), last());
        if (read.isEmpty()) return Optional.empty();
        above = read;
        var all = new ArrayList<ChartBar>();
        for (int i = 0; i < read.get().times(); i++) all.addAll(read.get().bars());
        return bars.size() + all.size() > Section.MOST_BARS ? Optional.of(List.of()) : Optional.of(all);
    }

    private int beats() {
        return meter.orElse(usual).beats().size();
    }

    private Optional<ChartBar> last() {
        return bars.isEmpty() ? Optional.empty() : Optional.of(bars.getLast());
    }

    private boolean isTitle(String line) {
        boolean isFirst = lines.stream().allMatch(each -> each.kind() == ChartLine.Kind.BLANK);
        if (!isFirst || line.strip().length() > LONGEST_TITLE) return false;
        title = Optional.of(line.strip());
        note(line, ChartLine.Kind.TITLE, "chart.title");
        return true;
    }

    /** Words belong to the bars that they stand under, up to where the next bar's chord stands. */
    private void words(String line) {
        if (above.isEmpty() || bars.size() < above.get().bars().size()) {
            wordsAlone(line);
            return;
        }
        ChordRow.Read row = above.get();
        int first = bars.size() - row.bars().size() * row.times();
        for (int i = 0; i < row.bars().size() && first + i >= 0; i++) {
            int from = wordStart(line, row.columns().get(i));
            int to = i + 1 < row.bars().size() ? wordStart(line, row.columns().get(i + 1)) : line.length();
            String words = line.substring(Math.min(from, to), to).strip();
            Optional<String> pickup = i > 0
                    ? Optional.empty()
                    : Optional.of(line.substring(0, from).strip());
            bars.set(first + i, bars.get(first + i).withWords(words, pickup));
        }
        above = Optional.empty();
        note(line, ChartLine.Kind.WORDS, "chart.words");
    }

    /** Words under a heading that names a part of which the chords are known are sung to these. */
    private void wordsAlone(String line) {
        boolean isOfPart = isOpen && bars.isEmpty() && !name.isEmpty() && alone.size() < Section.MOST_BARS;
        if (isOfPart) alone.put(lines.size(), line.strip());
        if (isOfPart) note(line, ChartLine.Kind.WORDS, "chart.words-of-part", name);
        else note(line, ChartLine.Kind.UNKNOWN, isOpen ? "chart.words-alone" : "chart.unknown");
    }

    /** Chords come after all: what stands in front of them is sung to none. */
    private void forgetAlone() {
        alone.forEach((at, line) ->
                lines.set(at, new ChartLine(line, ChartLine.Kind.UNKNOWN, Statement.of("chart.words-alone"))));
        alone.clear();
    }

    /** A chord in the middle of a word belongs to the whole word. */
    private static int wordStart(String line, int column) {
        int at = Math.min(column, line.length());
        while (at > 0
                && at < line.length()
                && !Character.isWhitespace(line.charAt(at - 1))
                && !Character.isWhitespace(line.charAt(at))) at--;
        return at;
    }

    private void close() {
        if (isOpen) parts.add(new ChartPart(name, times, bars, List.copyOf(alone.values())));
        alone.clear();
        name = "";
        times = 1;
        bars = new ArrayList<>();
        isOpen = false;
    }
}
