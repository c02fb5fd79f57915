package tactus.core.taught.logbook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import tactus.core.taught.practice.WithinReach;
import tactus.core.written.song.ChangeCount;

/**
 * Where a student stands: what is due, the tempo reached from week to week, the hardest changes, and whether it goes on.
 *
 * @param due what the last lesson gave, up to the day that is asked for
 * @param songs the songs that were played, the one played last first
 * @param counted the changes as they were last counted, those with the fewest a minute first
 */
public record Progress(Student student, List<Lesson> due, List<OfSong> songs, List<ChangeEntry> counted) {

    /** A take counts for a tempo from this score on; ours. */
    public static final int CLEAN = 80;

    /** A song is stuck when it was taken in so many weeks and the best tempo of the last of them is not above the first; ours. */
    static final int STUCK_WEEKS = 3;

    /**
     * A song over the weeks.
     *
     * @param weeks in order, those without a take left out
     */
    public record OfSong(String song, List<Week> weeks) {

        public OfSong {
            Objects.requireNonNull(song);
            weeks = List.copyOf(weeks);
        }

        /** The best tempo that was clean, if there was one. */
        public Optional<Integer> best() {
            return weeks.stream().flatMap(week -> week.tempo().stream()).max(Comparator.naturalOrder());
        }

        /** Whether it has not become faster for some weeks of trying. */
        public boolean isStuck() {
            if (weeks.size() <= STUCK_WEEKS) return false;
            int before = weeks.subList(0, weeks.size() - STUCK_WEEKS).stream()
                    .mapToInt(week -> week.tempo().orElse(0))
                    .max()
                    .orElse(0);
            return weeks.subList(weeks.size() - STUCK_WEEKS, weeks.size()).stream()
                    .allMatch(week -> week.tempo().orElse(0) <= before);
        }
    }

    /**
     * A week of a song.
     *
     * @param monday its first day
     * @param tempo the fastest clean take; empty where none was clean
     * @param score the best one
     * @param takes how many there were
     */
    public record Week(LocalDate monday, Optional<Integer> tempo, int score, int takes) {
        public Week {
            Objects.requireNonNull(monday);
            Objects.requireNonNull(tempo);
        }
    }

    public Progress {
        Objects.requireNonNull(student);
        due = List.copyOf(due);
        songs = List.copyOf(songs);
        counted = List.copyOf(counted);
    }

    /** What {@code records} say of {@code student} on {@code day}; what lies after it is not known yet. */
    public static Progress of(Records records, Student student, LocalDate day) {
        Records own = records.of(student.name());
        List<Lesson> had =
                own.lessons().stream().filter(each -> !each.day().isAfter(day)).toList();
        Optional<LocalDate> last = had.stream().map(Lesson::day).max(Comparator.naturalOrder());
        List<Lesson> due = had.stream()
                .filter(each -> Optional.of(each.day()).equals(last))
                .toList();
        return new Progress(student, due, songs(own.takes(), day), counted(own.changes(), day));
    }

    private static List<OfSong> songs(List<TakeEntry> takes, LocalDate day) {
        Map<String, List<TakeEntry>> bySong = new TreeMap<>();
        for (TakeEntry take : takes)
            if (!take.at().toLocalDate().isAfter(day))
                bySong.computeIfAbsent(take.song().title(), _ -> new ArrayList<>())
                        .add(take);
        return bySong.entrySet().stream()
                .sorted(Comparator.comparing(
                        (Map.Entry<String, List<TakeEntry>> entry) -> entry.getValue().stream()
                                .map(TakeEntry::at)
                                .max(Comparator.naturalOrder())
                                .orElseThrow(),
                        Comparator.reverseOrder()))
                .map(entry -> new OfSong(entry.getKey(), weeks(entry.getValue())))
                .toList();
    }

    private static List<Week> weeks(List<TakeEntry> takes) {
        Map<LocalDate, List<TakeEntry>> byWeek = new TreeMap<>();
        for (TakeEntry take : takes) {
            LocalDate date = take.at().toLocalDate();
            LocalDate monday = date.minusDays(date.getDayOfWeek().getValue() - 1L);
            byWeek.computeIfAbsent(monday, _ -> new ArrayList<>()).add(take);
        }
        return byWeek.entrySet().stream()
                .map(entry -> new Week(
                        entry.getKey(),
                        entry.getValue().stream()
                                .filter(take -> take.score() >= CLEAN)
                                .map(TakeEntry::tempo)
                                .max(Comparator.naturalOrder()),
                        entry.getValue().stream()
                                .mapToInt(TakeEntry::score)
                                .max()
                                .orElseThrow(),
                        entry.getValue().size()))
                .toList();
    }

    /** The latest count of each pair of chords. */
    private static List<ChangeEntry> counted(List<ChangeEntry> all, LocalDate day) {
        var latest = new ArrayList<ChangeEntry>();
        for (ChangeEntry each : all.stream()
                .filter(entry -> !entry.day().isAfter(day))
                .sorted(Comparator.comparing(ChangeEntry::day).reversed())
                .toList()) {
            if (latest.stream().noneMatch(each::isLike)) latest.add(each);
        }
        return latest.stream()
                .sorted(Comparator.comparingInt(ChangeEntry::perMinute))
                .toList();
    }

    /** The changes that are not fast enough for most songs, the slowest first. */
    public List<ChangeEntry> hardest() {
        return counted.stream()
                .filter(each -> each.perMinute() < WithinReach.FAST_ENOUGH)
                .toList();
    }

    /** The song that does not go on, if there is one. */
    public Optional<OfSong> stuck() {
        return songs.stream().filter(OfSong::isStuck).findFirst();
    }

    /** The changes as a song has them; none at all, or more than any song asks, are taken as the least and the most there can be. */
    public List<ChangeCount> counts() {
        return counted.stream()
                .filter(each -> !each.from().equals(each.to()))
                .map(each -> new ChangeCount(
                        each.from(), each.to(), Math.clamp(each.perMinute(), ChangeCount.FEWEST, ChangeCount.MOST)))
                .toList();
    }
}
