package tactus.app.practice;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import tactus.app.demo.DemoClass;
import tactus.app.start.ShelfModel;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.ground.statement.Statement;
import tactus.core.taught.logbook.ChangeEntry;
import tactus.core.taught.logbook.KeptPlan;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.Progress;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Repertoire;
import tactus.core.taught.logbook.Student;
import tactus.core.taught.logbook.TakeEntry;
import tactus.core.taught.practice.PracticePlan;
import tactus.core.taught.practice.Take;
import tactus.core.taught.shelf.ShelvedSong;
import tactus.core.written.song.Song;
import tactus.core.written.song.SongId;
import tactus.formats.song.SongFile;
import tactus.records.folder.FileTrouble;
import tactus.records.logbook.DamagedLogbook;
import tactus.records.logbook.Logbook;
import tactus.records.logbook.LogbookCopy;
import tactus.records.logbook.StudentTraces;
import tactus.words.Words;

/** The students of the logbook, the one who plays, and what is known of them. The logbook is opened when it is first asked for. */
final class ClassModel {

    private final Path folder;
    private final ShelfModel shelf;
    private Asked lastAsked;
    private Optional<Repertoire> lastAnswer = Optional.empty();
    private final ReadOnlyObjectWrapper<Records> records = new ReadOnlyObjectWrapper<>(this, "records", Records.NONE);
    private final ReadOnlyObjectWrapper<Optional<Statement>> problem =
            new ReadOnlyObjectWrapper<>(this, "problem", Optional.empty());
    private final ObjectProperty<Optional<String>> chosen =
            new SimpleObjectProperty<>(this, "chosen", Optional.empty());
    private Optional<Logbook> book = Optional.empty();
    private boolean isDamaged;
    private boolean isFailing;
    private final ReadOnlyObjectWrapper<List<LogbookCopy>> offered =
            new ReadOnlyObjectWrapper<>(this, "offered", List.of());
    private final ReadOnlyObjectWrapper<Forgotten> forgotten =
            new ReadOnlyObjectWrapper<>(this, "forgotten", Forgotten.NOBODY);
    private final List<TakeEntry> unwritten = new ArrayList<>();
    private final Map<String, String> drafts = new HashMap<>();

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

    /** Keeps how often the student who is chosen changed between two chords in a minute; answers why it is not kept. */
    Outcome count(String from, String to, int perMinute) {
        if (chosen.get().isEmpty()) return Outcome.DONE;
        try {
            var entry = new ChangeEntry(chosen.get().get(), LocalDate.now(), from, to, perMinute);
            return add(Records.of(entry));
        } catch (Refusal wrong) {
            return new Outcome.Refused(wrong);
        }
    }

    /** Opens the logbook, unless it is open; where it could not be opened it is tried again. */
    void open() {
        shelf.refresh();
        if (book.isPresent() || isDamaged) return;
        try {
            Logbook opened = Logbook.open(folder, LocalDateTime.now());
            book = Optional.of(opened);
            problem.set(opened.uncopied().map(why -> Statement.of("class.uncopied", why.getMessage())));
            refresh();
            if (records.get().students().isEmpty()) offer(Logbook.copies(folder), "class.empty");
        } catch (DamagedLogbook damaged) {
            isDamaged = true;
            offered.set(damaged.copies());
            say("class.damaged", damaged.aside(), damaged.copies().size());
        } catch (IOException failed) {
            fail(failed);
        }
    }

    private void say(String code, Object... values) {
        problem.set(Optional.of(Statement.of(code, values)));
    }

    private Statement fail(IOException failed) {
        Statement why = Statement.of("class.failed", FileTrouble.said(failed, folder));
        problem.set(Optional.of(why));
        return why;
    }

    /** Copies with somebody in them, where the logbook has nobody. */
    private void offer(List<LogbookCopy> copies, String why) {
        List<LogbookCopy> peopled =
                copies.stream().filter(copy -> copy.students() > 0).toList();
        offered.set(peopled);
        if (!peopled.isEmpty()) say(why, peopled.size());
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
                    say("class.renamed", renamed.before(), title);
                }
                case Logbook.Meeting.Copy copy -> say("class.copy", title, copy.title(), copy.place());
            }
        } catch (IOException failed) {
            fail(failed);
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

    /** Goes on with a copy in the place of the logbook. */
    void goOn(LogbookCopy copy) {
        close();
        try {
            Logbook.restore(folder, copy, LocalDateTime.now());
        } catch (IOException failed) {
            fail(failed);
            return;
        } catch (Refusal there) {
            goOn();
            problem.set(Optional.of(Words.reason(there)));
            return;
        }
        goOn();
    }

    /** Goes on with what is there: a new logbook where there is none. */
    void goOn() {
        offered.set(List.of());
        isDamaged = false;
        problem.set(Optional.empty());
        open();
    }

    private void close() {
        book.ifPresent(Logbook::close);
        book = Optional.empty();
    }

    /** Copies that can be put in the place of the logbook, the newest first; empty where it needs none. */
    ReadOnlyObjectProperty<List<LogbookCopy>> offeredProperty() {
        return offered.getReadOnlyProperty();
    }

    /** Whether the logbook was damaged, so that nothing is open until a person says how to go on. */
    boolean isDamaged() {
        return isDamaged;
    }

    /** Whether there is a logbook to write in. */
    boolean isOpen() {
        return book.isPresent();
    }

    /** Shows six made-up students, in memory, for as long as the window is open. */
    void openDemo() {
        close();
        book = Optional.of(Logbook.forNow());
        isDamaged = false;
        offered.set(List.of());
        problem.set(Optional.empty());
        add(DemoClass.records(LocalDate.now()));
        chosen.set(records.get().students().stream().map(Student::name).findFirst());
    }

    private Outcome add(Records more) {
        return inBook(open -> {
            open.add(more);
            // What was written is known; all of it is read again only where another program has written too.
            if (open.isChangedElsewhere()) refresh();
            else records.set(records.get().plus(more));
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
    Outcome enrol(String name) {
        try {
            var student = new Student(name, LocalDate.now(), Optional.empty(), "");
            Optional<String> there = records.get().students().stream()
                    .map(Student::name)
                    .filter(each -> Student.isSame(each, student.name()))
                    .findFirst();
            if (there.isPresent()) return Outcome.refused("class.there", there.get());
            Outcome outcome = add(Records.of(student));
            if (outcome.isDone()) chosen.set(Optional.of(student.name()));
            return outcome;
        } catch (Refusal wrong) {
            return new Outcome.Refused(wrong);
        }
    }

    /** Writes down what the student who is chosen is given today; answers why it is not kept. */
    Outcome give(String song, String version, int tempo, String homework) {
        if (chosen.get().isEmpty()) return Outcome.DONE;
        try {
            var lesson = new Lesson(chosen.get().get(), LocalDate.now(), song, version, "", tempo, homework);
            return add(Records.of(lesson));
        } catch (Refusal wrong) {
            return new Outcome.Refused(wrong);
        }
    }

    /** Keeps a round that the student who is chosen played; answers why it is not kept. It is tried again with the next one. */
    Outcome keep(String song, String version, String bars, int tempo, Take take) {
        if (chosen.get().isEmpty()) return Outcome.DONE;
        LocalDateTime now = LocalDateTime.now().truncatedTo(ChronoUnit.SECONDS);
        unwritten.add(TakeEntry.of(chosen.get().get(), now, song, version, bars, tempo, take));
        Outcome outcome = add(Records.of(unwritten));
        if (outcome.isDone()) unwritten.clear();
        return outcome.refusal()
                .map(why -> Outcome.refused("class.unkept", why.reason()))
                .orElse(Outcome.DONE);
    }

    /** The plan that is kept for a song and the student who is chosen, or for nobody. */
    Optional<KeptPlan> plan(String song, String version) {
        if (book.isEmpty()) return Optional.empty();
        try {
            return book.get().plan(chosen.get(), song, version);
        } catch (IOException failed) {
            fail(failed);
            return Optional.empty();
        }
    }

    /** Keeps a plan for the student who is chosen, or for nobody; answers whether it could be kept. */
    boolean keepPlan(String song, String version, LocalDate begins, int minutes, PracticePlan plan) {
        return inBook(open -> open.keep(KeptPlan.of(chosen.get(), song, version, begins, minutes, plan)))
                .isDone();
    }

    /** Keeps none any longer. */
    void dropPlan(String song, String version) {
        inBook(open -> open.dropPlan(chosen.get(), song, version));
    }

    /** Writes in the logbook, if it is open. */
    private interface Writing {
        void write(Logbook open) throws IOException;
    }

    /** Writes, and answers why it is not kept; where the logbook could not be opened before it is tried again. */
    private Outcome inBook(Writing writing) {
        if (book.isEmpty()) open();
        if (book.isEmpty()) return new Outcome.Refused(new Refusal(problem.get().orElse(Statement.of("class.closed"))));
        try {
            writing.write(book.get());
            if (isFailing) problem.set(Optional.empty());
            isFailing = false;
            return Outcome.DONE;
        } catch (IOException failed) {
            isFailing = true;
            return new Outcome.Refused(new Refusal(fail(failed)));
        }
    }

    /** What bars of a song were worth last week, played by the student who is chosen; empty if they were not played. */
    OptionalInt scoreOfLastWeek(String song, String version, String bars) {
        return chosen.get()
                .map(name -> records.get().scoreOfLastWeek(name, song, version, bars, LocalDate.now()))
                .orElse(OptionalInt.empty());
    }

    /** Takes a student out with everything that is known of them, and says where something of them may still stand. */
    void forget(String name) {
        var left = new ArrayList<Statement>();
        boolean[] was = new boolean[1];
        Outcome outcome = inBook(open -> {
            open.forget(name, folder, LocalDateTime.now()).ifPresent(remains -> {
                was[0] = true;
                left.addAll(remains);
            });
            refresh();
        });
        if (!outcome.isDone() || !was[0]) return;
        unwritten.removeIf(each -> Student.isSame(each.student(), name));
        drafts.remove(name);
        forgotten.set(new Forgotten(name, Words.of("class.looking"), said(left)));
        shelf.lookThrough(
                (folders, isCancelled) -> StudentTraces.of(name, folders, isCancelled),
                songs -> {
                    left.addAll(songs);
                    forgotten.set(new Forgotten(name, "", said(left)));
                },
                failed -> forgotten.set(new Forgotten(name, Words.of("class.not-looked", failed), said(left))));
    }

    private static List<String> said(List<Statement> remains) {
        return remains.stream().map(Words::say).toList();
    }

    /**
     * Who was forgotten last.
     *
     * @param state what is still being done; empty if nothing is
     * @param remains where something of them may still stand
     */
    record Forgotten(String name, String state, List<String> remains) {

        static final Forgotten NOBODY = new Forgotten("", "", List.of());
    }

    ReadOnlyObjectProperty<Forgotten> forgottenProperty() {
        return forgotten.getReadOnlyProperty();
    }

    /** What was typed for a student and not given yet. */
    String draft(String student) {
        return drafts.getOrDefault(student, "");
    }

    void keepDraft(String student, String typed) {
        drafts.put(student, typed);
    }

    Optional<Progress> progress(String name) {
        return student(name).map(student -> Progress.of(records.get(), student, LocalDate.now()));
    }

    ReadOnlyObjectProperty<Records> recordsProperty() {
        return records.getReadOnlyProperty();
    }

    /** What is wrong with the logbook; empty if nothing is. */
    ReadOnlyObjectProperty<Optional<Statement>> problemProperty() {
        return problem.getReadOnlyProperty();
    }

    /** Who plays; empty if nobody is said to. */
    ObjectProperty<Optional<String>> chosenProperty() {
        return chosen;
    }
}
