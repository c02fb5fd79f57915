package tactus.app.setup;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import tactus.app.field.NamedField;
import tactus.app.field.WholeNumberSpinner;
import tactus.app.words.Words;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.Key;
import tactus.core.song.Facts;
import tactus.formats.font.MusicText;

/** The song's facts as fields. Style class {@code facts-form}. */
final class FactsForm extends VBox {

    private final TextField title = new TextField();
    private final TextField note = new TextField();
    private final ComboBox<String> key = new ComboBox<>();
    private final WholeNumberSpinner capo = new WholeNumberSpinner(0, Instrument.HIGHEST_CAPO);
    private final TextField tempo = new TextField();
    private final ComboBox<String> meter = new ComboBox<>();
    private final TextField tuning = new TextField();
    private final Label shapes = new Label();
    private final Label problem;
    private boolean showing;

    FactsForm(SetUpModel model, Label problem) {
        this.problem = problem;
        getStyleClass().add("facts-form");
        shapes.getStyleClass().add("quiet");
        shapes.setWrapText(true);
        key.getItems().setAll(keys());
        meter.getItems().setAll("2/4", "3/4", "4/4", "5/4", "6/8", "7/8", "9/8", "12/8");
        key.setEditable(true);
        meter.setEditable(true);
        getChildren()
                .setAll(
                        field("title", title),
                        field("note", note),
                        field("key", key),
                        field("capo", capo),
                        shapes,
                        field("tempo", tempo),
                        field("meter", meter),
                        field("tuning", tuning));
        live(title, model::setTitle);
        live(note, model::setNote);
        live(tempo, model::setTempo);
        settled(tuning, model::setTuning);
        key.valueProperty().subscribe((_, text) -> attempt(text, model::setKey));
        meter.valueProperty().subscribe((_, text) -> attempt(text, model::setMeter));
        capo.valueProperty().subscribe((_, fret) -> attempt(() -> model.setCapo(fret)));
    }

    private static List<String> keys() {
        return IntStream.range(0, 24)
                .mapToObj(index -> new Key(index % 12, index >= 12).toString())
                .toList();
    }

    private static NamedField field(String name, Control control) {
        control.setId("facts-" + name);
        return new NamedField(Words.of("setup." + name), control);
    }

    private void live(TextField field, Function<String, Optional<String>> change) {
        field.textProperty().subscribe((_, text) -> attempt(text, change));
    }

    private void settled(TextField field, Function<String, Optional<String>> change) {
        field.setOnAction(_ -> attempt(field.getText(), change));
        field.focusedProperty().subscribe((_, focused) -> {
            if (!focused) attempt(field.getText(), change);
        });
    }

    private void attempt(String text, Function<String, Optional<String>> change) {
        if (text != null) attempt(() -> change.apply(text));
    }

    private void attempt(Supplier<Optional<String>> change) {
        if (!showing) problem.setText(change.get().orElse(""));
    }

    void show(Facts facts) {
        showing = true;
        showText(title, facts.title());
        showText(note, facts.note());
        showText(tempo, facts.tempo().perMinuteText());
        showText(tuning, facts.tuning().toString());
        key.setValue(facts.key().toString());
        meter.setValue(facts.meter().toString());
        capo.show(facts.capo());
        shapes.setText(
                Words.of("setup.shapesIn", MusicText.signs(facts.shapesKey().toString())));
        showing = false;
    }

    private static void showText(TextField field, String text) {
        if (!field.getText().strip().equals(text)) field.setText(text);
    }

    /** Puts the focus on the first field. */
    void takeFocus() {
        title.requestFocus();
    }
}
