package tactus.app.arrangement;

import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.assignment.ExceptsPanel;
import tactus.app.assignment.MarksPanel;
import tactus.app.assignment.PlayWithout;
import tactus.app.assignment.RulesPanel;
import tactus.app.assignment.WhyPanel;
import tactus.app.comparison.CompareModel;
import tactus.app.comparison.ComparePanel;
import tactus.app.comparison.SumsPanel;
import tactus.app.comparison.VersionsPanel;
import tactus.app.field.Bound;
import tactus.app.field.InSight;
import tactus.app.place.Deck;
import tactus.app.place.Panel;
import tactus.app.place.PanelBox;
import tactus.app.player.PlayerModel;
import tactus.app.work.Work;

/** The panel beside the bars with its switch; only the one in sight is kept up to date. Style class {@code panel-column}. */
final class PanelColumn extends VBox {

    private final Work work;
    private final ArrangementParts parts;
    private final PlayerModel player;
    private final Deck<ArrangementPanel> panels;
    private final ScrollPane scroll = new ScrollPane();

    PanelColumn(Work work, ArrangementParts parts, PlayerModel player, Actions actions) {
        this.work = work;
        this.parts = parts;
        this.player = player;
        getStyleClass().add("panel-column");
        panels = new Deck<>(parts.panel(), panel -> panel(made(panel)));
        for (var row : ArrangementPanel.ROWS) {
            getChildren().add(panels.switches(row, panel -> {
                var toggle = actions.toggle("arrange." + panel.id());
                toggle.setText(panel.title());
                return toggle;
            }));
        }
        scroll.setContent(panels.node());
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        new Bound(this).follow(sceneProperty().flatMap(Scene::focusOwnerProperty), this::reveal);
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
            case SUMS -> new SumsPanel(parts.sums(), parts.arrangement());
            case COMPARE -> new ComparePanel(new CompareModel(work), parts.arrangement());
            case VERSIONS -> new VersionsPanel(parts.versions());
        };
    }

    /** Shows what is chosen now. */
    void show() {
        panels.show();
    }

    /** Puts the focus where the work of the panel in sight is done. */
    void takeFocus() {
        panels.takeFocus();
    }
}
