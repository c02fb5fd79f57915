package tactus.app.bench;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.beans.binding.Bindings;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.action.KeyLegend;
import tactus.app.action.Scope;
import tactus.app.bench.dictation.DictationField;
import tactus.app.bench.dictation.PlacementsPanel;
import tactus.app.bench.dictation.TapPanel;
import tactus.app.bench.finger.FingersPanel;
import tactus.app.bench.pattern.BenchModel;
import tactus.app.bench.pattern.FactsPanel;
import tactus.app.bench.pattern.FormsPanel;
import tactus.app.bench.pattern.GroovePanel;
import tactus.app.bench.pattern.LibraryPanel;
import tactus.app.bench.pattern.PatternFrameBar;
import tactus.app.bench.pattern.PatternList;
import tactus.app.bench.pattern.StrokeLineField;
import tactus.app.field.Bound;
import tactus.app.field.ProblemLabel;
import tactus.app.field.SnagLine;
import tactus.app.hand.HandView;
import tactus.app.place.Deck;
import tactus.app.place.Panel;
import tactus.app.place.PanelSwitch;
import tactus.app.player.PlayerModel;
import tactus.app.work.Work;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.SnagPlace;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.Passage;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.song.Facts;
import tactus.words.Words;

/** The place where patterns are written. Style class {@code bench-view}. */
public final class BenchView extends BorderPane {

    private final Bound bound = new Bound(this);
    private final BenchParts parts;
    private final Work work;
    private final BenchModel bench;
    private final PlayerModel player;
    private final Actions actions;
    private final PatternList list = new PatternList();
    private final HandView picture = new HandView(Frame.Size.LARGE);
    private final DictationField dictation;
    private final Deck<BenchPanel> panels;
    private final VBox snags = new VBox();
    private final ProblemLabel problem = new ProblemLabel();

    public BenchView(BenchParts parts, Actions actions) {
        this.parts = parts;
        this.actions = actions;
        work = parts.work();
        bench = parts.bench();
        player = parts.player();
        dictation = new DictationField(parts.dictation());
        getStyleClass().add("bench-view");
        setLeft(patterns());
        panels = new Deck<>(parts.panel(), this::made);
        setCenter(table());
        list.lowStringOnTopProperty().bind(parts.settings().lowStringOnTopProperty());
        picture.lowStringOnTopProperty().bind(parts.settings().lowStringOnTopProperty());
        picture.rolesProperty().bind(parts.settings().rolesProperty());
        picture.saysHProperty().bind(parts.settings().saysHProperty());
        listenToPicture();
        bound.follow(bench.patternProperty(), this::show);
        bound.follow(work.stateProperty(), _ -> showWork());
        parts.fingers()
                .chordProperty()
                .subscribe(_ -> show(bench.patternProperty().get()));
        parts.settings()
                .countingProperty()
                .subscribe(_ -> show(bench.patternProperty().get()));
        bound.follow(player.positionProperty(), _ -> showPlaying());
        parts.dictation().textProperty().subscribe(text -> {
            if (!text.isBlank()) parts.panel().set(BenchPanel.PLACEMENTS);
        });
    }

    private VBox patterns() {
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
        var keys = new Label(Words.of("bench.keys"));
        keys.getStyleClass().add("column-title");
        var column = new VBox(head, list, keys, new KeyLegend(actions, Scope.PICTURE));
        column.getStyleClass().addAll("side-column", "bench-column");
        bound.choose(list, chosen -> bench.choose(chosen.id()));
        return column;
    }

    private VBox table() {
        picture.setId("hand-picture");
        picture.setFocusTraversable(true);
        Scope.PICTURE.markOn(picture);
        VBox.setVgrow(picture, Priority.ALWAYS);
        var hear = actions.wordedButton("pattern.hear");
        var lines = new HBox(dictation, new StrokeLineField(bench), hear);
        lines.getStyleClass().add("line-row");
        HBox.setHgrow(dictation, Priority.ALWAYS);
        HBox.setHgrow(lines.getChildren().get(1), Priority.ALWAYS);
        snags.getStyleClass().add("snag-lines");
        panels.node().getStyleClass().add("bench-stage");
        var table = new VBox(
                new PatternFrameBar(bench, problem), problem, lines, picture, snags, switches(), panels.node());
        snags.managedProperty().bind(Bindings.isNotEmpty(snags.getChildren()));
        table.getStyleClass().add("bench-table");
        return table;
    }

    private PanelSwitch<BenchPanel> switches() {
        return panels.switches(List.of(BenchPanel.values()), each -> {
            ToggleButton toggle = actions.toggle("bench." + each.action());
            toggle.setText(each.title());
            return toggle;
        });
    }

    private Panel made(BenchPanel wanted) {
        return switch (wanted) {
            case FACTS -> Panel.of(new FactsPanel(work, bench, parts.settings()), picture::requestFocus);
            case PLACEMENTS -> Panel.of(new PlacementsPanel(parts.dictation(), parts.settings()), dictation::takeFocus);
            case FORMS -> Panel.of(new FormsPanel(work, bench, parts.settings()), picture::requestFocus);
            case FINGERS -> fingers();
            case GROOVE -> groove();
            case LIBRARY -> library();
            case TAPPING -> tapping();
        };
    }

    private Panel fingers() {
        var panel = new FingersPanel(parts.fingers(), bench, parts.settings(), actions);
        return Panel.of(panel, panel::takeFocus);
    }

    private Panel groove() {
        var panel = new GroovePanel(work, bench, parts.settings(), parts.midiFile());
        return Panel.of(panel, panel::takeFocus);
    }

    private Panel library() {
        var panel = new LibraryPanel(bench, parts.settings());
        return Panel.of(panel, panel::takeFocus);
    }

    private Panel tapping() {
        var panel = new TapPanel(parts.taps(), player, parts.settings(), actions);
        return Panel.of(panel, panel::takeFocus);
    }

    private void listenToPicture() {
        picture.addEventHandler(MouseEvent.MOUSE_PRESSED, press -> {
            picture.requestFocus();
            picture.picture().ifPresent(shown -> shown.slotNear(press.getX()).ifPresent(bench.slotProperty()::set));
        });
        bench.slotProperty().subscribe(slot -> picture.writingProperty().set(OptionalInt.of(slot.intValue())));
    }

    private void show(Optional<Pattern> pattern) {
        picture.passageProperty().set(pattern.map(this::passage));
        picture.setAccessibleText(
                pattern.map(shown -> shown.name() + ": " + shown.line()).orElse(""));
        picture.setDisable(pattern.isEmpty());
        showWork();
    }

    /** The pattern on the chosen chord if it is picked, counted in the school that is set, over the song's groove. */
    private Passage passage(Pattern shown) {
        Facts facts = work.song().facts();
        Passage passage = parts.fingers()
                .chordOf(shown)
                .filter(chord -> chord.fits(facts.tuning()))
                .map(chord -> Passage.of(shown, shown, facts.held(chord), chord.name()))
                .orElseGet(() -> Passage.of(shown))
                .countedIn(parts.settings().countingProperty().get(), shown.meter());
        return work.song().facts().groove().map(passage::over).orElse(passage);
    }

    private void showWork() {
        Optional<Pattern> shown = bench.patternProperty().get();
        bound.showing(() -> list.show(work.song(), work.timeline(), shown));
        picture.tuningProperty().set(work.song().facts().tuning());
        Optional<Passage> passage = shown.map(this::passage);
        if (!passage.equals(picture.passageProperty().get()))
            picture.passageProperty().set(passage);
        snags.getChildren()
                .setAll(work.snags().stream()
                        .filter(snag ->
                                shown.filter(pattern -> isAbout(snag, pattern)).isPresent())
                        .limit(2)
                        .map(snag -> new SnagLine(work.song(), snag))
                        .toList());
    }

    private static boolean isAbout(Snag snag, Pattern pattern) {
        return snag.place() instanceof SnagPlace.InPattern place
                && place.pattern().equals(pattern.id());
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

    /** Puts the focus where the work of the panel in sight is done. */
    public void takePanelFocus() {
        panels.takeFocus();
    }
}
