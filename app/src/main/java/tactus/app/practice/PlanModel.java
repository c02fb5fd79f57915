package tactus.app.practice;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.app.place.Printed;
import tactus.app.work.Attempt;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.logbook.Progress;
import tactus.core.logbook.Student;
import tactus.core.practice.Ladder;
import tactus.core.practice.PlanChange;
import tactus.core.practice.PracticeCare;
import tactus.core.practice.PracticePlan;
import tactus.core.shape.FrettingHand;
import tactus.core.song.ChangeCount;
import tactus.core.song.Song;
import tactus.formats.file.FileName;
import tactus.formats.sheet.Paper;
import tactus.formats.sheet.PlanPages;
import tactus.formats.table.PlanTable;
import tactus.words.PlanWords;
import tactus.words.Words;

/** The days until a song can be played, for the student who is chosen, as the teacher changes them. */
final class PlanModel {

    private static final int USUAL_MINUTES = 15;
    private static final int USUAL_DAYS = 7;

    private final Work work;
    private final Settings settings;
    private final ClassModel students;
    private final BiFunction<String, String, Optional<Path>> target;
    private final Function<Printed, Optional<String>> printer;
    private final ReadOnlyObjectWrapper<PracticePlan> plan = new ReadOnlyObjectWrapper<>(this, "plan");
    private int minutes = USUAL_MINUTES;
    private int days = USUAL_DAYS;
    private final Deque<Before> before = new ArrayDeque<>();

    private record Before(PracticePlan plan, int minutes, int days) {}

    /**
     * @param target asks where to write
     * @param printer prints, or says why not
     */
    PlanModel(
            Work work,
            Settings settings,
            ClassModel students,
            BiFunction<String, String, Optional<Path>> target,
            Function<Printed, Optional<String>> printer) {
        this.printer = printer;
        this.work = work;
        this.settings = settings;
        this.students = students;
        this.target = target;
        compute(USUAL_MINUTES, USUAL_DAYS);
    }

    /** Plans anew in place of what was changed by hand, which can be taken back. Answers why not. */
    Optional<String> compute(int minutesADay, int howMany) {
        return Attempt.of(() -> {
            PracticePlan computed = care().eased(PracticePlan.of(ladder(), minutesADay, howMany));
            keep();
            minutes = minutesADay;
            days = howMany;
            plan.set(computed);
        });
    }

    private Optional<Progress> known() {
        return students.chosenProperty().get().flatMap(students::progress);
    }

    private FrettingHand hand() {
        return known().map(Progress::student).map(Student::hand).orElseGet(settings.handProperty()::get);
    }

    private PracticeCare care() {
        Song song = work.song();
        return new PracticeCare(
                song, work.timeline(), settings.neck(song.facts().capo()), hand());
    }

    /** With the hand and the counts of the student who is chosen. */
    private Ladder ladder() {
        Song song = work.song();
        Optional<Progress> known = known();
        FrettingHand hand = hand();
        for (ChangeCount each : known.map(Progress::counts).orElse(List.of())) song = song.withChangeCount(each);
        return Ladder.of(song, work.timeline(), settings.neck(song.facts().capo()), hand);
    }

    int minutes() {
        return minutes;
    }

    int days() {
        return days;
    }

    /** Whether there is something to take back. */
    boolean isChanged() {
        return !before.isEmpty();
    }

    /** Takes the last change back. */
    void takeBack() {
        if (before.isEmpty()) return;
        Before last = before.pop();
        minutes = last.minutes;
        days = last.days;
        plan.set(last.plan);
    }

    private void keep() {
        if (plan.get() != null) before.push(new Before(plan.get(), minutes, days));
    }

    ReadOnlyObjectProperty<PracticePlan> planProperty() {
        return plan.getReadOnlyProperty();
    }

    /** The item takes so many minutes. */
    void lasting(int day, int item, int minutes) {
        change(before -> PlanChange.lasting(before, day, item, minutes));
    }

    void leaveOut(int day, int item) {
        change(before -> PlanChange.without(before, day, item));
    }

    void moveOn(int day, int item) {
        change(before -> PlanChange.movedOn(before, day, item, minutes));
    }

    private void change(UnaryOperator<PracticePlan> change) {
        keep();
        plan.set(change.apply(plan.get()));
    }

    /** Whose it is, what for and from when. */
    String title() {
        String song = work.song().facts().title();
        return students.chosenProperty()
                .get()
                .map(name -> Words.of("plan.for", song, name, LocalDate.now()))
                .orElse(Words.of("plan.title", song, LocalDate.now()));
    }

    /** The plan as text. */
    String text() {
        return title() + "\n" + String.join("\n", PlanWords.lines(plan.get())) + "\n";
    }

    /** Prints it; answers why not. */
    Optional<String> print() {
        String title = title();
        PracticePlan shown = plan.get();
        Paper paper = settings.sheetLook().paper();
        return printer.apply(dots -> PlanPages.images(title, shown, paper, dots));
    }

    /** Writes it where the teacher says; answers what was written or why not, nothing if it was not wanted. */
    Optional<String> export(boolean asTable) {
        String ending = asTable ? "csv" : "pdf";
        return target.apply(FileName.of(title(), "plan"), ending).map(file -> {
            try {
                if (asTable) PlanTable.write(plan.get(), file);
                else
                    PlanPages.writePdf(title(), plan.get(), settings.sheetLook().paper(), file);
                return Words.of("plan.written", file);
            } catch (IOException failed) {
                return Words.of("plan.not-written", file, String.valueOf(failed.getMessage()));
            }
        });
    }
}
