package tactus.app.practice;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import tactus.app.demo.DemoClass;
import tactus.app.start.ShelfModel;
import tactus.app.work.Work;
import tactus.core.logbook.ChangeEntry;
import tactus.core.logbook.KeptPlan;
import tactus.core.logbook.Lesson;
import tactus.core.logbook.Progress;
import tactus.core.logbook.Records;
import tactus.core.logbook.Repertoire;
import tactus.core.logbook.Student;
import tactus.core.logbook.TakeEntry;
import tactus.core.practice.PracticePlan;
import tactus.core.practice.Take;
import tactus.core.refusal.Refusal;
import tactus.core.shelf.ShelvedSong;
import tactus.core.song.Song;
import tactus.core.song.SongId;
import tactus.formats.song.SongFile;
import tactus.records.logbook.DamagedLogbook;
import tactus.records.logbook.Logbook;
import tactus.words.Words;

/** The students of the logbook, the one who plays, and what is known of them. The logbook is opened when it is first asked for. */
final class ClassModel {

    private final Path folder;
    private final ShelfModel shelf;
    private Asked lastAsked;
    private Optional<Repertoire> lastAnswer = Optional.empty();
    private final ReadOnlyObjectWrapper<Records> records = new ReadOnlyObjectWrapper<>(this, "records", Records.NONE);
    private final ReadOnlyObjectWrapper<String> problem = new ReadOnlyObjectWrapper<>(this, "problem", "");
    private final ObjectProperty<Optional<String>> chosen =
            new SimpleObjectProperty<>(this, "chosen", Optional.empty());
    private Optional<Logbook> book = Optional.empty();
    private boolean isDamaged;

    /**
     * @param folder where the logbook is
     * @param shelf the songs of the teacher's folders
     */
    ClassModel(Path folder, ShelfModel shelf) {
        this.folder = folder;
        this.shelf = shelf;
    }

    /** The songs of the teacher's folders. */
    ReadOnlyObjectProperty<List<ShelvedSong>> shelfProperty() {
        return shelf.songsProperty();
    }

    /** What {@code name} can play of the shelf and of {@code open}, the song that is worked on. */
    Optional<Repertoire> repertoire(String name, Song open) {
        Asked asked = new Asked(name, records.get(), shelf.songsProperty().get(), open);
        if (!asked.equals(lastAsked)) {
            lastAsked = asked;
            var songs = new ArrayList<>(asked.shelf.stream()
                    .filter(song -> !song.title().equals(open.facts().title()))
                    .toList());
            songs.add(ShelvedSong.of("", open, Words.lexicon()));
            lastAnswer = student(name).map(student -> Repertoire.of(asked.records, student, LocalDate.now(), songs));
        }
        return lastAnswer;
    }

    /** What a repertoire follows from. */
    private record Asked(String name, Records records, List<ShelvedSong> shelf, Song open) {}

    private Optional<Student> student(String name) {
        return records.get().students().stream()
                .filter(each -> each.name().equals(name))
                .findFirst();
    }

    /** Keeps how often the student who is chosen changed between two chords in a minute; answers why not. */
    Optional<String> count(String from, String to, int perMinute) {
        if (chosen.get().isEmpty()) return Optional.empty();
        try {
            var entry = new ChangeEntry(chosen.get().get(), LocalDate.now(), from, to, perMinute);
            add(new Records(List.of(), List.of(), List.of(), List.of(entry)));
            return Optional.empty();
        } catch (Refusal wrong) {
            return Optional.of(Words.why(wrong));
        }
    }

    /** Opens the logbook, once. */
    void open() {
        shelf.refresh();
        if (book.isPresent() || isDamaged) return;
        try {
            Files.createDirectories(folder);
            book = Optional.of(Logbook.open(folder, LocalDateTime.now()));
            refresh();
        } catch (DamagedLogbook damaged) {
            isDamaged = true;
            String copy = damaged.backup().map(Path::toString).orElse("");
            problem.set(Words.of("class.damaged", damaged.aside(), copy.isEmpty() ? 0 : 1, copy));
        } catch (IOException failed) {
            problem.set(Words.of("class.failed", failed.getMessage()));
        }
    }

    /** Tells the logbook of the song in {@code work}, so that what is written down of it follows a new title. */
    void meet(Work work) {
        Optional<SongId> id = work.idProperty().get();
        if (book.isEmpty() || id.isEmpty() || work.getFile().isEmpty() || work.isUnsaved()) return;
        try {
            String title = work.written().facts().title();
            Path place = work.getFile().get().toAbsolutePath();
            switch (book.get().meet(id.get(), title, place, there -> isSong(there, id.get()))) {
                case Logbook.Meeting.Known _ -> {}
                case Logbook.Meeting.Renamed renamed -> {
                    refresh();
                    problem.set(Words.of("class.renamed", renamed.before(), title));
                }
                case Logbook.Meeting.Copy copy ->
                    problem.set(Words.of("class.copy", title, copy.title(), copy.place()));
            }
        } catch (IOException failed) {
            problem.set(Words.of("class.failed", failed.getMessage()));
        }
    }

    private static boolean isSong(Path file, SongId id) {
        try {
            return Files.isRegularFile(file)
                    && SongFile.read(file).id().filter(id::equals).isPresent();
        } catch (IOException unreadable) {
            return false;
        }
    }

    /** Goes on after a damaged logbook: with its newest copy, or with a new one. */
    void goOn(boolean fromCopy) {
        isDamaged = false;
        problem.set("");
        try {
            if (fromCopy) Logbook.restore(folder, LocalDateTime.now());
        } catch (IOException | Refusal failed) {
            problem.set(Words.of("class.failed", String.valueOf(failed.getMessage())));
        }
        open();
    }

    boolean isDamaged() {
        return isDamaged;
    }

    /** Shows six made-up students, in memory, for as long as the window is open. */
    void openDemo() {
        book.ifPresent(Logbook::close);
        Logbook demo = Logbook.forNow();
        book = Optional.of(demo);
        isDamaged = false;
        problem.set("");
        add(DemoClass.records(LocalDate.now()));
        chosen.set(records.get().students().stream().map(Student::name).findFirst());
    }

    private void add(Records more) {
        inBook(open -> {
            open.add(more);
            refresh();
        });
    }

    private void refresh() throws IOException {
        records.set(book.orElseThrow().records());
        boolean isThere = chosen.get().stream()
                .anyMatch(name -> records.get().students().stream()
                        .anyMatch(each -> each.name().equals(name)));
        if (!isThere) chosen.set(Optional.empty());
    }

    /** Adds a student; answers why not. */
    Optional<String> enrol(String name) {
        try {
            var student = new Student(name, LocalDate.now(), Optional.empty(), "");
            if (records.get().students().stream().anyMatch(each -> each.name().equalsIgnoreCase(student.name())))
                return Optional.of(Words.of("class.there", student.name()));
            add(new Records(List.of(student), List.of(), List.of(), List.of()));
            chosen.set(Optional.of(student.name()));
            return Optional.empty();
        } catch (Refusal wrong) {
            return Optional.of(Words.why(wrong));
        }
    }

    /** Writes down what the student who is chosen is given today; answers why not. */
    Optional<String> give(String song, String version, int tempo, String homework) {
        if (chosen.get().isEmpty()) return Optional.empty();
        try {
            var lesson = new Lesson(chosen.get().get(), LocalDate.now(), song, version, "", tempo, homework);
            add(new Records(List.of(), List.of(lesson), List.of(), List.of()));
            return Optional.empty();
        } catch (Refusal wrong) {
            return Optional.of(Words.why(wrong));
        }
    }

    /** Keeps a round that the student who is chosen played. */
    void keep(String song, String version, String bars, int tempo, Take take) {
        chosen.get().ifPresent(name -> {
            LocalDateTime now = LocalDateTime.now().truncatedTo(ChronoUnit.SECONDS);
            var entry = TakeEntry.of(name, now, song, version, bars, tempo, take);
            add(new Records(List.of(), List.of(), List.of(entry), List.of()));
        });
    }

    /** The plan that is kept for a song and the student who is chosen, or for nobody. */
    Optional<KeptPlan> plan(String song, String version) {
        if (book.isEmpty()) return Optional.empty();
        try {
            return book.get().plan(chosen.get(), song, version);
        } catch (IOException failed) {
            problem.set(Words.of("class.failed", failed.getMessage()));
            return Optional.empty();
        }
    }

    /** Keeps a plan for the student who is chosen, or for nobody; answers whether it could be kept. */
    boolean keepPlan(String song, String version, LocalDate begins, int minutes, PracticePlan plan) {
        return inBook(open -> open.keep(KeptPlan.of(chosen.get(), song, version, begins, minutes, plan)));
    }

    /** Keeps none any longer. */
    void dropPlan(String song, String version) {
        inBook(open -> open.dropPlan(chosen.get(), song, version));
    }

    /** Writes in the logbook, if it is open. */
    private interface Writing {
        void write(Logbook open) throws IOException;
    }

    private boolean inBook(Writing writing) {
        if (book.isEmpty()) return false;
        try {
            writing.write(book.get());
            return true;
        } catch (IOException failed) {
            problem.set(Words.of("class.failed", failed.getMessage()));
            return false;
        }
    }

    /** What bars of a song were worth last week, played by the student who is chosen; empty if they were not played. */
    OptionalInt scoreOfLastWeek(String song, String version, String bars) {
        return chosen.get()
                .map(name -> records.get().scoreOfLastWeek(name, song, version, bars, LocalDate.now()))
                .orElse(OptionalInt.empty());
    }

    /** Takes a student out with everything that is known of them. */
    void forget(String name) {
        inBook(open -> {
            open.forget(name);
            open.forgetCopies(folder, LocalDateTime.now());
            refresh();
        });
    }

    Optional<Progress> progress(String name) {
        return student(name).map(student -> Progress.of(records.get(), student, LocalDate.now()));
    }

    ReadOnlyObjectProperty<Records> recordsProperty() {
        return records.getReadOnlyProperty();
    }

    /** What is wrong with the logbook; empty if nothing is. */
    ReadOnlyObjectProperty<String> problemProperty() {
        return problem.getReadOnlyProperty();
    }

    /** Who plays; empty if nobody is said to. */
    ObjectProperty<Optional<String>> chosenProperty() {
        return chosen;
    }
}
