package tactus.core.reading.chart;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.BarLines;
import tactus.core.reading.sentence.SungText;
import tactus.core.written.section.WordLine;

/** The words of a part of a chord text, put under its bars. */
final class ChartWords {

    private ChartWords() {}

    /** The words, of which there may be none; empty where a bar has more of them than can be sung in it. */
    static Optional<List<WordLine>> of(ChartPart part, BarLines bars) {
        try {
            return Optional.of(new SungText(bars).parse(text(part, bars.bars())));
        } catch (Refusal crowded) {
            return Optional.empty();
        }
    }

    private static String text(ChartPart part, int bars) {
        if (part.bars().isEmpty()) return alone(part.words(), bars);
        var text = new StringBuilder();
        for (int i = 0; i < part.bars().size(); i++) {
            ChartBar bar = part.bars().get(i);
            String pickup = plain(bar.pickup().orElse(""));
            boolean opens = i > 0 && bar.pickup().isPresent();
            if (opens) text.append('\n');
            if (!pickup.isEmpty()) text.append('(').append(pickup).append(") ");
            text.append("| ").append(plain(bar.words())).append(" .".repeat(room(part, i)));
        }
        return text.toString();
    }

    /** Lines that share the bars, some of them together where they are more than the bars. */
    private static String alone(List<String> lines, int bars) {
        int together = Math.ceilDiv(lines.size(), bars);
        return IntStream.iterate(0, from -> from < lines.size(), from -> from + together)
                .mapToObj(from -> lines.subList(from, Math.min(lines.size(), from + together)))
                .map(some -> plain(String.join(" ", some)))
                .collect(Collectors.joining("\n"));
    }

    /** Places that are kept free at the end of a bar, because a pick-up stands there; at least one where nothing is sung. */
    private static int room(ChartPart part, int bar) {
        boolean isLast = bar + 1 == part.bars().size();
        String next = isLast ? "" : plain(part.bars().get(bar + 1).pickup().orElse(""));
        int words = next.isEmpty() ? 0 : next.split("\\s+").length;
        boolean isEmpty = plain(part.bars().get(bar).words()).isEmpty();
        return isEmpty ? 1 : words == 1 ? 2 : words;
    }

    /** Without what has a meaning where words are typed. */
    private static String plain(String words) {
        return words.replaceAll("[()|]", " ")
                .replaceAll("(?<=^|\\s)[-._–—]+(?=\\s|$)", " ")
                .strip();
    }
}
