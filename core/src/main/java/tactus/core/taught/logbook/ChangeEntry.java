package tactus.core.taught.logbook;

import java.time.LocalDate;
import java.util.Objects;
import tactus.core.ground.refusal.Refusal;

/**
 * How many times a student changed between two chords in a minute.
 *
 * @param perMinute 0 to {@value #MOST}
 */
public record ChangeEntry(String student, LocalDate day, String from, String to, int perMinute) implements Entry {

    static final int MOST = 400;

    /** @throws Refusal if there are too many */
    public ChangeEntry {
        student = Student.checkedName(student);
        Objects.requireNonNull(day);
        Objects.requireNonNull(from);
        Objects.requireNonNull(to);
        if (perMinute < 0 || perMinute > MOST) throw new Refusal("log.changes", perMinute, MOST);
    }

    /** Whether it is about the same two chords, either way round. */
    public boolean isLike(ChangeEntry other) {
        return from.equals(other.from) && to.equals(other.to) || from.equals(other.to) && to.equals(other.from);
    }

    @Override
    public ChangeEntry withStudent(String other) {
        return new ChangeEntry(other, day, from, to, perMinute);
    }
}
