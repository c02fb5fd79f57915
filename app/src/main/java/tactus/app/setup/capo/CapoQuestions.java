package tactus.app.setup.capo;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import tactus.app.field.ProblemLabel;
import tactus.app.field.WholeNumberSpinner;
import tactus.core.counsel.capo.KeyChange;
import tactus.core.music.pitch.Instrument;
import tactus.core.music.pitch.Key;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** The capo sum asked the other way round: sentences with gaps, each answered below itself. */
final class CapoQuestions extends VBox {

    private final CapoModel model;
    private final ComboBox<String> sounding = keys("capo-sounding", "capo.ask.sounds");
    private final ComboBox<String> wanted = keys("capo-wanted", "capo.ask.shapes");
    private final Label setting = answer("capo-setting");
    private final WholeNumberSpinner lower = new WholeNumberSpinner(1, Instrument.LOWEST_TUNED_DOWN);
    private final Label lowered = answer("capo-lowered");
    private final Label without = answer("capo-without");
    private final WholeNumberSpinner up = new WholeNumberSpinner(-11, 11);
    private final Label change = answer("capo-change");

    CapoQuestions(CapoModel model, ProblemLabel problem) {
        this.model = model;
        getStyleClass().add("capo-questions");
        sounding.setValue("Ab");
        wanted.setValue("E");
        lower.show(2);
        lower.setId("capo-lower");
        up.show(2);
        up.setId("capo-up");
        lower.setAccessibleText(Words.of("capo.ask.lower"));
        up.setAccessibleText(Words.of("capo.ask.up"));
        var tune = new Button(Words.of("capo.ask.tuneDown"));
        tune.setId("capo-tune-down");
        tune.setOnAction(_ -> problem.say(model.soundLower(lower.getValue())));
        var title = new Label(Words.of("capo.ask.title"));
        title.getStyleClass().add("column-title");
        getChildren()
                .setAll(
                        title,
                        sentence(words("capo.ask.sounds"), sounding, words("capo.ask.shapes"), wanted),
                        setting,
                        sentence(words("capo.ask.lower"), lower, words("capo.ask.lowerEnd")),
                        lowered,
                        tune,
                        sentence(words("capo.ask.without")),
                        without,
                        sentence(words("capo.ask.up"), up, words("capo.ask.upEnd")),
                        change);
        sounding.valueProperty().subscribe(_ -> show());
        wanted.valueProperty().subscribe(_ -> show());
        lower.valueProperty().subscribe(_ -> show());
        up.valueProperty().subscribe(_ -> show());
    }

    private static ComboBox<String> keys(String id, String asked) {
        var keys = new ComboBox<String>();
        keys.getItems()
                .setAll(IntStream.range(0, 12)
                        .mapToObj(tonic -> new Key(tonic, false).toString())
                        .toList());
        keys.setId(id);
        keys.setAccessibleText(Words.of(asked));
        return keys;
    }

    private static Label answer(String id) {
        var label = new Label();
        label.setId(id);
        label.getStyleClass().add("answer");
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    private static Label words(String key) {
        var words = new Label(Words.of(key));
        words.setWrapText(true);
        return words;
    }

    private static FlowPane sentence(Node... parts) {
        var sentence = new FlowPane(parts);
        sentence.getStyleClass().add("question");
        return sentence;
    }

    void show() {
        if (wanted.getValue() == null || sounding.getValue() == null) return;
        setting.setText(model.settings(sounding.getValue(), wanted.getValue()));
        lowered.setText(Words.of("capo.ask.lowered", signs(model.onLoweredGuitar(lower.getValue()))));
        String along = model.bestWithoutCapo()
                .map(choice -> Words.of(
                        "capo.ask.along",
                        Words.of("capo.place", choice.capo(), choice.tunedDown()),
                        signs(choice.shapesKey()),
                        choice.ease()))
                .orElse("");
        without.setText(Words.of("capo.ask.withoutAnswer", signs(model.withoutCapo())) + along);
        change.setText(
                model.keyChange(up.getValue()).stream().map(CapoQuestions::line).collect(Collectors.joining("\n")));
    }

    private static String line(KeyChange.Answer answer) {
        String ease = answer.possible() ? "  (" + Words.of("shape.ease", answer.ease()) + ")" : "";
        return "– " + Words.say(answer.sentence()) + ease;
    }

    private static String signs(Key key) {
        return MusicText.signs(key.toString());
    }
}
