package tactus.core.counsel.snag;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import tactus.core.laid.timeline.StruckString;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.chord.ChordName;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.harmony.Chord;
import tactus.core.written.section.Section;
import tactus.core.written.section.SectionId;

/** Finds figures of a second guitar that do not fill their bars, or whose notes on the first beat of a bar are not in the chord. */
final class SecondPartSnags implements Finder {

    private record Off(SectionId section, PatternId figure) {}

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        laid.song().sections().stream()
                .filter(section -> !section.second().isEmpty())
                .forEach(section -> checkLength(laid, section).ifPresent(found));
        offChord(laid).forEach((off, strokes) -> found.accept(snag(laid, off, strokes)));
    }

    private static Optional<Snag> checkLength(LaidSong laid, Section section) {
        Length figures =
                section.second().stream().map(id -> laid.pattern(id).length()).reduce(Length.ZERO, Length::plus);
        Length bars = section.barLines().length();
        Length rest = bars.remainderOver(figures);
        if (rest.isZero()) return Optional.empty();
        Length beat = section.bars().getFirst().shortestBeat();
        return Optional.of(Snag.of(
                        Kind.SECOND_PART_UNEVEN,
                        section.id(),
                        "snag.second-uneven",
                        section.second(),
                        Quantity.beats(figures.dividedBy(beat)),
                        Quantity.beats(bars.dividedBy(beat)),
                        Quantity.beats(rest.dividedBy(beat)))
                .counted("beats-of-figures", figures.dividedBy(beat), "beats-of-bars", bars.dividedBy(beat)));
    }

    private static Map<Off, List<TimelineStroke>> offChord(LaidSong laid) {
        Map<Off, List<TimelineStroke>> off = new LinkedHashMap<>();
        for (TimelineStroke stroke : laid.timeline().parts().second()) {
            if (stroke.strings().isEmpty() || !isStrong(laid, stroke) || belongs(laid, stroke)) continue;
            var place = new Off(bar(laid, stroke).section(), stroke.pattern().orElseThrow());
            off.computeIfAbsent(place, _ -> new ArrayList<>()).add(stroke);
        }
        return off;
    }

    private static TimelineBar bar(LaidSong laid, TimelineStroke stroke) {
        return laid.timeline().bar(stroke.bar()).orElseThrow();
    }

    /** The first beat of a bar is its strongest (Longuet-Higgins and Lee 1984); what stands there is heard with the chord. */
    private static boolean isStrong(LaidSong laid, TimelineStroke stroke) {
        return bar(laid, stroke).start().equals(stroke.start());
    }

    private static boolean belongs(LaidSong laid, TimelineStroke stroke) {
        TimelineSpan span = laid.timeline().spans().get(stroke.span());
        Optional<ChordName> chord = Chord.meaning(span.chord());
        if (chord.isEmpty()) return true;
        StruckString note = stroke.strings().getFirst();
        int up = laid.song().asShown().facts().instrument().transposition() + span.semitonesUp();
        return chord.get().has(Math.floorMod(note.pitch().number() - up, 12));
    }

    private static Snag snag(LaidSong laid, Off off, List<TimelineStroke> strokes) {
        TimelineStroke first = strokes.getFirst();
        TimelineSpan span = laid.timeline().spans().get(first.span());
        List<Integer> bars = strokes.stream()
                .map(stroke -> bar(laid, stroke).numberInSection())
                .distinct()
                .toList();
        return Snag.of(
                        Kind.SECOND_PART_OFF_CHORD,
                        laid.place(bar(laid, first), span),
                        "snag.second-off",
                        off.figure,
                        bars.size(),
                        bars.stream().map(String::valueOf).toList(),
                        span.chord(),
                        first.strings().getFirst().string())
                .called(off.section)
                .about(off.section, off.figure)
                .counted("bars", bars.size());
    }
}
