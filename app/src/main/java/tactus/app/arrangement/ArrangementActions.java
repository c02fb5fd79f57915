package tactus.app.arrangement;

import java.util.function.Supplier;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.action.Scope;

/** The commands of the arrangement. */
public final class ArrangementActions {

    private final ArrangementModel model;
    private final OrderModel order;
    private final HarmonyModel harmony;
    private final Supplier<ArrangementView> view;

    private ArrangementActions(
            ArrangementModel model, OrderModel order, HarmonyModel harmony, Supplier<ArrangementView> view) {
        this.model = model;
        this.order = order;
        this.harmony = harmony;
        this.view = view;
    }

    /**
     * Adds them to {@code actions}.
     *
     * @param view the place that is shown when they are used
     */
    public static void add(
            ArrangementModel model,
            OrderModel order,
            HarmonyModel harmony,
            Supplier<ArrangementView> view,
            Actions actions) {
        var added = new ArrangementActions(model, order, harmony, view);
        added.addSections(actions);
        added.addBars(actions);
        added.addAssignments(actions);
    }

    private void addSections(Actions actions) {
        actions.add(Action.of("section.new", Scope.ANYWHERE, order::addSection, "Shortcut+Shift+S")
                .withIcon(Feather.PLUS));
        actions.add(Action.of("section.copy", Scope.ANYWHERE, order::copySection, "Shortcut+Shift+C")
                .withIcon(Feather.COPY));
        actions.add(Action.of("section.delete", Scope.ANYWHERE, order::deleteSection, "Shortcut+Alt+Delete")
                .withIcon(Feather.TRASH_2));
        actions.add(Action.of("order.earlier", Scope.ORDER, () -> order.moveUse(-1), "Alt+Up"));
        actions.add(Action.of("order.later", Scope.ORDER, () -> order.moveUse(1), "Alt+Down"));
        actions.add(Action.of("order.again", Scope.ORDER, order::repeatUse, "Insert"));
        actions.add(Action.of("order.remove", Scope.ORDER, order::removeUse, "Delete"));
    }

    private void addBars(Actions actions) {
        actions.add(Action.of("chord.back", Scope.BARS, () -> model.moveSpan(-1), "Left"));
        actions.add(Action.of("chord.on", Scope.BARS, () -> model.moveSpan(1), "Right"));
        actions.add(Action.of("line.up", Scope.BARS, () -> view.get().moveLine(-1), "Up"));
        actions.add(Action.of("line.down", Scope.BARS, () -> view.get().moveLine(1), "Down"));
        actions.add(Action.of("use.previous", Scope.BARS, () -> model.chooseNextUse(-1), "Page Up"));
        actions.add(Action.of("use.next", Scope.BARS, () -> model.chooseNextUse(1), "Page Down"));
        actions.add(Action.of("chord.edit", Scope.BARS, () -> view.get().editChord(), "Enter"));
        actions.add(Action.of(
                "chord.longer", Scope.BARS, () -> harmony.addBeats(1), "Plus", "Add", "Shift+Equals", "Equals"));
        actions.add(Action.of("chord.shorter", Scope.BARS, () -> harmony.addBeats(-1), "Minus", "Subtract"));
        actions.add(Action.of("chord.add", Scope.BARS, harmony::addSpan, "Insert"));
        actions.add(Action.of("chord.remove", Scope.BARS, harmony::removeSpan, "Delete"));
        actions.add(Action.of("bar.add", Scope.BARS, harmony::addBar, "Shift+Insert"));
        actions.add(Action.of("bar.remove", Scope.BARS, harmony::removeBar, "Shift+Delete"));
    }

    private void addAssignments(Actions actions) {
        for (int number = 1; number <= 9; number++) {
            int chosen = number;
            var scope = number == 1 ? Scope.BARS : Scope.BARS_MORE;
            actions.add(Action.of(
                    "assign." + number, scope, () -> model.assign(chosen, false), number + "", "Numpad " + number));
            actions.add(Action.of("assign.last." + number, scope, () -> model.assign(chosen, true), "Shift+" + number));
        }
    }
}
