package tactus.app.arrangement.bars;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polygon;
import tactus.words.Words;

/**
 * The heading of an entry: its name, its bars, what is other, and a wedge as high as it is loud. Style class {@code
 * page-head}; state {@code :chosen}.
 */
final class HeadView extends VBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final PageRow.Head row;

    HeadView(PageRow.Head row, PageHand hand) {
        this.row = row;
        String title = row.title();
        getStyleClass().add("page-head");
        setId(row.isPlayed() ? "head-" + row.use().use() : "head-not-played");
        var fold = new Label(row.isOpen() ? "▾" : "▸");
        fold.getStyleClass().add("fold");
        fold.setAccessibleText(Words.of(row.isOpen() ? "page.fold" : "page.unfold"));
        fold.setOnMousePressed(press -> {
            hand.toggle(row);
            press.consume();
        });
        var name = new Label(title);
        name.getStyleClass().add("section-title");
        name.setMinWidth(USE_PREF_SIZE);
        var facts = new Label(row.facts());
        facts.getStyleClass().add("quiet");
        facts.setMinWidth(USE_PREF_SIZE);
        var other = new Label(row.other());
        other.getStyleClass().add("section-other");
        var space = new Region();
        space.setMinWidth(0);
        HBox.setHgrow(space, Priority.ALWAYS);
        var line = new HBox(fold, name, facts);
        line.getStyleClass().add("page-head-line");
        line.setAlignment(Pos.BASELINE_LEFT);
        if (!row.isBelow() && !row.other().isEmpty()) line.getChildren().add(other);
        line.getChildren().addAll(space, wedge(row.level()));
        getChildren().add(line);
        if (row.isBelow()) addBelow(other);
        setOnMousePressed(press -> {
            hand.chooseHead(row);
            if (press.getClickCount() == 2) hand.toggle(row);
        });
        setOnMouseDragReleased(_ -> hand.dropOnHead(row));
        setAccessibleText(title + ", " + row.facts() + (row.other().isEmpty() ? "" : ", " + row.other()));
    }

    private void addBelow(Label other) {
        other.getStyleClass().add("below");
        other.setWrapText(true);
        other.setMinHeight(USE_PREF_SIZE);
        getChildren().add(other);
    }

    private static Polygon wedge(double level) {
        double half = 2 + 1.6 * level;
        var wedge = new Polygon(0, 0, 90, -half, 90, half);
        wedge.getStyleClass().add("wedge");
        return wedge;
    }

    PageRow.Head row() {
        return row;
    }

    void showChosen(boolean chosen) {
        pseudoClassStateChanged(CHOSEN, chosen);
    }
}
