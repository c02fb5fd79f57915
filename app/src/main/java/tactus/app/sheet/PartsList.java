package tactus.app.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;
import tactus.core.ground.language.Lexicon;
import tactus.core.ground.refusal.Outcome;
import tactus.core.written.song.Handout;
import tactus.words.Words;

/** The parts of the sheet in order, each on it or not, moved with its arrows or Alt and an arrow key. */
final class PartsList extends VBox {

    private final HandoutModel model;
    private final Consumer<Outcome> say;

    PartsList(HandoutModel model, Consumer<Outcome> say) {
        this.model = model;
        this.say = say;
        getStyleClass().add("parts-list");
        setId("sheet-parts");
    }

    void show(Handout handout) {
        String focused = getScene() == null || getScene().getFocusOwner() == null
                ? ""
                : String.valueOf(getScene().getFocusOwner().getId());
        var all = new ArrayList<>(handout.parts());
        for (Handout.Part part : Handout.Part.values()) if (!all.contains(part)) all.add(part);
        getChildren()
                .setAll(all.stream().map(part -> row(part, handout.parts())).toList());
        getChildren().stream()
                .flatMap(row -> ((HBox) row).getChildren().stream())
                .filter(node -> focused.equals(node.getId()))
                .findFirst()
                .ifPresent(Node::requestFocus);
    }

    private HBox row(Handout.Part part, List<Handout.Part> parts) {
        String code = Lexicon.code(part);
        var box = new CheckBox(Words.of("sheet.part." + code));
        box.setId("part-" + code);
        boolean isThere = parts.contains(part);
        box.setSelected(isThere);
        box.setOnAction(_ -> {
            say.accept(model.change("parts", handout -> handout.with(part, box.isSelected())));
            show(model.handout());
        });
        box.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (!event.isAltDown() || event.getCode() != KeyCode.UP && event.getCode() != KeyCode.DOWN) return;
            move(part, event.getCode() == KeyCode.UP ? -1 : 1);
            event.consume();
        });
        box.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(box, Priority.ALWAYS);
        var row = new HBox(box);
        row.getStyleClass().add("part-row");
        if (isThere && parts.size() > 1)
            row.getChildren()
                    .addAll(
                            arrow(part, -1, parts.getFirst() == part, "up"),
                            arrow(part, 1, parts.getLast() == part, "down"));
        return row;
    }

    private Button arrow(Handout.Part part, int by, boolean isAtEnd, String way) {
        var button = new Button();
        button.setGraphic(new FontIcon(by < 0 ? Feather.CHEVRON_UP : Feather.CHEVRON_DOWN));
        button.setId("part-" + Lexicon.code(part) + "-" + way);
        button.getStyleClass().add("flat");
        button.setAccessibleText(Words.of("sheet.part-" + way, Words.of("sheet.part." + Lexicon.code(part))));
        button.setDisable(isAtEnd);
        button.setOnAction(_ -> move(part, by));
        return button;
    }

    private void move(Handout.Part part, int by) {
        say.accept(model.change("parts", handout -> handout.moved(part, by)));
    }
}
