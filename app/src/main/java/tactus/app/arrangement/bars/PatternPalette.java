package tactus.app.arrangement.bars;

import java.util.List;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import tactus.app.hand.HandView;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.Passage;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.PatternId;
import tactus.core.written.song.Song;
import tactus.words.Words;

/**
 * The patterns of the song with their digits: pressed they go where the digit puts them, dragged onto a chord, onto chosen
 * bars or onto a heading. Style class {@code pattern-palette}.
 */
public final class PatternPalette extends VBox {

    private final IntConsumer assign;
    private List<Pattern> shown = List.of();
    private boolean shownLowOnTop;
    private Optional<PatternId> dragged = Optional.empty();

    /** @param assign is told the number of a pattern that is pressed, from 1 */
    public PatternPalette(IntConsumer assign) {
        this.assign = assign;
        getStyleClass().add("pattern-palette");
    }

    /** Shows the patterns of {@code song}. */
    public void show(Song song, boolean lowStringOnTop) {
        if (shown.equals(song.patterns()) && shownLowOnTop == lowStringOnTop) return;
        shown = song.patterns();
        shownLowOnTop = lowStringOnTop;
        getChildren().clear();
        for (int i = 0; i < shown.size(); i++) getChildren().add(chip(shown.get(i), i + 1));
        if (shown.isEmpty()) {
            var none = new Label(Words.of("palette.none"));
            none.getStyleClass().add("quiet");
            none.setWrapText(true);
            getChildren().add(none);
        }
    }

    private Button chip(Pattern pattern, int number) {
        var digit = new Label(number <= 9 ? Integer.toString(number) : "");
        digit.getStyleClass().add("key");
        digit.setMinWidth(USE_PREF_SIZE);
        var emblem = new HandView(Frame.Size.TINY);
        emblem.getStyleClass().add("emblem");
        emblem.lowStringOnTopProperty().set(shownLowOnTop);
        emblem.setPassage(Passage.of(pattern));
        emblem.setMouseTransparent(true);
        var name = new Label(pattern.name());
        var row = new HBox(6, digit, emblem, name);
        row.getStyleClass().add("pattern-row");
        var chip = new Button();
        chip.setId("palette-" + number);
        chip.setGraphic(row);
        chip.getStyleClass().add("chip");
        chip.setMaxWidth(Double.MAX_VALUE);
        chip.setAccessibleText(Words.of("palette.chip", pattern.name()));
        chip.setTooltip(new Tooltip(pattern.name() + "\n" + Words.of("palette.hint")));
        chip.setOnAction(_ -> assign.accept(number));
        chip.setOnDragDetected(drag -> {
            dragged = Optional.of(pattern.id());
            chip.startFullDrag();
            drag.consume();
        });
        chip.setOnMouseReleased(_ -> dragged = Optional.empty());
        return chip;
    }

    /** The pattern that is being dragged, if one is. */
    public Optional<PatternId> dragged() {
        return dragged;
    }
}
