package tactus.app.window;

import java.util.stream.Stream;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.place.Place;
import tactus.app.player.PlayerModel;
import tactus.app.work.Work;
import tactus.console.export.Export;
import tactus.core.music.stroke.RoleSchool;
import tactus.core.music.time.CountSchool;
import tactus.core.patterns.dictation.Manner;
import tactus.sound.score.Playback;

/** The commands that work in every place. */
final class WindowActions {

    private static final double SPEED_STEP = 0.05;

    private final MainWindow window;
    private final SongDesk desk;
    private final Exporting exporting;
    private final Printing printing;
    private final Runnable close;

    WindowActions(MainWindow window, SongDesk desk, Exporting exporting, Printing printing, Runnable close) {
        this.window = window;
        this.desk = desk;
        this.exporting = exporting;
        this.printing = printing;
        this.close = close;
    }

    void addTo(Actions actions) {
        addSong(actions);
        addEdit(actions);
        addPlay(actions);
        addView(actions);
    }

    private void addSong(Actions actions) {
        actions.add(Action.of("song.new", Scope.ANYWHERE, desk::begin, "Shortcut+N"));
        actions.add(
                Action.of("song.open", Scope.ANYWHERE, desk::open, "Shortcut+O").behindPages());
        actions.add(Action.of("song.import", Scope.ANYWHERE, desk::bringIn).behindPages());
        actions.add(Action.of("song.save", Scope.ANYWHERE, desk::save, "Shortcut+S"));
        actions.add(Action.of("song.saveAs", Scope.ANYWHERE, desk::saveAs, "Shortcut+Shift+S"));
        actions.add(Action.of("sheet.print", Scope.ANYWHERE, () -> printing.print(window), "Shortcut+Alt+P"));
        for (Export kind : Export.values()) {
            String[] keys = kind == Export.PDF ? new String[] {"Shortcut+Shift+E"} : new String[0];
            actions.add(Action.of("export." + kind.code(), Scope.ANYWHERE, () -> exporting.export(kind), keys));
        }
        actions.add(Action.of(
                "picture.copy", Scope.ANYWHERE, () -> exporting.copyPicture(window.shown()), "Shortcut+Alt+C"));
        actions.add(Action.of("picture.save", Scope.ANYWHERE, () -> exporting.savePicture(window.shown(), "png")));
        actions.add(Action.of("picture.draw", Scope.ANYWHERE, () -> exporting.savePicture(window.shown(), "svg")));
        actions.add(Action.of("song.fetch", Scope.ANYWHERE, window::fetch, "Shortcut+Shift+F"));
        actions.add(Action.of("song.export", Scope.ANYWHERE, window::exportMany, "Shortcut+Alt+E"));
        actions.add(Action.of("song.book", Scope.ANYWHERE, exporting::exportBook));
        actions.add(Action.of("song.close", Scope.ANYWHERE, close, "Shortcut+Q").behindPages());
    }

    private void addEdit(Actions actions) {
        Work work = window.work();
        actions.add(Action.of("edit.undo", Scope.ANYWHERE, window::undo, "Shortcut+Z")
                .when(work.canUndoProperty()));
        actions.add(Action.of("edit.redo", Scope.ANYWHERE, window::redo, "Shortcut+Y", "Shortcut+Shift+Z")
                .when(work.canRedoProperty()));
    }

    private void addPlay(Actions actions) {
        PlayerModel player = window.player();
        actions.add(Action.of("play.toggle", Scope.OUTSIDE_TEXT, window::togglePlaying, "Space")
                .withIcon(Feather.PLAY)
                .behindPages());
        actions.add(Action.of("play.start", Scope.ANYWHERE, window::playFromStart, "Shift+F5")
                .behindPages());
        toggle(actions, "play.loop", player.loopsProperty(), Feather.REPEAT, "Shortcut+L");
        toggle(actions, "play.countIn", player.countsInProperty(), Feather.CHEVRONS_RIGHT, "Shortcut+I");
        toggle(actions, "play.clicks", player.clicksProperty(), Feather.WATCH, "Shortcut+M");
        actions.add(Action.of("play.slower", Scope.ANYWHERE, () -> changeSpeed(-SPEED_STEP), "Shortcut+Comma")
                .behindPages());
        actions.add(Action.of("play.faster", Scope.ANYWHERE, () -> changeSpeed(SPEED_STEP), "Shortcut+Period")
                .behindPages());
    }

    private static void toggle(Actions actions, String id, BooleanProperty state, Feather icon, String key) {
        actions.add(Action.of(id, Scope.ANYWHERE, () -> state.set(!state.get()), key)
                .withIcon(icon)
                .behindPages());
    }

    private void changeSpeed(double step) {
        double next = Math.round((window.player().speedProperty().get() + step) * 100) / 100.0;
        window.player().speedProperty().set(Math.clamp(next, Playback.SLOWEST, Playback.FASTEST));
    }

    private static <T extends Enum<T>> T next(T[] choices, T chosen) {
        return choices[(chosen.ordinal() + 1) % choices.length];
    }

    private void addView(Actions actions) {
        int number = 1;
        for (Place place : window.places()) {
            Stream<String> keys = Stream.concat(Stream.of("Shortcut+" + number++), place.keys().stream());
            actions.add(Action.of(
                            "place." + place.id(),
                            Scope.ANYWHERE,
                            () -> window.show(place),
                            keys.toArray(String[]::new))
                    .withIcon(place.icon()));
        }
        actions.add(
                Action.of("find", Scope.ANYWHERE, window::find, "Shortcut+F").withIcon(Feather.SEARCH));
        actions.add(Action.of("view.snags", Scope.ANYWHERE, window::toggleSnags, "Shortcut+G")
                .withIcon(Feather.FLAG));
        BooleanProperty next = window.settings().showsNextProperty();
        actions.add(Action.of("view.next", Scope.ANYWHERE, () -> next.set(!next.get())));
        BooleanProperty dark = window.settings().darkProperty();
        actions.add(Action.of("view.dark", Scope.ANYWHERE, () -> dark.set(!dark.get()), "Shortcut+D")
                .behindPages());
        BooleanProperty strings = window.settings().lowStringOnTopProperty();
        actions.add(Action.of("view.strings", Scope.ANYWHERE, () -> strings.set(!strings.get()), "Shortcut+T"));
        BooleanProperty left = window.settings().leftHandedProperty();
        actions.add(Action.of("view.leftHanded", Scope.ANYWHERE, () -> left.set(!left.get())));
        BooleanProperty saysH = window.settings().saysHProperty();
        actions.add(Action.of("view.saysH", Scope.ANYWHERE, () -> saysH.set(!saysH.get())));
        var roles = window.settings().rolesProperty();
        actions.add(Action.of("view.roles", Scope.ANYWHERE, () -> roles.set(next(RoleSchool.values(), roles.get()))));
        var counting = window.settings().countingProperty();
        actions.add(Action.of(
                "view.counting", Scope.ANYWHERE, () -> counting.set(next(CountSchool.values(), counting.get()))));
        ObjectProperty<Manner> manner = window.settings().mannerProperty();
        actions.add(Action.of("view.speech", Scope.ANYWHERE, () -> manner.set(Manner.UNKNOWN))
                .when(manner.isNotEqualTo(Manner.UNKNOWN)));
        actions.add(
                Action.of("help.keys", Scope.ANYWHERE, window::showKeys, "F1").behindPages());
        actions.add(Action.of("help.about", Scope.ANYWHERE, window::showAbout));
    }
}
