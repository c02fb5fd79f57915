package tactus.core.taught.logbook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import tactus.core.taught.practice.Demand;
import tactus.core.taught.practice.WithinReach;
import tactus.core.taught.shelf.ShelvedSong;

/**
 * What a student can play of a shelf, and what is missing for the next songs.
 *
 * @param entries those within reach first, then the nearest; of those within reach the one that asks most first
 */
public record Repertoire(List<Entry> entries) {

    /**
     * A version of a song.
     *
     * @param reach whether it can be played
     */
    public record Entry(ShelvedSong song, WithinReach reach) {
        public Entry {
            Objects.requireNonNull(song);
            Objects.requireNonNull(reach);
        }
    }

    public Repertoire {
        entries = List.copyOf(entries);
    }

    /** Compares what {@code records} know of {@code student} on {@code day} with each version of {@code songs}. */
    public static Repertoire of(Records records, Student student, LocalDate day, List<ShelvedSong> songs) {
        Progress progress = Progress.of(records, student, day);
        var ability = new WithinReach.Ability(
                student.hand(),
                progress.counts(),
                played(records.of(student.name()).takes(), day, songs));
        var entries = new ArrayList<>(songs.parallelStream()
                .flatMap(song ->
                        song.demands().stream().map(demand -> new Entry(song, WithinReach.of(demand, ability))))
                .toList());
        entries.sort(Comparator.comparing(Entry::reach, WithinReach.nearest())
                .thenComparing(Comparator.comparingDouble(
                                (Entry entry) -> entry.reach().demand().strokesPerSecond())
                        .reversed()));
        return new Repertoire(entries);
    }

    /** The most strokes a second that were played cleanly in a song of the shelf. */
    private static OptionalDouble played(List<TakeEntry> takes, LocalDate day, List<ShelvedSong> songs) {
        Map<SongKey, Double> asks = new HashMap<>();
        for (ShelvedSong song : songs) {
            for (Demand demand : song.demands())
                asks.putIfAbsent(
                        new SongKey(song.title(), demand.version()),
                        demand.strokesPerSecond() / song.facts().tempo().perMinute());
        }
        return takes.stream()
                .filter(take -> take.score() >= Progress.CLEAN
                        && !take.at().toLocalDate().isAfter(day))
                .filter(take -> asks.containsKey(take.song()))
                .mapToDouble(take -> take.tempo() * asks.get(take.song()))
                .max();
    }

    /** Those that can be played as they are. */
    public List<Entry> within() {
        return entries.stream().filter(entry -> entry.reach().isWithin()).toList();
    }

    /** The next ones, the nearest first. */
    public List<Entry> next() {
        return entries.stream().filter(entry -> !entry.reach().isWithin()).toList();
    }
}
