package tactus.app.practice;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import tactus.app.place.Printer;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.music.shape.FrettingHand;
import tactus.core.taught.logbook.DatedPlan;
import tactus.core.taught.logbook.KeptPlan;
import tactus.core.taught.logbook.Progress;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.logbook.Student;
import tactus.core.taught.practice.Ladder;
import tactus.core.taught.practice.PlanChange;
import tactus.core.taught.practice.PracticeCare;
import tactus.core.taught.practice.PracticePlan;
import tactus.core.written.song.ChangeCount;
import tactus.core.written.song.Song;
import tactus.formats.file.FileName;
import tactus.formats.sheet.Paper;
import tactus.formats.sheet.PlanPages;
import tactus.formats.table.PlanTable;
import tactus.records.folder.FileTrouble;
import tactus.words.PlanWords;
import tactus.words.Words;

/**
 * The days until a song can be played, for the student who is chosen, as the teacher changes them. What is changed is kept in the
 * logbook, and taken up again with the song as it is then.
 */
final class PlanModel {

    private static final int USUAL_MINUTES = 15;
    private static final int USUAL_DAYS = 7;

    private final Work work;
    private final Settings settings;
    private final ClassModel students;
    private final Output output;
    private final ReadOnlyObjectWrapper<PracticePlan> plan = new ReadOnlyObjectWrapper<>(this, "plan");
    private int minutes = USUAL_MINUTES;
    private final Deque<Before> before = new ArrayDeque<>();
    private final Supplier<LocalDate> today;
    private final ReadOnlyObjectWrapper<String> said = new ReadOnlyObjectWrapper<>(this, "said", "");
    private LocalDate begins;
    private final ReadOnlyBooleanWrapper kept = new ReadOnlyBooleanWrapper(this, "kept");

    private record Before(DatedPlan plan, int minutes) {}

    /**
     * Where it goes.
     *
     * @param target asks where to write
     * @param printer prints, or says why not
     */
    record Output(BiFunction<String, String, Optional<Path>> target, Printer printer) {
        Output {
            Objects.requireNonNull(target);
            Objects.requireNonNull(printer);
        }
    }

    /**
     * @param known the plan that is kept for the song and whoever practises it
     * @param today which day it is
     */
    PlanModel(
            Work work,
            Settings settings,
            ClassModel students,
            Optional<KeptPlan> known,
            Output output,
            Supplier<LocalDate> today) {
        this.today = today;
        this.work = work;
        this.settings = settings;
        this.students = students;
        this.output = output;
        begins = today.get();
        known.ifPresentOrElse(this::takeUp, this::computeUsual);
    }

    private SongKey song() {
        return SongKey.of(work.song());
    }

    private void computeUsual() {
        minutes = USUAL_MINUTES;
        begins = today.get();
        before.clear();
        plan.set(care().eased(PracticePlan.of(ladder(), minutes, USUAL_DAYS)));
    }

    private void takeUp(KeptPlan known) {
        KeptPlan.TakenUp up = known.takeUp(ladder());
        begins = known.begins();
        minutes = known.minutes();
        kept.set(true);
        plan.set(care().eased(up.plan()));
        if (up.gone() > 0 || up.added() > 0) said.set(Words.of("plan.song-changed", up.gone(), up.added()));
    }

    /** Plans anew in place of what was changed by hand, which can be taken back. Answers why not. */
    Outcome compute(int minutesADay, int howMany) {
        return Outcome.of(() -> {
            PracticePlan computed = care().eased(PracticePlan.of(ladder(), minutesADay, howMany));
            remember();
            minutes = minutesADay;
            begins = today.get();
            set(computed);
        });
    }

    /** Plans anew up to the day that {@code text} says, {@code 2026-12-20}. Answers why not. */
    Outcome computeUntil(String text) {
        try {
            long wanted = ChronoUnit.DAYS.between(today.get(), LocalDate.parse(text.strip())) + 1;
            return wanted < 1 ? past(text) : compute(minutes, (int) Math.min(wanted, Integer.MAX_VALUE));
        } catch (DateTimeParseException noDate) {
            return past(text);
        }
    }

    private Outcome past(String text) {
        return Outcome.refused("plan.date", text.strip(), today.get().plusDays(USUAL_DAYS));
    }

    /** Forgets what was kept, and plans as if nothing had been; that cannot be taken back. */
    void beginAnew() {
        said.set("");
        students.dropPlan(song(), outcome -> {
            if (outcome.isDone()) kept.set(false);
        });
        computeUsual();
    }

    /** Whether a plan is kept for the song and whoever practises it. */
    ReadOnlyBooleanProperty keptProperty() {
        return kept.getReadOnlyProperty();
    }

    /** What there is to say of it. */
    ReadOnlyObjectProperty<String> saidProperty() {
        return said.getReadOnlyProperty();
    }

    private void set(PracticePlan other) {
        plan.set(other);
        students.keep(
                KeptPlan.of(students.chosenProperty().get(), song(), begins, minutes, other),
                outcome -> kept.set(outcome.isDone()));
    }

    /** Which day it is today, from 0; as many as there are days if the last one is over. */
    int dayNow() {
        return dated().dayOn(today.get());
    }

    /** The plan on the calendar. */
    DatedPlan dated() {
        return new DatedPlan(plan.get(), begins);
    }

    /** How many things of earlier days were not reached. */
    int behind() {
        return PlanChange.behind(plan.get(), dayNow());
    }

    /** What was not reached on earlier days comes first today. */
    void catchUp() {
        change(now -> PlanChange.caughtUp(now, dayNow(), minutes));
    }

    /** The thing was reached, or not after all. */
    void done(int day, int item, boolean isDone) {
        change(now -> PlanChange.done(now, day, item, isDone));
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
        return plan.get().days().size();
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
        begins = last.plan.begins();
        set(last.plan.plan());
    }

    private void remember() {
        if (plan.get() != null) before.push(new Before(dated(), minutes));
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
        remember();
        set(change.apply(plan.get()));
    }

    /** Whose it is, what for and from when. */
    String title() {
        String song = work.song().facts().title();
        return students.chosenProperty()
                .get()
                .map(name -> Words.of("plan.for", song, name, begins))
                .orElse(Words.of("plan.title", song, begins));
    }

    /** The plan as text. */
    String text() {
        return title() + "\n" + String.join("\n", PlanWords.lines(dated())) + "\n";
    }

    /** Prints it; answers why not. */
    Outcome print() {
        String title = title();
        DatedPlan shown = dated();
        Paper paper = settings.sheetLook().paper();
        return output.printer().print(dots -> PlanPages.images(title, shown, paper, dots));
    }

    /** Writes it where the teacher says; answers what was written or why not, nothing if it was not wanted. */
    Optional<String> export(boolean asTable) {
        String ending = asTable ? "csv" : "pdf";
        return output.target().apply(FileName.of(title(), "plan"), ending).map(file -> {
            try {
                if (asTable) PlanTable.write(dated(), file);
                else PlanPages.writePdf(title(), dated(), settings.sheetLook().paper(), file);
                return Words.of("plan.written", file);
            } catch (IOException failed) {
                return Words.of("plan.not-written", FileTrouble.said(failed, file));
            }
        });
    }
}
