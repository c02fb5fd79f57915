package tactus.app.setup.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
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
import tactus.app.field.Bound;
import tactus.app.field.KeptRow;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.neck.HeldShape;
import tactus.app.neck.NeckView;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.ground.refusal.Outcome;
import tactus.core.music.chord.ChordLetters;
import tactus.core.music.chord.ChordName;
import tactus.core.music.chord.NameGuess;
import tactus.core.music.search.ShapeFault;
import tactus.core.music.shape.Effort;
import tactus.core.music.shape.Grip;
import tactus.core.written.harmony.Chord;
import tactus.core.written.harmony.ChordMove;
import tactus.core.written.song.Sounded;
import tactus.formats.font.ChordText;
import tactus.words.NameWords;
import tactus.words.Words;

/** The chosen chord on the neck, where its shape is made. Style class {@code shape-panel}. */
public final class ShapePanel extends HBox {

    private static final int NAMES_SHOWN = 4;

    private final Bound bound = new Bound(this);
    private final Work work;
    private final Settings settings;
    private final ShapeModel model;
    private final ProblemLabel problem;
    private final TextField name = new TextField();
    private final FlowPane names = new FlowPane();
    private final KeptRow shownNames = new KeptRow(names);
    private final NeckView neck;
    private final TextField frets = new TextField();
    private final TextField fingers = new TextField();
    private final TextField strummed = new TextField();
    private final TextField moves = new TextField();
    private final Label ease = new Label();
    private final Label parts = new Label();
    private final VBox faults = new VBox();
    private final VBox table;
    private final OfferColumn offers;
    private Button keep;
    private final Label empty = new Label(Words.of("shape.none"));

    public ShapePanel(Work work, Settings settings, ShapeModel model, Actions actions, ProblemLabel problem) {
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
        offers = new OfferColumn(settings, model, actions);
        settle(name, model::rename);
        settle(frets, model::setFrets);
        settle(fingers, model::setFingers);
        settle(strummed, model::setStrummed);
        settle(moves, model::setMoves);
        bound.follow(model.chosenProperty(), _ -> show());
        bound.follow(work.stateProperty(), _ -> show());
        bound.follow(settings.handProperty(), _ -> show());
        bound.follow(settings.saysHProperty(), _ -> show());
    }

    private HBox head(Actions actions) {
        names.getStyleClass().add("name-guesses");
        HBox.setHgrow(names, Priority.ALWAYS);
        keep = actions.button("shape.keep");
        keep.setText(Words.of("shape.keepIt"));
        keep.managedProperty().bind(keep.visibleProperty());
        var head = new HBox(new NamedField(Words.of("shape.name"), name), names, keep, actions.button("shape.remove"));
        head.getStyleClass().add("frame-bar");
        return head;
    }

    private VBox fields() {
        frets.setId("shape-frets");
        fingers.setId("shape-fingers");
        strummed.setId("shape-strummed");
        moves.setId("shape-moves");
        moves.setPromptText(Words.of("shape.noMoves"));
        moves.setPrefColumnCount(9);
        fingers.setPromptText(Words.of("shape.anyFingers"));
        strummed.setPromptText(Words.of("shape.allStrings"));
        frets.setPrefColumnCount(6);
        fingers.setPrefColumnCount(6);
        strummed.setPrefColumnCount(4);
        var keys = new Label(Words.of("shape.keys"));
        keys.getStyleClass().add("quiet");
        keys.setWrapText(true);
        keys.setMinHeight(USE_PREF_SIZE);
        var row = new FlowPane(
                whole(Words.of("shape.frets"), frets),
                whole(Words.of("shape.fingers"), fingers),
                whole(Words.of("shape.strummed"), strummed),
                whole(Words.of("shape.moves"), moves));
        row.getStyleClass().add("shape-fields");
        var fields = new VBox(row, keys);
        fields.getStyleClass().add("field");
        return fields;
    }

    /** A field whose name is never cut short. */
    private static NamedField whole(String name, TextField field) {
        var named = new NamedField(name, field);
        named.setMinWidth(USE_PREF_SIZE);
        return named;
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

    private void settle(TextField field, Function<String, Outcome> change) {
        field.setOnAction(_ -> attempt(field, change));
        field.focusedProperty().subscribe((_, focused) -> {
            if (!focused) attempt(field, change);
        });
    }

    /** Leaves a text that is wrong as it was typed, so that it can be mended. */
    private void attempt(TextField field, Function<String, Outcome> change) {
        if (field.getText().equals(field.getUserData())) return;
        problem.say(change.apply(field.getText()));
    }

    private void show() {
        Optional<ChosenShape> shape = model.shape();
        if (shape.isEmpty()) getChildren().setAll(empty);
        else if (!getChildren().contains(table)) getChildren().setAll(table, offers);
        shape.ifPresent(this::show);
    }

    private void show(ChosenShape shape) {
        Chord chord = shape.chord();
        keep.setVisible(chord.isOffered());
        put(name, ChordLetters.written(chord.name(), settings.noteSchool()));
        put(frets, chord.voicing().toString());
        put(fingers, chord.fingering().map(each -> each.toText(chord.voicing())).orElse(""));
        put(moves, ChordMove.line(chord.moves()));
        put(strummed, chord.strummed().map(Object::toString).orElse(""));
        neck.heldProperty().set(Optional.of(HeldShape.of(chord, shape.neck(), shape.hand())));
        neck.labelsProperty().set(labels(shape));
        showNames(shape);
        showEffort(shape);
        faults.getChildren()
                .setAll(shape.faults().stream().limit(2).map(this::fault).toList());
    }

    private static void put(TextField field, String text) {
        if (!field.isFocused() || !text.equals(field.getUserData())) field.setText(text);
        field.setUserData(text);
    }

    private List<NeckView.StringLabel> labels(ChosenShape shape) {
        if (!shape.fits()) return List.of();
        int strings = shape.chord().voicing().strings();
        return IntStream.iterate(strings, string -> string >= 1, string -> string - 1)
                .mapToObj(string -> {
                    var sounding = shape.sounding(string);
                    return new NeckView.StringLabel(
                            shape.facts().tuning().note(string, settings.noteSchool()),
                            sounding.map(SoundingString::note)
                                    .map(note -> ChordLetters.written(note, settings.noteSchool()))
                                    .orElse(""),
                            sounding.map(SoundingString::degree).orElse(""));
                })
                .toList();
    }

    private void showNames(ChosenShape shape) {
        List<NameGuess> guesses = shape.names().stream().limit(NAMES_SHOWN).toList();
        Optional<ChordName> called = shape.chord().meaning();
        boolean isMoved = shape.facts().instrument().transposition() != 0;
        Optional<ChordName> heard =
                isMoved ? Sounded.name(shape.facts(), shape.chord().name(), 0) : Optional.empty();
        shownNames.show(
                List.of(guesses, called, isMoved, heard, settings.noteSchool()),
                () -> names(guesses, called, isMoved, heard));
    }

    /**
     * What the shape can be called, and what is heard of it.
     *
     * @param isMoved whether a capo or lower strings make it sound otherwise than it is held
     */
    private List<Node> names(
            List<NameGuess> guesses, Optional<ChordName> called, boolean isMoved, Optional<ChordName> heard) {
        if (guesses.isEmpty()) return List.of();
        Stream<Node> held = guesses.stream()
                .map(guess -> called.filter(guess.name()::equals).isPresent() ? called(guess) : link(guess));
        Stream<Node> sounding =
                heard.stream().map(name -> quiet(Words.of("shape.heardAs", ChordText.of(name, settings.noteSchool()))));
        Stream<Node> label = Stream.of(quiet(Words.of(isMoved ? "shape.heldAs" : "shape.soundsAs")));
        return Stream.of(label, held, sounding).flatMap(each -> each).toList();
    }

    private static Label quiet(String text) {
        var label = new Label(text);
        label.getStyleClass().add("quiet");
        return label;
    }

    private Node called(NameGuess guess) {
        var text = new Label(ChordText.of(guess.name(), settings.noteSchool()));
        text.getStyleClass().add("called");
        LateTooltip.install(text, NameWords.why(guess));
        return text;
    }

    private Node link(NameGuess guess) {
        var link = new Hyperlink(ChordText.of(guess.name(), settings.noteSchool()));
        LateTooltip.install(link, NameWords.why(guess) + " " + Words.of("shape.callIt"));
        link.setOnAction(_ -> problem.say(model.rename(guess.name().written(settings.noteSchool()))));
        return link;
    }

    private void showEffort(ChosenShape shape) {
        Optional<Effort> effort = shape.effort();
        ease.setText(effort.map(each -> Words.of("shape.ease", each.ease())).orElse(""));
        var said = new ArrayList<String>();
        effort.ifPresentOrElse(
                each -> said.addAll(EffortText.of(each)),
                () -> said.add(Words.of("shape.beyondHand", shape.hand().span())));
        if (shape.chord().voicing().isMovable()) said.add(Words.of("shape.movable"));
        shape.grip().ifPresent(grip -> said.addAll(dampened(grip)));
        parts.setText(String.join("  ·  ", said));
    }

    /** Says which finger keeps a skipped string quiet, since that is part of how the shape is held. */
    private static List<String> dampened(Grip grip) {
        return IntStream.rangeClosed(1, grip.voicing().strings())
                .filter(grip::isSkipped)
                .boxed()
                .flatMap(string -> grip.dampening(string).stream()
                        .map(finger -> Words.of("shape.dampens", Words.value(finger), string)))
                .toList();
    }

    private Node fault(ShapeFault fault) {
        var text = new Label(Words.say(fault.sentence()));
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

    /** Puts the focus where one writes; where there is no chord yet the caller knows better. */
    public boolean takeFocus() {
        if (getChildren().contains(empty)) return false;
        neck.requestFocus();
        return true;
    }
}
