package tactus.words;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import tactus.core.taught.logbook.DatedPlan;
import tactus.core.taught.practice.PlanChange;
import tactus.core.taught.practice.PracticePlan;

/** A plan of days in words, as it is seen, pasted into a message and printed. */
public final class PlanWords {

    private PlanWords() {}

    /** {@code Day 1, Tue 1 Dec, 15 min}, with the rests that it needs. */
    public static String day(DatedPlan plan, PracticePlan.Day day) {
        return Words.of(
                "plan.day",
                day.number(),
                day.minutes(),
                PlanChange.rests(day),
                PlanChange.WITHOUT_REST,
                Words.date("date.weekday", plan.date(day)));
    }

    /** {@code 3 min  C – F alone, bars 4-5, 41 to 92}. */
    public static String item(PracticePlan.Item item) {
        return Words.of(
                "plan.item",
                item.minutes(),
                Words.say(item.step().what()),
                item.step().bars().toString(),
                item.step().from(),
                item.step().to(),
                item.isAgain() ? 1 : 0,
                item.step().bars().from() == item.step().bars().to() ? 0 : 1,
                item.isDone() ? 1 : 0);
    }

    /** What is done so that it does not hurt: {@code let the barre go …; or F as xx3211}; empty if nothing need be. */
    public static String care(PracticePlan.Item item) {
        return item.care().stream().map(Words::say).collect(Collectors.joining("; "));
    }

    /** All days, a line for each thing. */
    public static List<String> lines(DatedPlan dated) {
        var lines = new ArrayList<String>();
        for (PracticePlan.Day day : dated.plan().days()) {
            lines.add(day(dated, day));
            for (PracticePlan.Item item : day.items()) {
                lines.add("  " + item(item));
                if (!item.care().isEmpty()) lines.add("      " + care(item));
            }
        }
        return lines;
    }
}
