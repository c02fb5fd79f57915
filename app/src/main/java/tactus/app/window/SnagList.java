package tactus.app.window;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.words.Words;
import tactus.core.snag.Snag;

/** Every snag of the song; choosing one leads to its place. Style class {@code snag-list}. */
final class SnagList extends VBox {

    private final ListView<Snag> list = new ListView<>();

    SnagList(Consumer<Snag> go) {
        getStyleClass().add("snag-list");
        var title = new Label(Words.of("snags.title"));
        title.getStyleClass().add("column-title");
        list.setId("snag-list");
        list.setAccessibleText(Words.of("snags.title"));
        list.setPlaceholder(new Label(Words.of("snags.none")));
        list.setCellFactory(_ -> new Cell());
        list.setOnMouseClicked(_ -> goToSelected(go));
        list.setOnKeyPressed(press -> {
            if (press.getCode() == KeyCode.ENTER) goToSelected(go);
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        getChildren().setAll(title, list);
        managedProperty().bind(visibleProperty());
        setVisible(false);
    }

    private void goToSelected(Consumer<Snag> go) {
        Snag chosen = list.getSelectionModel().getSelectedItem();
        if (chosen != null) go.accept(chosen);
    }

    void show(List<Snag> snags) {
        if (!list.getItems().equals(snags)) list.getItems().setAll(snags);
    }

    void takeFocus() {
        list.requestFocus();
        if (!list.getItems().isEmpty()) list.getSelectionModel().selectFirst();
    }

    private static final class Cell extends ListCell<Snag> {

        private final Label where = new Label();
        private final Label sentence = new Label();
        private final Label numbers = new Label();
        private final VBox lines = new VBox(where, sentence, numbers);

        Cell() {
            where.getStyleClass().add("snag-where");
            numbers.getStyleClass().add("quiet");
            sentence.setWrapText(true);
            numbers.setWrapText(true);
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(Snag snag, boolean empty) {
            super.updateItem(snag, empty);
            setGraphic(empty ? null : lines);
            if (empty) return;
            where.setText(snag.where());
            sentence.setText(snag.sentence());
            numbers.setText(snag.numbers().stream()
                    .map(number -> number.label() + " " + number.value())
                    .collect(Collectors.joining("  ·  ")));
            setAccessibleText(snag.toString());
        }
    }
}
