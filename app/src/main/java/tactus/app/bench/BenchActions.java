package tactus.app.bench;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.bench.dictation.DictationModel;
import tactus.app.bench.dictation.TapModel;
import tactus.app.bench.pattern.BenchModel;
import tactus.app.place.MenuColumn;
import tactus.core.music.stroke.Direction;
import tactus.core.music.stroke.Pick;
import tactus.core.music.stroke.Role;
import tactus.core.music.stroke.Touch;

/** The commands of the bench. */
public final class BenchActions {

    static final MenuColumn MENU = new MenuColumn(
            "pattern",
            List.of(
                    List.of("pattern.new", "pattern.copy", "pattern.delete"),
                    List.of("pattern.hear", "pattern.previous", "pattern.next"),
                    List.of(
                            "bench.dictate",
                            "bench.facts",
                            "bench.forms",
                            "bench.fingers",
                            "bench.groove",
                            "bench.library",
                            "bench.tapping"),
                    List.of("fingers.find", "beat.triplet")));

    private final BenchModel bench;
    private final Actions actions;

    private BenchActions(BenchModel bench, Actions actions) {
        this.bench = bench;
        this.actions = actions;
    }

    /**
     * Adds them to {@code actions}.
     *
     * @param show brings the bench into sight, with the focus where the work of the panel in sight is done
     */
    public static void add(BenchParts parts, Runnable show, Actions actions) {
        var added = new BenchActions(parts.bench(), actions);
        added.addPatterns();
        added.addStrokes();
        added.addFingers();
        added.addMoves();
        addPanels(parts, show, actions);
        addDictation(parts.dictation(), actions);
        actions.add(Action.of("fingers.find", Scope.ANYWHERE, parts.fingers()::findFingers, "Alt+R"));
        actions.add(Action.of("fingers.sweep", Scope.ANYWHERE, parts.fingers()::toggleSweep, "Alt+W"));
        addTaps(parts.taps(), actions);
    }

    private static void addPanels(BenchParts parts, Runnable show, Actions actions) {
        var panel = parts.panel();
        panel("dictate", BenchPanel.PLACEMENTS, "Alt+D", panel, show, actions);
        panel("facts", BenchPanel.FACTS, "Alt+F", panel, show, actions);
        panel("forms", BenchPanel.FORMS, "Alt+V", panel, show, actions);
        panel("fingers", BenchPanel.FINGERS, "Alt+P", panel, show, actions);
        panel("groove", BenchPanel.GROOVE, "Alt+G", panel, show, actions);
        panel("library", BenchPanel.LIBRARY, "Alt+L", panel, show, actions);
        panel("tapping", BenchPanel.TAPPING, "Alt+B", panel, show, actions);
    }

    private static void addTaps(TapModel taps, Actions actions) {
        actions.add(Action.of("tap.start", Scope.TAPPING, taps::startOrStop, "Space"));
        tap("down", Optional.of(Direction.DOWN), "D", taps, actions);
        tap("up", Optional.of(Direction.UP), "U", taps, actions);
        tap("any", Optional.empty(), "J", taps, actions);
        actions.add(Action.of("tap.take", Scope.TAPPING, taps::take, "Enter"));
    }

    private static void panel(
            String id,
            BenchPanel wanted,
            String key,
            ObjectProperty<BenchPanel> panel,
            Runnable show,
            Actions actions) {
        Runnable effect = () -> {
            panel.set(wanted);
            show.run();
        };
        actions.add(Action.of("bench." + id, Scope.ANYWHERE, effect, key));
    }

    private static void tap(String id, Optional<Direction> way, String key, TapModel taps, Actions actions) {
        actions.add(Action.of("tap." + id, Scope.TAPPING, () -> taps.tap(way), key));
    }

    private static void addDictation(DictationModel dictation, Actions actions) {
        actions.add(Action.of("dictation.take", Scope.DICTATION, () -> dictation.takeUnseen(0), "Enter"));
        actions.add(Action.of("dictation.earlier", Scope.DICTATION, () -> dictation.answer(true), "Up"));
        actions.add(Action.of("dictation.later", Scope.DICTATION, () -> dictation.answer(false), "Down"));
        actions.add(Action.of("dictation.back", Scope.DICTATION, dictation::takeBack, "Esc"));
        for (int number = 2; number <= 8; number++) {
            int index = number - 1;
            Scope scope = number == 2 ? Scope.DICTATION : Scope.DICTATION_MORE;
            actions.add(
                    Action.of("dictation.take." + number, scope, () -> dictation.takeUnseen(index), "Alt+" + number));
        }
    }

    private void addPatterns() {
        actions.add(Action.of("pattern.new", Scope.ANYWHERE, bench::add, "Shortcut+Shift+P")
                .withIcon(Feather.PLUS));
        actions.add(Action.of("pattern.copy", Scope.ANYWHERE, bench::copy, "Shortcut+Shift+D")
                .withIcon(Feather.COPY));
        actions.add(Action.of("pattern.delete", Scope.ANYWHERE, bench::delete, "Shortcut+Shift+Delete")
                .withIcon(Feather.TRASH_2));
        actions.add(
                Action.of("pattern.hear", Scope.PICTURE, bench::hear, "Space").withIcon(Feather.HEADPHONES));
    }

    private void addStrokes() {
        stroke("down", 'd', "D");
        stroke("up", 'u', "U");
        stroke("bass", 'b', "B");
        stroke("treble", 't', "T");
        stroke("mute", 'x', "X");
        actions.add(Action.of("stroke.miss", Scope.PICTURE, () -> bench.write('-'), "Minus", "Period", "Subtract"));
        actions.add(Action.of("stroke.ring", Scope.PICTURE, () -> bench.write('='), "R"));
        actions.add(Action.of("stroke.stop", Scope.PICTURE, () -> bench.write('s'), "S"));
        actions.add(Action.of("stroke.accent", Scope.PICTURE, bench::toggleAccent, "E"));
        actions.add(Action.of("stroke.soft", Scope.PICTURE, bench::toggleSoft, "O"));
        actions.add(Action.of("stroke.palm", Scope.PICTURE, () -> bench.toggleTouch(Touch.PALM_MUTED), "H"));
        actions.add(Action.of("stroke.sweep", Scope.PICTURE, () -> bench.toggleTouch(Touch.SWEPT), "W"));
        stroke("release", 'f', "F");
        stroke("laid", 'l', "L");
        actions.add(Action.of("stroke.erase", Scope.PICTURE, bench::eraseBack, "Backspace"));
        actions.add(Action.of("stroke.clear", Scope.PICTURE, bench::erase, "Delete"));
    }

    /** A stroke, and the same with Shift for an accented one. */
    private void stroke(String name, char letter, String key) {
        actions.add(Action.of("stroke." + name, Scope.PICTURE, () -> bench.write(letter), key));
        actions.add(Action.of(
                "stroke." + name + ".accented",
                Scope.PICTURE_ACCENTED,
                () -> bench.write(Character.toUpperCase(letter)),
                "Shift+" + key));
    }

    /** Digits pluck strings and letters fingers; with Shift they join what was plucked last. */
    private void addFingers() {
        for (int string = 1; string <= 8; string++) pick("string." + string, new Pick.OnString(string), "" + string);
        for (Role role : Role.values()) {
            pick("finger." + role.letter(), new Pick.ByRole(role), ("" + role.letter()).toUpperCase(Locale.ROOT));
        }
        actions.add(Action.of("beat.triplet", Scope.PICTURE, bench::toggleTriplet, "Y"));
    }

    private void pick(String id, Pick pick, String key) {
        boolean first = id.equals("string.1") || id.equals("finger.p");
        Scope scope = first ? Scope.PICTURE : Scope.PICTURE_MORE;
        actions.add(Action.of("pluck." + id, scope, () -> bench.pluck(pick), key));
        actions.add(Action.of("pinch." + id, Scope.PICTURE_MORE, () -> bench.pinch(pick), "Shift+" + key));
    }

    private void addMoves() {
        actions.add(Action.of("slot.back", Scope.PICTURE, () -> bench.move(-1), "Left"));
        actions.add(Action.of("slot.on", Scope.PICTURE, () -> bench.move(1), "Right"));
        actions.add(Action.of("slot.first", Scope.PICTURE, () -> bench.move(-999), "Home"));
        actions.add(Action.of("slot.last", Scope.PICTURE, () -> bench.move(999), "End"));
        actions.add(Action.of("pattern.previous", Scope.PICTURE_MORE, () -> bench.chooseNext(-1), "Page Up"));
        actions.add(Action.of("pattern.next", Scope.PICTURE_MORE, () -> bench.chooseNext(1), "Page Down"));
    }
}
