package tactus.app.arrangement.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.WholeNumberSpinner;
import tactus.app.place.PanelBox;
import tactus.app.place.SentenceRow;
import tactus.core.written.section.PassChoice;
import tactus.core.written.section.Section;
import tactus.words.SongWords;
import tactus.words.Words;

/** The same except: what is other this time, to be added, taken back, or made a section of its own. */
public final class ExceptsPanel extends PanelBox {

    private final Bound bound = new Bound(this);
    private final ArrangementModel arrangement;
    private final ExceptsModel excepts;
    private final Label name = title("except.title");
    private final VBox list = new VBox();
    private final VBox rules = new VBox();
    private final WholeNumberSpinner runs = new WholeNumberSpinner(1, Section.MOST_PASSES);
    private final ComboBox<PassChoice> passes = new ComboBox<>();
    private final TextField called = new TextField();
    private final TextField where = new TextField();
    private final TextField line = new TextField();
    /** Whether somebody has been at the passes; until then the likely ones stand there. */
    private boolean isPassChosen;

    private final ProblemLabel problem = new ProblemLabel();
    private final VBox all = new VBox();

    public ExceptsPanel(ArrangementModel arrangement, ExceptsModel excepts, PlayWithout without) {
        this.arrangement = arrangement;
        this.excepts = excepts;
        list.getStyleClass().add("sentences");
        rules.getStyleClass().add("sentences");
        all.getStyleClass().add("panel-parts");
        runs.setId("except-runs");
        preparePasses();
        prepareWhat();
        all.getChildren()
                .setAll(
                        list,
                        rules,
                        new NamedField(Words.of("except.called"), called),
                        new NamedField(Words.of("except.runs"), runs),
                        new NamedField(Words.of("except.where"), where),
                        new NamedField(Words.of("except.line"), line),
                        new NamedField(Words.of("except.passes"), passes),
                        problem,
                        button("add", this::add),
                        quiet(Words.of("except.hint")),
                        without,
                        button("own", excepts::makeSection));
        getChildren().setAll(name, all);
        bound.take(called.textProperty(), excepts::rename, problem::say);
        bound.take(runs.valueProperty(), excepts::run, problem::say);
    }

    private void preparePasses() {
        passes.setId("except-passes");
        passes.addEventHandler(KeyEvent.KEY_PRESSED, press -> {
            if (press.getCode() != KeyCode.ENTER) return;
            add();
            press.consume();
        });
        passes.focusedProperty().subscribe(focused -> isPassChosen |= focused);
        passes.setConverter(new ChosenText<>(SongWords::of));
    }

    private void prepareWhat() {
        called.setId("use-name");
        called.setPromptText(Words.of("except.calledPrompt"));
        where.setId("except-where");
        where.setPromptText(Words.of("except.wherePrompt"));
        where.textProperty().subscribe(text -> {
            if (!isPassChosen) passes.setValue(excepts.likely(text));
        });
        where.setOnAction(_ -> add());
        line.setId("except-line");
        line.setPromptText(Words.of("except.linePrompt"));
        line.setOnAction(_ -> add());
    }

    private static Button button(String code, Runnable what) {
        var button = new Button(Words.of("except." + code));
        button.setId("except-" + code);
        button.setOnAction(_ -> what.run());
        return button;
    }

    private void add() {
        if (!problem.say(excepts.add(where.getText(), line.getText(), passes.getValue()))) return;
        where.clear();
        line.clear();
    }

    @Override
    public void show() {
        try (var _ = bound.showing()) {
            Optional<String> chosen = excepts.name();
            name.setText(chosen.map(each -> Words.of("except.of", each)).orElse(Words.of("except.nothing")));
            all.setDisable(chosen.isEmpty());
            List<String> sentences = excepts.sentences();
            fill(
                    list,
                    IntStream.range(0, sentences.size()).boxed().toList(),
                    index -> new SentenceRow(sentences.get(index), () -> {}, () -> excepts.takeBack(index)),
                    Words.of("except.same"));
            fill(rules, excepts.ruleSentences(), PanelBox::quiet, "");
            if (!called.getText().strip().equals(excepts.ownName())) called.setText(excepts.ownName());
            runs.show(arrangement.passes());
            passes.getItems().setAll(choices());
            passes.setValue(PassChoice.EVERY);
            isPassChosen = false;
        }
    }

    private List<PassChoice> choices() {
        var choices = new ArrayList<>(List.of(PassChoice.EVERY, PassChoice.LAST, PassChoice.BUT_LAST));
        for (int pass = 1; pass <= Math.min(8, arrangement.passes()); pass++) choices.add(PassChoice.of(pass));
        return choices;
    }

    @Override
    public Node first() {
        return where;
    }
}
