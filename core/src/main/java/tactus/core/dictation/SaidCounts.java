package tactus.core.dictation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import tactus.core.stroke.Direction;
import tactus.core.stroke.Strum;

/**
 * Joins counts with the strokes they were said for: each before its stroke or each behind it, or all counts on their
 * own, or counts alone.
 */
final class SaidCounts {

    private final String text;
    private final List<SpokenStroke> strokes;
    private final List<SpokenCount> counts;

    SaidCounts(String text, List<SpokenStroke> strokes, List<SpokenCount> counts) {
        this.text = text;
        this.strokes = strokes;
        this.counts = counts;
    }

    Dictation joined() {
        if (counts.isEmpty()) return new Dictation(text, strokes, List.of());
        if (strokes.isEmpty()) return new Dictation(text, counted(), List.of());
        if (standAlone()) return new Dictation(text, strokes, struckOrAll());
        return new Dictation(text, interleaved(counts.getFirst().stroke() == 0), List.of());
    }

    /** Every count that is not in brackets is a stroke. */
    private List<SpokenStroke> counted() {
        var counted = new ArrayList<SpokenStroke>();
        var passed = new ArrayList<String>();
        for (SpokenCount count : struckOrAll()) {
            passed.add(count.said());
            if (count.isBracketed()) continue;
            counted.add(new SpokenStroke(
                    Strum.of(Direction.DOWN),
                    true,
                    Optional.empty(),
                    Optional.of(String.join(" ", passed)),
                    Optional.empty(),
                    count.index()));
            passed.clear();
        }
        return counted;
    }

    private boolean standAlone() {
        boolean together = counts.getFirst().stroke() == counts.getLast().stroke();
        return together && strokes.size() > 1 && counts.size() > 1;
    }

    /** Where all counts are in brackets, the brackets only keep them together. */
    private List<SpokenCount> struckOrAll() {
        if (!counts.stream().allMatch(SpokenCount::isBracketed)) return counts;
        return counts.stream()
                .map(count -> new SpokenCount(count.said(), count.index(), count.stroke(), false))
                .toList();
    }

    private List<SpokenStroke> interleaved(boolean before) {
        var joined = new ArrayList<SpokenStroke>();
        for (int i = 0; i < strokes.size(); i++) {
            int at = before ? i : i + 1;
            String said = counts.stream()
                    .filter(count -> count.stroke() == at)
                    .map(SpokenCount::said)
                    .collect(Collectors.joining(" "));
            joined.add(said.isEmpty() ? strokes.get(i) : strokes.get(i).withCount(said));
        }
        return joined;
    }
}
