package tactus.app.practice;

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
import tactus.core.ground.refusal.Outcome;
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
import tactus.records.logbook.StudentTraces;
import tactus.words.Words;

/** The students of the logbook, the one who plays, and what is known of them. The logbook is opened when it is first asked for. */
final class ClassModel {

    private final LogbookDesk desk;
    private final ShelfModel shelf;
    private Asked lastAsked;
    private Optional<Repertoire> lastAnswer = Optional.empty();
    private final ObjectProperty<Optional<String>> chosen =
            new SimpleObjectProperty<>(this, "chosen", Optional.empty());
    private final ReadOnlyObjectWrapper<Forgotten> forgotten =
            new ReadOnlyObjectWrapper<>(this, "forgotten", Forgotten.NOBODY);
    private final List<TakeEntry> unwritten = new ArrayList<>();
    private final Map<String, String> drafts = new HashMap<>();

    /**
     * @param desk where the logbook lies
     * @param shelf the songs of the teacher's folders
     */
    ClassModel(LogbookDesk desk, ShelfModel shelf) {
        this.desk = desk;
        this.shelf = shelf;
        desk.recordsProperty().subscribe(now -> {
            boolean isThere = chosen.get().flatMap(this::student).isPresent();
            if (!isThere) chosen.set(Optional.empty());
        });
    }

    /** Where the logbook lies. */
    LogbookDesk desk() {
        return desk;
    }

    /** The songs of the teacher's folders. */
    ReadOnlyObjectProperty<List<ShelvedSong>> shelfProperty() {
        return shelf.songsProperty();
    }

    /** What {@code name} can play of the shelf and of {@code open}, the song that is worked on. */
    Optional<Repertoire> repertoire(String name, Song open) {
        Asked asked = new Asked(
                name, desk.recordsProperty().get(), shelf.songsProperty().get(), open);
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
        return desk.recordsProperty().get().students().stream()
                .filter(each -> each.name().equals(name))
                .findFirst();
    }

    /** Keeps how often the student who is chosen changed between two chords in a minute; answers why it is not kept. */
    Outcome count(String from, String to, int perMinute) {
        if (chosen.get().isEmpty()) return Outcome.DONE;
        return Outcome.from(
                () -> desk.add(Records.of(new ChangeEntry(chosen.get().get(), LocalDate.now(), from, to, perMinute))));
    }

    /** Opens the logbook, unless it is open, and looks for the songs again. */
    void open() {
        shelf.refresh();
        desk.open();
    }

    /** Shows six made-up students, in memory, for as long as the window is open. */
    void openDemo() {
        desk.open(DemoClass.records(LocalDate.now()));
        chosen.set(desk.recordsProperty().get().students().stream()
                .map(Student::name)
                .findFirst());
    }

    /** Adds a student; answers why not. */
    Outcome enrol(String name) {
        return Outcome.from(() -> {
            var student = new Student(name, LocalDate.now(), Optional.empty(), "");
            Optional<String> there = desk.recordsProperty().get().students().stream()
                    .map(Student::name)
                    .filter(each -> Student.isSame(each, student.name()))
                    .findFirst();
            if (there.isPresent()) return Outcome.refused("class.there", there.get());
            Outcome outcome = desk.add(Records.of(student));
            if (outcome.isDone()) chosen.set(Optional.of(student.name()));
            return outcome;
        });
    }

    /** Writes down what the student who is chosen is given today; answers why it is not kept. */
    Outcome give(String song, String version, int tempo, String homework) {
        if (chosen.get().isEmpty()) return Outcome.DONE;
        return Outcome.from(() -> desk.add(
                Records.of(new Lesson(chosen.get().get(), LocalDate.now(), song, version, "", tempo, homework))));
    }

    /** Keeps a round that the student who is chosen played; answers why it is not kept. It is tried again with the next one. */
    Outcome keep(String song, String version, String bars, int tempo, Take take) {
        if (chosen.get().isEmpty()) return Outcome.DONE;
        LocalDateTime now = LocalDateTime.now().truncatedTo(ChronoUnit.SECONDS);
        unwritten.add(TakeEntry.of(chosen.get().get(), now, song, version, bars, tempo, take));
        Outcome outcome = desk.add(Records.of(unwritten));
        if (outcome.isDone()) unwritten.clear();
        return outcome.refusal()
                .map(why -> Outcome.refused("class.unkept", why.reason()))
                .orElse(Outcome.DONE);
    }

    /** The plan that is kept for a song and the student who is chosen, or for nobody. */
    Optional<KeptPlan> plan(String song, String version) {
        return desk.read(open -> open.plan(chosen.get(), song, version));
    }

    /** Keeps a plan for the student who is chosen, or for nobody; answers whether it could be kept. */
    boolean keepPlan(String song, String version, LocalDate begins, int minutes, PracticePlan plan) {
        return desk.write(open -> open.keep(KeptPlan.of(chosen.get(), song, version, begins, minutes, plan)))
                .isDone();
    }

    /** Keeps none any longer. */
    void dropPlan(String song, String version) {
        desk.write(open -> open.dropPlan(chosen.get(), song, version));
    }

    /** What bars of a song were worth last week, played by the student who is chosen; empty if they were not played. */
    OptionalInt scoreOfLastWeek(String song, String version, String bars) {
        return chosen.get()
                .map(name -> desk.recordsProperty().get().scoreOfLastWeek(name, song, version, bars, LocalDate.now()))
                .orElse(OptionalInt.empty());
    }

    /** Takes a student out with everything that is known of them, and says where something of them may still stand. */
    void forget(String name) {
        Optional<List<Statement>> remains = desk.forget(name);
        if (remains.isEmpty()) return;
        var left = new ArrayList<>(remains.get());
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
        return student(name).map(student -> Progress.of(desk.recordsProperty().get(), student, LocalDate.now()));
    }

    /** Who plays; empty if nobody is said to. */
    ObjectProperty<Optional<String>> chosenProperty() {
        return chosen;
    }
}
