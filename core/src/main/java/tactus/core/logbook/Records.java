package tactus.core.logbook;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * All that is kept.
 *
 * @param students by name
 * @param lessons by day
 * @param takes by time
 * @param changes by day
 */
public record Records(List<Student> students, List<Lesson> lessons, List<TakeEntry> takes, List<ChangeEntry> changes) {

    public static final Records NONE = new Records(List.of(), List.of(), List.of(), List.of());

    public Records {
        students = List.copyOf(students);
        lessons = List.copyOf(lessons);
        takes = List.copyOf(takes);
        changes = List.copyOf(changes);
    }

    /** What of it is about the student called {@code name}. */
    public Records of(String name) {
        return new Records(
                students.stream().filter(each -> each.name().equals(name)).toList(),
                lessons.stream().filter(each -> each.student().equals(name)).toList(),
                takes.stream().filter(each -> each.student().equals(name)).toList(),
                changes.stream().filter(each -> each.student().equals(name)).toList());
    }

    /**
     * What bars of a song were worth in the calendar week before this one (Monday to Sunday, ISO 8601): the mean of their scores.
     *
     * @param bars as {@link TakeEntry#bars}
     * @return 0 to 100; empty if they were not played then
     */
    public OptionalInt scoreOfLastWeek(String student, String song, String version, String bars, LocalDate today) {
        LocalDate monday = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        OptionalDouble mean = takes.stream()
                .filter(each -> each.student().equals(student))
                .filter(each -> each.song().equals(song) && each.version().equals(version))
                .filter(each -> each.bars().equals(bars))
                .filter(each -> each.at().toLocalDate().isBefore(monday)
                        && !each.at().toLocalDate().isBefore(monday.minusWeeks(1)))
                .mapToInt(TakeEntry::score)
                .average();
        return mean.isPresent() ? OptionalInt.of((int) Math.round(mean.getAsDouble())) : OptionalInt.empty();
    }
}
