package tactus.app.setup;

import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;
import tactus.app.action.LateTooltip;
import tactus.app.hand.ShapeView;
import tactus.app.words.Words;
import tactus.core.song.Chord;
import tactus.formats.font.MusicText;

/** A chord with its shape, which can be changed by typing frets. Style class {@code chord-card}. */
final class ChordCard extends VBox {

    private final ShapeView shape = new ShapeView();

    ChordCard(Chord chord, SetUpModel model, Label problem, boolean lowStringOnTop) {
        getStyleClass().add("chord-card");
        var name = new Label(MusicText.signs(chord.name()));
        name.getStyleClass().add("chord-name");
        var remove = new Button();
        remove.setGraphic(new FontIcon(Feather.X));
        remove.getStyleClass().add("flat");
        remove.setAccessibleText(Words.of("setup.removeChord", chord.name()));
        LateTooltip.install(remove, Words.of("setup.removeChord", chord.name()));
        remove.setOnAction(_ -> model.removeChord(chord.name()));
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        var head = new HBox(name, space, remove);
        head.getStyleClass().add("chord-head");
        shape.voicingProperty().set(Optional.of(chord.voicing()));
        shape.lowStringOnTopProperty().set(lowStringOnTop);
        var frets = new TextField(chord.voicing().toString());
        frets.setAccessibleText(Words.of("setup.shapeOf", chord.name()));
        Runnable commit = () -> {
            if (!frets.getText().equals(chord.voicing().toString())) {
                problem.setText(model.setChord(chord.name(), frets.getText()).orElse(""));
            }
        };
        frets.setOnAction(_ -> commit.run());
        frets.focusedProperty().subscribe((_, focused) -> {
            if (!focused) commit.run();
        });
        getChildren().setAll(head, shape, frets);
    }
}
