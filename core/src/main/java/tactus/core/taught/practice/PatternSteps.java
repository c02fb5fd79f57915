package tactus.core.taught.practice;

import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.statement.Statement;
import tactus.core.laid.timeline.BarRange;
import tactus.core.laid.timeline.PlayedForm;
import tactus.core.laid.timeline.Timeline;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.music.time.Quantity;
import tactus.core.patterns.pattern.Figure;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.picking.Plucked;
import tactus.core.patterns.rhythm.Cells;
import tactus.core.patterns.rhythm.PatternFacts;
import tactus.core.written.song.Song;

/**
 * The steps of one pattern: the hand alone, its cell, one chord; of a figure of the fingers the thumb, the open strings, one
 * chord, the finger that moves.
 */
final class PatternSteps {

    private final Song song;
    private final Timeline timeline;
    private final LadderSteps steps;

    PatternSteps(Song song, Timeline timeline, LadderSteps steps) {
        this.song = song;
        this.timeline = timeline;
        this.steps = steps;
    }

    void add(PlayedForm played) {
        Pattern pattern = played.pattern();
        Optional<BarRange> bars = firstBars(pattern);
        if (bars.isEmpty()) return;
        if (pattern.played().stream().anyMatch(Pluck.class::isInstance)) addFigure(played, bars.get());
        else addStrum(played, bars.get());
    }

    /** The first bars in which it is played whole. */
    private Optional<BarRange> firstBars(Pattern pattern) {
        return timeline.spans().stream()
                .filter(span -> span.pattern().filter(pattern.id()::equals).isPresent())
                .findFirst()
                .flatMap(span -> timeline.barAt(span.start())
                        .filter(bar -> bar.number() > 0)
                        .map(bar -> through(bar, span.start().plus(pattern.length()))));
    }

    private BarRange through(TimelineBar from, Length end) {
        int last = from.number();
        while (timeline.bar(last + 1).filter(bar -> bar.start().isLessThan(end)).isPresent()) last++;
        return new BarRange(from.number(), last);
    }

    private void addStrum(PlayedForm played, BarRange bars) {
        Pattern pattern = played.pattern();
        Length loop = LadderSteps.beats(pattern.length(), pattern.meter());
        int strokes = PatternFacts.struck(pattern).size();
        steps.add(
                LadderStep.Kind.DAMPED,
                steps.slowly(bars, loop),
                2,
                Statement.of("ladder.damped", pattern.name()),
                Statement.of("ladder.damped-why", Quantity.strokes(strokes), Quantity.beats(loop)));
        Cells.of(pattern).filter(cells -> cells.slots() > 1).ifPresent(cells -> addCell(pattern, cells, bars));
        addOneChord(played, bars, loop);
    }

    /** A cell that is no whole number of beats is practised in its bar: looped alone it drifts. */
    private void addCell(Pattern pattern, Cells cells, BarRange bars) {
        boolean inBar = cells.crossesBeats(pattern);
        Length loop = LadderSteps.beats(inBar ? pattern.length() : cells.length(), pattern.meter());
        steps.add(
                LadderStep.Kind.CELL,
                steps.slowly(bars, loop),
                2,
                Statement.of(inBar ? "ladder.cell-in-bar" : "ladder.cell", pattern.name()),
                Statement.of(
                        inBar ? "ladder.cell-in-bar-why" : "ladder.cell-why",
                        Quantity.beats(LadderSteps.beats(cells.length(), pattern.meter())),
                        Quantity.of(Quantity.Unit.TIME, cells.times())));
    }

    private void addOneChord(PlayedForm played, BarRange bars, Length loop) {
        String chord = mostPlayed(played);
        if (chord.isEmpty()) return;
        steps.add(
                LadderStep.Kind.ONE_CHORD,
                steps.slowly(barsOn(played.pattern(), chord).orElse(bars), loop),
                3,
                Statement.of("ladder.one-chord", played.pattern().name(), chord),
                Statement.of("ladder.one-chord-why", chord));
    }

    /** The first bars in which the pattern is played on {@code chord}, all of it if it ever is. */
    private Optional<BarRange> barsOn(Pattern pattern, String chord) {
        List<TimelineSpan> there = timeline.spans().stream()
                .filter(span -> span.chord().equals(chord)
                        && span.pattern().filter(pattern.id()::equals).isPresent()
                        && timeline.barAt(span.start())
                                .filter(bar -> bar.number() > 0)
                                .isPresent())
                .toList();
        return there.stream()
                .filter(span -> !span.end().isLessThan(span.start().plus(pattern.length())))
                .findFirst()
                .or(() -> there.stream().findFirst())
                .flatMap(span -> timeline.barAt(span.start())
                        .map(bar -> through(bar, span.start().plus(pattern.length()))));
    }

    /** The chord that lasts longest under the pattern. */
    private String mostPlayed(PlayedForm played) {
        Map<String, Length> lasts = new LinkedHashMap<>();
        for (TimelineSpan span : timeline.spans()) {
            if (span.pattern().filter(played.pattern().id()::equals).isPresent())
                lasts.merge(span.chord(), span.end().minus(span.start()), Length::plus);
        }
        return lasts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse("");
    }

    private void addFigure(PlayedForm played, BarRange bars) {
        Pattern pattern = played.pattern();
        Length loop = LadderSteps.beats(pattern.length(), pattern.meter());
        long thumbs = pattern.played().stream().filter(PatternSteps::isThumb).count();
        long all = pattern.played().stream().filter(Stroke::isStruck).count();
        if (thumbs > 0 && thumbs < all)
            steps.add(
                    LadderStep.Kind.THUMB,
                    steps.slowly(bars, loop),
                    2,
                    Statement.of("ladder.thumb", pattern.name()),
                    Statement.of("ladder.thumb-why", thumbs, all));
        steps.add(
                LadderStep.Kind.OPEN_STRINGS,
                steps.slowly(bars, loop),
                2,
                Statement.of("ladder.open-strings", pattern.name()),
                Statement.of("ladder.open-strings-why", Quantity.strokes(Math.toIntExact(all))));
        addOneChord(played, bars, loop);
        addMovingFinger(played, bars, loop);
    }

    private static boolean isThumb(Stroke stroke) {
        return stroke instanceof Pluck pluck
                && pluck.picks().stream()
                        .anyMatch(pick -> pick instanceof Pick.ByRole(Role role)
                                && (role == Role.ROOT_BASS || role == Role.ALTERNATE_BASS));
    }

    /** The finger of the picking hand that has another string on another chord. */
    private void addMovingFinger(PlayedForm played, BarRange bars, Length loop) {
        Map<Role, Set<Integer>> strings = new LinkedHashMap<>();
        Figure figure = played.figure(song);
        for (String name : played.chords()) {
            song.chord(name)
                    .filter(chord -> chord.fits(song.facts().tuning()))
                    .ifPresent(chord -> figure.on(song.facts().held(chord), name).stream()
                            .flatMap(List::stream)
                            .filter(plucked -> plucked.pick() instanceof Pick.ByRole)
                            .forEach(plucked -> strings.computeIfAbsent(role(plucked), _ -> new HashSet<>())
                                    .add(plucked.string())));
        }
        strings.entrySet().stream()
                .filter(entry -> entry.getValue().size() > 1)
                // The thumb goes with the root anyway.
                .max(Comparator.comparing((Map.Entry<Role, Set<Integer>> entry) ->
                                !entry.getKey().isThumb())
                        .thenComparingInt(entry -> entry.getValue().size()))
                .ifPresent(entry -> steps.add(
                        LadderStep.Kind.FINGER,
                        steps.slowly(bars, loop),
                        2,
                        Statement.of(
                                "ladder.finger",
                                played.pattern().name(),
                                Statement.of("ladder.role." + Lexicon.code(entry.getKey()))),
                        Statement.of(
                                "ladder.finger-why",
                                entry.getValue().stream()
                                        .sorted(Comparator.reverseOrder())
                                        .map(String::valueOf)
                                        .collect(Collectors.joining(", ")))));
    }

    private static Role role(Plucked plucked) {
        return ((Pick.ByRole) plucked.pick()).role();
    }
}
