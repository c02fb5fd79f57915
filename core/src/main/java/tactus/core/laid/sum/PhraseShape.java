package tactus.core.laid.sum;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.written.section.Section;

/**
 * How many bars the phrases of a section have: {@code 4+4+8}. Phrases are looked for every four bars (common practice for
 * songs, every two where a section is shorter than eight); a new one begins where the chords start as an earlier one did,
 * and what starts otherwise belongs to the phrase before it, up to eight bars.
 *
 * @param bars of each phrase
 */
public record PhraseShape(List<Integer> bars) {

    private static final int USUAL = 4;
    private static final int LONGEST = 8;

    public PhraseShape {
        bars = List.copyOf(bars);
    }

    /** @param round how long one round is, for chords that are counted in rounds */
    public static PhraseShape of(Section section, Length round) {
        List<String> starts = starts(section, round);
        int count = section.bars().size();
        int step = count >= 2 * USUAL || count % USUAL == 0 ? USUAL : 2;
        Map<String, Boolean> known = new HashMap<>();
        var phrases = new ArrayList<Integer>();
        for (int bar = 0; bar < count; bar += step) {
            int length = Math.min(step, count - bar);
            boolean again = known.containsKey(starts.get(bar));
            boolean joins = !phrases.isEmpty() && !again && phrases.getLast() + length <= LONGEST && length == step;
            if (joins) phrases.set(phrases.size() - 1, phrases.getLast() + length);
            else phrases.add(length);
            if (!joins) known.put(starts.get(bar), true);
        }
        return new PhraseShape(phrases);
    }

    /** The chord that sounds as each bar starts. */
    private static List<String> starts(Section section, Length round) {
        BarLines bars = section.barLines();
        List<Length> edges = section.edges(round);
        var names = new ArrayList<String>();
        for (int bar = 0; bar < bars.bars(); bar++) {
            Length start = bars.start(bar);
            int span = 0;
            while (span < section.spans().size() && !start.isLessThan(edges.get(span + 1))) span++;
            names.add(span < section.spans().size() ? section.spans().get(span).chord() : "");
        }
        return names;
    }

    /** Returns {@code 4+4+8}. */
    @Override
    public String toString() {
        return bars.stream().map(String::valueOf).collect(Collectors.joining("+"));
    }
}
