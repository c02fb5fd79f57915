package tactus.app.practice;

import static tactus.app.practice.PageText.button;
import static tactus.app.practice.PageText.link;
import static tactus.app.practice.PageText.text;

import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.action.LateTooltip;
import tactus.app.field.Bound;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TakenField;
import tactus.app.field.WholeNumberSpinner;
import tactus.core.ground.statement.Statement;
import tactus.core.taught.practice.PracticePlan;
import tactus.words.PlanWords;
import tactus.words.Words;

/** The days of a plan, each thing with what can be done to it. Escape puts it away. Style class {@code class-view}. */
final class PlanView extends BorderPane {

    private static final int STEP = 1;

    private final Bound bound = new Bound(this);
    private final PlanModel model;
    private final WholeNumberSpinner minutes = new WholeNumberSpinner(5, 240);
    private final WholeNumberSpinner days = new WholeNumberSpinner(1, 365);
    private final ProblemLabel problem = new ProblemLabel();
    private final TakenField until;
    private final ObservableValue<Optional<Statement>> trouble;
    private final Label done = new Label();
    private final Label kept = new Label();
    private final Button back;
    private final Button anew;
    private final VBox page = new VBox();

    /**
     * @param trouble what is wrong with the logbook
     * @param leave puts the page away
     */
    PlanView(PlanModel model, ObservableValue<Optional<Statement>> trouble, Runnable leave) {
        this.model = model;
        this.trouble = trouble;
        until = new TakenField("plan-until", model::computeUntil, problem);
        anew = button("plan.anew", "plan-anew", model::beginAnew);
        back = button("plan.take-back", "plan-take-back", model::takeBack);
        getStyleClass().add("class-view");
        setId("plan");
        page.getStyleClass().add("class-page");
        var scroll = new ScrollPane(page);
        scroll.setFitToWidth(true);
        setCenter(scroll);
        setLeft(column(leave));
        addEventFilter(KeyEvent.KEY_PRESSED, press -> {
            if (press.getCode() != KeyCode.ESCAPE) return;
            leave.run();
            press.consume();
        });
        bound.follow(model.planProperty(), this::show);
        bound.follow(model.keptProperty(), isKept -> {
            anew.setDisable(!isKept);
            kept.setText(Words.of(isKept ? "plan.kept" : "plan.not-kept"));
        });
        bound.follow(trouble, _ -> sayTrouble());
        bound.follow(model.saidProperty(), done::setText);
    }

    private VBox column(Runnable leave) {
        var title = new Label(Words.of("plan.days-title"));
        title.getStyleClass().add("column-title");
        minutes.setId("plan-minutes");
        days.setId("plan-days");
        bound.take(minutes.valueProperty(), count -> problem.say(model.compute(count, days.getValue())));
        bound.take(days.valueProperty(), count -> problem.say(model.compute(minutes.getValue(), count)));
        done.setId("plan-done");
        done.setWrapText(true);
        done.setMinHeight(USE_PREF_SIZE);
        done.getStyleClass().add("quiet");
        kept.setId("plan-kept");
        kept.setWrapText(true);
        kept.setMinHeight(USE_PREF_SIZE);
        kept.getStyleClass().add("quiet");
        var column = new VBox(
                title,
                new NamedField(Words.of("plan.minutes-a-day"), minutes),
                new NamedField(Words.of("plan.how-many"), days),
                new NamedField(Words.of("plan.until"), until),
                problem,
                button("plan.print", "plan-print", this::print),
                button("plan.pdf", "plan-pdf", () -> model.export(false).ifPresent(done::setText)),
                button("plan.table", "plan-table", () -> model.export(true).ifPresent(done::setText)),
                button("plan.copy", "plan-copy", this::copy),
                back,
                anew,
                kept,
                done,
                button("class.back", "plan-back", leave));
        column.getStyleClass().add("side-column");
        return column;
    }

    /** What cannot be printed is said where one looks after pressing the button, and takes the place of what was written. */
    private void print() {
        model.print().refusal().map(Words::why).ifPresent(done::setText);
    }

    private void sayTrouble() {
        problem.setText(trouble.getValue().map(Words::say).orElse(""));
    }

    private void copy() {
        var content = new ClipboardContent();
        content.putString(model.text());
        Clipboard.getSystemClipboard().setContent(content);
        done.setText(Words.of("plan.copied"));
    }

    void takeFocus() {
        minutes.requestFocus();
    }

    /** What had the focus has it again, where it is still there. */
    private void show(PracticePlan plan) {
        Optional<String> focus =
                Optional.ofNullable(getScene()).map(Scene::getFocusOwner).map(Node::getId);
        fill(plan);
        focus.map(id -> lookup("#" + id)).filter(Node::isFocusTraversable).ifPresent(Node::requestFocus);
        back.setDisable(!model.isChanged());
        minutes.show(model.minutes());
        days.show(model.days());
        until.show(model.dated().ends().toString());
        sayTrouble();
    }

    private void fill(PracticePlan plan) {
        page.getChildren().clear();
        var heading = text(model.title(), "practice-title");
        heading.setId("plan-heading");
        page.getChildren().add(heading);
        if (model.behind() > 0) {
            var behind = new HBox(
                    text(Words.of("plan.behind", model.behind()), "class-text"),
                    link("plan.catch-up", "plan-catch-up", model::catchUp));
            behind.setId("plan-behind");
            behind.getStyleClass().add("class-row");
            page.getChildren().add(behind);
        }
        for (PracticePlan.Day day : plan.days()) {
            String said = PlanWords.day(model.dated(), day);
            boolean isToday = model.dayNow() == day.number() - 1;
            var head = text(isToday ? Words.of("plan.today", said) : said, "column-title");
            head.setId("plan-day-" + day.number());
            page.getChildren().add(head);
            List<PracticePlan.Item> items = day.items();
            for (int i = 0; i < items.size(); i++) page.getChildren().add(row(day.number() - 1, i, items.get(i)));
        }
        if (!plan.left().isEmpty())
            page.getChildren().add(text(Words.of("plan.left", plan.left().size()), "quiet"));
    }

    private Node row(int day, int index, PracticePlan.Item item) {
        var words = new VBox(text(PlanWords.item(item), "class-text"));
        if (!item.care().isEmpty()) words.getChildren().add(text(PlanWords.care(item), "quiet"));
        HBox.setHgrow(words, Priority.ALWAYS);
        Node said = words.getChildren().getFirst();
        String id = "plan-" + (day + 1) + "-" + (index + 1);
        said.setId(id);
        var shorter = link("plan.shorter", id + "-shorter", () -> model.lasting(day, index, item.minutes() - STEP));
        shorter.setDisable(item.minutes() <= STEP);
        var reached = new CheckBox();
        reached.setId(id + "-done");
        reached.setAccessibleText(Words.of("plan.done"));
        LateTooltip.install(reached, Words.of("plan.done"));
        reached.setSelected(item.isDone());
        reached.setOnAction(_ -> model.done(day, index, reached.isSelected()));
        var row = new HBox(
                reached,
                words,
                shorter,
                link("plan.longer", id + "-longer", () -> model.lasting(day, index, item.minutes() + STEP)),
                link("plan.move-on", id + "-on", () -> model.moveOn(day, index)),
                link("plan.leave-out", id + "-out", () -> model.leaveOut(day, index)));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("class-row");
        return row;
    }
}
