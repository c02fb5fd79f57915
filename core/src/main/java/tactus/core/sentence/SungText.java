package tactus.core.sentence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.refusal.NotationException;
import tactus.core.refusal.Refusal;
import tactus.core.section.Syllable;
import tactus.core.section.WordLine;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Meter;

/**
 * The words of a section as they are typed, a line of them on each line: {@code (Car-ry) the lan-tern | down to the . pond}.
 *
 * <p>{@code |} is a bar line and every line begins a new bar. A hyphen parts the syllables of a word, {@code .} is a place
 * without a word, and what stands in brackets in front of a line is sung before its first bar. The words of a bar stand on its
 * beats; where there are more of them than beats, on half beats (in compound and additive meters on the units), then on halves of
 * those. Lines without any bar line share the bars of the section.
 */
public final class SungText {

    /** The most characters that are read. */
    public static final int LONGEST = 20_000;

    private static final String NOTHING = ".";
    private static final Pattern EMPTY = Pattern.compile("[._–—-]+");

    private final BarLines bars;

    /** @param bars those of the section */
    public SungText(BarLines bars) {
        this.bars = bars;
    }

    /** The places of a bar, from its start, on which {@code words} words stand. */
    private static List<Length> places(Meter meter, int words, String line) {
        for (List<Length> grid : grids(meter)) if (words <= grid.size()) return grid;
        throw crowded(line, words, grids(meter).getLast().size());
    }

    private static NotationException crowded(String line, int words, int room) {
        return new NotationException("words.crowded", line, 0, words, room);
    }

    private static List<List<Length>> grids(Meter meter) {
        List<Length> beats = new ArrayList<>();
        Length at = Length.ZERO;
        for (Length beat : meter.beats()) {
            beats.add(at);
            at = at.plus(beat);
        }
        boolean simple = meter.kind() == Meter.Kind.SIMPLE;
        int second = simple ? 2 * beats.size() : meter.count();
        return List.of(beats, even(meter.length(), second), even(meter.length(), 2 * second));
    }

    private static List<Length> even(Length length, int parts) {
        return IntStream.range(0, parts)
                .mapToObj(part -> length.times(part).dividedBy(parts))
                .toList();
    }

    /**
     * Reads words.
     *
     * @throws NotationException if they are more than the bars, or a bracket is not closed
     */
    public List<WordLine> parse(String text) {
        if (text.length() > LONGEST) throw new NotationException("words.long", "", 0, LONGEST);
        List<String> lines =
                text.lines().map(String::strip).filter(line -> !line.isEmpty()).toList();
        boolean hasBars = lines.stream().anyMatch(line -> line.contains("|"));
        int share = Math.max(1, bars.bars() / Math.max(1, lines.size()));
        var read = new ArrayList<WordLine>();
        int bar = 1;
        for (String line : lines) {
            int close = line.startsWith("(") ? line.indexOf(')') : -1;
            if (line.startsWith("(") && close < 0) throw new NotationException("words.bracket", line, 0);
            var syllables = new ArrayList<Syllable>();
            if (close > 0) addPickup(line.substring(1, close).replace('|', ' '), bar, syllables);
            String rest = line.substring(close + 1).strip();
            int taken = hasBars || share == 1
                    ? addBars(rest, line, bar, syllables)
                    : addSpread(rest, line, bar, share, syllables);
            if (!syllables.isEmpty()) read.add(new WordLine(syllables));
            bar += taken;
        }
        return List.copyOf(read);
    }

    private void check(int bar, String line) {
        if (bar > bars.bars()) throw new NotationException("words.beyond", line, 0, bars.bars());
    }

    private int addBars(String text, String line, int from, List<Syllable> found) {
        String[] parts =
                text.replaceFirst("^\\|", "").replaceFirst("\\|\\s*$", "").split("\\|", -1);
        for (int i = 0; i < parts.length; i++) {
            check(from + i, line);
            List<Word> words = words(parts[i]);
            add(words, places(bars.meter(from + i - 1), words.size(), line), from + i, found);
        }
        return parts.length;
    }

    /** Words without bar lines are spread over the beats of their bars. */
    private int addSpread(String text, String line, int from, int share, List<Syllable> found) {
        check(from, line);
        List<Word> words = words(text);
        int last = Math.min(from + share - 1, bars.bars());
        for (int grid = 0; grid < 3; grid++) {
            var places = new ArrayList<int[]>();
            var within = new ArrayList<Length>();
            for (int bar = from; bar <= last; bar++) {
                for (Length place : grids(bars.meter(bar - 1)).get(grid)) {
                    places.add(new int[] {bar});
                    within.add(place);
                }
            }
            if (words.size() > places.size()) {
                if (grid == 2) throw crowded(line, words.size(), places.size());
                continue;
            }
            for (int i = 0; i < words.size(); i++) {
                int place = Math.min(places.size() - 1, i * places.size() / Math.max(words.size(), 1));
                words.get(i).addTo(found, places.get(place)[0], within.get(place));
            }
            break;
        }
        return share;
    }

    /** A pick-up of one word stands on the last beat in front of the line, a longer one on the half beats in front of it. */
    private void addPickup(String text, int bar, List<Syllable> found) {
        List<Word> words = words(text);
        Meter meter = bars.meter(Math.max(0, bar - 2));
        List<List<Length>> grids = grids(meter);
        List<Length> grid = grids.get(
                words.size() == 1 ? 0 : words.size() <= 2 * meter.beats().size() ? 1 : 2);
        if (words.size() > grid.size()) throw crowded(text, words.size(), grid.size());
        List<Length> places = grid.subList(grid.size() - words.size(), grid.size());
        add(words, places, bar - 1, found);
    }

    private static void add(List<Word> words, List<Length> places, int bar, List<Syllable> found) {
        for (int i = 0; i < words.size(); i++) words.get(i).addTo(found, bar, places.get(i));
    }

    private record Word(String text, boolean goesOn) {

        void addTo(List<Syllable> found, int bar, Length inBar) {
            if (!text.equals(NOTHING)) found.add(new Syllable(bar, inBar, text, goesOn));
        }
    }

    private static List<Word> words(String text) {
        var words = new ArrayList<Word>();
        for (String word : text.replaceAll("[()]", " ").strip().split("\\s+")) {
            if (word.isEmpty()) continue;
            if (EMPTY.matcher(word).matches()) {
                word.chars().forEach(_ -> words.add(new Word(NOTHING, false)));
                continue;
            }
            List<String> parts = Arrays.stream(word.split("-"))
                    .filter(part -> !part.isEmpty())
                    .toList();
            for (int i = 0; i < parts.size(); i++) {
                boolean goesOn = i < parts.size() - 1 || word.endsWith("-");
                if (EMPTY.matcher(parts.get(i)).matches())
                    parts.get(i).chars().forEach(_ -> words.add(new Word(NOTHING, false)));
                else words.add(new Word(shortened(parts.get(i)), goesOn));
            }
        }
        return words;
    }

    /** @throws Refusal if a word is too long to be sung on a beat */
    private static String shortened(String part) {
        if (part.length() > Syllable.LONGEST)
            throw new NotationException("words.syllable", part, 0, Syllable.LONGEST, part.length());
        return part;
    }

    /** A text with the place of the caret in it. */
    public record Moved(String text, int caret) {

        public Moved {
            Objects.requireNonNull(text);
        }
    }

    /**
     * Moves the word at {@code caret} a place later, over an empty one or by putting one in front of it, or earlier if
     * {@code step} is negative and the place in front of it is empty.
     */
    public static Moved moved(String text, int caret, int step) {
        int start = wordStart(text, Math.clamp(caret, 0, text.length()));
        int end = start;
        while (end < text.length() && !isBetween(text.charAt(end))) end++;
        if (end < text.length() && text.charAt(end) == '-') end++;
        if (start == end) return new Moved(text, caret);
        String word = text.substring(start, end);
        if (step < 0) {
            int dot = text.substring(0, start).stripTrailing().length() - 1;
            if (dot < 0 || text.charAt(dot) != NOTHING.charAt(0)) return new Moved(text, caret);
            String without = text.substring(0, dot) + word + " " + NOTHING + text.substring(end);
            return new Moved(without, dot);
        }
        String rest = text.substring(end);
        String follows = rest.stripLeading();
        boolean swaps = follows.startsWith(NOTHING);
        String behind = swaps ? " " + follows.substring(1).stripLeading() : rest;
        return new Moved(text.substring(0, start) + NOTHING + " " + word + behind, start + NOTHING.length() + 1);
    }

    private static int wordStart(String text, int caret) {
        int start = caret;
        while (start < text.length() && start == caret && isBetween(text.charAt(start)) && text.charAt(start) == ' ')
            start++;
        while (start > 0 && !isBetween(text.charAt(start - 1))) start--;
        return start;
    }

    private static boolean isBetween(char sign) {
        return Character.isWhitespace(sign) || "|-()".indexOf(sign) >= 0;
    }

    /** Writes words so that they are read the same. */
    public String format(List<WordLine> lines) {
        var text = new ArrayList<String>();
        int next = 1;
        for (WordLine line : lines) {
            List<Syllable> all = line.syllables();
            int first = all.stream()
                    .mapToInt(Syllable::bar)
                    .filter(bar -> bar > 0)
                    .min()
                    .orElse(next);
            int start = Math.max(next, pickupBar(all, next, first));
            while (next < start) {
                text.add("|" + NOTHING);
                next++;
            }
            int from = start;
            List<Syllable> pickup =
                    all.stream().filter(each -> each.bar() < from).toList();
            int last = Math.max(from, all.getLast().bar());
            String said = IntStream.rangeClosed(from, last)
                    .mapToObj(bar -> bar(all, bar))
                    .collect(Collectors.joining(" | "));
            String front = pickup.isEmpty() ? "" : "(" + pickup(pickup, from) + ") ";
            text.add(front + (last == from ? "| " + said : said));
            next = last + 1;
        }
        return String.join("\n", text);
    }

    /** The bar behind the pick-up of a line that has one. */
    private static int pickupBar(List<Syllable> all, int next, int first) {
        boolean hasPickup = all.getFirst().bar() < next;
        return hasPickup ? next : first;
    }

    /** What stands in front of a line, with the empty places up to it. */
    private String pickup(List<Syllable> syllables, int bar) {
        Meter meter = bars.meter(Math.max(0, bar - 2));
        List<List<Length>> grids = grids(meter);
        boolean isOneBeat = syllables.size() == 1
                && syllables.getFirst().inBar().equals(grids.getFirst().getLast());
        if (isOneBeat) return joined(syllables);
        for (List<Length> grid : grids.subList(1, grids.size())) {
            int first = grid.indexOf(syllables.getFirst().inBar());
            boolean fits = first >= 0 && syllables.stream().allMatch(each -> grid.contains(each.inBar()));
            if (!fits) continue;
            boolean isFiner = grid == grids.getLast();
            int least = isFiner ? Math.min(grid.size() - 1, 2 * meter.beats().size()) : 1;
            return onGrid(syllables, grid.subList(Math.min(first, grid.size() - 1 - least), grid.size()), grid.size());
        }
        return joined(syllables);
    }

    private static String joined(List<Syllable> syllables) {
        var text = new StringBuilder();
        for (Syllable each : syllables) {
            text.append(each.text()).append(each.goesOn() ? "-" : " ");
        }
        return text.toString().strip();
    }

    private String bar(List<Syllable> all, int bar) {
        List<Syllable> here = all.stream().filter(each -> each.bar() == bar).toList();
        Meter meter = bars.meter(Math.min(bar, bars.bars()) - 1);
        int least = 0;
        for (List<Length> grid : grids(meter)) {
            boolean fits = here.stream().allMatch(each -> grid.contains(each.inBar()));
            if (fits) return onGrid(here, grid, least);
            least = grid.size();
        }
        return joined(here);
    }

    /** @param least as many places are filled or left empty at least, so that the same grid is taken when it is read */
    private static String onGrid(List<Syllable> here, List<Length> grid, int least) {
        var text = new StringBuilder();
        int written = 0;
        int last = here.isEmpty() ? -1 : grid.indexOf(here.getLast().inBar());
        for (int place = 0; place < grid.size(); place++) {
            if (place > last && written > least) break;
            Length at = grid.get(place);
            var syllable = here.stream().filter(each -> each.inBar().equals(at)).findFirst();
            String said = syllable.map(Syllable::text).orElse(NOTHING);
            boolean goesOn = syllable.filter(Syllable::goesOn).isPresent();
            text.append(said).append(goesOn ? "-" : " ");
            written++;
        }
        return text.toString().strip();
    }
}
