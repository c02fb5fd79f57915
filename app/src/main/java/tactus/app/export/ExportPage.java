package tactus.app.export;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.binding.Bindings;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.concurrent.Task;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TitledColumn;
import tactus.app.field.WholeNumberSpinner;
import tactus.app.place.Asking;
import tactus.app.player.MixModel;
import tactus.app.player.MixPanel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.console.export.Export;
import tactus.console.export.MusicChoice;
import tactus.core.ground.refusal.Refusal;
import tactus.core.written.song.Version;
import tactus.records.folder.FileTrouble;
import tactus.sound.score.Playback;
import tactus.words.Words;

/** The page on which one song or many are written out: which songs, as what, how they sound, and where to. */
public final class ExportPage extends VBox {

    private final Work work;
    private final Settings settings;
    private final Asking asking;
    private final Supplier<List<Path>> shelf;
    private final Consumer<Task<?>> background;
    private final CheckBox open = new CheckBox();
    private final ObservableList<Path> files = FXCollections.observableArrayList();
    private final ComboBox<Optional<String>> version = new ComboBox<>();
    private final Map<Export, CheckBox> kinds = new EnumMap<>(Export.class);
    private final MixModel mix = new MixModel();
    private final TextField bars = new TextField();
    private final WholeNumberSpinner tempo =
            new WholeNumberSpinner((int) Math.round(100 * Playback.SLOWEST), (int) Math.round(100 * Playback.FASTEST));
    private final WholeNumberSpinner rounds = new WholeNumberSpinner(1, MusicChoice.MOST_ROUNDS);
    private final CheckBox countIn = box("count-in");
    private final CheckBox strings = box("strings");
    private final CheckBox bySection = box("by-section");
    private final CheckBox overwrite = box("overwrite");
    private final TextField folder = new TextField();
    private final Button write = new Button(Words.of("bulk.write"));
    private final Button cancel = new Button(Words.of("status.cancel"));
    private final ProgressBar progress = new ProgressBar(0);
    private final Label said = new Label();
    private final ProblemLabel problem = new ProblemLabel();

    /**
     * @param shelf the songs of the teacher's folders
     * @param background runs what takes long
     */
    public ExportPage(
            Work work, Settings settings, Asking asking, Supplier<List<Path>> shelf, Consumer<Task<?>> background) {
        this.work = work;
        this.settings = settings;
        this.asking = asking;
        this.shelf = shelf;
        this.background = background;
        getStyleClass().addAll("start-page", "export-page");
        var columns = new HBox(songs(), kinds(), music());
        columns.getStyleClass().add("start-columns");
        VBox.setVgrow(columns, Priority.ALWAYS);
        getChildren().setAll(columns, target(), foot());
    }

    private static CheckBox box(String code) {
        var box = new CheckBox(Words.of("bulk." + code));
        box.setId("bulk-" + code);
        box.setWrapText(true);
        return box;
    }

    private VBox songs() {
        open.setId("bulk-open");
        open.setText(work.song().facts().title());
        open.setMnemonicParsing(false);
        open.setSelected(true);
        var list = new ListView<>(files);
        list.setId("bulk-files");
        list.setAccessibleText(Words.of("bulk.files"));
        list.setPlaceholder(new Label(Words.of("bulk.none")));
        list.setCellFactory(_ -> new FileCell());
        VBox.setVgrow(list, Priority.ALWAYS);
        var remove =
                button("remove", () -> files.remove(list.getSelectionModel().getSelectedItem()));
        remove.disableProperty()
                .bind(list.getSelectionModel().selectedItemProperty().isNull());
        var buttons = new FlowPane(
                button("add", () -> add(asking.toOpenSeveral())), button("add-shelf", () -> add(shelf.get())), remove);
        buttons.getStyleClass().add("paper-row");
        version.setId("bulk-version");
        version.setMaxWidth(Double.MAX_VALUE);
        version.setConverter(
                new ChosenText<>(each -> each.map(name -> name.isEmpty() ? Words.of("versions.full") : name)
                        .orElse(Words.of("bulk.shown"))));
        version.getItems().add(Optional.empty());
        version.getItems().add(Optional.of(""));
        work.song().versions().all().stream()
                .map(Version::name)
                .map(Optional::of)
                .forEach(version.getItems()::add);
        version.setValue(Optional.empty());
        var column =
                new TitledColumn("bulk.songs", open, list, buttons, new NamedField(Words.of("bulk.version"), version));
        HBox.setHgrow(column, Priority.ALWAYS);
        return column;
    }

    private void add(List<Path> more) {
        for (Path each : more) if (!files.contains(each)) files.add(each);
    }

    private VBox kinds() {
        var boxes = new ArrayList<Node>();
        for (Export kind : Export.values()) {
            // The menu's words without the dots that say that something is asked.
            var box = new CheckBox(Words.of("action.export." + kind.code()).replaceFirst("\\s*…$", ""));
            box.setId("bulk-" + kind.code());
            box.setSelected(kind == Export.PDF);
            kinds.put(kind, box);
            boxes.add(box);
        }
        VBox column = new TitledColumn("bulk.kinds", boxes.toArray(Node[]::new));
        column.setMinWidth(210);
        return column;
    }

    private VBox music() {
        bars.setId("bulk-bars");
        bars.setPromptText(Words.of("bulk.all-bars"));
        tempo.setId("bulk-tempo");
        tempo.show(100);
        rounds.setId("bulk-rounds");
        rounds.show(1);
        var numbers = new HBox(
                new NamedField(Words.of("bulk.bars"), bars),
                new NamedField(Words.of("bulk.tempo"), tempo),
                new NamedField(Words.of("bulk.rounds"), rounds));
        numbers.getStyleClass().add("size-row");
        var panel = new MixPanel(mix);
        panel.count(settings.countingProperty().get());
        var all = new VBox(numbers, countIn, bySection, strings, panel);
        all.getStyleClass().add("start-column");
        var scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox column = new TitledColumn("bulk.music", scroll);
        column.setMinWidth(340);
        return column;
    }

    private Node target() {
        folder.setId("bulk-folder");
        folder.setPromptText(Words.of("bulk.folder"));
        folder.setAccessibleText(Words.of("bulk.folder"));
        HBox.setHgrow(folder, Priority.ALWAYS);
        var row = new HBox(
                folder,
                button("choose", () -> asking.toOpenFolder().map(Path::toString).ifPresent(folder::setText)),
                overwrite);
        row.getStyleClass().add("page-foot");
        row.setSpacing(10);
        return row;
    }

    private Node foot() {
        write.setId("bulk-write");
        write.getStyleClass().add("accent");
        write.setOnAction(_ -> write());
        cancel.setId("bulk-cancel");
        cancel.setVisible(false);
        progress.visibleProperty().bind(cancel.visibleProperty());
        progress.managedProperty().bind(cancel.visibleProperty());
        cancel.managedProperty().bind(cancel.visibleProperty());
        said.setId("bulk-said");
        said.setWrapText(true);
        var row = new HBox(10, write, cancel, progress, said);
        row.getStyleClass().add("page-foot");
        write.disableProperty()
                .bind(cancel.visibleProperty()
                        .or(Bindings.isEmpty(files).and(open.selectedProperty().not())));
        return new VBox(8, problem, row);
    }

    private Button button(String code, Runnable effect) {
        var button = new Button(Words.of("bulk." + code));
        button.setId("bulk-" + code);
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(_ -> effect.run());
        return button;
    }

    private void write() {
        said.setText("");
        try {
            problem.setText("");
            follow(new BulkExport(order()));
        } catch (Refusal wrong) {
            problem.setText(Words.why(wrong));
        }
    }

    /** @throws Refusal if something is missing or cannot be */
    private ExportOrder order() {
        List<Export> chosen = kinds.keySet().stream()
                .filter(kind -> kinds.get(kind).isSelected())
                .toList();
        if (chosen.isEmpty()) throw new Refusal("bulk.no-kind");
        if (folder.getText().isBlank()) throw new Refusal("bulk.no-folder");
        var music = new MusicChoice(
                bars.getText().strip(),
                mix.mixProperty().get(),
                countIn.isSelected(),
                strings.isSelected(),
                tempo.getValue() / 100.0,
                rounds.getValue(),
                mix.layerProperty().get(),
                mix.voiceProperty().get(),
                bySection.isSelected());
        return new ExportOrder(
                open.isSelected() ? Optional.of(work.written()) : Optional.empty(),
                files,
                version.getValue(),
                Set.copyOf(chosen),
                music,
                settings.sheetLook(),
                path(),
                overwrite.isSelected());
    }

    private Path path() {
        try {
            return Path.of(folder.getText().strip()).toAbsolutePath();
        } catch (InvalidPathException none) {
            throw new Refusal("bulk.no-path", folder.getText().strip());
        }
    }

    private void follow(BulkExport task) {
        progress.progressProperty().bind(task.progressProperty());
        cancel.setOnAction(_ -> task.cancel(false));
        cancel.setVisible(true);
        task.setOnSucceeded(_ -> end(
                Words.of("bulk.done", task.getValue().written().size()),
                task.getValue().problems()));
        task.setOnCancelled(_ -> end(Words.of("bulk.cancelled"), List.of()));
        task.setOnFailed(_ -> end(
                "",
                List.of(FileTrouble.said(
                        task.getException(), Path.of(folder.getText().strip())))));
        background.accept(task);
    }

    private void end(String words, List<String> problems) {
        boolean isHere = write.getScene() != null;
        cancel.setVisible(false);
        // The button that had the focus is gone; it must not go to the window behind.
        if (isHere) write.requestFocus();
        said.setText(words);
        problem.setText(String.join("\n", problems.stream().limit(6).toList()) + more(problems.size() - 6));
    }

    private static String more(int others) {
        return others > 0 ? "\n" + Words.of("bulk.more", others) : "";
    }

    /** Where one begins. */
    public Control first() {
        return kinds.get(Export.PDF);
    }

    /** The file's name; the whole place is its tip. */
    private static final class FileCell extends ListCell<Path> {

        @Override
        protected void updateItem(Path file, boolean isEmpty) {
            super.updateItem(file, isEmpty);
            setText(
                    isEmpty || file == null
                            ? null
                            : file.getFileName().toString().replaceFirst("(\\.tactus)?\\.json$", ""));
            setTooltip(isEmpty || file == null ? null : new Tooltip(file.toString()));
        }
    }
}
