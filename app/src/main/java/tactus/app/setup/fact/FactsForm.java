package tactus.app.setup.fact;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TakenField;
import tactus.app.field.WholeNumberSpinner;
import tactus.app.work.Settings;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.core.music.pitch.Spelling;
import tactus.core.patterns.library.Level;
import tactus.core.patterns.picking.FingerSchool;
import tactus.core.patterns.picking.Strike;
import tactus.core.written.song.Aspect;
import tactus.core.written.song.Facts;
import tactus.formats.font.MusicText;
import tactus.words.FactWords;
import tactus.words.Words;

/** The song's facts and the hand that plays it as fields. Style class {@code facts-form}. */
public final class FactsForm extends VBox {

    /** What has its fields in other places: with the strings, the versions, the sums and the drums. */
    private static final Set<Aspect<?>> ELSEWHERE = Set.of(
            Aspect.TUNING,
            Aspect.TUNED_DOWN,
            Aspect.GUITAR,
            Aspect.CONCERT_PITCH,
            Aspect.COMPANY,
            Aspect.RECORDING,
            Aspect.GROOVE);

    private final Bound bound = new Bound(this);
    private final SetUpModel model;
    private final ProblemLabel problem;
    private final Label shapes = new Label();
    private final List<Consumer<Facts>> showing = new ArrayList<>();
    private final List<Aspect<?>> placed = new ArrayList<>(ELSEWHERE);
    private final NamedField title;

    public FactsForm(SetUpModel model, Settings settings, ProblemLabel problem) {
        this.model = model;
        this.problem = problem;
        getStyleClass().add("facts-form");
        shapes.getStyleClass().add("quiet");
        shapes.setWrapText(true);
        title = text(Aspect.TITLE);
        getChildren()
                .setAll(
                        title,
                        text(Aspect.NOTE),
                        taken(Aspect.TAGS),
                        row(
                                suggested(Aspect.KEY, keys()),
                                chosen(Aspect.SPELLING, List.of(Spelling.values()), this::word)),
                        row(
                                number(Aspect.CAPO, Instrument.HIGHEST_CAPO),
                                text(Aspect.TEMPO),
                                suggested(
                                        Aspect.METER,
                                        List.of("2/4", "3/4", "4/4", "5/4", "6/8", "7/8", "9/8", "12/8"))),
                        row(pickup(), chosen(Aspect.LEVEL, orNone(Level.values()), each -> word(each, "level.nobody"))),
                        shapes,
                        new HandForm(settings),
                        chosen(Aspect.STRIKE, orNone(Strike.values()), each -> word(each, "strike.unsaid")),
                        chosen(Aspect.FINGERS, List.of(FingerSchool.values()), Words::value));
        Aspect.all().stream()
                .filter(aspect -> !placed.contains(aspect))
                .map(this::taken)
                .toList()
                .forEach(getChildren()::add);
        showing.add(facts -> shapes.setText(
                Words.of("setup.shapesIn", MusicText.signs(facts.shapesKey().toString()))));
    }

    private static <T> List<Optional<T>> orNone(T[] values) {
        return Stream.concat(Stream.of(Optional.<T>empty()), Stream.of(values).map(Optional::of))
                .toList();
    }

    private static String word(Optional<?> value, String none) {
        return value.map(Words::value).orElse(Words.of(none));
    }

    private String word(Spelling spelling) {
        return Words.of("spelling." + spelling);
    }

    static HBox row(Node... fields) {
        var row = new HBox(fields);
        row.getStyleClass().add("field-row");
        return row;
    }

    private static List<String> keys() {
        return IntStream.range(0, 24)
                .mapToObj(index -> new Key(index % 12, index >= 12).toString())
                .toList();
    }

    private NamedField field(Aspect<?> aspect, Control control) {
        placed.add(aspect);
        control.setId("facts-" + aspect.code());
        return new NamedField(FactWords.label(aspect), control);
    }

    /** A text that is taken at every key. */
    private <T> NamedField text(Aspect<T> aspect) {
        var field = new TextField();
        bound.take(field.textProperty(), text -> model.type(aspect, text), problem::say);
        showing.add(facts -> {
            String text = aspect.form().said(aspect.of(facts));
            if (!field.getText().strip().equals(text)) field.setText(text);
        });
        return field(aspect, field);
    }

    /** A text that is taken once it is whole. */
    private <T> NamedField taken(Aspect<T> aspect) {
        var field = new TakenField("", text -> model.type(aspect, text), problem);
        field.setPromptText(FactWords.example(aspect));
        showing.add(facts -> field.show(aspect.form().said(aspect.of(facts))));
        return field(aspect, field);
    }

    /** A text that is typed or chosen. */
    private <T> NamedField suggested(Aspect<T> aspect, List<String> usual) {
        var box = new ComboBox<String>();
        box.getItems().setAll(usual);
        box.setEditable(true);
        bound.take(box.valueProperty(), text -> model.type(aspect, text), problem::say);
        showing.add(facts -> box.setValue(aspect.form().said(aspect.of(facts))));
        return field(aspect, box);
    }

    private <T> NamedField chosen(Aspect<T> aspect, List<T> values, Function<T, String> words) {
        var box = new ComboBox<T>();
        box.getItems().setAll(values);
        box.setConverter(new ChosenText<>(words));
        box.setMaxWidth(Double.MAX_VALUE);
        bound.take(box.valueProperty(), value -> model.set(aspect, value), problem::say);
        showing.add(facts -> box.setValue(aspect.of(facts)));
        return field(aspect, box);
    }

    private NamedField number(Aspect<Integer> aspect, int most) {
        return number(aspect, new WholeNumberSpinner(0, most));
    }

    private NamedField number(Aspect<Integer> aspect, WholeNumberSpinner spinner) {
        bound.take(spinner.valueProperty(), value -> model.set(aspect, value), problem::say);
        showing.add(facts -> spinner.show(aspect.of(facts)));
        return field(aspect, spinner);
    }

    /** Fewer felt beats than a bar has. */
    private NamedField pickup() {
        var spinner = new WholeNumberSpinner(0, 31);
        showing.add(facts -> spinner.setMost(facts.meter().beats().size() - 1));
        return number(Aspect.PICKUP, spinner);
    }

    public void show(Facts facts) {
        try (var _ = bound.showing()) {
            showing.forEach(each -> each.accept(facts));
        }
    }

    /** Puts the focus on the first field. */
    public void takeFocus() {
        title.getChildren().getLast().requestFocus();
    }
}
