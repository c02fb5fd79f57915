package tactus.app.bench;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.field.SnagLine;
import tactus.app.hand.HandView;
import tactus.app.player.PlayerModel;
import tactus.app.words.Words;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.pattern.Pattern;
import tactus.core.picture.Frame;
import tactus.core.picture.Passage;
import tactus.core.snag.Place;
import tactus.core.snag.Snag;

/** The place where patterns are written. Style class {@code bench-view}. */
public final class BenchView extends BorderPane {

    private final Work work;
    private final BenchModel bench;
    private final PlayerModel player;
    private final PatternList list = new PatternList();
    private final HandView picture = new HandView(Frame.Size.LARGE);
    private final FactsRow facts = new FactsRow();
    private final VBox snags = new VBox();
    private final Label problem = new Label();

    public BenchView(Work work, BenchModel bench, PlayerModel player, Settings settings, Actions actions) {
        this.work = work;
        this.bench = bench;
        this.player = player;
        getStyleClass().add("bench-view");
        setLeft(patterns(actions));
        setCenter(table(actions));
        list.lowStringOnTopProperty().bind(settings.lowStringOnTopProperty());
        picture.lowStringOnTopProperty().bind(settings.lowStringOnTopProperty());
        listenToPicture();
        bench.patternProperty().subscribe(this::show);
        work.stateProperty().subscribe(_ -> showWork());
        player.positionProperty().subscribe(_ -> showPlaying());
    }

    private VBox patterns(Actions actions) {
        var title = new Label(Words.of("bench.patterns"));
        title.getStyleClass().add("column-title");
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        var head = new HBox(
                title,
                space,
                actions.button("pattern.new"),
                actions.button("pattern.copy"),
                actions.button("pattern.delete"));
        head.getStyleClass().add("column-head");
        VBox.setVgrow(list, Priority.ALWAYS);
        var column = new VBox(head, list);
        column.getStyleClass().add("side-column");
        list.getSelectionModel().selectedItemProperty().subscribe((_, chosen) -> {
            boolean other = chosen != null
                    && bench.patternProperty().get().filter(chosen::equals).isEmpty();
            if (other && list.isFocused()) bench.choose(chosen.id());
        });
        return column;
    }

    private VBox table(Actions actions) {
        problem.getStyleClass().add("problem");
        picture.setId("hand-picture");
        picture.setFocusTraversable(true);
        Scope.PICTURE.markOn(picture);
        VBox.setVgrow(picture, Priority.ALWAYS);
        var hear = actions.wordedButton("pattern.hear");
        var row = new HBox(new StrokeLineField(bench), hear);
        row.getStyleClass().add("line-row");
        HBox.setHgrow(row.getChildren().getFirst(), Priority.ALWAYS);
        snags.getStyleClass().add("snag-lines");
        var table = new VBox(
                new PatternFrameBar(bench, problem),
                problem,
                picture,
                row,
                facts,
                snags,
                new KeyLegend(actions, Scope.PICTURE));
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
        table.getStyleClass().add("bench-table");
        return table;
    }

    private void listenToPicture() {
        picture.addEventHandler(MouseEvent.MOUSE_PRESSED, press -> {
            picture.requestFocus();
            picture.picture().ifPresent(shown -> bench.slotProperty().set(Math.max(0, shown.slotNear(press.getX()))));
        });
        bench.slotProperty().subscribe(slot -> picture.writingProperty().set(slot.intValue()));
    }

    private void show(Optional<Pattern> pattern) {
        picture.passageProperty().set(pattern.map(Passage::of));
        picture.setAccessibleText(
                pattern.map(shown -> shown.name() + ": " + shown.line()).orElse(""));
        picture.setDisable(pattern.isEmpty());
        showWork();
    }

    private void showWork() {
        Optional<Pattern> shown = bench.patternProperty().get();
        list.show(work.song(), shown);
        picture.tuningProperty().set(work.song().facts().tuning());
        facts.show(shown, work.song().facts().tempo());
        snags.getChildren()
                .setAll(work.snags().stream()
                        .filter(snag ->
                                shown.filter(pattern -> isAbout(snag, pattern)).isPresent())
                        .limit(3)
                        .map(SnagLine::new)
                        .toList());
    }

    private static boolean isAbout(Snag snag, Pattern pattern) {
        return snag.place() instanceof Place.InPattern place && place.pattern().equals(pattern.id());
    }

    private void showPlaying() {
        bench.patternProperty()
                .get()
                .ifPresent(shown -> picture.playingProperty().set(player.positionIn(shown)));
    }

    /** Puts the focus where one writes. */
    public void takeFocus() {
        picture.requestFocus();
    }
}
