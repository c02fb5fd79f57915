package tactus.core.written.section;

import java.util.List;
import java.util.Optional;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.written.section.Stretch.Bounds;

/**
 * A line of the words that are sung.
 *
 * @param syllables at least one, in order; the first one is the landmark by which the line is found
 */
public record WordLine(List<Syllable> syllables) {

    /** @throws Refusal if there is no syllable */
    public WordLine {
        syllables = List.copyOf(syllables);
        if (syllables.isEmpty()) throw new Refusal("words.none");
    }

    /** From the first syllable to the end of the beat of the last one, as far as the bars go. */
    Bounds sung(BarLines bars) {
        Length from = syllables.getFirst().at(bars).max(Length.ZERO);
        Length last = syllables.getLast().at(bars).max(Length.ZERO);
        Length to = bars.afterBeats(last, Length.WHOLE).min(bars.length());
        return new Bounds(from, to);
    }

    /** As much of it as there are bars for; empty if that is nothing. */
    Optional<WordLine> within(int bars) {
        if (syllables.stream().allMatch(each -> each.bar() <= bars)) return Optional.of(this);
        List<Syllable> kept =
                syllables.stream().filter(each -> each.bar() <= bars).toList();
        return kept.isEmpty() ? Optional.empty() : Optional.of(new WordLine(kept));
    }

    /** The line without the syllables of the bars behind {@code from} up to {@code to}, those behind them moved. */
    Optional<WordLine> spliced(int from, int to, int moved) {
        List<Syllable> kept = syllables.stream()
                .filter(each -> moved == 0 || each.bar() <= from || each.bar() > to)
                .map(each -> each.bar() > to ? each.movedBy(moved) : each)
                .toList();
        return kept.isEmpty() ? Optional.empty() : Optional.of(new WordLine(kept));
    }

    WordLine movedBy(int bars) {
        return new WordLine(syllables.stream().map(each -> each.movedBy(bars)).toList());
    }
}
