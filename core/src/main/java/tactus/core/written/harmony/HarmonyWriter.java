package tactus.core.written.harmony;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;

/** Writes bars and chords as a harmony line. */
final class HarmonyWriter {

    private final List<Meter> meters;
    private final BarLines lines;
    private final List<Span> spans;
    private final List<HarmonyLine.Mark> marks;
    private final List<Loop> loops;
    private final Meter usual;
    private final List<Length> edges = new ArrayList<>();

    HarmonyWriter(HarmonyLine line, Meter usual, Length round) {
        meters = line.bars();
        lines = new BarLines(meters);
        spans = line.spans();
        marks = line.marks();
        loops = line.loops();
        this.usual = usual;
        edges.add(Length.ZERO);
        for (Span span : spans) edges.add(span.length().end(lines, edges.getLast(), round));
    }

    String write() {
        if (isOpen())
            return IntStream.range(0, spans.size())
                    .mapToObj(i -> spans.get(i).chord() + mark(i))
                    .collect(Collectors.joining(" "));
        List<String> cells = looped(cells());
        while (!cells.isEmpty() && cells.getLast().isEmpty()) cells.removeLast();
        // A bar line in front says that chords of one bar share it.
        boolean shares =
                cells.size() == 1 && spans.size() > 1 && !cells.getFirst().startsWith("[");
        return (shares ? "| " : "") + String.join(" | ", cells);
    }

    /** What stands between two strokes, with the bar that it begins with. */
    private TreeMap<Integer, String> cells() {
        var cells = new TreeMap<Integer, String>();
        int bar = 0;
        while (bar < meters.size()) {
            int held = heldBars(bar);
            String times = held > 1 ? " x" + held : "";
            cells.put(bar, (meter(bar) + chords(bar)).strip() + times);
            bar += Math.max(1, held);
        }
        return cells;
    }

    /** The cells in order, those of a loop once and in brackets. */
    private List<String> looped(TreeMap<Integer, String> cells) {
        var written = new TreeMap<>(cells);
        for (Loop loop : loops) {
            if (!goesRound(loop, written)) continue;
            String once = String.join(
                    " | ",
                    written.subMap(loop.from(), loop.from() + loop.bars()).values());
            written.subMap(loop.from(), end(loop)).clear();
            written.put(loop.from(), "[" + once + "] x" + loop.times());
        }
        return new ArrayList<>(written.values());
    }

    private static int end(Loop loop) {
        return loop.from() + loop.bars() * loop.times();
    }

    private boolean goesRound(Loop loop, TreeMap<Integer, String> cells) {
        if (loop.from() + (long) loop.bars() * loop.times() > meters.size()) return false;
        boolean isWhole = end(loop) == meters.size() || cells.containsKey(end(loop));
        List<String> first = cells(cells, loop, 0);
        boolean isPlain = !first.isEmpty()
                && !first.getFirst().startsWith("-")
                && first.stream().noneMatch(cell -> cell.isEmpty() || cell.startsWith("["));
        return isWhole
                && isPlain
                && IntStream.range(0, loop.times())
                        .allMatch(time -> cells.containsKey(loop.from() + time * loop.bars())
                                && cells(cells, loop, time).equals(first));
    }

    private static List<String> cells(TreeMap<Integer, String> cells, Loop loop, int time) {
        int from = loop.from() + time * loop.bars();
        return List.copyOf(cells.subMap(from, from + loop.bars()).values());
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
