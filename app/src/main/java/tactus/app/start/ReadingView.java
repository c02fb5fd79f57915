package tactus.app.start;

import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import tactus.core.reading.chart.ChartLine;
import tactus.words.Words;

/**
 * The lines of a pasted text, each with what it was taken for. Style class {@code reading-view}; lines have the style class
 * of their kind: {@code heading}, {@code unknown}.
 */
final class ReadingView extends ListView<ChartLine> {

    ReadingView() {
        getStyleClass().add("reading-view");
        setId("start-reading");
        setAccessibleText(Words.of("start.reading"));
        setFocusTraversable(false);
        var none = new Label(Words.of("start.nothing"));
        none.setWrapText(true);
        none.getStyleClass().add("quiet");
        setPlaceholder(none);
        setCellFactory(_ -> new Cell());
    }

    private static final class Cell extends ListCell<ChartLine> {

        private final Label text = new Label();
        private final Label meaning = new Label();
        private final HBox row = new HBox(12, text, meaning);

        Cell() {
            setPrefWidth(0);
            text.getStyleClass().add("pasted");
            text.setMinWidth(USE_PREF_SIZE);
            meaning.getStyleClass().add("quiet");
        }

        @Override
        protected void updateItem(ChartLine line, boolean empty) {
            super.updateItem(line, empty);
            setGraphic(empty || line.kind() == ChartLine.Kind.BLANK ? null : row);
            setAccessibleText("");
            if (empty || line.kind() == ChartLine.Kind.BLANK) return;
            String shown = line.text().stripTrailing();
            text.setText(shown.length() <= 34 ? shown : shown.substring(0, 33) + "…");
            meaning.setText(Words.say(line.meaning()));
            boolean unknown = line.kind() == ChartLine.Kind.UNKNOWN;
            meaning.getStyleClass().setAll("label", unknown ? "problem" : "quiet");
            setAccessibleText(line.text() + ": " + meaning.getText());
        }
    }
}
