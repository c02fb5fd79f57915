package tactus.core.counsel.snag;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineStroke;
import tactus.core.music.stroke.Stop;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.written.section.Cue;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;

/** Finds places where the guitar is silent for more than a bar and no cue says how to count on. */
final class StopSnags implements Finder {

    /** Bars that are counted in full in a cue; of more, the first and the last. */
    private static final int COUNTED = 3;

    @Override
    public void find(LaidSong laid, Consumer<Snag> found) {
        Set<Object> said = new HashSet<>();
        TimelineStroke stopped = null;
        for (TimelineStroke stroke : laid.timeline().strokes()) {
            if (stroke.stroke() instanceof Stop && stopped == null) stopped = stroke;
            else if (stroke.stroke().isStruck()) {
                if (stopped != null) {
                    check(laid, stopped, stroke.start())
                            .filter(snag -> said.add(snag.id()))
                            .ifPresent(found);
                }
                stopped = null;
            }
        }
    }

    private static Optional<Snag> check(LaidSong laid, TimelineStroke stop, Length until) {
        TimelineBar bar = laid.timeline().barAt(stop.start()).orElseThrow();
        Length silent = until.minus(stop.start());
        boolean isLong = bar.meter().length().isLessThan(silent);
        if (!isLong || hasCue(laid.timeline(), stop.start(), until)) return Optional.empty();
        Section section = laid.section(bar.section());
        Length beats = silent.dividedBy(bar.meter().shortestBeat());
        return Optional.of(Snag.of(
                        Kind.STOP_WITHOUT_COUNT,
                        laid.place(bar, laid.timeline().spans().get(stop.span())),
                        "snag.stop",
                        Quantity.beats(beats))
                .at("where.bar", section.id(), bar.numberInSection())
                .about(section.id(), bar.numberInSection())
                .counted("beats", beats)
                .mendedBy(fix(section, bar, silent)));
    }

    private static boolean hasCue(Timeline timeline, Length from, Length to) {
        return timeline.margin().cues().stream()
                .anyMatch(cue -> !cue.at().isLessThan(from) && cue.at().isLessThan(to));
    }

    private static Optional<Fix> fix(Section section, TimelineBar bar, Length silent) {
        if (bar.numberInSection() > section.bars().size()) return Optional.empty();
        Length bars = silent.dividedBy(bar.meter().length());
        long count = bars.isWhole() ? bars.wholesOf(Length.WHOLE) : bars.wholesOf(Length.WHOLE) + 1;
        int beats = bar.meter().beats().size();
        return Optional.of(new SectionFix.WriteCue(
                section.id(), new Cue(bar.numberInSection(), beats, PassChoice.EVERY, counted((int) count, beats))));
    }

    /** Bars as players count them: {@code 1 2 3 4, 2 2 3 4}. */
    private static String counted(int bars, int beats) {
        if (bars > COUNTED) return counted(1, beats) + " … " + bar(bars, beats);
        return IntStream.rangeClosed(1, bars).mapToObj(bar -> bar(bar, beats)).collect(Collectors.joining(", "));
    }

    private static String bar(int number, int beats) {
        return IntStream.rangeClosed(1, Math.min(beats, 6))
                .mapToObj(beat -> Integer.toString(beat == 1 ? number : beat))
                .collect(Collectors.joining(" "));
    }
}
