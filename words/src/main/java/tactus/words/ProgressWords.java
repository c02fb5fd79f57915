package tactus.words;

import java.util.Optional;
import java.util.stream.Collectors;
import tactus.core.taught.logbook.ChangeEntry;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.Progress;

/** Where a student stands, in words. */
public final class ProgressWords {

    private ProgressWords() {}

    /** All of it in a line. */
    public static String line(Progress progress) {
        return Words.of(
                "progress.line", progress.student().name(), due(progress), reached(progress), changes(progress));
    }

    /** What is due. */
    public static String due(Progress progress) {
        if (progress.due().isEmpty()) return Words.of("progress.nothing-due");
        return progress.due().stream().map(ProgressWords::lesson).collect(Collectors.joining("; "));
    }

    /** What a lesson gave. */
    public static String lesson(Lesson lesson) {
        String what = lesson.song().title()
                + (lesson.section().isEmpty() ? "" : ", " + lesson.section())
                + (lesson.song().version().isEmpty() ? "" : " (" + lesson.song().version() + ")")
                + (lesson.tempo() == 0 ? "" : Words.of("progress.at", lesson.tempo()));
        if (what.isEmpty()) return lesson.homework();
        return lesson.homework().isEmpty() ? what : what + ": " + lesson.homework();
    }

    /** The tempo that was reached in the song that was played last, and whether it goes on. */
    public static String reached(Progress progress) {
        Optional<Progress.OfSong> last =
                progress.stuck().or(() -> progress.songs().stream().findFirst());
        return last.map(song -> Words.of(
                        song.isStuck() ? "progress.stuck" : "progress.reached",
                        song.song(),
                        song.best().orElse(0),
                        song.weeks().size(),
                        song.best().isPresent() ? 1 : 0))
                .orElse(Words.of("progress.no-takes"));
    }

    /** The hardest changes. */
    public static String changes(Progress progress) {
        return progress.hardest().stream().limit(2).map(ProgressWords::change).collect(Collectors.joining(", "));
    }

    private static String change(ChangeEntry each) {
        return Words.of("progress.change", each.from(), each.to(), each.perMinute());
    }

    /** What comes next, and why. */
    public static String next(Progress progress) {
        if (!progress.hardest().isEmpty()) {
            ChangeEntry change = progress.hardest().getFirst();
            return Words.of("progress.next-change", change.from(), change.to(), change.perMinute());
        }
        Optional<Progress.OfSong> stuck = progress.stuck();
        if (stuck.isPresent())
            return Words.of("progress.next-stuck", stuck.get().song());
        return progress.songs().stream()
                .findFirst()
                .map(song ->
                        Words.of("progress.next-song", song.song(), song.best().orElse(0) + 4))
                .orElse(Words.of("progress.next-take"));
    }
}
