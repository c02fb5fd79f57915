package tactus.app.setup;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.action.LateTooltip;
import tactus.app.action.Scope;
import tactus.app.field.NamedField;
import tactus.app.neck.HeldShape;
import tactus.app.neck.NeckView;
import tactus.app.words.ChordText;
import tactus.app.words.Words;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.chord.NameGuess;
import tactus.core.shape.Effort;
import tactus.core.shape.Grip;
import tactus.core.shape.ShapeFault;
import tactus.core.song.Chord;

/** The chosen chord on the neck, where its shape is made. Style class {@code shape-panel}. */
final class ShapePanel extends HBox {

    private static final int NAMES_SHOWN = 4;

    private final Work work;
    private final Settings settings;
    private final ShapeModel model;
    private final Label problem;
    private final TextField name = new TextField();
    private final FlowPane names = new FlowPane();
    private final NeckView neck;
    private final TextField frets = new TextField();
    private final TextField fingers = new TextField();
    private final TextField strummed = new TextField();
    private final Label ease = new Label();
    private final Label parts = new Label();
    private final VBox faults = new VBox();
    private final VBox table;
    private final Label empty = new Label(Words.of("shape.none"));

    ShapePanel(Work work, Settings settings, ShapeModel model, Actions actions, Label problem) {
        this.work = work;
        this.settings = settings;
        this.model = model;
        this.problem = problem;
        neck = new NeckView(settings, model::press);
        neck.setId("neck");
        neck.setAccessibleText(Words.of("shape.neck"));
        Scope.NECK.markOn(neck);
        neck.stringProperty().bindBidirectional(model.stringProperty());
        getStyleClass().add("shape-panel");
        name.setId("shape-name");
        empty.getStyleClass().add("quiet");
        VBox.setVgrow(neck, Priority.ALWAYS);
        faults.getStyleClass().add("snag-lines");
        table = new VBox(head(actions), neck, fields(), effortRow(), faults);
        table.getStyleClass().add("shape-table");
        HBox.setHgrow(table, Priority.ALWAYS);
        var offers = new OfferColumn(settings, model, actions);
        getChildren().setAll(table, offers);
        settle(name, model::rename);
        settle(frets, model::setFrets);
        settle(fingers, model::setFingers);
        settle(strummed, model::setStrummed);
        model.chosenProperty().subscribe(_ -> show());
        work.stateProperty().subscribe(_ -> show());
        settings.handProperty().subscribe((_, _) -> show());
        settings.saysHProperty().subscribe((_, _) -> show());
    }

    private HBox head(Actions actions) {
        names.getStyleClass().add("name-guesses");
        HBox.setHgrow(names, Priority.ALWAYS);
        var head = new HBox(new NamedField(Words.of("shape.name"), name), names, actions.button("shape.remove"));
        head.getStyleClass().add("frame-bar");
        return head;
    }

    private HBox fields() {
        frets.setId("shape-frets");
        fingers.setId("shape-fingers");
        strummed.setId("shape-strummed");
        fingers.setPromptText(Words.of("shape.anyFingers"));
        strummed.setPromptText(Words.of("shape.allStrings"));
        frets.setPrefColumnCount(11);
        fingers.setPrefColumnCount(8);
        strummed.setPrefColumnCount(6);
        var row = new HBox(
                new NamedField(Words.of("shape.frets"), frets),
                new NamedField(Words.of("shape.fingers"), fingers),
                new NamedField(Words.of("shape.strummed"), strummed));
        row.getStyleClass().add("frame-bar");
        return row;
    }

    private HBox effortRow() {
        ease.getStyleClass().add("fact-number");
        ease.setMinWidth(USE_PREF_SIZE);
        parts.getStyleClass().add("quiet");
        parts.setWrapText(true);
        parts.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(parts, Priority.ALWAYS);
        var row = new HBox(ease, parts);
        row.getStyleClass().add("effort-row");
        return row;
    }

    private void settle(TextField field, Function<String, Optional<String>> change) {
        field.setOnAction(_ -> attempt(field, change));
        field.focusedProperty().subscribe((_, focused) -> {
            if (!focused) attempt(field, change);
        });
    }

    /** Leaves a text that is wrong as it was typed, so that it can be mended. */
    private void attempt(TextField field, Function<String, Optional<String>> change) {
        if (field.getText().equals(field.getUserData())) return;
        problem.setText(change.apply(field.getText()).orElse(""));
    }

    private void show() {
        Optional<Chord> chosen = model.chosenProperty().get();
        table.setDisable(chosen.isEmpty());
        put(
                name,
                chosen.map(chord -> ChordText.typed(chord.name(), settings.noteSchool()))
                        .orElse(""));
        put(frets, chosen.map(chord -> chord.voicing().toString()).orElse(""));
        put(
                fingers,
                chosen.flatMap(chord -> chord.fingering().map(each -> each.toText(chord.voicing())))
                        .orElse(""));
        put(strummed, chosen.flatMap(Chord::strummed).map(Object::toString).orElse(""));
        neck.heldProperty().set(chosen.map(chord -> HeldShape.of(chord, model.neck(), model.hand())));
        neck.labelsProperty().set(chosen.map(this::labels).orElse(List.of()));
        showNames(chosen);
        showEffort(chosen);
        faults.getChildren()
                .setAll(model.faults().stream().limit(2).map(this::fault).toList());
    }

    private static void put(TextField field, String text) {
        if (!field.isFocused() || !text.equals(field.getUserData())) field.setText(text);
        field.setUserData(text);
    }

    private List<NeckView.StringLabel> labels(Chord chord) {
        int strings = chord.voicing().strings();
        if (!chord.fits(work.song().facts().tuning())) return List.of();
        return IntStream.iterate(strings, string -> string >= 1, string -> string - 1)
                .mapToObj(string -> {
                    var sounding = model.sounding(string);
                    return new NeckView.StringLabel(
                            work.song().facts().tuning().note(string),
                            sounding.map(SoundingString::note).orElse(""),
                            sounding.map(SoundingString::degree).orElse(""));
                })
                .toList();
    }

    private void showNames(Optional<Chord> chosen) {
        names.getChildren().clear();
        List<NameGuess> guesses = model.names();
        if (guesses.isEmpty()) return;
        var label = new Label(Words.of("shape.soundsAs"));
        label.getStyleClass().add("quiet");
        names.getChildren().add(label);
        for (NameGuess guess : guesses.stream().limit(NAMES_SHOWN).toList()) {
            boolean isCalled =
                    chosen.flatMap(Chord::meaning).filter(guess.name()::equals).isPresent();
            names.getChildren().add(isCalled ? called(guess) : link(guess));
        }
    }

    private Node called(NameGuess guess) {
        var text = new Label(ChordText.of(guess.name(), settings.noteSchool()));
        text.getStyleClass().add("called");
        LateTooltip.install(text, guess.reason());
        return text;
    }

    private Node link(NameGuess guess) {
        var link = new Hyperlink(ChordText.of(guess.name(), settings.noteSchool()));
        LateTooltip.install(link, guess.reason() + " " + Words.of("shape.callIt"));
        link.setOnAction(_ -> problem.setText(
                model.rename(guess.name().written(settings.noteSchool())).orElse("")));
        return link;
    }

    private void showEffort(Optional<Chord> chosen) {
        Optional<Effort> effort = model.effort();
        ease.setText(effort.map(each -> Words.of("shape.ease", each.ease())).orElse(""));
        String text = effort.map(
                        each -> each.parts().stream().map(EffortText::of).collect(Collectors.joining("  ·  ")))
                .orElse(
                        chosen.isPresent()
                                ? Words.of("shape.beyondHand", model.hand().span())
                                : "");
        boolean movable = chosen.filter(chord -> chord.voicing().isMovable()).isPresent();
        String damped = effort.isPresent() ? damped(chosen) : "";
        parts.setText(text + (movable ? "  ·  " + Words.of("shape.movable") : "") + damped);
    }

    /** Says which finger keeps a skipped string quiet, since that is part of how the shape is held. */
    private String damped(Optional<Chord> chosen) {
        return chosen.flatMap(chord -> Grip.of(chord.voicing(), model.neck(), model.hand())).stream()
                .flatMap(grip -> IntStream.rangeClosed(1, grip.voicing().strings())
                        .filter(grip::isSkipped)
                        .boxed()
                        .flatMap(string -> grip.dampening(string).stream()
                                .map(finger -> "  ·  " + Words.of("shape.dampens", finger.word(), string))))
                .collect(Collectors.joining());
    }

    private Node fault(ShapeFault fault) {
        var text = new Label(fault.sentence());
        text.getStyleClass().add("snag-line");
        text.setWrapText(true);
        text.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(text, Priority.ALWAYS);
        var row = new HBox(text);
        row.getStyleClass().add("repair-row");
        fault.remedy().ifPresent(remedy -> {
            var take = new Button(Words.of("shape.takeRemedy", remedy));
            take.setId("take-remedy");
            take.setMinWidth(USE_PREF_SIZE);
            take.setOnAction(_ -> model.take(remedy));
            row.getChildren().add(take);
        });
        return row;
    }

    /** Puts the focus where one writes. */
    void takeFocus() {
        neck.requestFocus();
    }
}
