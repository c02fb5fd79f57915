package tactus.app.setup;

import java.util.List;
import javafx.beans.property.ObjectProperty;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.place.MenuColumn;
import tactus.app.setup.capo.CapoModel;
import tactus.app.setup.shape.ShapeModel;

/** The commands of the set-up. */
public final class SetUpActions {

    static final MenuColumn MENU = new MenuColumn(
            "setup",
            List.of(
                    List.of("panel.shape", "panel.capo", "panel.tuning", "panel.changes"),
                    List.of("capo.best"),
                    List.of("shape.previous", "shape.next", "shape.standIn", "shape.call", "shape.remove")));

    private final ShapeModel shapes;
    private final Actions actions;

    private SetUpActions(ShapeModel shapes, Actions actions) {
        this.shapes = shapes;
        this.actions = actions;
    }

    /**
     * Adds them to {@code actions}.
     *
     * @param panel what is shown below the chords
     * @param show brings the set-up into sight, with the focus where the panel's work is done
     */
    public static void add(
            ShapeModel shapes, CapoModel capo, ObjectProperty<SetUpPanel> panel, Runnable show, Actions actions) {
        panel(SetUpPanel.SHAPE, "Alt+S", panel, show, actions);
        panel(SetUpPanel.CAPO, "Alt+C", panel, show, actions);
        panel(SetUpPanel.TUNING, "Alt+T", panel, show, actions);
        panel(SetUpPanel.CHANGES, "Alt+H", panel, show, actions);
        actions.add(Action.of("capo.best", Scope.ANYWHERE, capo::takeBest, "Shortcut+K"));
        var added = new SetUpActions(shapes, actions);
        added.addShape();
        added.addNeck();
        added.addFrets();
    }

    private static void panel(
            SetUpPanel wanted, String key, ObjectProperty<SetUpPanel> panel, Runnable show, Actions actions) {
        actions.add(Action.of(
                "panel." + wanted.id(),
                Scope.ANYWHERE,
                () -> {
                    panel.set(wanted);
                    show.run();
                },
                key));
    }

    private void addShape() {
        actions.add(Action.of("shape.standIn", Scope.NECK, shapes::takeStandIn, "E"));
        actions.add(Action.of("shape.call", Scope.NECK, shapes::callAsItSounds, "N"));
        actions.add(Action.of("shape.keep", Scope.NECK, shapes::keep, "K").withIcon(Feather.CHECK));
        actions.add(Action.of("shape.previous", Scope.NECK, () -> shapes.chooseNext(-1), "Page Up"));
        actions.add(Action.of("shape.next", Scope.NECK, () -> shapes.chooseNext(1), "Page Down"));
        actions.add(Action.of("shape.remove", Scope.NECK, shapes::removeChosen, "Shortcut+Delete")
                .withIcon(Feather.TRASH_2));
    }

    private void addNeck() {
        actions.add(Action.of("string.up", Scope.NECK, () -> shapes.moveString(-1), "Up"));
        actions.add(Action.of("string.down", Scope.NECK, () -> shapes.moveString(1), "Down"));
        actions.add(Action.of("fret.lower", Scope.NECK, () -> shapes.shiftFret(-1), "Left"));
        actions.add(Action.of("fret.higher", Scope.NECK, () -> shapes.shiftFret(1), "Right"));
        actions.add(Action.of("string.leaveOut", Scope.NECK, shapes::leaveOut, "X", "Delete"));
    }

    private void addFrets() {
        for (int digit = 0; digit <= 9; digit++) {
            int typed = digit;
            Scope scope = digit == 0 ? Scope.NECK : Scope.NECK_MORE;
            actions.add(
                    Action.of("fret." + digit, scope, () -> shapes.typeDigit(typed), "" + digit, "Numpad " + digit));
        }
    }
}
