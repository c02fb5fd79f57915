package tactus.app.setup;

import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.field.Bound;
import tactus.app.field.ProblemLabel;
import tactus.app.place.Deck;
import tactus.app.place.Panel;
import tactus.app.place.PanelSwitch;
import tactus.app.setup.capo.CapoModel;
import tactus.app.setup.capo.CapoPanel;
import tactus.app.setup.fact.FactsForm;
import tactus.app.setup.fact.SetUpModel;
import tactus.app.setup.fact.TuningPanel;
import tactus.app.setup.shape.ChangesPanel;
import tactus.app.setup.shape.ChordStrip;
import tactus.app.setup.shape.ShapeModel;
import tactus.app.setup.shape.ShapePanel;
import tactus.app.work.Settings;
import tactus.app.work.Work;

/**
 * The place where facts and chords are settled: the facts on the left, the chords in a row, and below them the chosen
 * shape, the capo, the tuning or the changes. Style class {@code set-up-view}.
 */
public final class SetUpView extends BorderPane {

    private final Work work;
    private final Settings settings;
    private final SetUpModel model;
    private final ShapeModel shapes;
    private final CapoModel capo;
    private final Actions actions;
    private final ProblemLabel problem = new ProblemLabel();
    private final ChordStrip strip;
    private final Deck<SetUpPanel> panels;

    /** @param panel what is shown below the chords */
    public SetUpView(
            Work work,
            Settings settings,
            ShapeModel shapes,
            CapoModel capo,
            ObjectProperty<SetUpPanel> panel,
            Actions actions) {
        this.work = work;
        this.settings = settings;
        this.shapes = shapes;
        this.capo = capo;
        this.actions = actions;
        model = new SetUpModel(work, settings);
        strip = new ChordStrip(work, settings, model, shapes, problem);
        var form = new FactsForm(model, settings, problem);
        getStyleClass().add("set-up-view");
        problem.setId("set-up-problem");
        var left = new ScrollPane(form);
        left.setFitToWidth(true);
        left.getStyleClass().add("facts-column");
        setLeft(left);
        panels = new Deck<>(panel, this::made);
        setCenter(column());
        var bound = new Bound(this);
        bound.follow(work.stateProperty(), state -> form.show(state.song().facts()));
        bound.follow(panel, _ -> problem.clear());
    }

    private VBox column() {
        var scroll = new ScrollPane(panels.node());
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.getStyleClass().add("panel-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        var column = new VBox(strip, problem, switches(), scroll);
        column.getStyleClass().add("chord-column");
        return column;
    }

    private PanelSwitch<SetUpPanel> switches() {
        return panels.switches(List.of(SetUpPanel.values()), each -> {
            ToggleButton toggle = actions.toggle("panel." + each.id());
            toggle.setText(each.title());
            return toggle;
        });
    }

    private Panel made(SetUpPanel wanted) {
        return switch (wanted) {
            case SHAPE -> shape(new ShapePanel(work, settings, shapes, actions, problem));
            case CAPO -> capo(new CapoPanel(capo, settings, actions, problem));
            case TUNING -> plain(new TuningPanel(work, settings, model, problem));
            case CHANGES -> plain(new ChangesPanel(work, settings, problem));
        };
    }

    private Panel shape(ShapePanel shape) {
        return Panel.of(shape, () -> {
            if (!shape.takeFocus()) strip.takeFocus();
        });
    }

    private static Panel capo(CapoPanel panel) {
        return Panel.of(panel, panel::takeFocus);
    }

    private static Panel plain(Node panel) {
        return Panel.of(panel, panel::requestFocus);
    }

    /** Puts the focus where the work of the panel in sight is done. */
    public void takeFocus() {
        panels.takeFocus();
    }
}
