package tactus.app.bench.finger;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.app.bench.pattern.BenchModel;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.music.pitch.Tuning;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Pluck;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Stroke;
import tactus.core.music.stroke.Touch;
import tactus.core.patterns.pattern.Figure;
import tactus.core.patterns.pattern.FingerMove;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.picking.Held;
import tactus.core.patterns.picking.PickingHand;
import tactus.core.patterns.picking.Plucked;
import tactus.core.patterns.picking.RoleFinder;
import tactus.core.written.harmony.Chord;
import tactus.words.Words;

/** Where the fingers of the figure on the bench go on the chords of the song. */
public final class FingersModel {

    /** A chord of the song as the fingers see it. */
    public record OnChord(String name, Held held) {}

    private final Work work;
    private final BenchModel bench;
    private final ReadOnlyObjectWrapper<Optional<String>> chord =
            new ReadOnlyObjectWrapper<>(this, "chord", Optional.empty());

    public FingersModel(Work work, BenchModel bench) {
        this.work = work;
        this.bench = bench;
        work.stateProperty().subscribe(_ -> settle());
    }

    private void settle() {
        List<OnChord> all = chords();
        boolean there = chord.get()
                .filter(name -> all.stream().anyMatch(on -> on.name.equals(name)))
                .isPresent();
        if (!there) chord.set(all.stream().map(OnChord::name).findFirst());
    }

    /** The chords whose shape fits the guitar, in the order of the song's list. */
    public List<OnChord> chords() {
        Tuning tuning = work.song().facts().tuning();
        return work.song().chords().stream()
                .filter(each -> each.fits(tuning))
                .map(each -> new OnChord(each.name(), work.song().facts().held(each)))
                .toList();
    }

    /** The chord that fingers are put on other strings for, by its name. */
    public ReadOnlyObjectProperty<Optional<String>> chordProperty() {
        return chord.getReadOnlyProperty();
    }

    public void choose(String name) {
        chord.set(Optional.of(name));
    }

    public Optional<OnChord> chosen() {
        return chord.get()
                .flatMap(name ->
                        chords().stream().filter(on -> on.name.equals(name)).findFirst());
    }

    /** Whether anything in {@code pattern} is plucked. */
    static boolean isFigure(Pattern pattern) {
        return pattern.played().stream().anyMatch(Pluck.class::isInstance);
    }

    /** The string of each finger of the figure. */
    public Map<Role, Integer> strings(Pattern pattern, OnChord on) {
        var strings = new TreeMap<Role, Integer>();
        plucked(pattern, on).forEach(each -> {
            if (each.pick() instanceof Pick.ByRole(Role role)) strings.put(role, each.string());
        });
        return strings;
    }

    private static Stream<Plucked> plucked(Pattern pattern, OnChord on) {
        return Figure.of(pattern).on(on.held, on.name).stream().flatMap(List::stream);
    }

    /** What there is to see, each once: {@code string 6 is not played}. */
    public List<String> remarks(Pattern pattern, OnChord on) {
        Set<String> seen = new LinkedHashSet<>();
        plucked(pattern, on)
                .forEach(each -> each.remarks().stream()
                        .sorted()
                        .map(remark -> Words.of("remark." + remark, each.string(), each.fret()))
                        .forEach(seen::add));
        return List.copyOf(seen);
    }

    /** Whether a string is dead, missing or off the chord. */
    public boolean isWrong(Pattern pattern, OnChord on) {
        return plucked(pattern, on)
                .anyMatch(each -> !each.sounds() || each.remarks().contains(Plucked.Remark.OFF_CHORD));
    }

    /** What is asked of a finger on a chord. */
    public FingerChoice asked(Pattern pattern, OnChord on, Role role) {
        if (pattern.picking().isOverridden(role, on.name)
                && strings(pattern, on).containsKey(role)) {
            return new FingerChoice.Here(strings(pattern, on).get(role));
        }
        Integer fixed = pattern.picking().fixed().get(role);
        return fixed == null ? FingerChoice.ByRule.FOLLOWED : new FingerChoice.Always(fixed);
    }

    /** Puts a finger on a string for the chosen chord or for every one, or lets it follow the rule again. */
    public void put(Role role, FingerChoice choice) {
        chosen().ifPresent(on -> bench.change("fingers", shown -> {
            PickingHand free = shown.picking().withoutOverride(on.name, role);
            return shown.withPicking(
                    switch (choice) {
                        case FingerChoice.Here(int string) -> shown.picking().withOverride(on.name, role, string);
                        case FingerChoice.Always(int string) -> free.withFixed(role, string);
                        case FingerChoice.ByRule _ -> free.withoutFixed(role);
                    });
        }));
    }

    /** Turns the strings of the figure into fingers, by the chosen chord. */
    public void findFingers() {
        chosen().ifPresent(on -> bench.patternProperty().get().ifPresent(shown -> {
            List<Integer> strings = shown.played().stream()
                    .filter(Pluck.class::isInstance)
                    .flatMap(stroke -> ((Pluck) stroke).picks().stream())
                    .filter(Pick.OnString.class::isInstance)
                    .map(pick -> ((Pick.OnString) pick).string())
                    .toList();
            if (strings.isEmpty()) return;
            RoleFinder finder = RoleFinder.of(on.held, on.name, strings);
            List<Stroke> strokes = shown.played().stream()
                    .map(stroke -> withRoles(stroke, finder))
                    .toList();
            Pattern next = shown.withPlayed(strokes).withPicking(finder.hand());
            work.change("edit.pattern-fingers", song -> song.withPattern(next), next.name());
        }));
    }

    private static Stroke withRoles(Stroke stroke, RoleFinder finder) {
        return stroke instanceof Pluck pluck
                ? pluck.withPicks(pluck.picks().stream().map(finder::role).toList())
                : stroke;
    }

    /** Sweeps the pinches of the figure with a pick, or plays them with fingers again. */
    public void toggleSweep() {
        bench.patternProperty().get().filter(FingersModel::isFigure).ifPresent(shown -> {
            boolean swept = shown.played().stream().anyMatch(stroke -> stroke.touch() == Touch.SWEPT);
            List<Stroke> strokes = shown.played().stream()
                    .map(stroke -> stroke instanceof Pluck pluck && pluck.isPinch()
                            ? pluck.withTouch(swept ? Touch.PLAIN : Touch.SWEPT)
                            : stroke)
                    .toList();
            work.change("edit.strokes", song -> song.withPattern(shown.withPlayed(strokes)), shown.name());
        });
    }

    /** What the fretting hand changes at the slot of the cursor, as it is written: {@code 2h3 1/5}. */
    public String movesHere() {
        return bench.patternProperty()
                .get()
                .map(shown -> shown
                        .movesAt(shown.grid().slots().get(bench.slotProperty().get()))
                        .stream()
                        .map(FingerMove::toString)
                        .collect(Collectors.joining(" ")))
                .orElse("");
    }

    /** Writes what the fretting hand changes there. Returns what is wrong with it, if anything. */
    public Outcome moveFingers(String text) {
        return Outcome.from(() -> {
            var moves = new ArrayList<FingerMove>();
            for (String part : text.strip().split("\\s+")) if (!part.isEmpty()) moves.add(FingerMove.parse(part));
            return bench.change(
                    "moves", shown -> shown.withMoves(bench.slotProperty().get(), moves));
        });
    }

    /** The figure on the bench as it is on the chosen chord; empty where nothing is plucked or there is no chord. */
    public Optional<Chord> chordOf(Pattern pattern) {
        return isFigure(pattern) ? chord.get().flatMap(work.song()::chord) : Optional.empty();
    }
}
