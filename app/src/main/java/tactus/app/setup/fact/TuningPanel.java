package tactus.app.setup.fact;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.WholeNumberSpinner;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.music.pitch.CommonTuning;
import tactus.core.music.pitch.Guitar;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.StringTension;
import tactus.core.music.pitch.TuningAdvice;
import tactus.core.written.song.Aspect;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** The tuning drawn as strings, and the fields that change it. Style class {@code tuning-panel}. */
public final class TuningPanel extends HBox {

    private final Bound bound = new Bound(this);
    private final SetUpModel model;
    private final ProblemLabel problem;
    private final TuningView strings;
    private final ComboBox<String> common = new ComboBox<>();
    private final ComboBox<Guitar> guitars = new ComboBox<>();
    private final TextField notes = new TextField();
    private final WholeNumberSpinner down = new WholeNumberSpinner(0, Instrument.LOWEST_TUNED_DOWN);
    private final TextField concert = new TextField();
    private final Label warning = new Label();
    private final Button instead = new Button();

    public TuningPanel(Work work, Settings settings, SetUpModel model, ProblemLabel problem) {
        this.model = model;
        this.problem = problem;
        strings = new TuningView(settings);
        getStyleClass().add("tuning-panel");
        prepareControls();
        HBox.setHgrow(strings, Priority.ALWAYS);
        getChildren().setAll(fields(), strings);
        bound.take(common.valueProperty(), this::choose);
        bound.take(guitars.valueProperty(), guitar -> model.set(Aspect.GUITAR, guitar), problem::say);
        settled(notes, text -> model.type(Aspect.TUNING, text));
        settled(concert, text -> model.type(Aspect.CONCERT_PITCH, text));
        bound.take(down.valueProperty(), semitones -> model.set(Aspect.TUNED_DOWN, semitones), problem::say);
        bound.follow(work.stateProperty(), state -> show(state.song().facts().instrument()));
    }

    private void prepareControls() {
        common.setId("tuning-common");
        guitars.setId("tuning-guitar");
        guitars.setMaxWidth(Double.MAX_VALUE);
        guitars.setConverter(new ChosenText<>(Words::value));
        guitars.getItems().setAll(Guitar.values());
        notes.setId("tuning-notes");
        down.setId("tuning-down");
        concert.setId("tuning-concert");
        instead.setId("tuning-instead");
        concert.setPrefColumnCount(5);
        common.getItems()
                .setAll(CommonTuning.all().stream().map(TuningPanel::name).toList());
        common.setMaxWidth(Double.MAX_VALUE);
        warning.getStyleClass().add("snag-line");
        warning.setWrapText(true);
        warning.setMinHeight(USE_PREF_SIZE);
        instead.setWrapText(true);
        instead.setMinHeight(USE_PREF_SIZE);
        instead.setMaxWidth(Double.MAX_VALUE);
    }

    private VBox fields() {
        var row = new HBox(
                new NamedField(Words.of("tuning.down"), down), new NamedField(Words.of("tuning.concert"), concert));
        row.getStyleClass().add("field-row");
        var fields = new VBox(
                new NamedField(Words.of("tuning.common"), common),
                new NamedField(Words.of("tuning.notes"), notes),
                warning,
                instead,
                row,
                new NamedField(Words.of("tuning.guitar"), guitars));
        fields.getStyleClass().add("tuning-fields");
        return fields;
    }

    private void choose(String name) {
        CommonTuning.all().stream()
                .filter(each -> name(each).equals(name))
                .findFirst()
                .ifPresent(each -> problem.say(model.set(Aspect.TUNING, each.tuning())));
    }

    private void settled(TextField field, Function<String, Outcome> change) {
        Runnable settle = () -> {
            if (!field.getText().equals(field.getUserData())) problem.say(change.apply(field.getText()));
        };
        field.setOnAction(_ -> settle.run());
        bound.take(field.focusedProperty(), focused -> {
            if (!focused) settle.run();
        });
    }

    private void show(Instrument guitar) {
        try (var _ = bound.showing()) {
            strings.instrumentProperty().set(guitar);
            common.setValue(
                    CommonTuning.of(guitar.tuning()).map(TuningPanel::name).orElse(null));
            guitars.setValue(guitar.guitar());
            put(notes, guitar.tuning().toString());
            put(concert, guitar.concert().toString());
            down.show(guitar.tunedDown());
        }
        showWarning(guitar);
    }

    private static void put(TextField field, String text) {
        field.setText(text);
        field.setUserData(text);
    }

    private void showWarning(Instrument guitar) {
        List<StringTension> tight =
                StringTension.of(guitar).stream().filter(StringTension::isTight).toList();
        boolean hasTight = !tight.isEmpty();
        warning.setText(hasTight ? Words.of("tuning.tight", tight.size()) : "");
        warning.setVisible(hasTight);
        warning.setManaged(hasTight);
        Optional<TuningAdvice> advice = TuningAdvice.of(guitar, Instrument.HIGHEST_CAPO);
        instead.setVisible(advice.isPresent());
        instead.setManaged(advice.isPresent());
        advice.ifPresent(each -> {
            instead.setText(
                    Words.of("tuning.instead", MusicText.signs(each.tuning().notes()), each.capo()));
            instead.setOnAction(_ -> problem.say(model.takeAdvice(each)));
        });
    }

    private static String name(CommonTuning tuning) {
        return Words.of("tuning." + tuning.code());
    }
}
