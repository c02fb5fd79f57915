package tactus.app.arrangement;

import java.util.List;
import java.util.function.Supplier;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.arrangement.assignment.RulesModel;
import tactus.app.arrangement.bars.Zoom;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.arrangement.section.HarmonyModel;
import tactus.app.arrangement.section.OrderModel;
import tactus.app.place.MenuColumn;
import tactus.core.written.rule.What;

/** The commands of the arrangement. */
public final class ArrangementActions {

    static final List<MenuColumn> MENUS = List.of(
            new MenuColumn(
                    "section",
                    List.of(
                            List.of("section.new", "section.copy", "section.delete"),
                            List.of("order.again", "order.remove", "order.earlier", "order.later"),
                            List.of(
                                    "chord.add",
                                    "chord.remove",
                                    "chord.longer",
                                    "chord.shorter",
                                    "chord.split",
                                    "chord.join",
                                    "chord.shape",
                                    "bar.add",
                                    "bar.remove",
                                    "bar.copy",
                                    "bar.paste",
                                    "bar.repeat",
                                    "harmony.line",
                                    "order.line"))),
            new MenuColumn(
                    "arrange",
                    List.of(
                            List.of(
                                    "arrange.rules",
                                    "arrange.why",
                                    "arrange.except",
                                    "arrange.marks",
                                    "arrange.words",
                                    "arrange.hints",
                                    "arrange.sums",
                                    "arrange.compare",
                                    "arrange.versions"),
                            List.of("event.stop", "event.held", "event.silence", "event.muted"),
                            List.of("voice.toggle", "dynamics.softer", "dynamics.stronger"),
                            List.of("version.next"),
                            List.of("zoom.in", "zoom.out", "zoom.usual", "page.fold", "view.stand"))));

    private final ArrangementModel model;
    private final OrderModel order;
    private final HarmonyModel harmony;
    private final RulesModel rules;
    private final ArrangementParts parts;
    private final Supplier<ArrangementView> view;

    private ArrangementActions(ArrangementParts parts, Supplier<ArrangementView> view) {
        this.parts = parts;
        model = parts.arrangement();
        order = parts.order();
        harmony = parts.harmony();
        rules = parts.rules();
        this.view = view;
    }

    /**
     * Adds them to {@code actions}.
     *
     * @param view the place that is shown when they are used
     * @param show brings the arrangement into sight, with the focus on the panel beside the bars
     */
    public static void add(ArrangementParts parts, Supplier<ArrangementView> view, Runnable show, Actions actions) {
        var added = new ArrangementActions(parts, view);
        added.addSections(actions);
        added.addBars(actions);
        added.addPage(actions);
        added.addChanges(actions);
        added.addAssignments(actions);
        added.addEvents(actions);
        added.addPanels(show, actions);
    }

    private void addSections(Actions actions) {
        actions.add(Action.of("section.new", Scope.ANYWHERE, this::addSection, "Shortcut+Shift+N")
                .withIcon(Feather.PLUS));
        actions.add(Action.of("section.copy", Scope.ANYWHERE, order::copySection, "Shortcut+Shift+C")
                .withIcon(Feather.COPY));
        actions.add(Action.of("section.delete", Scope.ANYWHERE, order::deleteSection, "Shortcut+Alt+Delete")
                .withIcon(Feather.TRASH_2));
        actions.add(Action.of("order.earlier", Scope.ORDER, () -> order.moveChosen(-1), "Alt+Up"));
        actions.add(Action.of("order.later", Scope.ORDER, () -> order.moveChosen(1), "Alt+Down"));
        actions.add(Action.of("order.again", Scope.ORDER, order::repeatChosen, "Insert"));
        actions.add(Action.of("order.remove", Scope.ORDER, order::removeChosen, "Delete"));
    }

    /** A new section is named first. */
    private void addSection() {
        order.addSection();
        view.get().nameSection();
    }

    private void addPage(Actions actions) {
        actions.add(Action.of("order.line", Scope.ANYWHERE, () -> view.get().editOrder(), "Alt+I"));
        actions.add(Action.of("page.fold", Scope.BARS, () -> view.get().fold(), "F"));
        actions.add(Action.of(
                        "zoom.in",
                        Scope.ANYWHERE,
                        () -> zoom(1),
                        "Shortcut+Plus",
                        "Shortcut+Equals",
                        "Shortcut+Add",
                        "Shortcut+Shift+Equals")
                .withIcon(Feather.ZOOM_IN));
        actions.add(Action.of("zoom.out", Scope.ANYWHERE, () -> zoom(-1), "Shortcut+Minus", "Shortcut+Subtract")
                .withIcon(Feather.ZOOM_OUT));
        actions.add(Action.of(
                "zoom.usual", Scope.ANYWHERE, () -> parts.zoom().set(Zoom.RIBBONS), "Shortcut+0", "Shortcut+Numpad 0"));
    }

    private void zoom(int step) {
        parts.zoom().set(parts.zoom().get().next(step));
    }

    private void addBars(Actions actions) {
        actions.add(Action.of("chord.back", Scope.BARS_MORE, () -> model.moveSpan(-1), "Left"));
        actions.add(Action.of("chord.on", Scope.BARS_MORE, () -> model.moveSpan(1), "Right"));
        actions.add(Action.of("select.back", Scope.BARS_MORE, () -> model.extend(-1), "Shift+Left"));
        actions.add(Action.of("select.on", Scope.BARS_MORE, () -> model.extend(1), "Shift+Right"));
        actions.add(Action.of("line.up", Scope.BARS_MORE, () -> view.get().moveLine(-1), "Up"));
        actions.add(Action.of("line.down", Scope.BARS_MORE, () -> view.get().moveLine(1), "Down"));
        actions.add(Action.of("use.previous", Scope.BARS_MORE, () -> model.chooseNextUse(-1), "Page Up"));
        actions.add(Action.of("use.next", Scope.BARS_MORE, () -> model.chooseNextUse(1), "Page Down"));
        actions.add(Action.of("chord.edit", Scope.BARS, () -> view.get().editChord(), "Enter"));
        actions.add(Action.of(
                "chord.longer", Scope.BARS, () -> harmony.addBeats(1), "Plus", "Add", "Shift+Equals", "Equals"));
        actions.add(Action.of("chord.shorter", Scope.BARS, () -> harmony.addBeats(-1), "Minus", "Subtract"));
        actions.add(Action.of("chord.add", Scope.BARS, harmony::addSpan, "Insert"));
        actions.add(Action.of("chord.remove", Scope.BARS, harmony::removeSpan, "Delete"));
        actions.add(Action.of("bar.add", Scope.BARS_MORE, parts.bars()::addBar, "Shift+Insert"));
        actions.add(Action.of("bar.remove", Scope.BARS_MORE, parts.bars()::removeBar, "Shift+Delete"));
    }

    private void addChanges(Actions actions) {
        actions.add(Action.of("chord.split", Scope.BARS_MORE, harmony::split, "Slash", "Divide"));
        actions.add(Action.of("chord.join", Scope.BARS_MORE, harmony::join, "J"));
        actions.add(Action.of("chord.shape", Scope.BARS_MORE, harmony::nextShape, "O"));
        actions.add(Action.of("bar.copy", Scope.BARS_MORE, parts.bars()::copyBar, "Shortcut+C"));
        actions.add(Action.of("bar.paste", Scope.BARS_MORE, parts.bars()::pasteBar, "Shortcut+V"));
        actions.add(Action.of("bar.repeat", Scope.BARS_MORE, parts.bars()::repeatBar, "R"));
        actions.add(Action.of("harmony.line", Scope.ANYWHERE, () -> view.get().editLine(), "Alt+A"));
    }

    private void addEvents(Actions actions) {
        event(actions, "stop", What.Event.STOP, "S");
        event(actions, "held", What.Event.HELD, "H");
        event(actions, "silence", What.Event.SILENCE, "N");
        event(actions, "muted", What.Event.MUTED, "M");
        actions.add(Action.of("voice.toggle", Scope.BARS_MORE, this::toggleVoice, "V"));
        actions.add(Action.of("dynamics.softer", Scope.BARS_MORE, () -> rules.louder(-1), "Comma"));
        actions.add(Action.of("dynamics.stronger", Scope.BARS_MORE, () -> rules.louder(1), "Period"));
        actions.add(Action.of("version.next", Scope.ANYWHERE, parts.versions()::showNext, "Shortcut+E"));
    }

    private void event(Actions actions, String id, What.Event event, String key) {
        actions.add(Action.of("event." + id, Scope.BARS_MORE, () -> rules.toggle(event), key));
    }

    /** Where the words say who sings, they are shown instead. */
    private void toggleVoice() {
        if (!parts.marks().isVoiceSaid()) {
            parts.marks().toggleVoice();
            return;
        }
        parts.panel().set(ArrangementPanel.WORDS);
        parts.isPanelOpen().set(true);
    }

    private void addPanels(Runnable show, Actions actions) {
        panel(ArrangementPanel.RULES, "Alt+U", show, actions);
        panel(ArrangementPanel.WHY, "Alt+Y", show, actions);
        panel(ArrangementPanel.EXCEPT, "Alt+E", show, actions);
        panel(ArrangementPanel.MARKS, "Alt+K", show, actions);
        panel(ArrangementPanel.WORDS, "Alt+Q", show, actions);
        panel(ArrangementPanel.HINTS, "Alt+J", show, actions);
        panel(ArrangementPanel.SUMS, "Alt+M", show, actions);
        panel(ArrangementPanel.COMPARE, "Alt+O", show, actions);
        panel(ArrangementPanel.VERSIONS, "Alt+N", show, actions);
    }

    private void panel(ArrangementPanel wanted, String key, Runnable show, Actions actions) {
        Runnable effect = () -> {
            parts.panel().set(wanted);
            parts.isPanelOpen().set(true);
            show.run();
        };
        actions.add(Action.of("arrange." + wanted.id(), Scope.ANYWHERE, effect, key));
    }

    private void addAssignments(Actions actions) {
        for (int number = 1; number <= 9; number++) {
            int chosen = number;
            var scope = number == 1 ? Scope.BARS : Scope.BARS_MORE;
            actions.add(Action.of(
                    "assign." + number, scope, () -> rules.assign(chosen, false), number + "", "Numpad " + number));
            actions.add(Action.of("assign.last." + number, scope, () -> rules.assign(chosen, true), "Shift+" + number));
            actions.add(Action.of(
                    "assign.chord." + number, Scope.BARS_MORE, () -> rules.assignToChord(chosen), "Alt+" + number));
        }
    }
}
