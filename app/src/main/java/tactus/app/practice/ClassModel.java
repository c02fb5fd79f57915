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
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import tactus.app.demo.DemoClass;
import tactus.app.start.ShelfModel;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.statement.Statement;
import tactus.core.taught.logbook.ChangeEntry;
import tactus.core.taught.logbook.Entry;
import tactus.core.taught.logbook.KeptPlan;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.Progress;
import tactus.core.taught.logbook.Records;
import tactus.core.taught.logbook.Repertoire;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.logbook.Student;
import tactus.core.taught.logbook.TakeEntry;
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
        desk.lyingProperty().subscribe(_ -> {
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
        Asked asked = new Asked(name, desk.records(), shelf.songsProperty().get(), open);
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
        return desk.records().students().stream()
                .filter(each -> each.name().equals(name))
                .findFirst();
    }

    /** Keeps how often the student who is chosen changed between two chords in a minute; tells why it is not kept. */
    void count(String from, String to, int perMinute, Consumer<Outcome> told) {
        addOfChosen(name -> new ChangeEntry(name, LocalDate.now(), from, to, perMinute), told);
    }

    /** Writes down what {@code entry} makes of the student who is chosen; nothing where nobody is. */
    private void addOfChosen(Function<String, Entry> entry, Consumer<Outcome> told) {
        if (chosen.get().isEmpty()) {
            told.accept(Outcome.DONE);
            return;
        }
        Outcome made =
                Outcome.of(() -> desk.add(Records.of(entry.apply(chosen.get().get())), told));
        if (!made.isDone()) told.accept(made);
    }

    /** Opens the logbook, unless it is open, and looks for the songs again. */
    void open(Runnable opened) {
        shelf.refresh();
        desk.open(opened);
    }

    /** Shows six made-up students, in memory, for as long as the window is open. */
    void openDemo() {
        desk.open(
                DemoClass.records(LocalDate.now()),
                () -> chosen.set(
                        desk.records().students().stream().map(Student::name).findFirst()));
    }

    /** Adds a student; tells why not. */
    void enrol(String name, Consumer<Outcome> told) {
        Outcome known = Outcome.from(() -> {
            var student = new Student(name, LocalDate.now(), Optional.empty(), "");
            Optional<String> there = desk.records().students().stream()
                    .map(Student::name)
                    .filter(each -> Student.isSame(each, student.name()))
                    .findFirst();
            if (there.isPresent()) return Outcome.refused("class.there", there.get());
            desk.add(Records.of(student), outcome -> {
                if (outcome.isDone()) chosen.set(Optional.of(student.name()));
                told.accept(outcome);
            });
            return Outcome.DONE;
        });
        if (!known.isDone()) told.accept(known);
    }

    /** Writes down what the student who is chosen is given today; tells why it is not kept. */
    void give(SongKey song, int tempo, String homework, Consumer<Outcome> told) {
        Optional<String> whose = chosen.get();
        addOfChosen(name -> new Lesson(name, LocalDate.now(), song, "", tempo, homework), outcome -> {
            if (outcome.isDone()) whose.ifPresent(name -> drafts.remove(name, homework));
            told.accept(outcome);
        });
    }

    /** Keeps a round that the student who is chosen played; tells why it is not kept. It is tried again with the next one. */
    void keep(SongKey song, String bars, int tempo, Take take, Consumer<Outcome> told) {
        if (chosen.get().isEmpty()) {
            told.accept(Outcome.DONE);
            return;
        }
        LocalDateTime now = LocalDateTime.now().truncatedTo(ChronoUnit.SECONDS);
        unwritten.add(TakeEntry.of(chosen.get().get(), now, song, bars, tempo, take));
        List<TakeEntry> these = List.copyOf(unwritten);
        desk.add(Records.of(these), outcome -> {
            if (outcome.isDone()) unwritten.removeAll(these);
            told.accept(outcome.refusal()
                    .map(why -> Outcome.refused("class.unkept", why.reason()))
                    .orElse(Outcome.DONE));
        });
    }

    /** Tells the plan that is kept for a song and the student who is chosen, or for nobody. */
    void plan(SongKey song, Consumer<Optional<KeptPlan>> told) {
        Optional<String> whose = chosen.get();
        desk.read(open -> open.plan(whose, song), told);
    }

    /** Keeps a plan; tells whether it could be kept. */
    void keep(KeptPlan plan, Consumer<Outcome> told) {
        desk.write(open -> open.keep(plan), told);
    }

    /** Keeps none any longer for the student who is chosen, or for nobody; tells whether that could be written down. */
    void dropPlan(SongKey song, Consumer<Outcome> told) {
        Optional<String> whose = chosen.get();
        desk.write(open -> open.dropPlan(whose, song), told);
    }

    /** What bars of a song were worth last week, played by the student who is chosen; empty if they were not played. */
    OptionalInt scoreOfLastWeek(SongKey song, String bars) {
        return chosen.get()
                .map(name -> desk.records().scoreOfLastWeek(name, song, bars, LocalDate.now()))
                .orElse(OptionalInt.empty());
    }

    /** Takes a student out with everything that is known of them, and says where something of them may still stand. */
    void forget(String name) {
        // A round that is not written down yet would bring them back.
        List<TakeEntry> theirs = unwritten.stream()
                .filter(each -> Student.isSame(each.student(), name))
                .toList();
        unwritten.removeAll(theirs);
        desk.forget(
                name,
                remains -> remains.ifPresentOrElse(left -> sayForgotten(name, left), () -> unwritten.addAll(theirs)));
    }

    private void sayForgotten(String name, List<Statement> remains) {
        var left = new ArrayList<>(remains);
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
        return student(name).map(student -> Progress.of(desk.records(), student, LocalDate.now()));
    }

    /** Who plays; empty if nobody is said to. */
    ObjectProperty<Optional<String>> chosenProperty() {
        return chosen;
    }
}
