package tactus.app.bench.dictation;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.action.KeyLegend;
import tactus.app.action.Scope;
import tactus.app.bench.pattern.PictureCards;
import tactus.app.bench.pattern.PictureCards.Card;
import tactus.app.field.Bound;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.core.laid.picture.Passage;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.tapping.Taps;
import tactus.words.Words;

/** The pad on which a pattern is tapped, and what came of it. */
public final class TapPanel extends HBox {

    private final Bound bound = new Bound(this);
    private final TapModel model;
    private final PlayerModel player;
    private final StackPane pad = new StackPane();
    private final Label state = new Label();
    private final Label errors = new Label();
    private final PictureCards cards;

    public TapPanel(TapModel model, PlayerModel player, Settings settings, Actions actions) {
        this.model = model;
        this.player = player;
        cards = new PictureCards(settings);
        getStyleClass().addAll("bench-panel", "tap-panel");
        pad.getStyleClass().add("tap-pad");
        pad.setFocusTraversable(true);
        pad.setAccessibleText(Words.of("tapping.pad"));
        pad.setId("tap-pad");
        pad.setOnMousePressed(_ -> {
            pad.requestFocus();
            model.tap(Optional.empty());
        });
        Scope.TAPPING.markOn(pad);
        state.setWrapText(true);
        pad.getChildren().setAll(new VBox(state, new KeyLegend(actions, Scope.TAPPING)));
        errors.setId("tap-errors");
        errors.setWrapText(true);
        errors.getStyleClass().add("quiet");
        var result = new VBox(errors, cards);
        HBox.setHgrow(result, Priority.ALWAYS);
        getChildren().setAll(pad, result);
        bound.follow(model.tapsProperty(), this::show);
        bound.follow(player.playingProperty(), _ -> showState());
        bound.follow(player.positionProperty(), _ -> showState());
    }

    private void showState() {
        state.setText(Words.of(
                !player.isPlaying() ? "tapping.start" : player.isCountingIn() ? "tapping.counting" : "tapping.now"));
    }

    private void show(Optional<Taps> taps) {
        errors.getStyleClass().setAll("label", model.isWild() ? "warning" : "quiet");
        errors.setText(taps.map(this::sentence).orElse(""));
        List<Card> found = model.isWild()
                ? List.of()
                : model.pattern().map(this::card).map(List::of).orElse(List.of());
        cards.show(found, taps.isEmpty() ? Words.of("tapping.nothing") : "");
    }

    private Card card(Pattern pattern) {
        return new Card(pattern.line(), "Enter", Passage.of(pattern), Words.of("tapping.take"), false, model::take);
    }

    private String sentence(Taps taps) {
        if (model.isWild()) return Words.of("tapping.wild", milliseconds(taps.meanError()));
        String each = taps.hits().stream()
                .map(hit -> String.format(Locale.ROOT, "%+.0f", hit.late() * 1000))
                .collect(Collectors.joining(" "));
        return Words.of("tapping.error", taps.hits().size(), milliseconds(taps.meanError()), each)
                + (taps.doubled() > 0 ? " " + Words.of("tapping.doubled", taps.doubled()) : "");
    }

    private static String milliseconds(double seconds) {
        return String.format(Locale.ROOT, "%.0f", seconds * 1000);
    }

    /** Puts the focus on the pad. */
    public void takeFocus() {
        pad.requestFocus();
    }
}
