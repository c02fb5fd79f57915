package tactus.app.setup.shape;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.InSight;
import tactus.app.field.ProblemLabel;
import tactus.app.neck.HeldShape;
import tactus.app.setup.fact.SetUpModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.SnagPlace;
import tactus.core.music.shape.Grip;
import tactus.core.written.harmony.Chord;
import tactus.formats.font.ChordText;
import tactus.words.Words;

/** The song's chords in a row; one is chosen. Style class {@code chord-strip}. */
public final class ChordStrip extends VBox {

    private final Bound bound = new Bound(this);
    private final Work work;
    private final Settings settings;
    private final ShapeModel shapes;
    private final HBox cards = new Cards();
    private final ScrollPane scroll = new ScrollPane(cards);
    private final TextField field = new TextField();
    private Node reveal;
    private final Label missing = new Label();
    private final Button find = new Button(Words.of("setup.findShapes"));

    public ChordStrip(Work work, Settings settings, SetUpModel model, ShapeModel shapes, ProblemLabel problem) {
        this.work = work;
        this.settings = settings;
        this.shapes = shapes;
        getStyleClass().add("chord-strip");
        cards.getStyleClass().add("chord-cards");
        scroll.getStyleClass().add("chord-scroll");
        scroll.setFitToHeight(true);
        scroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        // A wheel goes up and down; the row goes along.
        scroll.addEventFilter(ScrollEvent.SCROLL, turn -> {
            double hidden = cards.getWidth() - scroll.getViewportBounds().getWidth();
            if (hidden <= 0 || turn.getDeltaY() == 0) return;
            scroll.setHvalue(Math.clamp(scroll.getHvalue() - turn.getDeltaY() / hidden, 0, 1));
            turn.consume();
        });
        missing.getStyleClass().add("snag-line");
        missing.setMinWidth(0);
        find.setId("find-shapes");
        find.setMinWidth(USE_PREF_SIZE);
        find.setOnAction(_ -> model.findShapes());
        var repair = new HBox(missing, find);
        repair.getStyleClass().add("repair-row");
        repair.visibleProperty().bind(missing.textProperty().isNotEmpty());
        repair.managedProperty().bind(repair.visibleProperty());
        getChildren().setAll(head(problem), scroll, repair);
        bound.follow(work.stateProperty(), _ -> show(model));
        bound.follow(settings.handProperty(), _ -> show(model));
        bound.follow(settings.saysHProperty(), _ -> show(model));
        bound.follow(shapes.chosenProperty(), _ -> showChosen());
    }

    private HBox head(ProblemLabel problem) {
        var title = new Label(Words.of("setup.chords"));
        title.getStyleClass().add("column-title");
        title.setMinWidth(USE_PREF_SIZE);
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        field.setId("add-chord");
        field.setPromptText(Words.of("setup.addChord"));
        field.setAccessibleText(Words.of("setup.addChord"));
        field.setPrefColumnCount(17);
        field.setOnAction(_ -> {
            if (problem.say(shapes.add(field.getText()))) field.clear();
        });
        var head = new HBox(title, space, field);
        head.getStyleClass().add("strip-head");
        return head;
    }

    private void show(SetUpModel model) {
        List<Chord> chords = work.song().chords();
        while (cards.getChildren().size() > chords.size()) cards.getChildren().removeLast();
        while (cards.getChildren().size() < chords.size()) cards.getChildren().add(new ChordCard(settings));
        Set<String> wrong = work.snags().stream()
                .map(Snag::place)
                .filter(SnagPlace.InChord.class::isInstance)
                .map(place -> ((SnagPlace.InChord) place).chord())
                .collect(Collectors.toSet());
        for (int i = 0; i < chords.size(); i++) {
            Chord chord = chords.get(i);
            var card = (ChordCard) cards.getChildren().get(i);
            card.setId("chord-" + i);
            card.setOnAction(_ -> {
                shapes.choose(chord.name());
                showChosen();
            });
            Optional<Integer> ease = Grip.of(chord.voicing(), shapes.neck(), shapes.hand())
                    .map(grip -> grip.effort(shapes.neck(), shapes.hand()).ease());
            card.show(
                    chord,
                    ChordText.of(chord.name(), settings.noteSchool()),
                    HeldShape.of(chord, shapes.neck(), shapes.hand()),
                    ease,
                    wrong.contains(chord.name()));
        }
        showChosen();
        showMissing(model);
    }

    private void showMissing(SetUpModel model) {
        List<String> unshaped = model.chordsWithoutShape();
        int wrong = model.wrongShapes().size();
        find.setVisible(wrong > 1 || !unshaped.isEmpty());
        find.setManaged(find.isVisible());
        if (!unshaped.isEmpty()) missing.setText(Words.of("setup.missing", String.join(", ", unshaped)));
        else missing.setText(wrong > 1 ? Words.of("setup.wrongShapes", wrong) : "");
    }

    private void showChosen() {
        Optional<Chord> chosen = shapes.chosenProperty().get();
        int index = chosen.map(work.song().chords()::indexOf).orElse(-1);
        List<Node> all = cards.getChildren();
        for (int i = 0; i < all.size(); i++) ((ChordCard) all.get(i)).setSelected(i == index);
        reveal = index >= 0 && index < all.size() ? all.get(index) : null;
        cards.requestLayout();
    }

    /** The cards in a row; the one that was chosen last is brought into sight once it has its place. */
    private final class Cards extends HBox {

        @Override
        protected void layoutChildren() {
            super.layoutChildren();
            if (reveal == null || scroll.getViewportBounds().getWidth() <= 0) return;
            InSight.bring(scroll, reveal);
            reveal = null;
        }
    }

    /** Puts the focus where a chord is added. */
    public void takeFocus() {
        field.requestFocus();
    }
}
