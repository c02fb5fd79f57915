package tactus.core.reading.sentence;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.written.section.Syllable;
import tactus.core.written.section.WordLine;

/** Writes words so that they are read the same; see {@link SungText}. */
final class SungWriter {

    private final BarLines bars;

    SungWriter(BarLines bars) {
        this.bars = bars;
    }

    /** Writes words so that they are read the same. */
    String write(List<WordLine> lines) {
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
                text.add("|" + WordPlaces.NOTHING);
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
        List<List<Length>> grids = WordPlaces.grids(meter);
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
        for (List<Length> grid : WordPlaces.grids(meter)) {
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
            String said = syllable.map(Syllable::text).orElse(WordPlaces.NOTHING);
            boolean goesOn = syllable.filter(Syllable::goesOn).isPresent();
            text.append(said).append(goesOn ? "-" : " ");
            written++;
        }
        return text.toString().strip();
    }
}
