package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
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
import tactus.core.music.shape.FrettingHand;
import tactus.core.music.shape.Neck;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.time.Length;
import tactus.core.music.time.Meter;
import tactus.core.music.time.Quantity;
import tactus.core.patterns.pattern.Figure;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.picking.Plucked;
import tactus.core.patterns.rhythm.Cells;
import tactus.core.patterns.rhythm.Difficulty;
import tactus.core.patterns.rhythm.PatternFacts;
import tactus.core.written.rule.FormChoice;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;

/**
 * The steps from a slow tempo to a song: each pattern with the easiest first, the hand alone, its cell, one chord; then the
 * hardest changes, the changes in order, the sections, the song. A figure of the fingers has steps of its own: the thumb, the
 * open strings, one chord, the finger that moves. Four clean rounds in a row are usual (common practice).
 *
 * @param steps in the order in which they are taken
 */
public record Ladder(List<LadderStep> steps) {

    /** How many clean rounds in a row make a step done (common practice). */
    public static final int CLEAN = 4;

    /** How many changes get a drill of their own. */
    private static final int MOST_CHANGES = 3;
    /** Where one begins, of the tempo of the song; from memory. */
    private static final double SLOW = 0.6;

    private static final int SLOWEST = 30;

    public Ladder {
        steps = List.copyOf(steps);
    }

    /** The ladder for a usual hand on a usual neck. */
    public static Ladder of(Song song, Timeline timeline) {
        return of(
                song, timeline, new Neck(Neck.USUAL.scaleLength(), song.facts().capo()), FrettingHand.USUAL);
    }

    /**
     * The ladder of the version of {@code song} that is shown.
     *
     * @param timeline laid out from it
     */
    public static Ladder of(Song song, Timeline timeline, Neck neck, FrettingHand hand) {
        return new Ladder(new Climbing(song.asShown(), timeline, neck, hand).steps());
    }

    private static final class Climbing {

        private final Song song;
        private final Timeline timeline;
        private final List<ChangeWork> changes;
        private final int target;
        private final List<LadderStep> steps = new ArrayList<>();

        Climbing(Song song, Timeline timeline, Neck neck, FrettingHand hand) {
            this.song = song;
            this.timeline = timeline;
            changes = ChangeWork.of(song, timeline, neck, hand);
            target = Math.max(1, (int) Math.round(song.facts().tempo().perMinute()));
        }

        List<LadderStep> steps() {
            List<PlayedForm> all = PlayedForm.of(song, timeline);
            all.stream()
                    // A form is learned with its pattern where that is played too.
                    .filter(played -> played.form().equals(FormChoice.FULL)
                            || all.stream()
                                    .noneMatch(other -> other.form().equals(FormChoice.FULL)
                                            && other.pattern()
                                                    .id()
                                                    .equals(played.pattern().id())))
                    .filter(played -> !PatternFacts.struck(played.pattern()).isEmpty())
                    .sorted(Comparator.comparingDouble(played -> Difficulty.of(
                                    played.pattern(), song.facts().tempo())
                            .points()))
                    .forEach(this::addPattern);
            changes.stream().limit(MOST_CHANGES).forEach(this::addChange);
            addSections();
            addSong();
            return steps;
        }

        private int slow() {
            return Math.min(target, Math.max(SLOWEST, (int) Math.round(target * SLOW)));
        }

        private void add(
                LadderStep.Kind kind,
                Statement what,
                BarRange bars,
                Length loop,
                int from,
                int minutes,
                Statement why) {
            steps.add(new LadderStep(kind, what, bars, loop, Math.min(from, target), target, CLEAN, minutes, why));
        }

        private Length beats(Length length, Meter meter) {
            return length.dividedBy(meter.shortestBeat());
        }

        private void addPattern(PlayedForm played) {
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
            while (timeline.bar(last + 1)
                    .filter(bar -> bar.start().isLessThan(end))
                    .isPresent()) last++;
            return new BarRange(from.number(), last);
        }

        private void addStrum(PlayedForm played, BarRange bars) {
            Pattern pattern = played.pattern();
            Length loop = beats(pattern.length(), pattern.meter());
            int strokes = PatternFacts.struck(pattern).size();
            add(
                    LadderStep.Kind.DAMPED,
                    Statement.of("ladder.damped", pattern.name()),
                    bars,
                    loop,
                    slow(),
                    2,
                    Statement.of("ladder.damped-why", Quantity.strokes(strokes), Quantity.beats(loop)));
            Cells.of(pattern).filter(cells -> cells.slots() > 1).ifPresent(cells -> addCell(pattern, cells, bars));
            addOneChord(played, bars, loop);
        }

        /** A cell that is no whole number of beats is practised in its bar: looped alone it drifts. */
        private void addCell(Pattern pattern, Cells cells, BarRange bars) {
            boolean inBar = cells.crossesBeats(pattern);
            Length loop = beats(inBar ? pattern.length() : cells.length(), pattern.meter());
            add(
                    LadderStep.Kind.CELL,
                    Statement.of(inBar ? "ladder.cell-in-bar" : "ladder.cell", pattern.name()),
                    bars,
                    loop,
                    slow(),
                    2,
                    Statement.of(
                            inBar ? "ladder.cell-in-bar-why" : "ladder.cell-why",
                            Quantity.beats(beats(cells.length(), pattern.meter())),
                            Quantity.of(Quantity.Unit.TIME, cells.times())));
        }

        private void addOneChord(PlayedForm played, BarRange bars, Length loop) {
            String chord = mostPlayed(played);
            if (chord.isEmpty()) return;
            add(
                    LadderStep.Kind.ONE_CHORD,
                    Statement.of("ladder.one-chord", played.pattern().name(), chord),
                    barsOn(played.pattern(), chord).orElse(bars),
                    loop,
                    slow(),
                    3,
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
            Length loop = beats(pattern.length(), pattern.meter());
            long thumbs = pattern.played().stream().filter(Climbing::isThumb).count();
            long all = pattern.played().stream().filter(Stroke::isStruck).count();
            if (thumbs > 0 && thumbs < all)
                add(
                        LadderStep.Kind.THUMB,
                        Statement.of("ladder.thumb", pattern.name()),
                        bars,
                        loop,
                        slow(),
                        2,
                        Statement.of("ladder.thumb-why", thumbs, all));
            add(
                    LadderStep.Kind.OPEN_STRINGS,
                    Statement.of("ladder.open-strings", pattern.name()),
                    bars,
                    loop,
                    slow(),
                    2,
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
                    .ifPresent(entry -> add(
                            LadderStep.Kind.FINGER,
                            Statement.of(
                                    "ladder.finger",
                                    played.pattern().name(),
                                    Statement.of("ladder.role." + Lexicon.code(entry.getKey()))),
                            bars,
                            loop,
                            slow(),
                            2,
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

        /** The tempo at which a change fits is where it begins. */
        private void addChange(ChangeWork change) {
            double fits = change.fitsAt(target);
            int from = Math.max(1, Math.min(slow(), (int) Math.floor(fits)));
            int first = Math.max(1, change.bar() - 1);
            TimelineBar bar = timeline.bar(change.bar()).orElseThrow();
            Length loop = beats(bar.meter().length().times(change.bar() > 1 ? 2 : 1), bar.meter());
            add(
                    LadderStep.Kind.CHANGE,
                    Statement.of("ladder.change", change.from(), change.to()),
                    new BarRange(first, Math.max(first, change.bar())),
                    loop,
                    from,
                    3,
                    Statement.of(
                            change.isCounted() ? "ladder.change-counted-why" : "ladder.change-why",
                            change.from(),
                            change.to(),
                            Quantity.of(Quantity.Unit.TIME, change.times()),
                            seconds(change.seconds()),
                            seconds(change.gap()),
                            (int) Math.floor(fits)));
        }

        private static String seconds(double seconds) {
            return String.format(Locale.ROOT, "%.2f", seconds);
        }

        private void addSections() {
            Set<SectionId> known = new HashSet<>();
            for (TimelineBar bar : timeline.bars()) {
                if (bar.number() < 1 || !known.add(bar.section())) continue;
                List<TimelineBar> pass = timeline.barsOf(bar.use(), bar.pass()).stream()
                        .filter(each -> each.number() > 0)
                        .toList();
                addSection(bar.section(), pass);
            }
        }

        private void addSection(SectionId id, List<TimelineBar> pass) {
            String name = song.section(id).orElseThrow().name();
            var bars = new BarRange(pass.getFirst().number(), pass.getLast().number());
            Length length = pass.getLast().end().minus(pass.getFirst().start());
            Length loop = beats(length, pass.getFirst().meter());
            Set<String> inOrder = new LinkedHashSet<>();
            for (TimelineBar bar : pass) timeline.spansIn(bar).forEach(span -> inOrder.add(span.chord()));
            if (inOrder.size() > 1)
                add(
                        LadderStep.Kind.CHANGES,
                        Statement.of("ladder.changes", name),
                        bars,
                        loop,
                        slow(),
                        2,
                        Statement.of("ladder.changes-why", String.join(" ", inOrder)));
            add(
                    LadderStep.Kind.SECTION,
                    Statement.of("ladder.section", name),
                    bars,
                    loop,
                    slow(),
                    4,
                    Statement.of(
                            "ladder.section-why",
                            Quantity.bars(pass.size()),
                            Quantity.of(Quantity.Unit.TIME, timesOf(id))));
        }

        private int timesOf(SectionId id) {
            return (int) timeline.bars().stream()
                    .filter(bar -> bar.section().equals(id) && bar.isFirst())
                    .count();
        }

        private void addSong() {
            List<TimelineBar> bars =
                    timeline.bars().stream().filter(bar -> bar.number() > 0).toList();
            if (bars.isEmpty() || timeline.strokes().isEmpty()) return;
            int minutes = Math.max(1, (int) Math.ceil(timeline.seconds() / 60));
            add(
                    LadderStep.Kind.SONG,
                    Statement.of("ladder.song"),
                    new BarRange(bars.getFirst().number(), bars.getLast().number()),
                    beats(timeline.length(), song.facts().meter()),
                    slow(),
                    minutes,
                    Statement.of("ladder.song-why", Quantity.bars(bars.size()), minutes));
        }
    }
}
