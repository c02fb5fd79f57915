package tactus.app.setup.shape;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.field.Bound;
import tactus.app.neck.HeldShape;
import tactus.app.neck.ShapeView;
import tactus.app.work.Settings;
import tactus.core.music.chord.Degree;
import tactus.core.music.search.StandIn;
import tactus.core.music.shape.Shape;
import tactus.words.Words;

/** What else would do for the chosen chord: an easier shape, and others of the same name. Style class {@code offers}. */
final class OfferColumn extends VBox {

    private final Bound bound = new Bound(this);
    private final Settings settings;
    private final ShapeModel model;
    private final Label standInText = new Label();
    private final ShapeView standInShape;
    private final Button take;
    private final FlowPane easier = new FlowPane();
    private final FlowPane others = new FlowPane();

    OfferColumn(Settings settings, ShapeModel model, Actions actions) {
        this.settings = settings;
        this.model = model;
        standInShape = new ShapeView(settings);
        take = actions.wordedButton("shape.standIn");
        getStyleClass().add("offers");
        var easierTitle = new Label(Words.of("shape.easier"));
        easierTitle.getStyleClass().add("column-title");
        standInText.setWrapText(true);
        standInText.setMinHeight(USE_PREF_SIZE);
        standInText.setId("stand-in");
        var othersTitle = new Label(Words.of("shape.others"));
        othersTitle.getStyleClass().add("column-title");
        easier.getStyleClass().add("offer-shapes");
        easier.setId("easier-shapes");
        others.getStyleClass().add("offer-shapes");
        others.setId("other-shapes");
        var all = new VBox(easier, othersTitle, others);
        all.getStyleClass().add("offer-lists");
        var scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        var words = new VBox(standInText, take);
        words.getStyleClass().add("stand-in-words");
        HBox.setHgrow(words, Priority.ALWAYS);
        var standIn = new HBox(standInShape, words);
        standIn.getStyleClass().add("stand-in");
        getChildren().setAll(easierTitle, standIn, scroll);
        bound.follow(model.offersProperty(), _ -> show());
        bound.follow(model.chosenProperty(), _ -> show());
    }

    private void show() {
        Optional<StandIn> standIn = model.offersProperty().get().standIn();
        standInText.setText(standIn.map(each -> Words.of(
                        "shape.standIn",
                        each.shape().voicing(),
                        Words.say(each.givenUp()),
                        each.shape().ease()))
                .orElse(Words.of("shape.noStandIn")));
        standInShape
                .heldProperty()
                .set(standIn.map(each -> HeldShape.of(each.shape().grip())));
        for (var node : new javafx.scene.Node[] {standInShape, take}) {
            node.setVisible(standIn.isPresent());
            node.setManaged(standIn.isPresent());
        }
        List<Shape> easy = model.easierShapes();
        show(easier, easy);
        show(
                others,
                model.offersProperty().get().shapes().stream()
                        .filter(shape -> !easy.contains(shape))
                        .toList());
    }

    private void show(FlowPane pane, List<Shape> shapes) {
        pane.getChildren().setAll(shapes.stream().map(this::offer).toList());
        pane.setManaged(!shapes.isEmpty());
    }

    private Button offer(Shape shape) {
        var picture = new ShapeView(settings);
        picture.heldProperty().set(Optional.of(HeldShape.of(shape.grip())));
        var text = new Label(Words.of("shape.ease-and-fullness", shape.ease(), shape.fullness())
                + (shape.missing().contains(Degree.FIVE) ? "  " + Words.of("shape.noFifth") : ""));
        text.getStyleClass().add("quiet");
        var offer = new Button();
        offer.setGraphic(new VBox(picture, text));
        offer.getStyleClass().setAll("offer");
        offer.setAccessibleText(shape.voicing() + ", " + text.getText());
        boolean isTaken = model.chosenProperty()
                .get()
                .filter(chord -> chord.voicing().equals(shape.voicing()))
                .isPresent();
        offer.setDisable(isTaken);
        offer.setOnAction(_ -> model.take(shape.voicing()));
        return offer;
    }
}
