package tactus.app.arrangement;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.arrangement.bars.PatternPalette;
import tactus.app.arrangement.bars.SongPage;
import tactus.app.arrangement.bars.Zoom;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.arrangement.section.Choice;
import tactus.app.arrangement.section.OrderLineBar;
import tactus.app.arrangement.section.RunningOrder;
import tactus.app.arrangement.section.SectionHead;
import tactus.app.field.Bound;
import tactus.app.field.SnagLine;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.counsel.snag.Snag;
import tactus.core.counsel.snag.SnagPlace;
import tactus.core.laid.timeline.TimelineBar;
import tactus.words.Words;

/** The place where sections are laid out and patterns assigned. Style class {@code arrangement-view}. */
public final class ArrangementView extends BorderPane {

    private final Bound bound = new Bound(this);
    private final Work work;
    private final ArrangementParts parts;
    private final ArrangementModel model;
    private final PlayerModel player;
    private final Settings settings;
    private final RunningOrder order = new RunningOrder();
    private final SectionHead head;
    private final SongPage bars;
    private final OrderLineBar orderLine;
    private final PatternPalette palette;
    private final Label hint = new Label();
    private final PanelColumn panels;
    private final ScrollPane scroll = new ScrollPane();
    private final VBox snags = new VBox();
    private Optional<TimelineBar> sounding = Optional.empty();

    public ArrangementView(Work work, ArrangementParts parts, PlayerModel player, Settings settings, Actions actions) {
        this.work = work;
        this.parts = parts;
        this.model = parts.arrangement();
        this.player = player;
        this.settings = settings;
        head = new SectionHead(model, parts.harmony(), parts.bars(), parts.line());
        orderLine = new OrderLineBar(parts.order());
        palette = new PatternPalette(number -> parts.rules().assign(number, false));
        bars = new SongPage(work, model, settings, new Dropped(parts, palette), scroll);
        bars.zoomProperty().bind(parts.zoom());
        // The overview has the room for itself.
        head.visibleProperty().bind(parts.zoom().isNotEqualTo(Zoom.OVERVIEW));
        head.managedProperty().bind(head.visibleProperty());
        panels = new PanelColumn(work, parts, player, actions, this::takeFocus);
        getStyleClass().add("arrangement-view");
        setLeft(orderColumn(actions));
        setCenter(sectionColumn(actions));
        setRight(panels);
        bound.follow(model.choiceProperty(), _ -> show());
        bound.follow(work.stateProperty(), _ -> show());
        bound.follow(parts.isPanelOpen(), _ -> panels.show());
        bound.follow(bars.inViewProperty(), order.inViewProperty()::set);
        bound.follow(
                bars::show,
                settings.lowStringOnTopProperty(),
                settings.saysHProperty(),
                settings.rolesProperty(),
                settings.countingProperty());
        bound.follow(player.positionProperty(), _ -> showPlaying());
    }

    private VBox orderColumn(Actions actions) {
        var title = new Label(Words.of("arrangement.order"));
        title.getStyleClass().add("column-title");
        var space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        var top = new HBox(
                title,
                space,
                actions.button("section.new"),
                actions.button("section.copy"),
                actions.button("section.delete"));
        top.getStyleClass().add("column-head");
        Scope.ORDER.markOn(order);
        VBox.setVgrow(order, Priority.ALWAYS);
        // What is chosen together is known before the last row of it is taken for the chosen one.
        order.getSelectionModel().getSelectedIndices().addListener((ListChangeListener<Integer>) _ -> together());
        bound.choose(order, entry -> {
            if (entry.use().isPresent()) model.chooseUse(entry.use().getAsInt());
            else model.chooseSection(entry.section().id());
        });
        var patterns = new Label(Words.of("palette.title"));
        patterns.getStyleClass().add("column-title");
        var chips = new ScrollPane(palette);
        chips.setFitToWidth(true);
        chips.setFocusTraversable(false);
        chips.getStyleClass().add("palette-scroll");
        var column = new VBox(top, order, orderLine, patterns, chips);
        column.getStyleClass().add("side-column");
        return column;
    }

    private void together() {
        if (bound.isShowing()) return;
        List<Integer> rows = List.copyOf(order.getSelectionModel().getSelectedIndices());
        parts.order().groupProperty().set(rows.size() > 1 ? rows : List.of());
    }

    private VBox sectionColumn(Actions actions) {
        Scope.BARS.markOn(bars);
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().add("bars-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        snags.getStyleClass().add("snag-lines");
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        hint.setMinWidth(0);
        HBox.setHgrow(hint, Priority.ALWAYS);
        hint.setMaxWidth(Double.MAX_VALUE);
        var zoom = new HBox(4, actions.button("zoom.out"), actions.button("zoom.in"));
        zoom.setMinWidth(USE_PREF_SIZE);
        var foot = new HBox(hint, zoom);
        foot.getStyleClass().add("page-foot");
        var column = new VBox(head, scroll, snags, foot);
        column.getStyleClass().add("section-column");
        return column;
    }

    private void show() {
        bound.showing(() -> order.show(
                work.stateProperty().get(),
                model.choice(),
                parts.order().groupProperty().get()));
        orderLine.show();
        palette.show(work.song(), settings.lowStringOnTopProperty().get());
        head.show();
        bars.show();
        hint.setText(hint());
        panels.show();
        snags.getChildren()
                .setAll(work.snags().stream()
                        .filter(this::isHere)
                        .limit(3)
                        .map(snag -> new SnagLine(work.song(), snag))
                        .toList());
        showPlaying();
    }

    private boolean isHere(Snag snag) {
        return switch (snag.place()) {
            case SnagPlace.InSection place ->
                model.choice().section().filter(place.section()::equals).isPresent();
            case SnagPlace.InUse place -> model.choice().isUse(place.use().index());
            case SnagPlace.InRules _, SnagPlace.InPattern _, SnagPlace.InChord _, SnagPlace.InFacts _ -> false;
        };
    }

    /** What the keys do with what is chosen. */
    private String hint() {
        Choice choice = model.choice();
        if (model.section().isEmpty()) return Words.of("hint.noSection");
        if (choice.isSeveral()) return Words.of("hint.several", choice.last() - choice.first() + 1);
        return Words.of(model.chosenSpan().isEmpty() ? "hint.noChord" : "hint.chord");
    }

    private void showPlaying() {
        Optional<TimelineBar> bar = player.barNow();
        order.playingProperty().set(bar.map(each -> OptionalInt.of(each.use())).orElse(OptionalInt.empty()));
        if (!bar.equals(sounding)) {
            sounding = bar;
            bar.ifPresent(this::follow);
        }
        bars.showPlaying(bar, player.positionInSong());
    }

    /** Shows the section that sounds, unless another one is being worked on. */
    private void follow(TimelineBar bar) {
        boolean shown =
                model.choice().isUse(bar.use()) && bar.pass() == model.choice().pass();
        if (isWorking()) return;
        if (!shown) model.follow(bar);
        bars.follow(bar);
    }

    private boolean isWorking() {
        return getScene() != null && getScene().getFocusOwner() instanceof TextInputControl;
    }

    void editLine() {
        head.editLine();
    }

    /** Puts the focus on the panel beside the bars. */
    public void takePanelFocus() {
        panels.takeFocus();
    }

    void editOrder() {
        orderLine.takeFocus();
    }

    /** Shows or hides the bars of the chosen entry. */
    void fold() {
        bars.toggleChosen();
    }

    /** Puts the focus where a section that was just made is named. */
    void nameSection() {
        head.editName();
    }

    void editChord() {
        head.editChord();
    }

    void moveLine(int lines) {
        bars.moveLine(lines);
    }

    /** Puts the focus on the bars. */
    public void takeFocus() {
        bars.requestFocus();
    }
}
