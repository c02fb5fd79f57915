package tactus.core.taught.logbook;

import java.time.LocalDate;
import java.util.Objects;
import tactus.core.ground.refusal.Refusal;

/**
 * What a student was given on a day. A lesson that gives several things is several of these.
 *
 * @param song what; none where only words were given
 * @param section of the song; empty for all of it
 * @param tempo what is to be reached, in the song's beats a minute; 0 if nothing was said
 * @param homework in the teacher's words
 */
public record Lesson(String student, LocalDate day, SongKey song, String section, int tempo, String homework)
        implements Entry {

    private static final int FASTEST = 400;

    /** @throws Refusal if a text is too long or the tempo is none */
    public Lesson {
        student = Student.checkedName(student);
        Objects.requireNonNull(day);
        Objects.requireNonNull(song);
        Objects.requireNonNull(section);
        if (tempo < 0 || tempo > FASTEST) throw new Refusal("log.tempo", tempo, FASTEST);
        homework = homework.strip();
        int all = song.title().length() + song.version().length() + section.length() + homework.length();
        if (all > Student.LONGEST_NOTE) throw new Refusal("log.text", Student.LONGEST_NOTE);
    }

    @Override
    public Lesson withStudent(String other) {
        return new Lesson(other, day, song, section, tempo, homework);
    }
}
