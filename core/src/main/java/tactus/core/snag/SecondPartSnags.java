package tactus.core.snag;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import tactus.core.chord.ChordName;
import tactus.core.harmony.Chord;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.section.Section;
import tactus.core.snag.Snag.Kind;
import tactus.core.snag.Snag.Number;
import tactus.core.song.Song;
import tactus.core.time.Length;
import tactus.core.timeline.StruckString;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;
import tactus.core.timeline.TimelineSpan;
import tactus.core.timeline.TimelineStroke;

/** Finds figures of a second guitar that do not fill their bars, or whose notes on the first beat of a bar are not in the chord. */
final class SecondPartSnags {

    private final Song song;
    private final Timeline timeline;
    private final Finds found = new Finds();

    private SecondPartSnags(Song song, Timeline timeline) {
        this.song = song;
        this.timeline = timeline;
    }

    static List<Snag> of(Song song, Timeline timeline) {
        var snags = new SecondPartSnags(song, timeline);
        song.sections().stream().filter(section -> !section.second().isEmpty()).forEach(snags::checkLength);
        snags.checkNotes();
        return snags.found.all();
    }

    private void checkLength(Section section) {
        Length figures = section.second().stream()
                .map(id -> song.pattern(id).map(Pattern::length).orElseThrow())
                .reduce(Length.ZERO, Length::plus);
        Length bars = section.barLines().length();
        Length rest = bars.remainderOver(figures);
        if (rest.isZero()) return;
        String names = section.second().stream()
                .map(id -> song.pattern(id).map(Pattern::name).orElseThrow())
                .collect(Collectors.joining(", "));
        Length beat = section.bars().getFirst().shortestBeat();
        found.add(
                Kind.SECOND_PART_UNEVEN,
                section,
                "the second guitar's " + names + " lasts " + Words.beats(figures.dividedBy(beat)) + ", the section "
                        + Words.beats(bars.dividedBy(beat)) + ": the last " + Words.beats(rest.dividedBy(beat))
                        + " get only a part of it.",
                Optional.empty(),
                new Number("beats of the figures", figures.dividedBy(beat).toString()),
                new Number("beats of the bars", bars.dividedBy(beat).toString()));
    }

    private record Off(Section section, PatternId figure) {}

    private void checkNotes() {
        Map<Off, List<TimelineStroke>> off = new LinkedHashMap<>();
        for (TimelineStroke stroke : timeline.margin().second()) {
            if (stroke.strings().isEmpty() || !isStrong(stroke) || belongs(stroke)) continue;
            Section section = song.section(bar(stroke).section()).orElseThrow();
            off.computeIfAbsent(new Off(section, stroke.pattern().orElseThrow()), _ -> new ArrayList<>())
                    .add(stroke);
        }
        off.forEach(this::add);
    }

    private TimelineBar bar(TimelineStroke stroke) {
        return timeline.bar(stroke.bar()).orElseThrow();
    }

    /** The first beat of a bar is its strongest (Longuet-Higgins and Lee 1984); what stands there is heard with the chord. */
    private boolean isStrong(TimelineStroke stroke) {
        return bar(stroke).start().equals(stroke.start());
    }

    private boolean belongs(TimelineStroke stroke) {
        TimelineSpan span = timeline.spans().get(stroke.span());
        Optional<ChordName> chord = Chord.meaning(span.chord());
        if (chord.isEmpty()) return true;
        StruckString note = stroke.strings().getFirst();
        int up = song.asShown().facts().instrument().transposition() + span.semitonesUp();
        return chord.get().pitchClasses().contains(Math.floorMod(note.pitch().number() - up, 12));
    }

    private void add(Off off, List<TimelineStroke> strokes) {
        TimelineStroke first = strokes.getFirst();
        TimelineSpan span = timeline.spans().get(first.span());
        String name = song.pattern(off.figure).map(Pattern::name).orElse("");
        List<Integer> bars = strokes.stream()
                .map(stroke -> bar(stroke).inSection() + 1)
                .distinct()
                .toList();
        String places = (bars.size() == 1 ? "bar " : "bars ")
                + bars.stream().map(String::valueOf).collect(Collectors.joining(", "));
        found.add(
                Kind.SECOND_PART_OFF_CHORD,
                new Place.InUse(bar(first).use(), bar(first).pass(), Math.max(0, span.inSection())),
                off.section.name(),
                "the second guitar's \"" + name + "\" starts " + places
                        + " on a note that is not in the chord; the first is on " + span.chord() + ", string "
                        + first.strings().getFirst().string() + ".",
                Optional.empty(),
                new Number("bars", Integer.toString(bars.size())));
    }
}
