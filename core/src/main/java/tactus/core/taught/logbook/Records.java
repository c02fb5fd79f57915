package tactus.core.taught.logbook;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.function.Function;
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

    /** Entries of whatever kinds, as they come. */
    public static Records of(List<? extends Entry> entries) {
        return new Records(
                each(entries, Student.class),
                each(entries, Lesson.class),
                each(entries, TakeEntry.class),
                each(entries, ChangeEntry.class));
    }

    /** The same of one entry. */
    public static Records of(Entry entry) {
        return of(List.of(entry));
    }

    private static <E extends Entry> List<E> each(List<? extends Entry> entries, Class<E> kind) {
        return entries.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    /** Everything, students first. */
    public Stream<Entry> entries() {
        return Stream.<List<? extends Entry>>of(students, lessons, takes, changes)
                .flatMap(List::stream);
    }

    /** What of it is about the student called {@code name}. */
    public Records of(String name) {
        return of(entries().filter(each -> each.student().equals(name)).toList());
    }

    /** The same with the names of {@code known} students as they are written there, and each other one as it stands here first. */
    public Records spelledAs(List<Student> known) {
        var names = new HashMap<String, String>();
        known.forEach(each -> names.putIfAbsent(Student.plain(each.name()), each.name()));
        // Older logbooks may know both ways to write a name; each of them stays with its own.
        known.forEach(each -> names.put(each.name(), each.name()));
        UnaryOperator<String> spelled = name ->
                names.containsKey(name) ? names.get(name) : names.computeIfAbsent(Student.plain(name), _ -> name);
        return of(entries()
                .map(each -> each.withStudent(spelled.apply(each.student())))
                .toList());
    }

    /**
     * These with {@code more}: a student as he is written now, anything else that is there already once. Who is spoken of and not
     * known becomes a student since that day; a name in other letters is the one that is known.
     */
    public Records plus(Records more) {
        Records spelled = more.spelledAs(students);
        var all = new TreeMap<String, Student>();
        students.forEach(each -> all.put(each.name(), each));
        spelled.students().forEach(each -> all.put(each.name(), each));
        spelled.entries()
                .forEach(each -> all.computeIfAbsent(
                        each.student(), name -> new Student(name, each.day(), Optional.empty(), "")));
        return new Records(
                List.copyOf(all.values()),
                with(lessons, spelled.lessons(), Comparator.comparing(Lesson::day), each -> each),
                with(takes, spelled.takes(), Comparator.comparing(TakeEntry::at), TakeEntry::key),
                with(changes, spelled.changes(), Comparator.comparing(ChangeEntry::day), each -> each));
    }

    private static <E, K> List<E> with(List<E> there, List<E> more, Comparator<E> order, Function<E, K> key) {
        if (more.isEmpty()) return there;
        // What is later than all that is there is none of it, and only goes behind it.
        boolean isLater = there.isEmpty() || more.stream().allMatch(each -> order.compare(there.getLast(), each) < 0);
        var keys = new HashSet<K>();
        if (!isLater) there.forEach(each -> keys.add(key.apply(each)));
        var all = new ArrayList<>(there);
        more.stream().filter(each -> keys.add(key.apply(each))).sorted(order).forEach(all::add);
        if (!isLater) all.sort(order);
        return all;
    }

    /** The names of all who are spoken of, each way of writing once. */
    public List<String> names() {
        return entries().map(Entry::student).distinct().toList();
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
    public OptionalInt scoreOfLastWeek(String student, SongKey song, String bars, LocalDate today) {
        LocalDate monday = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        OptionalDouble mean = takes.stream()
                .filter(each -> each.student().equals(student))
                .filter(each -> each.song().equals(song))
                .filter(each -> each.bars().equals(bars))
                .filter(each -> each.at().toLocalDate().isBefore(monday)
                        && !each.at().toLocalDate().isBefore(monday.minusWeeks(1)))
                .mapToInt(TakeEntry::score)
                .average();
        return mean.isPresent() ? OptionalInt.of((int) Math.round(mean.getAsDouble())) : OptionalInt.empty();
    }
}
