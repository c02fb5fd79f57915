package tactus.core.patterns.dictation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Strum;

/**
 * Joins counts with the strokes they were said for: each before its stroke or each behind it, or all counts on their
 * own, or counts alone.
 */
final class SaidCounts {

    private static final List<String> SYLLABLES = List.of("", "e", "&", "a");
    private static final Pattern NUMBERED = Pattern.compile("(\\d{1,3})(?: ([e&a]))?");

    private final String text;
    private final List<SpokenStroke> strokes;
    private final List<SpokenCount> counts;
    private final boolean isSpread;

    SaidCounts(String text, SaidStrokes said) {
        this.text = text;
        strokes = said.strokes();
        counts = said.counts();
        isSpread = said.isSpread();
    }

    Dictation joined() {
        if (counts.isEmpty()) return new Dictation(text, strokes, List.of());
        if (strokes.isEmpty()) return new Dictation(text, counted(), List.of());
        if (standAlone()) return new Dictation(text, strokes, struckOrAll());
        List<SpokenStroke> joined = interleaved(counts.getFirst().stroke() == 0);
        return new Dictation(text, isSpread ? inOrder(joined) : joined, List.of());
    }

    /** {@code down on 1 and 3, mute on 2 and 4}: by their counts, if each has one of its own. */
    private static List<SpokenStroke> inOrder(List<SpokenStroke> strokes) {
        List<Integer> places =
                strokes.stream().map(stroke -> place(stroke.count().orElse(""))).toList();
        boolean isSure = places.stream().noneMatch(place -> place < 0)
                && places.stream().distinct().count() == places.size();
        if (!isSure) return strokes;
        return strokes.stream()
                .sorted(Comparator.comparingInt(stroke -> place(stroke.count().orElseThrow())))
                .toList();
    }

    /** Where in a bar a count lies, below 0 if it does not say which number it follows. */
    private static int place(String count) {
        var said = NUMBERED.matcher(count);
        if (!said.matches()) return -1;
        String syllable = said.group(2) == null ? "" : said.group(2);
        return Integer.parseInt(said.group(1)) * SYLLABLES.size() + SYLLABLES.indexOf(syllable);
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
