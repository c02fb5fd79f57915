package tactus.core.logbook;

import java.time.LocalDate;
import java.util.Objects;
import tactus.core.practice.PracticePlan;

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
}
