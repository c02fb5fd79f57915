package tactus.core.taught.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.practice.PracticePlan.Day;
import tactus.core.taught.practice.PracticePlan.Item;

/** What a teacher changes of a plan, and how what was not reached moves on. Days and items are counted from 0. */
public final class PlanChange {

    /** After so many minutes without a rest a hand gets one (a caution, common practice). */
    public static final int WITHOUT_REST = 25;

    private PlanChange() {}

    /**
     * The item takes {@code minutes}.
     *
     * @throws Refusal unless they are 1 to 240
     */
    public static PracticePlan lasting(PracticePlan plan, int day, int item, int minutes) {
        if (minutes < 1 || minutes > PracticePlan.MOST_MINUTES) throw new Refusal("plan.item-minutes", minutes);
        return changed(plan, day, items -> {
            items.set(item, items.get(item).lasting(minutes));
        });
    }

    /** The item was reached, or was not after all. */
    public static PracticePlan done(PracticePlan plan, int day, int item, boolean isDone) {
        return changed(plan, day, items -> items.set(item, items.get(item).done(isDone)));
    }

    /** How many things of the days before {@code day} were to be reached and are not. */
    public static int behind(PracticePlan plan, int day) {
        return (int) plan.days().stream()
                .limit(day)
                .flatMap(each -> each.items().stream())
                .filter(Item::isOpen)
                .count();
    }

    /**
     * Whatever was not reached on the days before {@code day} comes first there, the oldest at the top, as {@link #movedOn} has it;
     * after the last day all of it is left over.
     *
     * @param minutes how long a day may be
     */
    public static PracticePlan caughtUp(PracticePlan plan, int day, int minutes) {
        var days = editable(plan);
        var carried = new ArrayList<Item>();
        for (List<Item> before : days.subList(0, Math.min(day, days.size()))) {
            for (Item each : before) if (each.isOpen()) carried.add(each);
            before.removeIf(Item::isOpen);
        }
        return carriedOn(plan, days, day, carried, minutes);
    }

    /** The item is left out of its day. */
    public static PracticePlan without(PracticePlan plan, int day, int item) {
        return changed(plan, day, items -> items.remove(item));
    }

    /**
     * The item was not reached: it comes first on the next day. What no longer fits there makes room: what is only kept alive
     * is left out, the last other things move on in turn; what moves on from the last day is left over.
     *
     * @param minutes how long a day may be
     */
    public static PracticePlan movedOn(PracticePlan plan, int day, int item, int minutes) {
        var days = editable(plan);
        Item moved = days.get(day).remove(item);
        return carriedOn(plan, days, day + 1, List.of(moved.toReach()), minutes);
    }

    /** Puts {@code items} first on {@code day}; what has no room there goes on from day to day. */
    private static PracticePlan carriedOn(
            PracticePlan plan, List<List<Item>> days, int day, List<Item> items, int minutes) {
        var carried = new ArrayList<>(items);
        for (int next = day; next < days.size() && !carried.isEmpty(); next++) {
            List<Item> there = days.get(next);
            // It is not done twice on one day.
            for (Item each : carried) there.removeIf(other -> other.step().equals(each.step()));
            there.addAll(0, carried);
            int kept = carried.size();
            carried.clear();
            makeRoom(there, kept, minutes, carried);
        }
        var left = new ArrayList<>(plan.left());
        left.addAll(0, carried.stream().map(Item::step).toList());
        return new PracticePlan(numbered(days), left);
    }

    private static void makeRoom(List<Item> items, int kept, int minutes, List<Item> carried) {
        for (int i = items.size() - 1; i >= kept && sum(items) > minutes; i--)
            if (items.get(i).isAgain()) items.remove(i);
        // What was reached stays where it was.
        for (int i = items.size() - 1; i >= kept && sum(items) > minutes; i--)
            if (items.get(i).isOpen()) carried.addFirst(items.remove(i));
    }

    private static int sum(List<Item> items) {
        return items.stream().mapToInt(Item::minutes).sum();
    }

    private static PracticePlan changed(PracticePlan plan, int day, Consumer<List<Item>> change) {
        var days = editable(plan);
        change.accept(days.get(day));
        return new PracticePlan(numbered(days), plan.left());
    }

    private static List<List<Item>> editable(PracticePlan plan) {
        var days = new ArrayList<List<Item>>();
        plan.days().forEach(each -> days.add(new ArrayList<>(each.items())));
        return days;
    }

    private static List<Day> numbered(List<List<Item>> days) {
        var all = new ArrayList<Day>();
        for (List<Item> items : days) all.add(new Day(all.size() + 1, items));
        return all;
    }

    /** How many rests a day needs: one before every further {@value #WITHOUT_REST} minutes. */
    public static int rests(Day day) {
        return Math.max(0, (day.minutes() - 1) / WITHOUT_REST);
    }
}
