package tactus.core.taught.logbook;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Objects;
import tactus.core.taught.practice.PracticePlan;

/**
 * A plan on the calendar.
 *
 * @param begins its first day
 */
public record DatedPlan(PracticePlan plan, LocalDate begins) {

    public DatedPlan {
        Objects.requireNonNull(plan);
        Objects.requireNonNull(begins);
    }

    /** When a day of it is. */
    public LocalDate date(PracticePlan.Day day) {
        return begins.plusDays(day.number() - 1L);
    }

    /** Which of its days {@code today} is, from 0, as many as there are if it is over; 0 if it has not begun. */
    public int dayOn(LocalDate today) {
        return Math.clamp(ChronoUnit.DAYS.between(begins, today), 0, plan.days().size());
    }

    /** The last day. */
    public LocalDate ends() {
        return begins.plusDays(plan.days().size() - 1L);
    }
}
