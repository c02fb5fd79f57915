package tactus.app.start;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.core.taught.shelf.ShelvedSong;
import tactus.core.written.song.Aspect;
import tactus.formats.sheet.FactsText;
import tactus.words.Words;

/** Finds a song in the teacher's folders by typing; opens it, or begins another one like it. */
final class ShelfPanel extends VBox {

    private final Bound bound = new Bound(this);
    private final ShelfModel model;
    private final StartPage.Beginning beginning;
    private final Supplier<Optional<Path>> folder;
    private final TextField query = new TextField();
    private final ListView<ShelvedSong> found = new ListView<>();
    private final Label state = new Label();
    private final MenuButton folders = new MenuButton(Words.of("shelf.folders"));

    /** @param folder asks for a folder */
    ShelfPanel(ShelfModel model, StartPage.Beginning beginning, Supplier<Optional<Path>> folder) {
        this.model = model;
        this.beginning = beginning;
        this.folder = folder;
        getStyleClass().add("shelf-panel");
        query.setId("find-song");
        query.setPromptText(Words.of("shelf.prompt"));
        query.setAccessibleText(Words.of("shelf.find"));
        query.setTooltip(new Tooltip(Words.of("shelf.how")));
        query.setOnAction(_ -> open());
        query.setOnKeyPressed(press -> {
            if (press.getCode() != KeyCode.DOWN) return;
            found.requestFocus();
            found.getSelectionModel().selectFirst();
            press.consume();
        });
        query.textProperty().subscribe(_ -> show());
        found.setId("found-songs");
        found.setAccessibleText(Words.of("shelf.found"));
        found.setCellFactory(_ -> new SongCell());
        found.setOnMouseClicked(click -> {
            if (click.getClickCount() == 2) open();
        });
        found.setOnKeyPressed(press -> {
            if (press.getCode() == KeyCode.ENTER) open();
        });
        found.setPlaceholder(new Label());
        VBox.setVgrow(found, Priority.ALWAYS);
        state.setId("shelf-state");
        state.getStyleClass().add("quiet");
        state.setWrapText(true);
        state.setMinHeight(USE_PREF_SIZE);
        getChildren().setAll(query, found, state, buttons());
        bound.follow(model.songsProperty(), _ -> show());
        bound.follow(model.stateProperty(), state::setText);
    }

    private HBox buttons() {
        var open = button("shelf.open", "open-found", this::open);
        var like = button("shelf.like", "like-found", () -> chosen().ifPresent(song -> beginning.like(path(song))));
        open.disableProperty()
                .bind(found.getSelectionModel().selectedItemProperty().isNull());
        like.disableProperty()
                .bind(found.getSelectionModel().selectedItemProperty().isNull());
        folders.setId("shelf-folders");
        folders.setOnShowing(_ -> fillFolders());
        fillFolders();
        folders.setMinWidth(USE_PREF_SIZE);
        var row = new HBox(open, like, folders);
        row.getStyleClass().add("field-row");
        return row;
    }

    private static Button button(String key, String id, Runnable effect) {
        var button = new Button(Words.of(key));
        button.setId(id);
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(_ -> effect.run());
        return button;
    }

    private void fillFolders() {
        var add = new MenuItem(Words.of("shelf.addFolder"));
        add.setId("add-folder");
        add.setOnAction(_ -> folder.get().ifPresent(model::add));
        folders.getItems().setAll(add);
        for (Path each : model.folders()) {
            var forget = new MenuItem(Words.of("shelf.forgetFolder", each));
            forget.setMnemonicParsing(false);
            forget.setOnAction(_ -> model.remove(each));
            folders.getItems().add(forget);
        }
    }

    private void show() {
        found.getItems().setAll(model.find(query.getText()));
        if (!found.getItems().isEmpty() && !query.getText().isBlank())
            found.getSelectionModel().selectFirst();
    }

    private Optional<ShelvedSong> chosen() {
        return Optional.ofNullable(found.getSelectionModel().getSelectedItem());
    }

    private void open() {
        chosen().ifPresent(song -> beginning.open(path(song)));
    }

    private static Path path(ShelvedSong song) {
        return Path.of(song.place());
    }

    /** A title, and below it what a teacher asks first. */
    private static final class SongCell extends ListCell<ShelvedSong> {

        private final Label title = new Label();
        private final Label facts = new Label();
        private final VBox box = new VBox(title, facts);

        SongCell() {
            facts.getStyleClass().add("quiet");
            title.setMinWidth(0);
            facts.setMinWidth(0);
            setPrefWidth(0);
        }

        @Override
        protected void updateItem(ShelvedSong song, boolean isEmpty) {
            super.updateItem(song, isEmpty);
            setGraphic(isEmpty || song == null ? null : box);
            if (isEmpty || song == null) return;
            title.setText(song.title());
            String tags = Aspect.TAGS.form().said(song.facts().heading().tags());
            facts.setText(FactsText.brief(song.facts()) + (tags.isEmpty() ? "" : " · " + tags));
            setTooltip(new Tooltip(song.place()));
        }
    }
}
