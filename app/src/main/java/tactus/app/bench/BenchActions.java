package tactus.app.bench;

import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.action.Scope;

/** The commands of the bench. */
public final class BenchActions {

    private final BenchModel bench;
    private final Actions actions;

    private BenchActions(BenchModel bench, Actions actions) {
        this.bench = bench;
        this.actions = actions;
    }

    /** Adds them to {@code actions}. */
    public static void add(BenchModel bench, Actions actions) {
        var added = new BenchActions(bench, actions);
        added.addPatterns();
        added.addStrokes();
        added.addMoves();
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
        actions.add(Action.of("stroke.accent", Scope.PICTURE, bench::toggleAccent, "A"));
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

    private void addMoves() {
        actions.add(Action.of("slot.back", Scope.PICTURE, () -> bench.move(-1), "Left"));
        actions.add(Action.of("slot.on", Scope.PICTURE, () -> bench.move(1), "Right"));
        actions.add(Action.of("slot.first", Scope.PICTURE, () -> bench.move(-999), "Home"));
        actions.add(Action.of("slot.last", Scope.PICTURE, () -> bench.move(999), "End"));
        actions.add(Action.of("pattern.previous", Scope.PICTURE, () -> bench.chooseNext(-1), "Page Up"));
        actions.add(Action.of("pattern.next", Scope.PICTURE, () -> bench.chooseNext(1), "Page Down"));
    }
}
