package tactus.app.arrangement.section;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.KeptRow;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.WholeNumberSpinner;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.Outcome;
import tactus.core.ground.refusal.Refusal;
import tactus.core.music.time.Meter;
import tactus.core.reading.sentence.LengthWords;
import tactus.core.written.harmony.Span;
import tactus.core.written.harmony.SpanLength;
import tactus.core.written.section.EachLasts;
import tactus.core.written.section.Section;
import tactus.words.Words;

/** Name, passes and the chosen chord of a section, to be changed. Style class {@code section-head}. */
public final class SectionHead extends VBox {

    private static final int MOST_PASS_BUTTONS = 4;

    private final Bound bound = new Bound(this);
    private final ArrangementModel model;
    private final HarmonyModel harmony;
    private final BarsModel bars;
    private final TextField name = new TextField();
    private final WholeNumberSpinner passes = new WholeNumberSpinner(1, Section.MOST_PASSES);
    private final TextField chord = new TextField();
    private final TextField length = new TextField();
    private final ComboBox<String> meter = new ComboBox<>();
    private final HBox passButtons = new HBox();
    private final VBox passField = new VBox();
    private final ProblemLabel problem = new ProblemLabel();
    private final Label units = new Label();
    private final HarmonyLineBar line;
    private final FlowPane lengths = new FlowPane();
    private final KeptRow answers = new KeptRow(lengths);
    private final KeptRow shownPasses = new KeptRow(passButtons);

    public SectionHead(ArrangementModel model, HarmonyModel harmony, BarsModel bars, HarmonyLineModel chords) {
        this.model = model;
        this.harmony = harmony;
        this.bars = bars;
        line = new HarmonyLineBar(chords);
        getStyleClass().add("section-head");
        meter.setEditable(true);
        meter.getItems().setAll("2/4", "3/4", "4/4", "5/4", "6/8", "7/8", "9/8", "12/8");
        passButtons.getStyleClass().add("pass-buttons");
        var passName = new Label(Words.of("section.shownPass"));
        passName.getStyleClass().add("field-name");
        passField.getStyleClass().add("field");
        passField.getChildren().setAll(passName, passButtons);
        var row = new FlowPane(
                field("name", name),
                field("passes", passes),
                field("chord", chord),
                field("length", length),
                field("meter", meter),
                passField);
        row.getStyleClass().add("head-flow");
        units.getStyleClass().add("quiet");
        units.setId("section-units");
        problem.setId("section-problem");
        lengths.getStyleClass().addAll("head-flow", "lengths-asked");
        lengths.setId("lengths");
        lengths.managedProperty().bind(lengths.visibleProperty());
        lengths.setVisible(false);
        getChildren().setAll(row, problem, line, lengths, units);
        listen();
    }

    private static NamedField field(String key, Control control) {
        control.setId("section-" + key);
        return new NamedField(Words.of("section." + key), control);
    }

    private void listen() {
        bound.take(
                name.textProperty(),
                text -> model.type("name", "edit.rename", section -> section.withName(text)),
                problem::say);
        bound.take(
                passes.valueProperty(),
                count -> model.change("edit.section-passes", section -> section.withPasses(count)),
                problem::say);
        bound.take(chord.textProperty(), harmony::rename, problem::say);
        chord.setOnAction(_ -> harmony.settleName());
        chord.focusedProperty().subscribe((_, focused) -> {
            if (!focused) harmony.settleName();
        });
        length.setOnAction(_ -> problem.say(lengthen()));
        bound.take(length.focusedProperty(), focused -> {
            if (!focused) problem.say(lengthen());
        });
        bound.take(meter.valueProperty(), this::setMeter, problem::say);
    }

    private Outcome lengthen() {
        try {
            SpanLength wanted = new LengthWords(Words.lexicon()).parse(length.getText());
            boolean same =
                    harmony.span().map(Span::length).filter(wanted::equals).isPresent();
            return same ? Outcome.DONE : harmony.lengthen(wanted);
        } catch (Refusal wrong) {
            return harmony.span().isEmpty() ? Outcome.DONE : new Outcome.Refused(wrong);
        }
    }

    private Outcome setMeter(String text) {
        if (bars.meter().map(Meter::toString).filter(text::equals).isPresent()) return Outcome.DONE;
        return Outcome.of(() -> bars.setMeter(Meter.parse(text)));
    }

    public void show() {
        try (var _ = bound.showing()) {
            Optional<Section> section = model.section();
            setDisable(section.isEmpty());
            problem.setText("");
            section.ifPresentOrElse(this::show, this::clear);
            line.show();
        }
    }

    /** Without a section nothing of the last one is left. */
    private void clear() {
        List.of(name, chord, length).forEach(field -> field.setText(""));
        meter.setValue("");
        units.setText("");
        passField.setVisible(false);
        lengths.setVisible(false);
    }

    private void show(Section section) {
        if (!name.getText().strip().equals(section.name())) name.setText(section.name());
        passes.show(section.passes());
        Optional<Span> span = harmony.span();
        chord.setDisable(span.isEmpty());
        length.setDisable(span.isEmpty());
        if (!chord.isFocused() || !harmony.says(chord.getText())) chord.setText(harmony.typedName());
        length.setText(span.map(found -> Words.value(found.length())).orElse(""));
        units.setText(
                span.isPresent()
                        ? harmony.inOtherUnits()
                        : model.isAsWritten() || section.spans().isEmpty() ? "" : Words.of("section.otherHere"));
        meter.setValue(bars.meter().map(Meter::toString).orElse(""));
        showPasses();
        askLengths(section);
    }

    /** Asks how long chords last where that is not said. */
    private void askLengths(Section section) {
        lengths.setVisible(EachLasts.isOpen(section));
        if (lengths.isVisible()) answers.show(EachLasts.of(section), () -> answers(EachLasts.of(section)));
    }

    private List<Node> answers(List<EachLasts> possible) {
        var asked = new Label(Words.of("lengths.ask"));
        asked.setMinWidth(USE_PREF_SIZE);
        return Stream.<Node>concat(Stream.of(asked), possible.stream().map(this::answer))
                .toList();
    }

    private Button answer(EachLasts each) {
        String code = Lexicon.code(each);
        var answer = new Button(Words.of("lengths." + code));
        answer.setId("lengths-" + code);
        answer.setMinWidth(USE_PREF_SIZE);
        answer.setOnAction(_ -> problem.say(model.change("edit.lengths", each::in)));
        return answer;
    }

    /** A button for each pass; of very many the first ones and the last, which can differ. */
    private void showPasses() {
        int count = model.passes();
        passField.setVisible(count > 1);
        shownPasses.show(List.of(count, model.choice().pass()), () -> {
            var group = new ToggleGroup();
            return IntStream.rangeClosed(1, count)
                    .filter(pass -> pass < MOST_PASS_BUTTONS || pass == count)
                    .mapToObj(pass -> passButton(pass, group))
                    .toList();
        });
    }

    private ToggleButton passButton(int pass, ToggleGroup group) {
        var button = new ToggleButton(Integer.toString(pass));
        button.setAccessibleText(Words.of("section.pass", pass));
        button.setMinWidth(USE_PREF_SIZE);
        button.setToggleGroup(group);
        button.setSelected(pass == model.choice().pass());
        button.setOnAction(_ -> {
            button.setSelected(true);
            model.choosePass(pass);
        });
        return button;
    }

    /** Puts the focus on the name, all of it chosen, so that it can be typed at once. */
    public void editName() {
        name.requestFocus();
        name.selectAll();
    }

    /** Puts the focus on the line of chords. */
    public void editLine() {
        line.takeFocus();
    }

    /** Puts the focus where the chosen chord is named. */
    public void editChord() {
        chord.requestFocus();
        chord.selectAll();
    }
}
