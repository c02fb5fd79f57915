package tactus.app.arrangement;

import java.util.EnumMap;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.arrangement.assignment.ExceptsPanel;
import tactus.app.arrangement.assignment.HintsPanel;
import tactus.app.arrangement.assignment.MarksPanel;
import tactus.app.arrangement.assignment.PlayWithout;
import tactus.app.arrangement.assignment.RulesPanel;
import tactus.app.arrangement.assignment.WhyPanel;
import tactus.app.arrangement.assignment.WordsPanel;
import tactus.app.arrangement.comparison.CompareModel;
import tactus.app.arrangement.comparison.ComparePanel;
import tactus.app.arrangement.comparison.SumsPanel;
import tactus.app.arrangement.comparison.VersionsPanel;
import tactus.app.field.Bound;
import tactus.app.field.InSight;
import tactus.app.place.Deck;
import tactus.app.place.Panel;
import tactus.app.place.PanelBox;
import tactus.app.player.PlayerModel;
import tactus.app.work.Work;

/** The panel beside the bars with its switch; only the one in sight is kept up to date. Style class {@code panel-column}. */
final class PanelColumn extends HBox {

    private final Work work;
    private final ArrangementParts parts;
    private final PlayerModel player;
    private final Runnable leave;
    private final Deck<ArrangementPanel> panels;
    private final ScrollPane scroll = new ScrollPane();
    private final Map<ArrangementPanel, ToggleButton> tabs = new EnumMap<>(ArrangementPanel.class);

    /** @param leave puts the focus on the bars */
    PanelColumn(Work work, ArrangementParts parts, PlayerModel player, Actions actions, Runnable leave) {
        this.work = work;
        this.parts = parts;
        this.player = player;
        this.leave = leave;
        getStyleClass().add("panel-column");
        panels = new Deck<>(parts.panel(), panel -> panel(made(panel)));
        scroll.setContent(panels.node());
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().add("panel-scroll");
        scroll.visibleProperty().bind(parts.isPanelOpen());
        scroll.managedProperty().bind(scroll.visibleProperty());
        getChildren().setAll(scroll, tabs(actions));
        addEventHandler(KeyEvent.KEY_PRESSED, press -> {
            if (press.getCode() != KeyCode.ESCAPE) return;
            if (parts.isPanelOpen().get()) close();
            else leave.run();
            press.consume();
        });
        var bound = new Bound(this);
        bound.follow(sceneProperty().flatMap(Scene::focusOwnerProperty), this::reveal);
    }

    /** The names of the panels one below the other; that of the panel that is open closes it. */
    private VBox tabs(Actions actions) {
        var tabs = new VBox();
        tabs.getStyleClass().add("panel-tabs");
        for (ArrangementPanel panel : ArrangementPanel.values()) {
            ToggleButton tab = actions.toggle("arrange." + panel.id());
            tab.setText(panel.title());
            tab.setMaxWidth(Double.MAX_VALUE);
            tab.setOnAction(_ -> {
                if (isOpen(panel)) close();
                else actions.get("arrange." + panel.id()).run();
                tab.setSelected(isOpen(panel));
            });
            parts.panel().subscribe(_ -> tab.setSelected(isOpen(panel)));
            parts.isPanelOpen().subscribe(_ -> tab.setSelected(isOpen(panel)));
            this.tabs.put(panel, tab);
            tabs.getChildren().add(tab);
        }
        return tabs;
    }

    private boolean isOpen(ArrangementPanel panel) {
        return parts.isPanelOpen().get() && parts.panel().get() == panel;
    }

    /** The focus stays with the panel's tab, where letters change nothing; Escape there leads to the bars. */
    private void close() {
        parts.isPanelOpen().set(false);
        tabs.get(parts.panel().get()).requestFocus();
    }

    /** What has the focus is in sight. */
    private void reveal(Node focused) {
        if (focused != null) InSight.bring(scroll, focused);
    }

    private static Panel panel(PanelBox box) {
        return new Panel(box, () -> box.first().requestFocus(), box::show);
    }

    private PanelBox made(ArrangementPanel panel) {
        return switch (panel) {
            case RULES -> new RulesPanel(work, parts.arrangement(), parts.rules());
            case WHY -> new WhyPanel(parts.arrangement(), parts.rules());
            case EXCEPT -> new ExceptsPanel(parts.arrangement(), parts.excepts(), new PlayWithout(player));
            case MARKS -> new MarksPanel(parts.marks());
            case WORDS -> new WordsPanel(parts.sung());
            case HINTS -> new HintsPanel(parts.hints());
            case SUMS -> new SumsPanel(parts.sums(), parts.arrangement());
            case COMPARE -> new ComparePanel(new CompareModel(work), parts.arrangement());
            case VERSIONS -> new VersionsPanel(parts.versions());
        };
    }

    /** Shows what is chosen now. */
    void show() {
        if (parts.isPanelOpen().get()) panels.show();
    }

    /** Puts the focus where the work of the panel in sight is done. */
    void takeFocus() {
        panels.takeFocus();
    }
}
