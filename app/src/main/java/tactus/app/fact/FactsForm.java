package tactus.app.fact;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.LevelBox;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TakenField;
import tactus.app.field.WholeNumberSpinner;
import tactus.app.work.Settings;
import tactus.core.picking.FingerSchool;
import tactus.core.picking.Strike;
import tactus.core.pitch.Instrument;
import tactus.core.pitch.Key;
import tactus.core.pitch.Spelling;
import tactus.core.shape.FrettingHand;
import tactus.core.shape.Neck;
import tactus.core.song.Facts;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** The song's facts and the hand that plays it as fields. Style class {@code facts-form}. */
public final class FactsForm extends VBox {

    private final Bound bound = new Bound(this);
    private final TextField title = new TextField();
    private final TextField note = new TextField();
    private final TakenField tags;
    private final ComboBox<String> key = new ComboBox<>();
    private final ComboBox<Spelling> spelling = new ComboBox<>();
    private final WholeNumberSpinner capo = new WholeNumberSpinner(0, Instrument.HIGHEST_CAPO);
    private final TextField tempo = new TextField();
    private final ComboBox<String> meter = new ComboBox<>();
    private final WholeNumberSpinner pickup = new WholeNumberSpinner(0, 31);
    private final LevelBox level = new LevelBox();
    private final ComboBox<FingerSchool> school = new ComboBox<>();
    private final ComboBox<Optional<Strike>> strike = new ComboBox<>();
    private final Label shapes = new Label();
    private final Label problem;

    public FactsForm(SetUpModel model, Settings settings, Label problem) {
        this.problem = problem;
        getStyleClass().add("facts-form");
        shapes.getStyleClass().add("quiet");
        shapes.setWrapText(true);
        key.getItems().setAll(keys());
        spelling.getItems().setAll(Spelling.values());
        spelling.setConverter(new SpellingText());
        meter.getItems().setAll("2/4", "3/4", "4/4", "5/4", "6/8", "7/8", "9/8", "12/8");
        key.setEditable(true);
        meter.setEditable(true);
        tags = new TakenField(
                "facts-tags",
                text -> {
                    Optional<String> wrong = model.setTags(text);
                    say(wrong);
                    return wrong;
                },
                new ProblemLabel());
        tags.setPromptText(Words.of("setup.tagsPrompt"));
        getChildren()
                .setAll(
                        field("title", title),
                        field("note", note),
                        field("tags", tags),
                        row(field("key", key), field("spelling", spelling)),
                        row(field("capo", capo), field("tempo", tempo), field("meter", meter)),
                        row(field("pickup", pickup), field("level", level)),
                        shapes,
                        hand(settings),
                        field("strike", strike),
                        field("school", school));
        offerPicking();
        live(title, model::setTitle);
        live(note, model::setNote);
        live(tempo, model::setTempo);
        bound.take(key.valueProperty(), model::setKey, this::say);
        bound.take(meter.valueProperty(), model::setMeter, this::say);
        bound.take(spelling.valueProperty(), model::setSpelling, this::say);
        bound.take(pickup.valueProperty(), model::setPickup, this::say);
        bound.take(strike.valueProperty(), model::setStrike, this::say);
        bound.take(school.valueProperty(), model::setSchool, this::say);
        bound.take(level.valueProperty(), model::setLevel, this::say);
        bound.take(capo.valueProperty(), model::setCapo, this::say);
    }

    private void offerPicking() {
        school.getItems().setAll(FingerSchool.values());
        school.setConverter(new ChosenText<>(each -> Words.lexicon().word("finger-school", each)));
        school.setMaxWidth(Double.MAX_VALUE);
        strike.getItems().add(Optional.empty());
        Stream.of(Strike.values()).map(Optional::of).forEach(strike.getItems()::add);
        strike.setConverter(new ChosenText<>(
                each -> each.map(said -> Words.lexicon().word("strike", said)).orElse(Words.of("strike.unsaid"))));
        strike.setMaxWidth(Double.MAX_VALUE);
    }

    private static HBox row(NamedField... fields) {
        var row = new HBox(fields);
        row.getStyleClass().add("field-row");
        return row;
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

    private VBox hand(Settings settings) {
        var title = new Label(Words.of("hand.title"));
        title.getStyleClass().add("column-title");
        var span = new WholeNumberSpinner(FrettingHand.SMALLEST, FrettingHand.WIDEST);
        var scale = new WholeNumberSpinner(Neck.SHORTEST, Neck.LONGEST);
        var thumb = new CheckBox(Words.of("hand.thumb"));
        span.setId("hand-span");
        scale.setId("hand-scale");
        thumb.setId("hand-thumb");
        thumb.setMinWidth(0);
        span.show(settings.handProperty().get().span());
        scale.show(settings.scaleLengthProperty().get());
        thumb.setSelected(settings.handProperty().get().thumb());
        span.valueProperty().subscribe((_, _) -> setHand(settings, span, thumb));
        thumb.selectedProperty().subscribe((_, _) -> setHand(settings, span, thumb));
        scale.valueProperty()
                .subscribe((_, length) -> settings.scaleLengthProperty().set(length));
        var caution = new Label(Words.of("hand.caution"));
        caution.getStyleClass().add("quiet");
        caution.setWrapText(true);
        caution.setMinHeight(USE_PREF_SIZE);
        var measures = row(new NamedField(Words.of("hand.span"), span), new NamedField(Words.of("hand.scale"), scale));
        var box = new VBox(title, measures, thumb, caution);
        box.getStyleClass().add("hand-form");
        return box;
    }

    private static void setHand(Settings settings, WholeNumberSpinner span, CheckBox thumb) {
        settings.handProperty().set(new FrettingHand(span.getValue(), thumb.isSelected()));
    }

    private void live(TextField field, Function<String, Optional<String>> change) {
        bound.take(field.textProperty(), change, this::say);
    }

    private void say(Optional<String> wrong) {
        problem.setText(wrong.orElse(""));
    }

    public void show(Facts facts) {
        try (var _ = bound.showing()) {
            showText(title, facts.title());
            showText(note, facts.note());
            tags.show(String.join(", ", facts.heading().tags()));
            showText(tempo, facts.tempo().perMinuteText());
            key.setValue(facts.key().toString());
            spelling.setValue(facts.spelling());
            meter.setValue(facts.meter().toString());
            level.setValue(facts.level());
            strike.setValue(facts.picking().strike());
            school.setValue(facts.picking().school());
            capo.show(facts.capo());
            pickup.setMost(facts.meter().beats().size() - 1);
            pickup.show(facts.pickup());
            shapes.setText(
                    Words.of("setup.shapesIn", MusicText.signs(facts.shapesKey().toString())));
        }
    }

    private static void showText(TextField field, String text) {
        if (!field.getText().strip().equals(text)) field.setText(text);
    }

    /** Puts the focus on the first field. */
    public void takeFocus() {
        title.requestFocus();
    }

    private static final class SpellingText extends StringConverter<Spelling> {

        @Override
        public String toString(Spelling spelling) {
            return spelling == null ? "" : Words.of("spelling." + spelling);
        }

        @Override
        public Spelling fromString(String text) {
            throw new UnsupportedOperationException("spellings are chosen, not typed");
        }
    }
}
