package tactus.core.written.harmony;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tactus.core.ground.refusal.NotationException;
import tactus.core.music.time.BarLines;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;

/** Puts bars that have been read together: chords that go on become one span. */
final class HarmonyAssembly {

    /** @param name empty where the last chord goes on */
    record Part(String name, Length beats, boolean isRounds, Optional<Length> rounds, String mark, int index) {}

    record Bar(Meter meter, List<Part> parts) {}

    private record Held(String chord, Length from, Optional<Length> rounds, String mark, int index) {}

    private final String line;
    private final List<Held> held = new ArrayList<>();

    HarmonyAssembly(String line) {
        this.line = line;
    }

    HarmonyLine of(List<Bar> bars, List<Loop> loops) {
        var lines = new BarLines(bars.stream().map(Bar::meter).toList());
        for (int i = 0; i < bars.size(); i++) hold(bars.get(i), lines.start(i), lines);
        var spans = new ArrayList<Span>();
        var marks = new ArrayList<HarmonyLine.Mark>();
        for (int i = 0; i < held.size(); i++) {
            Held chord = held.get(i);
            Length to = i + 1 < held.size() ? held.get(i + 1).from : lines.length();
            spans.add(new Span(chord.chord, length(chord, to, lines)));
            if (!chord.mark.isEmpty()) marks.add(new HarmonyLine.Mark(i, chord.mark.equals("_")));
        }
        return new HarmonyLine(bars.stream().map(Bar::meter).toList(), spans, marks, loops);
    }

    private SpanLength length(Held chord, Length to, BarLines lines) {
        Length most = Length.of(SpanLength.MOST);
        Length beats = lines.beatsBefore(to).minus(lines.beatsBefore(chord.from));
        boolean tooLong = chord.rounds.map(most::isLessThan).orElse(most.isLessThan(beats));
        if (tooLong) {
            throw new NotationException("harmony-assembly.holds-too", line, chord.index, chord.chord);
        }
        return chord.rounds
                .<SpanLength>map(SpanLength.Rounds::new)
                .orElseGet(() -> SpanLength.between(lines, chord.from, to));
    }

    private void hold(Bar bar, Length start, BarLines lines) {
        Length at = start;
        for (Part part : bar.parts) {
            if (!part.name.isEmpty()) {
                held.add(
                        new Held(part.name, at, part.isRounds ? part.rounds : Optional.empty(), part.mark, part.index));
            }
            at = lines.afterBeats(at, part.beats);
        }
    }
}
