package tactus.core.taught.logbook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import tactus.core.taught.practice.Ladder;
import tactus.core.taught.practice.LadderStep;
import tactus.core.taught.practice.PracticePlan;

/**
 * A plan as it is kept: which steps of the ladder come on which day. What a step is follows from the song whenever the plan is taken
 * up again.
 *
 * @param student whose it is; empty if it is nobody's
 * @param song what it is for
 * @param begins its first day
 * @param minutes how long a day is to be
 * @param days how many there are
 * @param things in order
 */
public record KeptPlan(
        Optional<String> student, SongKey song, LocalDate begins, int minutes, int days, List<Thing> things) {

    /**
     * Something that is done on a day.
     *
     * @param day from 1; 0 if it comes after the last one
     * @param step what it is, see {@link #keyOf}
     * @param minutes how long
     * @param isAgain whether it is kept alive from an earlier day
     * @param isDone whether it was reached
     */
    public record Thing(int day, String step, int minutes, boolean isAgain, boolean isDone) {
        public Thing {
            Objects.requireNonNull(step);
        }
    }

    /**
     * A plan that is taken up again.
     *
     * @param plan of the song as it is now
     * @param gone how many things are no longer in the song
     * @param added how many steps of the song are new; they come after the last day
     */
    public record TakenUp(PracticePlan plan, int gone, int added) {
        public TakenUp {
            Objects.requireNonNull(plan);
        }
    }

    public KeptPlan {
        Objects.requireNonNull(student);
        Objects.requireNonNull(song);
        Objects.requireNonNull(begins);
        things = List.copyOf(things);
    }

    /** Keeps {@code plan}. */
    public static KeptPlan of(
            Optional<String> student, SongKey song, LocalDate begins, int minutes, PracticePlan plan) {
        var things = new ArrayList<Thing>();
        for (PracticePlan.Day day : plan.days())
            for (PracticePlan.Item item : day.items())
                things.add(new Thing(day.number(), keyOf(item.step()), item.minutes(), item.isAgain(), item.isDone()));
        plan.left().forEach(step -> things.add(new Thing(0, keyOf(step), step.minutes(), false, false)));
        return new KeptPlan(student, song, begins, minutes, plan.days().size(), things);
    }

    /** What a step is known by: its kind and what is practised; its bars and tempos may change with the song. */
    static String keyOf(LadderStep step) {
        return step.kind() + "|" + step.what().code() + "|"
                + step.what().values().stream().map(String::valueOf).collect(Collectors.joining("|"));
    }

    /** The plan with the steps that {@code ladder} has now. */
    public TakenUp takeUp(Ladder ladder) {
        Map<String, LadderStep> steps = new HashMap<>();
        ladder.steps().forEach(step -> steps.putIfAbsent(keyOf(step), step));
        Set<String> seen = new HashSet<>();
        var all = new ArrayList<List<PracticePlan.Item>>();
        for (int day = 0; day <= days; day++) all.add(new ArrayList<>());
        int gone = 0;
        for (Thing thing : things) {
            LadderStep known = steps.get(thing.step);
            if (known == null || thing.day < 0 || thing.day > days) {
                gone++;
                continue;
            }
            seen.add(thing.step);
            all.get(thing.day)
                    .add(new PracticePlan.Item(
                            known, Math.max(1, thing.minutes), thing.isAgain, List.of(), thing.isDone));
        }
        var left = new ArrayList<>(
                all.getFirst().stream().map(PracticePlan.Item::step).toList());
        int added = 0;
        for (LadderStep step : ladder.steps()) {
            if (seen.contains(keyOf(step))) continue;
            left.add(step);
            added++;
        }
        var made = new ArrayList<PracticePlan.Day>();
        for (int day = 1; day <= days; day++) made.add(new PracticePlan.Day(day, all.get(day)));
        return new TakenUp(new PracticePlan(made, left), gone, added);
    }
}
