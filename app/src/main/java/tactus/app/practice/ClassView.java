package tactus.app.practice;

import static tactus.app.practice.PageText.button;
import static tactus.app.practice.PageText.text;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.ProblemLabel;
import tactus.app.field.WrappedCell;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.taught.logbook.ChangeEntry;
import tactus.core.taught.logbook.Lesson;
import tactus.core.taught.logbook.Progress;
import tactus.core.taught.logbook.SongKey;
import tactus.core.taught.logbook.Student;
import tactus.records.logbook.LogbookCopy;
import tactus.words.ProgressWords;
import tactus.words.Words;

/** The class at a glance, and the page of the student who is chosen. Escape puts it away. Style class {@code class-view}. */
final class ClassView extends BorderPane {

    private static final double NANO = 1e-9;

    private final Bound bound = new Bound(this);
    private final Work work;
    private final ClassModel model;
    private final Runnable leave;
    private final ListView<String> students = new ListView<>();
    private final TextField name = new TextField();
    private final ProblemLabel problem = new ProblemLabel();
    private final TextField homework = new TextField();
    private final VBox page = new VBox();
    private final MinuteBox minute;
    private boolean asksToForget;
    private Optional<String> about = Optional.empty();

    /**
     * @param input what a student is heard by
     * @param leave puts the page away
     */
    ClassView(Work work, Settings settings, ClassModel model, InputModel input, Runnable leave) {
        this.work = work;
        this.model = model;
        this.leave = leave;
        minute = new MinuteBox(work, settings, model, input, () -> System.nanoTime() * NANO);
        getStyleClass().add("class-view");
        setId("class");
        setLeft(column());
        page.getStyleClass().add("class-page");
        var scroll = new ScrollPane(page);
        scroll.setFitToWidth(true);
        setCenter(scroll);
        addEventFilter(KeyEvent.KEY_PRESSED, press -> {
            if (press.getCode() != KeyCode.ESCAPE) return;
            about.ifPresent(student -> model.keepDraft(student, homework.getText()));
            leave.run();
            press.consume();
        });
        homework.setId("class-homework");
        homework.setAccessibleText(Words.of("class.homework"));
        homework.setPromptText(Words.of("class.homework"));
        homework.setOnAction(_ -> give());
        bound.choose(students, chosen -> {
            asksToForget = false;
            model.chosenProperty().set(Optional.of(chosen));
        });
        bound.follow(
                this::showAgain,
                model.desk().lyingProperty(),
                model.chosenProperty(),
                model.forgottenProperty(),
                model.shelfProperty());
        bound.follow(model.chosenProperty(), this::showFor);
    }

    /** What is typed and said belongs to one student: it goes when another is chosen, and is there again with them. */
    private void showFor(Optional<String> student) {
        if (student.equals(about)) return;
        about.ifPresent(before -> model.keepDraft(before, homework.getText()));
        about = student;
        homework.setText(student.map(model::draft).orElse(""));
        problem.setText("");
        minute.beginAnew();
    }

    private VBox column() {
        var title = new Label(Words.of("class.title"));
        title.getStyleClass().add("column-title");
        students.setId("class-students");
        students.setAccessibleText(Words.of("class.title"));
        students.setCellFactory(_ -> new StudentCell());
        name.setId("class-name");
        name.setPromptText(Words.of("class.name"));
        name.setAccessibleText(Words.of("class.name"));
        name.setOnAction(_ -> enrol());
        var add = button("class.enrol", "class-enrol", this::enrol);
        var back = button("class.back", "class-back", leave);
        var row = new HBox(name, add);
        HBox.setHgrow(name, Priority.ALWAYS);
        row.getStyleClass().add("class-row");
        var column = new VBox(title, students, row, problem, back);
        VBox.setVgrow(students, Priority.ALWAYS);
        column.getStyleClass().add("side-column");
        return column;
    }

    void takeFocus() {
        if (students.getItems().isEmpty()) name.requestFocus();
        else students.requestFocus();
    }

    private void enrol() {
        String typed = name.getText();
        model.enrol(typed, outcome -> {
            if (problem.say(outcome)) clear(name, typed);
        });
    }

    private void give() {
        var song = work.song();
        String typed = homework.getText();
        Optional<String> whose = about;
        model.give(SongKey.of(song), (int) Math.round(song.facts().tempo().perMinute()), typed, outcome -> {
            if (about.equals(whose) && problem.say(outcome)) clear(homework, typed);
        });
    }

    /** Empties a field whose text was taken, unless one has typed on meanwhile. */
    private static void clear(TextField field, String taken) {
        if (field.getText().equals(taken)) field.clear();
    }

    /** What had the focus has it again; where it is gone, the students have it, so that keys go on working. */
    private void showAgain() {
        Optional<Node> focus =
                Optional.ofNullable(getScene()).map(Scene::getFocusOwner).filter(this::holds);
        show();
        focus.ifPresent(before -> {
            if (holds(before)) before.requestFocus();
            else students.requestFocus();
        });
    }

    private boolean holds(Node node) {
        for (Node up = node; up != null; up = up.getParent()) if (up == this) return true;
        return false;
    }

    private void show() {
        OpenBook.Lying lying = model.desk().lyingProperty().get();
        List<String> names =
                lying.records().students().stream().map(Student::name).toList();
        if (!students.getItems().equals(names)) students.getItems().setAll(names);
        else students.refresh();
        model.chosenProperty().get().ifPresent(students.getSelectionModel()::select);
        page.getChildren().clear();
        lying.problem().map(Words::say).ifPresent(wrong -> showProblem(lying, wrong));
        Optional<Progress> progress = model.chosenProperty().get().flatMap(model::progress);
        ClassModel.Forgotten forgotten = model.forgottenProperty().get();
        if (progress.isEmpty() && !forgotten.name().isEmpty()) showForgotten(forgotten);
        if (progress.isPresent()) showPage(progress.get());
        else if (lying.problem().isEmpty() && lying.isOpen()) showNobody(names.isEmpty());
    }

    private void showProblem(OpenBook.Lying lying, String wrong) {
        page.getChildren().add(text(wrong, "class-wrong"));
        var buttons = new FlowPane();
        buttons.getStyleClass().add("class-changes");
        int number = 1;
        for (LogbookCopy copy : lying.offered()) {
            String made = Words.date("date.moment", copy.made());
            var take = button(
                    "class.take-copy",
                    "class-copy-" + number++,
                    () -> model.desk().goOn(copy));
            take.setText(Words.of("class.take-copy", made, copy.students(), copy.lessons(), copy.takes()));
            buttons.getChildren().add(take);
        }
        if (lying.isDamaged()) buttons.getChildren().add(button("class.begin-anew", "class-anew", model.desk()::goOn));
        else if (!lying.isOpen()) buttons.getChildren().add(button("class.again", "class-again", model.desk()::goOn));
        if (!buttons.getChildren().isEmpty()) page.getChildren().add(buttons);
    }

    private void showForgotten(ClassModel.Forgotten forgotten) {
        var said = text(Words.of("class.forgotten", forgotten.name()), "class-text");
        said.setId("class-forgotten");
        page.getChildren().add(said);
        if (!forgotten.state().isEmpty()) page.getChildren().add(text(forgotten.state(), "quiet"));
        if (forgotten.remains().isEmpty()) return;
        page.getChildren().add(text(Words.of("class.remains"), "column-title"));
        forgotten.remains().forEach(each -> page.getChildren().add(text(each, "class-text")));
    }

    private void showNobody(boolean isEmpty) {
        page.getChildren().add(text(Words.of(isEmpty ? "class.nobody" : "class.choose"), "quiet"));
        if (isEmpty) page.getChildren().add(button("class.demo", "class-demo", model::openDemo));
    }

    private void showPage(Progress progress) {
        Student student = progress.student();
        var heading = text(student.name(), "practice-title");
        heading.setId("class-heading");
        var facts = Words.of("class.since", student.since())
                + student.span().map(span -> Words.of("class.span", span)).orElse("")
                + (student.note().isEmpty() ? "" : " · " + student.note());
        page.getChildren().addAll(heading, text(facts, "quiet"));
        section("class.due");
        if (progress.due().isEmpty()) page.getChildren().add(text(ProgressWords.due(progress), "quiet"));
        for (Lesson lesson : progress.due()) page.getChildren().add(text(ProgressWords.lesson(lesson), "class-text"));
        var given = button("class.give", "class-give", this::give);
        var row = new HBox(homework, given);
        HBox.setHgrow(homework, Priority.ALWAYS);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("class-row");
        page.getChildren()
                .addAll(text(Words.of("class.gives", work.song().facts().title()), "quiet"), row);
        section("class.next");
        var next = text(ProgressWords.next(progress), "class-text");
        next.setId("class-next");
        page.getChildren().add(next);
        section("minute.title");
        page.getChildren().add(minute);
        section("class.can-play");
        model.repertoire(student.name(), work.written()).map(RepertoireBox::new).ifPresent(page.getChildren()::add);
        progress.songs().forEach(this::showSong);
        if (!progress.hardest().isEmpty()) showHardest(progress.hardest());
        page.getChildren().add(forgetting(student.name()));
    }

    private void showSong(Progress.OfSong song) {
        page.getChildren().add(text(song.song(), "column-title"));
        if (song.isStuck())
            page.getChildren().add(text(Words.of("class.stuck", song.best().orElse(0)), "class-wrong"));
        page.getChildren().add(new TempoChart(song));
    }

    private void showHardest(List<ChangeEntry> hardest) {
        section("class.hardest");
        var changes = new FlowPane();
        changes.getStyleClass().add("class-changes");
        hardest.forEach(each -> changes.getChildren()
                .add(text(Words.of("progress.change", each.from(), each.to(), each.perMinute()), "class-text")));
        page.getChildren().add(changes);
    }

    private Node forgetting(String name) {
        if (!asksToForget)
            return button("class.forget", "class-forget", () -> {
                asksToForget = true;
                bound.showing(this::show);
            });
        var row = new HBox(
                text(Words.of("class.sure", name), "class-wrong"),
                button("class.forget-yes", "class-forget-yes", () -> {
                    asksToForget = false;
                    model.forget(name);
                }),
                button("class.forget-no", "class-forget-no", () -> {
                    asksToForget = false;
                    bound.showing(this::show);
                }));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("class-row");
        return row;
    }

    private void section(String words) {
        page.getChildren().add(text(Words.of(words), "column-title"));
    }

    /** Who it is, and in one line where they stand. */
    private final class StudentCell extends WrappedCell<String> {

        private final Label title = new Label();
        private final Label line = new Label();
        private final VBox box = new VBox(title, line);

        StudentCell() {
            line.setWrapText(true);
            line.setMinHeight(USE_PREF_SIZE);
        }

        @Override
        protected void updateItem(String student, boolean isEmpty) {
            super.updateItem(student, isEmpty);
            Optional<Progress> progress = isEmpty || student == null ? Optional.empty() : model.progress(student);
            setGraphic(progress.isPresent() ? box : null);
            if (progress.isEmpty()) return;
            title.setText(student);
            line.setText(ProgressWords.reached(progress.get()));
            line.getStyleClass().setAll("label", progress.get().stuck().isPresent() ? "class-wrong" : "quiet");
        }
    }
}
