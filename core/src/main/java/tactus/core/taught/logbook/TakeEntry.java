package tactus.core.taught.logbook;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
import tactus.core.ground.refusal.Refusal;
import tactus.core.taught.practice.Take;

/**
 * How a student played once.
 *
 * @param at when, in local time
 * @param song what was played
 * @param bars the song bars that were played: {@code 1-16}
 * @param tempo at how many of the song's beats a minute
 * @param score see {@link Take#score}, 0 to 100
 * @param meanMs how late strokes came in the mean, in milliseconds
 * @param spreadMs how far they lay apart
 * @param driftPercent how much slower the tempo was than wanted, less than 0 for quicker
 */
public record TakeEntry(
        String student,
        LocalDateTime at,
        SongKey song,
        String bars,
        int tempo,
        int score,
        double meanMs,
        double spreadMs,
        double driftPercent)
        implements Entry {

    private static final int FASTEST = 1_000;
    private static final int BEST = 100;

    /** @throws Refusal if a number is outside its range */
    public TakeEntry {
        student = Student.checkedName(student);
        Objects.requireNonNull(at);
        Objects.requireNonNull(song);
        Objects.requireNonNull(bars);
        if (tempo < 0 || tempo > FASTEST) throw new Refusal("log.tempo", tempo, FASTEST);
        if (score < 0 || score > BEST) throw new Refusal("log.score", score);
    }

    /** What is kept of {@code take}. */
    public static TakeEntry of(String student, LocalDateTime at, SongKey song, String bars, int tempo, Take take) {
        return new TakeEntry(
                student, at, song, bars, tempo, take.score(), take.meanMs(), take.spreadMs(), take.driftPercent());
    }

    @Override
    public TakeEntry withStudent(String other) {
        return new TakeEntry(other, at, song, bars, tempo, score, meanMs, spreadMs, driftPercent);
    }

    @Override
    public LocalDate day() {
        return at.toLocalDate();
    }

    /** What tells it from every other take: whose it is, when it was and of what. */
    List<Object> key() {
        return List.of(student, at, song, bars);
    }
}
