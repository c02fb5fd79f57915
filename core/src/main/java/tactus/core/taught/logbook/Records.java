package tactus.core.taught.logbook;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

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

    /** The same with the names of {@code known} students as they are written there, and each other one as it stands here first. */
    public Records spelledAs(List<Student> known) {
        var names = new HashMap<String, String>();
        known.forEach(each -> names.putIfAbsent(Student.plain(each.name()), each.name()));
        // Older logbooks may know both ways to write a name; each of them stays with its own.
        known.forEach(each -> names.put(each.name(), each.name()));
        UnaryOperator<String> spelled = name ->
                names.containsKey(name) ? names.get(name) : names.computeIfAbsent(Student.plain(name), _ -> name);
        return new Records(
                students.stream()
                        .map(each -> each.withName(spelled.apply(each.name())))
                        .toList(),
                lessons.stream()
                        .map(each -> each.withStudent(spelled.apply(each.student())))
                        .toList(),
                takes.stream()
                        .map(each -> each.withStudent(spelled.apply(each.student())))
                        .toList(),
                changes.stream()
                        .map(each -> each.withStudent(spelled.apply(each.student())))
                        .toList());
    }

    /** The names of all who are spoken of, each way of writing once. */
    public List<String> names() {
        return Stream.of(
                        students.stream().map(Student::name),
                        lessons.stream().map(Lesson::student),
                        takes.stream().map(TakeEntry::student),
                        changes.stream().map(ChangeEntry::student))
                .flatMap(each -> each)
                .distinct()
                .toList();
    }

    /** Names of {@code more} that are those of students here but for their letters, and that stand in two ways in {@code more}. */
    public List<Respelled> respelled(Records more) {
        var first = new HashMap<String, String>();
        students.forEach(each -> first.put(Student.plain(each.name()), each.name()));
        var found = new ArrayList<Respelled>();
        for (String name : more.names()) {
            String known = first.computeIfAbsent(Student.plain(name), _ -> name);
            if (!known.equals(name)) found.add(new Respelled(name, known));
        }
        return found;
    }

    /**
     * One student under two names.
     *
     * @param name the one that comes
     * @param known the one that is there
     */
    public record Respelled(String name, String known) {

        public Respelled {
            Objects.requireNonNull(name);
            Objects.requireNonNull(known);
        }
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
