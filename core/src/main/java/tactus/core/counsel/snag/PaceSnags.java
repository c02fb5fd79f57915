package tactus.core.counsel.snag;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import tactus.core.laid.sum.Recording;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.song.ChangeCount;
import tactus.core.written.song.Song;
import tactus.core.written.song.Version;

/** Finds hands that would have to be too quick, and songs that are not as long as their recording. */
final class PaceSnags implements Finder {

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        Song song = laid.song();
        song.versions().shownOne().ifPresent(version -> checkVersion(laid, version, found));
        if (!song.changeCounts().isEmpty()) checkChanges(laid, found);
        song.facts()
                .recording()
                .flatMap(seconds -> Recording.of(laid.timeline(), seconds))
                .filter(PaceSnags::isOther)
                .ifPresent(recording -> found.accept(otherLength(recording)));
    }

    private static void checkVersion(LaidSong laid, Version version, Consumer<Snag> found) {
        Optional<Integer> most = version.mostStrokes();
        if (most.isEmpty()) return;
        fastest(laid.timeline()).forEach((id, perSecond) -> {
            if (perSecond <= most.get() + 1e-9) return;
            String strokes = Snag.rounded(perSecond, 1);
            found.accept(Snag.of(
                            Kind.TOO_FAST_FOR_VERSION,
                            new SnagPlace.InPattern(id, 0),
                            "snag.too-fast",
                            id,
                            strokes,
                            version.name(),
                            most.get())
                    .about(id, version.name())
                    .counted("strokes-a-second", strokes, "allowed", most.get())
                    .mendedBy(new RuleFix.OnlyBeats(version.name())));
        });
    }

    /** Goes over all pairs of strokes that follow each other. */
    private static void pairs(Timeline timeline, BiConsumer<TimelineStroke, TimelineStroke> pair) {
        TimelineStroke before = null;
        for (TimelineStroke stroke : timeline.strokes()) {
            if (!stroke.stroke().isStruck()) continue;
            if (before != null) pair.accept(before, stroke);
            before = stroke;
        }
    }

    /** The most strokes a second that each pattern has, between two strokes that follow each other. */
    private static Map<PatternId, Double> fastest(Timeline timeline) {
        Map<PatternId, Double> fastest = new LinkedHashMap<>();
        pairs(timeline, (before, stroke) -> {
            double gap = stroke.seconds() - before.seconds();
            boolean same = before.pattern().equals(stroke.pattern());
            if (same && gap > 1e-6) stroke.pattern().ifPresent(id -> fastest.merge(id, 1 / gap, Math::max));
        });
        return fastest;
    }

    private record Change(ChangeCount count, double gap, TimelineSpan span) {}

    /** Between the last stroke on one chord and the first on the next there must be time for the change. */
    private static void checkChanges(LaidSong laid, Consumer<Snag> found) {
        Map<ChangeCount, Change> tightest = new LinkedHashMap<>();
        pairs(laid.timeline(), (before, stroke) -> {
            if (before.span() != stroke.span()) note(laid, tightest, before, stroke);
        });
        tightest.values().stream()
                .filter(change -> change.gap + 1e-6 < change.count.seconds())
                .forEach(change -> found.accept(snag(laid, change)));
    }

    private static void note(
            LaidSong laid, Map<ChangeCount, Change> tightest, TimelineStroke before, TimelineStroke stroke) {
        TimelineSpan span = laid.timeline().spans().get(stroke.span());
        TimelineSpan last = laid.timeline().spans().get(before.span());
        laid.song().changeCount(last.chord(), span.chord()).ifPresent(count -> {
            var change = new Change(count, stroke.seconds() - before.seconds(), span);
            tightest.merge(count, change, (one, other) -> one.gap <= other.gap ? one : other);
        });
    }

    private static Snag snag(LaidSong laid, Change change) {
        double tempo = laid.timeline().tempo().perMinute() * change.gap / change.count.seconds();
        String needed = Snag.rounded(change.count.seconds(), 2);
        String left = Snag.rounded(change.gap, 2);
        return Snag.of(
                        Kind.CHANGE_TOO_QUICK,
                        laid.place(change.span),
                        "snag.too-quick",
                        change.count.perMinute(),
                        needed,
                        left,
                        (int) Math.floor(tempo))
                .at("where.change", change.count.from(), change.count.to())
                .about(change.count.from(), change.count.to())
                .counted("seconds-needed", needed, "seconds-left", left);
    }

    private static Snag otherLength(Recording recording) {
        double difference = recording.difference();
        double bar = recording.ours() / recording.bars();
        // To a tenth, as it is shown.
        double tempo = Math.round(recording.tempo() * 10) / 10.0;
        Optional<Fix> fix = recording.isPossible() ? Optional.of(new SetUpFix.TakeTempo(tempo)) : Optional.empty();
        return Snag.of(
                        Kind.NOT_AS_LONG_AS_RECORDING,
                        SnagPlace.InFacts.LENGTH,
                        difference > 0 ? "snag.longer-than-recording" : "snag.shorter-than-recording",
                        Recording.clock(recording.ours()),
                        Recording.clock(recording.seconds()),
                        Snag.rounded(Math.abs(difference), 1),
                        Snag.rounded(Math.abs(difference / bar), 1),
                        Snag.rounded(tempo, 1))
                .counted("seconds", Snag.rounded(difference, 1))
                .mendedBy(fix);
    }

    /** More than half a bar is more than the ends of recordings differ. */
    private static boolean isOther(Recording recording) {
        double bar = recording.ours() / recording.bars();
        return Math.abs(recording.difference()) > bar / 2;
    }
}
