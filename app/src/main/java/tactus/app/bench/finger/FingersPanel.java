package tactus.app.bench.finger;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.bench.pattern.BenchModel;
import tactus.app.bench.pattern.PictureCards;
import tactus.app.bench.pattern.PictureCards.Card;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.work.Settings;
import tactus.core.laid.picture.Passage;
import tactus.core.music.stroke.Role;
import tactus.core.patterns.pattern.Pattern;
import tactus.words.Words;

/** The figure on each chord of the song, and where its fingers go on the chosen one. */
public final class FingersPanel extends HBox {

    private final Bound bound = new Bound(this);
    private final FingersModel model;
    private final BenchModel bench;
    private final Settings settings;
    private final PictureCards cards;
    private final FlowPane choices = new FlowPane();
    private final TextField moves = new TextField();
    private final ProblemLabel problem = new ProblemLabel();

    public FingersPanel(FingersModel model, BenchModel bench, Settings settings, Actions actions) {
        this.model = model;
        this.bench = bench;
        this.settings = settings;
        cards = new PictureCards(settings);
        getStyleClass().add("bench-panel");
        choices.getStyleClass().add("finger-choices");
        moves.setId("finger-moves");
        moves.setPromptText("2h3");
        var lower = new HBox(
                new NamedField(Words.of("fingers.moves"), moves),
                actions.button("fingers.find"),
                actions.button("fingers.sweep"));
        lower.getStyleClass().add("panel-head");
        var controls = new VBox(choices, lower, problem);
        controls.getStyleClass().add("finger-controls");
        HBox.setHgrow(cards, Priority.ALWAYS);
        getChildren().setAll(cards, controls);
        bound.take(moves.textProperty(), model::moveFingers, problem::say);
        bound.follow(this::show, bench.patternProperty(), model.chordProperty(), settings.rolesProperty());
        bound.follow(this::showMoves, bench.slotProperty());
    }

    private void show() {
        Optional<Pattern> shown = bench.patternProperty().get();
        cards.show(
                shown.map(this::cards).orElse(List.of()),
                Words.of(model.chords().isEmpty() ? "fingers.noChords" : "fingers.noFigure"));
        choices.getChildren().setAll(shown.map(this::choices).orElse(List.of()));
        showMoves();
    }

    private void showMoves() {
        if (!moves.isFocused()) moves.setText(model.movesHere());
    }

    private List<Card> cards(Pattern shown) {
        var all = new ArrayList<Card>();
        if (!FingersModel.isFigure(shown)) return all;
        for (FingersModel.OnChord on : model.chords()) {
            Passage passage = Passage.of(shown, shown, on.held(), on.name())
                    .countedIn(settings.countingProperty().get(), shown.meter());
            List<String> remarks = model.remarks(shown, on);
            all.add(new Card(
                    on.name() + "  " + on.held().voicing(),
                    on.name().equals(model.chordProperty().get().orElse("")) ? Words.of("fingers.chosen") : "",
                    passage,
                    remarks.isEmpty() ? fingers(shown, on) : String.join(", ", remarks),
                    model.isWrong(shown, on),
                    () -> model.choose(on.name())));
        }
        return all;
    }

    private String fingers(Pattern shown, FingersModel.OnChord on) {
        return model.strings(shown, on).entrySet().stream()
                .map(entry -> entry.getKey().label(settings.rolesProperty().get()) + " " + entry.getValue())
                .collect(Collectors.joining(" · "));
    }

    /** For each finger of the figure where it goes on the chosen chord. */
    private List<NamedField> choices(Pattern shown) {
        var all = new ArrayList<NamedField>();
        model.chosen().ifPresent(on -> {
            for (var entry : model.strings(shown, on).entrySet()) {
                all.add(choice(shown, on, entry.getKey(), entry.getValue()));
            }
        });
        return all;
    }

    private NamedField choice(Pattern shown, FingersModel.OnChord on, Role role, int string) {
        var choice = new ComboBox<FingerChoice>();
        choice.setId("finger-" + role.letter());
        int strings = on.held().tuning().strings();
        FingerChoice asked = model.asked(shown, on, role);
        String byRule = asked == FingerChoice.ByRule.FOLLOWED ? Integer.toString(string) : "";
        choice.setConverter(new ChosenText<>(value -> said(value, byRule)));
        choice.getItems().setAll(FingerChoice.all(strings));
        choice.setValue(asked);
        bound.take(choice.valueProperty(), chosen -> model.put(role, chosen));
        String label = role.label(settings.rolesProperty().get());
        return new NamedField(
                Words.of(role == Role.ALTERNATE_BASS ? "fingers.alternate" : "fingers.on", label, on.name()), choice);
    }

    /** @param byRule where the rule puts the finger; empty where it is not followed */
    private static String said(FingerChoice choice, String byRule) {
        return switch (choice) {
            case FingerChoice.ByRule _ -> Words.of("fingers.follows", byRule);
            case FingerChoice.Here(int string) -> Words.of("fingers.string", string);
            case FingerChoice.Always(int string) -> Words.of("fingers.always", string);
        };
    }

    /** Puts the focus on the first chord. */
    public void takeFocus() {
        cards.requestFocus();
    }
}
