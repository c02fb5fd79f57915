package tactus.core.snag;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import tactus.core.pattern.Form;
import tactus.core.pattern.Pattern;
import tactus.core.pattern.PatternId;
import tactus.core.rule.FormChoice;
import tactus.core.rule.Play;
import tactus.core.rule.Rule;
import tactus.core.rule.Where;
import tactus.core.snag.Snag.Fix;
import tactus.core.snag.Snag.Kind;
import tactus.core.snag.Snag.Number;
import tactus.core.song.ChangeCount;
import tactus.core.song.Song;
import tactus.core.song.Version;
import tactus.core.sum.Recording;
import tactus.core.time.Tempo;
import tactus.core.timeline.Timeline;
import tactus.core.timeline.TimelineSpan;
import tactus.core.timeline.TimelineStroke;

/** Finds hands that would have to be too quick, and songs that are not as long as their recording. */
final class PaceSnags {

    private final Song song;
    private final Timeline timeline;
    private final Finds found = new Finds();

    private PaceSnags(Song song, Timeline timeline) {
        this.song = song;
        this.timeline = timeline;
    }

    static List<Snag> of(Song song, Timeline timeline) {
        var snags = new PaceSnags(song, timeline);
        song.versions().shownOne().ifPresent(snags::checkVersion);
        if (!song.changeCounts().isEmpty()) snags.checkChanges();
        song.facts()
                .recording()
                .flatMap(seconds -> Recording.of(timeline, seconds))
                .ifPresent(snags::checkRecording);
        return snags.found.all();
    }

    private void checkVersion(Version version) {
        if (version.mostStrokes().isEmpty()) return;
        int most = version.mostStrokes().getAsInt();
        fastest().forEach((id, perSecond) -> {
            if (perSecond <= most + 1e-9) return;
            Pattern pattern = song.pattern(id).orElseThrow();
            found.add(
                    Kind.TOO_FAST_FOR_VERSION,
                    new Place.InPattern(id, 0),
                    pattern.name(),
                    "at this tempo \"" + pattern.name() + "\" has up to " + rounded(perSecond)
                            + " strokes a second; the version " + version.name() + " allows " + most + ".",
                    Optional.of(lighter(version)),
                    new Number("strokes a second", rounded(perSecond)),
                    new Number("allowed", Integer.toString(most)));
        });
    }

    private static Fix lighter(Version version) {
        Where where = Where.EVERYWHERE.withVersion(Optional.of(version.name()));
        return new Fix(
                "Play only beats in " + version.name(),
                edited -> edited.versions().named(version.name()).isEmpty()
                        ? edited
                        : edited.withRule(new Rule(where, Play.OPEN.with(FormChoice.of(Form.Rule.LIGHT_BEATS)))));
    }

    /** The most strokes a second that each pattern has, between two strokes that follow each other. */
    private Map<PatternId, Double> fastest() {
        Map<PatternId, Double> fastest = new LinkedHashMap<>();
        TimelineStroke before = null;
        for (TimelineStroke stroke : timeline.strokes()) {
            if (!stroke.stroke().isStruck()) continue;
            if (before != null
                    && before.pattern().equals(stroke.pattern())
                    && stroke.pattern().isPresent()) {
                double gap = stroke.seconds() - before.seconds();
                if (gap > 1e-6) fastest.merge(stroke.pattern().get(), 1 / gap, Math::max);
            }
            before = stroke;
        }
        return fastest;
    }

    private static String rounded(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }

    private record Change(ChangeCount count, double gap, TimelineSpan span) {}

    /** Between the last stroke on one chord and the first on the next there must be time for the change. */
    private void checkChanges() {
        Map<ChangeCount, Change> tightest = new LinkedHashMap<>();
        TimelineStroke before = null;
        for (TimelineStroke stroke : timeline.strokes()) {
            if (!stroke.stroke().isStruck()) continue;
            if (before != null && before.span() != stroke.span()) note(tightest, before, stroke);
            before = stroke;
        }
        tightest.values().stream()
                .filter(change -> change.gap + 1e-6 < change.count.seconds())
                .forEach(this::addChange);
    }

    private void note(Map<ChangeCount, Change> tightest, TimelineStroke before, TimelineStroke stroke) {
        TimelineSpan span = timeline.spans().get(stroke.span());
        song.changeCount(timeline.spans().get(before.span()).chord(), span.chord())
                .ifPresent(count -> {
                    double gap = stroke.seconds() - before.seconds();
                    tightest.merge(
                            count, new Change(count, gap, span), (one, other) -> one.gap <= other.gap ? one : other);
                });
    }

    private void addChange(Change change) {
        double tempo = timeline.tempo().perMinute() * change.gap / change.count.seconds();
        found.add(
                Kind.CHANGE_TOO_QUICK,
                new Place.InUse(change.span.use(), change.span.pass(), Math.max(0, change.span.inSection())),
                change.count.from() + " to " + change.count.to(),
                "the student changes " + change.count.perMinute() + " times a minute, "
                        + hundredths(change.count.seconds())
                        + " s each; the pattern leaves " + hundredths(change.gap) + " s. It fits up to "
                        + (int) Math.floor(tempo) + " a minute, or with a lighter form.",
                Optional.empty(),
                new Number("seconds needed", hundredths(change.count.seconds())),
                new Number("seconds left", hundredths(change.gap)));
    }

    private static String hundredths(double seconds) {
        return String.format(Locale.ROOT, "%.2f", seconds);
    }

    /** More than half a bar is more than the ends of recordings differ. */
    private void checkRecording(Recording recording) {
        double bar = recording.ours() / recording.bars();
        if (Math.abs(recording.difference()) <= bar / 2) return;
        double tempo = Math.round(recording.tempo() * 10) / 10.0;
        String longer = recording.difference() > 0 ? " longer" : " shorter";
        found.add(
                Kind.NOT_AS_LONG_AS_RECORDING,
                new Place.InFacts(),
                "Length",
                "the song lasts " + Recording.clock(recording.ours()) + ", the recording "
                        + Recording.clock(recording.seconds()) + ": " + rounded(Math.abs(recording.difference())) + " s"
                        + longer + ", " + rounded(Math.abs(recording.difference() / bar)) + " bars. At "
                        + rounded(tempo)
                        + " a minute it would be as long.",
                recording.isPossible()
                        ? Optional.of(new Fix(
                                "Take " + rounded(tempo) + " as the tempo",
                                edited -> edited.withFacts(edited.facts()
                                        .withTempo(new Tempo(
                                                tempo, edited.facts().tempo().beat())))))
                        : Optional.empty(),
                new Number("seconds", rounded(recording.difference())));
    }
}
