package tactus.app.fetch;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import tactus.app.field.TitledColumn;
import tactus.app.hand.HandView;
import tactus.app.neck.HeldShape;
import tactus.app.neck.ShapeView;
import tactus.app.work.Settings;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.Passage;
import tactus.core.music.shape.Neck;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** The page on which patterns and shapes of other songs are fetched. */
public final class FetchPage extends VBox {

    private final FetchModel model;
    private final Settings settings;
    private final TextField query = new TextField();
    private final ListView<FetchModel.Source> songs = new ListView<>();
    private final ListView<Fetchable> things = new ListView<>();
    private final Label said = new Label();

    public FetchPage(FetchModel model, Settings settings) {
        this.model = model;
        this.settings = settings;
        getStyleClass().addAll("start-page", "fetch-page");
        prepareSongs();
        prepareThings();
        var left = new TitledColumn("fetch.songs", query, songs);
        left.setMinWidth(300);
        var right = new TitledColumn("fetch.things", things);
        HBox.setHgrow(right, Priority.ALWAYS);
        var columns = new HBox(left, right);
        columns.getStyleClass().add("start-columns");
        VBox.setVgrow(columns, Priority.ALWAYS);
        getChildren().setAll(columns, foot());
        query.textProperty().subscribe(_ -> find());
    }

    private void prepareSongs() {
        VBox.setVgrow(songs, Priority.ALWAYS);
        query.setId("fetch-query");
        query.setPromptText(Words.of("shelf.prompt"));
        query.setAccessibleText(Words.of("shelf.find"));
        query.setOnKeyPressed(press -> {
            if (press.getCode() != KeyCode.DOWN) return;
            songs.requestFocus();
            press.consume();
        });
        songs.setId("fetch-songs");
        songs.setAccessibleText(Words.of("fetch.songs"));
        songs.setCellFactory(_ -> new SourceCell());
        songs.getSelectionModel().selectedItemProperty().subscribe(source -> show(Optional.ofNullable(source)));
        songs.setOnKeyPressed(press -> {
            if (press.getCode() != KeyCode.ENTER) return;
            things.requestFocus();
            things.getSelectionModel().clearAndSelect(0);
        });
    }

    private void prepareThings() {
        VBox.setVgrow(things, Priority.ALWAYS);
        things.setId("fetch-things");
        things.setAccessibleText(Words.of("fetch.things"));
        things.setCellFactory(_ -> new ThingCell());
        things.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        things.setPlaceholder(new Label(Words.of("fetch.choose")));
        things.setOnKeyPressed(press -> {
            if (press.getCode() == KeyCode.ENTER) fetch();
        });
        things.setOnMouseClicked(click -> {
            if (click.getClickCount() == 2) fetch();
        });
    }

    private HBox foot() {
        var fetch = new Button(Words.of("fetch.take"));
        fetch.setId("fetch-take");
        fetch.getStyleClass().add("accent");
        fetch.setMinWidth(USE_PREF_SIZE);
        fetch.setOnAction(_ -> fetch());
        fetch.disableProperty()
                .bind(things.getSelectionModel().selectedItemProperty().isNull());
        said.setId("fetch-said");
        said.setWrapText(true);
        var foot = new HBox(10, fetch, said);
        foot.getStyleClass().add("page-foot");
        return foot;
    }

    private void find() {
        songs.getItems().setAll(model.find(query.getText()));
        if (!query.getText().isBlank()) songs.getSelectionModel().selectFirst();
    }

    private void show(Optional<FetchModel.Source> source) {
        said.setText("");
        things.getItems().clear();
        if (source.isEmpty()) return;
        try {
            things.getItems().setAll(model.of(source.get()));
        } catch (IOException unread) {
            said.setText(FetchModel.why(unread, source.get()));
        }
    }

    private void fetch() {
        List<Fetchable> chosen = List.copyOf(things.getSelectionModel().getSelectedItems());
        if (!chosen.isEmpty()) said.setText(String.join("\n", model.fetch(chosen)));
    }

    /** Where one begins. */
    public Control first() {
        return query;
    }

    private static final class SourceCell extends ListCell<FetchModel.Source> {

        private final Label title = new Label();
        private final Label facts = new Label();
        private final VBox box = new VBox(title, facts);

        SourceCell() {
            facts.getStyleClass().add("quiet");
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(FetchModel.Source source, boolean isEmpty) {
            super.updateItem(source, isEmpty);
            setGraphic(isEmpty || source == null ? null : box);
            if (isEmpty || source == null) return;
            title.setText(source.title());
            facts.setText(MusicText.signs(source.facts()));
        }
    }

    /** A pattern with its strokes, or a shape by its frets. */
    private final class ThingCell extends ListCell<Fetchable> {

        private static final double PICTURE_WIDTH = 104;
        private static final double PICTURE_HEIGHT = 52;

        private final HandView emblem = new HandView(Frame.Size.TINY);
        private final Label name = new Label();
        private final Label facts = new Label();
        private final ShapeView shape = new ShapeView(settings);
        private final StackPane picture = new StackPane(emblem, shape);
        private final HBox box = new HBox(10, picture, new VBox(name, facts));

        ThingCell() {
            picture.setMinSize(PICTURE_WIDTH, PICTURE_HEIGHT);
            picture.setPrefSize(PICTURE_WIDTH, PICTURE_HEIGHT);
            picture.setMaxSize(PICTURE_WIDTH, PICTURE_HEIGHT);
            shape.setMouseTransparent(true);
            facts.getStyleClass().add("quiet");
            emblem.setMouseTransparent(true);
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(Fetchable thing, boolean isEmpty) {
            super.updateItem(thing, isEmpty);
            setGraphic(isEmpty || thing == null ? null : box);
            if (isEmpty || thing == null) return;
            name.setText(thing.name());
            facts.setText(thing.facts());
            emblem.setVisible(thing instanceof Fetchable.OfPattern);
            shape.setVisible(thing instanceof Fetchable.OfShape);
            switch (thing) {
                case Fetchable.OfPattern(var pattern) -> {
                    emblem.lowStringOnTopProperty()
                            .set(settings.lowStringOnTopProperty().get());
                    emblem.setPassage(Passage.of(pattern));
                }
                case Fetchable.OfShape held ->
                    shape.heldProperty()
                            .set(Optional.of(HeldShape.of(
                                    held.chord(),
                                    Neck.USUAL,
                                    settings.handProperty().get())));
            }
        }
    }
}
