package tactus.core.logbook;

import java.util.List;

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
}
