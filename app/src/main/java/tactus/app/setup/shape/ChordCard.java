package tactus.app.setup.shape;

import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import tactus.app.neck.HeldShape;
import tactus.app.neck.ShapeView;
import tactus.app.work.Settings;
import tactus.core.written.harmony.Chord;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** A chord of the song with its shape, to be chosen. Style class {@code chord-card}; states {@code :wrong} and {@code :offered}. */
final class ChordCard extends ToggleButton {

    private static final PseudoClass OFFERED = PseudoClass.getPseudoClass("offered");
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Label name = new Label();
    private final Label ease = new Label();
    private final ShapeView shape;
    private final Settings settings;

    ChordCard(Settings settings) {
        this.settings = settings;
        shape = new ShapeView(settings);
        getStyleClass().setAll("chord-card");
        name.getStyleClass().add("chord-name");
        ease.getStyleClass().add("quiet");
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        var head = new HBox(name, space, ease);
        head.getStyleClass().add("chord-head");
        setGraphic(new VBox(head, shape));
    }

    /**
     * Shows {@code chord}.
     *
     * @param played the name as this user writes it
     * @param ease how easy it is; empty if this hand cannot hold it
     * @param isWrong whether something is wrong with it
     */
    void show(Chord chord, String played, HeldShape held, Optional<Integer> ease, boolean isWrong) {
        name.setText(MusicText.signs(played));
        this.ease.setText(ease.map(points -> Words.of("shape.ease", points)).orElse(Words.of("shape.tooWide")));
        shape.heldProperty().set(Optional.of(held));
        pseudoClassStateChanged(WRONG, isWrong);
        setAccessibleText(Words.of("shape.card", played, chord.voicing(), this.ease.getText())
                + (isWrong ? " " + Words.of("shape.wrong") : "")
                + (chord.isOffered() ? " " + Words.of("shape.offered") : ""));
        pseudoClassStateChanged(OFFERED, chord.isOffered());
    }
}
