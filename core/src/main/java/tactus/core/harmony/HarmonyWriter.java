package tactus.core.harmony;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.time.BarLines;
import tactus.core.time.Length;
import tactus.core.time.Meter;

/** Writes bars and chords as a harmony line. */
final class HarmonyWriter {

    private final List<Meter> meters;
    private final BarLines lines;
    private final List<Span> spans;
    private final List<HarmonyLine.Mark> marks;
    private final Meter usual;
    private final List<Length> edges = new ArrayList<>();

    HarmonyWriter(List<Meter> bars, List<Span> spans, List<HarmonyLine.Mark> marks, Meter usual, Length round) {
        meters = bars;
        lines = new BarLines(bars);
        this.spans = spans;
        this.marks = marks;
        this.usual = usual;
        edges.add(Length.ZERO);
        for (Span span : spans) edges.add(span.length().end(lines, edges.getLast(), round));
    }

    String write() {
        if (isOpen())
            return IntStream.range(0, spans.size())
                    .mapToObj(i -> spans.get(i).chord() + mark(i))
                    .collect(Collectors.joining(" "));
        var cells = new ArrayList<String>();
        int bar = 0;
        while (bar < meters.size()) {
            int held = heldBars(bar);
            String times = held > 1 ? " x" + held : "";
            cells.add((meter(bar) + chords(bar)).strip() + times);
            bar += Math.max(1, held);
        }
        while (!cells.isEmpty() && cells.getLast().isEmpty()) cells.removeLast();
        // A bar line in front says that chords of one bar share it.
        boolean shares = cells.size() == 1 && spans.size() > 1;
        return (shares ? "| " : "") + String.join(" | ", cells);
    }

    /** Whether it is not said of any chord how long it lasts. */
    private boolean isOpen() {
        return spans.size() > 1
                && spans.size() == meters.size()
                && meters.stream().allMatch(usual::equals)
                && spans.stream().allMatch(span -> span.length() instanceof SpanLength.Open);
    }

    private String meter(int bar) {
        return meters.get(bar).equals(usual) ? "" : "(" + meters.get(bar) + ") ";
    }

    /** For how many whole bars of one meter a chord is held that starts with {@code bar}; 0 if it is none. */
    private int heldBars(int bar) {
        int span = Collections.binarySearch(edges, lines.start(bar));
        if (span < 0 || span >= spans.size()) return 0;
        int last = bar;
        while (last < meters.size()
                && meters.get(last).equals(meters.get(bar))
                && lines.start(last).isLessThan(edges.get(span + 1))) last++;
        return lines.start(last).equals(edges.get(span + 1)) ? last - bar : 0;
    }

    private String chords(int bar) {
        Length from = lines.start(bar);
        Length to = lines.start(bar + 1);
        var names = new ArrayList<String>();
        var beats = new ArrayList<Length>();
        int found = Collections.binarySearch(edges, from);
        int first = found >= 0 ? found : -found - 2;
        for (int i = first; i < spans.size() && edges.get(i).isLessThan(to); i++) {
            Length start = edges.get(i).max(from);
            Length end = edges.get(i + 1).min(to);
            if (!start.isLessThan(end)) continue;
            names.add(edges.get(i).isLessThan(from) ? "-" : spans.get(i).chord() + mark(i));
            beats.add(lines.beatsBefore(end).minus(lines.beatsBefore(start)));
        }
        return joined(names, beats);
    }

    private String mark(int span) {
        return marks.stream()
                .filter(mark -> mark.span() == span)
                .map(mark -> mark.rings() ? "_" : ".")
                .findFirst()
                .orElse("");
    }

    /** Even shares need no numbers; a chord that goes on from the bar before takes as many dashes as it needs. */
    private static String joined(List<String> names, List<Length> beats) {
        boolean even = beats.stream().distinct().count() <= 1;
        if (even) return String.join(" ", names);
        var text = new ArrayList<String>();
        for (int i = 0; i < names.size(); i++) {
            String name = names.get(i);
            String mark = name.endsWith("_") || name.endsWith(".") && !name.startsWith("N")
                    ? name.substring(name.length() - 1)
                    : "";
            text.add(name.substring(0, name.length() - mark.length()) + ":" + beats.get(i) + mark);
        }
        return String.join(" ", text);
    }
}
