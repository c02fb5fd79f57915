package tactus.core.snag;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import tactus.core.section.Cue;
import tactus.core.section.PassChoice;
import tactus.core.section.Section;
import tactus.core.snag.Snag.Fix;
import tactus.core.snag.Snag.Kind;
import tactus.core.snag.Snag.Number;
import tactus.core.song.Song;
import tactus.core.stroke.Stop;
import tactus.core.time.Length;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineBar;
import tactus.core.timeline.TimelineSpan;
import tactus.core.timeline.TimelineStroke;

/** Finds places where the guitar is silent for more than a bar and no cue says how to count on. */
final class StopSnags {

    private final Song song;
    private final Timeline timeline;
    private final Finds found = new Finds();
    private final Set<String> said = new HashSet<>();

    private StopSnags(Song song, Timeline timeline) {
        this.song = song;
        this.timeline = timeline;
    }

    static List<Snag> of(Song song, Timeline timeline) {
        var snags = new StopSnags(song, timeline);
        snags.check();
        return snags.found.all();
    }

    private void check() {
        List<TimelineStroke> strokes = timeline.strokes();
        TimelineStroke stopped = null;
        for (TimelineStroke stroke : strokes) {
            if (stroke.stroke() instanceof Stop && stopped == null) stopped = stroke;
            else if (stroke.stroke().isStruck()) {
                if (stopped != null) check(stopped, stroke.start());
                stopped = null;
            }
        }
    }

    private void check(TimelineStroke stop, Length until) {
        TimelineBar bar = timeline.barAt(stop.start()).orElseThrow();
        Length silent = until.minus(stop.start());
        if (!bar.meter().length().isLessThan(silent) || hasCue(stop.start(), until)) return;
        TimelineSpan span = timeline.spans().get(stop.span());
        Section section = song.section(bar.section()).orElseThrow();
        String where = section.name() + ", bar " + (bar.inSection() + 1);
        if (!said.add(where)) return;
        Length beats = silent.dividedBy(bar.meter().shortestBeat());
        found.add(
                Kind.STOP_WITHOUT_COUNT,
                new Place.InUse(bar.use(), bar.pass(), Math.max(0, span.inSection())),
                where,
                "the guitar stops for " + Words.beats(beats) + " and nothing says how to count on.",
                fix(section, bar, silent),
                new Number("beats", beats.toString()));
    }

    private boolean hasCue(Length from, Length to) {
        return timeline.margin().cues().stream()
                .anyMatch(cue -> !cue.at().isLessThan(from) && cue.at().isLessThan(to));
    }

    private Optional<Fix> fix(Section section, TimelineBar bar, Length silent) {
        if (bar.inSection() >= section.bars().size()) return Optional.empty();
        Length bars = silent.dividedBy(bar.meter().length());
        long count = bars.isWhole() ? bars.wholesOf(Length.WHOLE) : bars.wholesOf(Length.WHOLE) + 1;
        String text = "count " + Words.bars((int) count);
        var cue = new Cue(bar.inSection() + 1, bar.meter().beats().size(), PassChoice.EVERY, text);
        return Optional.of(new Fix(
                "Write the cue \"" + text + "\" there",
                edited -> edited.withSection(section.id(), each -> {
                    var cues = new ArrayList<>(each.cues());
                    cues.add(cue);
                    return each.withCues(cues);
                })));
    }
}
