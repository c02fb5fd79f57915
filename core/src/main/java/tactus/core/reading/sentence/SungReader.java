package tactus.core.reading.sentence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import tactus.core.ground.refusal.NotationException;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.section.Syllable;
import tactus.core.written.section.WordLine;

/** Reads words as they are typed; see {@link SungText}. */
final class SungReader {

    private static final Pattern EMPTY = Pattern.compile("[._–—-]+");

    private final BarLines bars;

    SungReader(BarLines bars) {
        this.bars = bars;
    }

    /**
     * Reads words.
     *
     * @throws NotationException if they are more than the bars, or a bracket is not closed
     */
    List<WordLine> read(String text) {
        if (text.length() > SungText.LONGEST) throw new NotationException("words.long", "", 0, SungText.LONGEST);
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
            add(words, WordPlaces.of(bars.meter(from + i - 1), words.size(), line), from + i, found);
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
                for (Length place : WordPlaces.grids(bars.meter(bar - 1)).get(grid)) {
                    places.add(new int[] {bar});
                    within.add(place);
                }
            }
            if (words.size() > places.size()) {
                if (grid == 2) throw WordPlaces.crowded(line, words.size(), places.size());
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
        List<List<Length>> grids = WordPlaces.grids(meter);
        List<Length> grid = grids.get(
                words.size() == 1 ? 0 : words.size() <= 2 * meter.beats().size() ? 1 : 2);
        if (words.size() > grid.size()) throw WordPlaces.crowded(text, words.size(), grid.size());
        List<Length> places = grid.subList(grid.size() - words.size(), grid.size());
        add(words, places, bar - 1, found);
    }

    private static void add(List<Word> words, List<Length> places, int bar, List<Syllable> found) {
        for (int i = 0; i < words.size(); i++) words.get(i).addTo(found, bar, places.get(i));
    }

    private record Word(String text, boolean goesOn) {

        void addTo(List<Syllable> found, int bar, Length inBar) {
            if (!text.equals(WordPlaces.NOTHING)) found.add(new Syllable(bar, inBar, text, goesOn));
        }
    }

    private static List<Word> words(String text) {
        var words = new ArrayList<Word>();
        for (String word : text.replaceAll("[()]", " ").strip().split("\\s+")) {
            if (word.isEmpty()) continue;
            if (EMPTY.matcher(word).matches()) {
                word.chars().forEach(_ -> words.add(new Word(WordPlaces.NOTHING, false)));
                continue;
            }
            List<String> parts = Arrays.stream(word.split("-"))
                    .filter(part -> !part.isEmpty())
                    .toList();
            for (int i = 0; i < parts.size(); i++) {
                boolean goesOn = i < parts.size() - 1 || word.endsWith("-");
                if (EMPTY.matcher(parts.get(i)).matches())
                    parts.get(i).chars().forEach(_ -> words.add(new Word(WordPlaces.NOTHING, false)));
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
}
