package tactus.app.arrangement;

import java.util.Optional;
import java.util.OptionalInt;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.action.KeyLegend;
import tactus.app.action.Scope;
import tactus.app.bars.BarsView;
import tactus.app.field.Bound;
import tactus.app.field.InSight;
import tactus.app.field.SnagLine;
import tactus.app.player.PlayerModel;
import tactus.app.section.ArrangementModel;
import tactus.app.section.RunningOrder;
import tactus.app.section.SectionHead;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.snag.Snag;
import tactus.core.snag.SnagPlace;
import tactus.core.timeline.TimelineBar;
import tactus.words.Words;

/** The place where sections are laid out and patterns assigned. Style class {@code arrangement-view}. */
public final class ArrangementView extends BorderPane {

    private final Bound bound = new Bound(this);
    private final Work work;
    private final ArrangementModel model;
    private final PlayerModel player;
    private final RunningOrder order = new RunningOrder();
    private final SectionHead head;
    private final BarsView bars;
    private final PanelColumn panels;
    private final ScrollPane scroll = new ScrollPane();
    private final VBox snags = new VBox();
    private Optional<TimelineBar> sounding = Optional.empty();

    public ArrangementView(Work work, ArrangementParts parts, PlayerModel player, Settings settings, Actions actions) {
        this.work = work;
        this.model = parts.arrangement();
        this.player = player;
        head = new SectionHead(model, parts.harmony(), parts.line());
        bars = new BarsView(work, model, settings, this::reveal);
        panels = new PanelColumn(work, parts, player, actions);
        getStyleClass().add("arrangement-view");
        setLeft(orderColumn(actions));
        setCenter(sectionColumn(actions));
        setRight(panels);
        bound.follow(model.choiceProperty(), _ -> show());
        bound.follow(work.stateProperty(), _ -> show());
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
        bound.choose(order, entry -> {
            if (entry.use().isPresent()) model.chooseUse(entry.use().getAsInt());
            else model.chooseSection(entry.section().id());
        });
        var column = new VBox(top, order, new KeyLegend(actions, Scope.ORDER));
        column.getStyleClass().add("side-column");
        return column;
    }

    private VBox sectionColumn(Actions actions) {
        Scope.BARS.markOn(bars);
        scroll.setContent(bars);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().add("bars-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        snags.getStyleClass().add("snag-lines");
        var column = new VBox(head, scroll, snags, new KeyLegend(actions, Scope.BARS));
        column.getStyleClass().add("section-column");
        return column;
    }

    private void show() {
        bound.showing(() -> order.show(work.stateProperty().get(), model.choice()));
        head.show();
        bars.show();
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
            case SnagPlace.InUse place -> model.choice().isUse(place.use());
            case SnagPlace.InRules _, SnagPlace.InPattern _, SnagPlace.InChord _, SnagPlace.InFacts _ -> false;
        };
    }

    /** Scrolls as little as needed, once the bars have been laid out. */
    private void reveal(Node bar) {
        Platform.runLater(() -> {
            scroll.applyCss();
            scroll.layout();
            InSight.bring(scroll, bar);
        });
    }

    private void showPlaying() {
        Optional<TimelineBar> bar = player.barNow();
        order.playingProperty().set(bar.map(each -> OptionalInt.of(each.use())).orElse(OptionalInt.empty()));
        if (!bar.equals(sounding)) {
            sounding = bar;
            bar.ifPresent(this::follow);
        }
        bars.showPlaying(player.positionInSong());
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
