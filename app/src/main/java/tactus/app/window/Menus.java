package tactus.app.window;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import tactus.app.action.Actions;
import tactus.app.demo.DemoSong;
import tactus.app.work.Settings;
import tactus.words.Words;

/** The menu bar, built from the actions. */
final class Menus extends MenuBar {

    private static final String LINE = "-";

    private final Actions actions;
    private final SongDesk desk;

    Menus(Actions actions, SongDesk desk, Settings settings) {
        this.actions = actions;
        this.desk = desk;
        getMenus()
                .setAll(
                        menu("song", () -> songItems(settings)),
                        menu("edit", "edit.undo", "edit.redo"),
                        menu(
                                "setup",
                                "panel.shape",
                                "panel.capo",
                                "panel.tuning",
                                "panel.changes",
                                LINE,
                                "capo.best",
                                LINE,
                                "shape.previous",
                                "shape.next",
                                "shape.standIn",
                                "shape.call",
                                "shape.remove"),
                        menu(
                                "pattern",
                                "pattern.new",
                                "pattern.copy",
                                "pattern.delete",
                                LINE,
                                "pattern.hear",
                                "pattern.previous",
                                "pattern.next",
                                LINE,
                                "bench.dictate",
                                "bench.facts",
                                "bench.forms",
                                "bench.fingers",
                                "bench.groove",
                                "bench.library",
                                "bench.tapping",
                                LINE,
                                "fingers.find",
                                "beat.triplet"),
                        menu(
                                "section",
                                "section.new",
                                "section.copy",
                                "section.delete",
                                LINE,
                                "order.again",
                                "order.remove",
                                "order.earlier",
                                "order.later",
                                LINE,
                                "chord.add",
                                "chord.remove",
                                "chord.longer",
                                "chord.shorter",
                                "chord.split",
                                "chord.join",
                                "bar.add",
                                "bar.remove",
                                "bar.copy",
                                "bar.paste",
                                "bar.repeat",
                                "harmony.line"),
                        menu(
                                "arrange",
                                "arrange.rules",
                                "arrange.why",
                                "arrange.except",
                                "arrange.marks",
                                "arrange.sums",
                                "arrange.compare",
                                "arrange.versions",
                                LINE,
                                "event.stop",
                                "event.held",
                                "event.silence",
                                "event.muted",
                                LINE,
                                "voice.toggle",
                                "dynamics.softer",
                                "dynamics.stronger",
                                LINE,
                                "version.next"),
                        menu(
                                "play",
                                "play.toggle",
                                "play.start",
                                "play.loop",
                                "play.countIn",
                                "play.clicks",
                                LINE,
                                "play.slower",
                                "play.faster"),
                        menu(
                                "view",
                                "place.setup",
                                "place.bench",
                                "place.arrangement",
                                "place.sheet",
                                LINE,
                                "view.snags",
                                "view.dark",
                                "view.strings",
                                "view.leftHanded",
                                "view.saysH",
                                LINE,
                                "view.counting",
                                "view.roles"),
                        menu("help", "help.keys", "help.about"));
    }

    private Menu menu(String id, String... entries) {
        return menu(id, () -> items(entries));
    }

    /** A menu that is filled when it is first opened, since the window starts sooner without all the entries. */
    private static Menu menu(String id, Supplier<List<MenuItem>> entries) {
        var menu = new Menu(Words.of("menu." + id));
        menu.setId("menu-" + id);
        var empty = new MenuItem();
        menu.getItems().setAll(empty);
        menu.setOnShowing(_ -> {
            if (menu.getItems().contains(empty)) menu.getItems().setAll(entries.get());
        });
        return menu;
    }

    private List<MenuItem> items(String... entries) {
        return Stream.of(entries)
                .map(entry -> entry.equals(LINE) ? new SeparatorMenuItem() : actions.menuItem(entry))
                .toList();
    }

    private List<MenuItem> songItems(Settings settings) {
        var items = new ArrayList<>(items("song.new", "song.open"));
        items.add(recentMenu(settings));
        items.add(demoMenu());
        items.addAll(items(
                LINE,
                "song.save",
                "song.saveAs",
                LINE,
                "export.pdf",
                "export.png",
                "export.mid",
                "export.wav",
                LINE,
                "song.close"));
        return items;
    }

    private Menu recentMenu(Settings settings) {
        var recent = new Menu(Words.of("menu.recent"));
        settings.recentProperty().subscribe(files -> {
            recent.getItems().setAll(files.stream().map(this::recentItem).toList());
            recent.setDisable(files.isEmpty());
        });
        return recent;
    }

    private Menu demoMenu() {
        var demos = new Menu(Words.of("menu.demos"));
        demos.setId("menu-demos");
        for (DemoSong demo : DemoSong.values()) {
            var item = new MenuItem(demo.title());
            item.setOnAction(_ -> desk.begin(demo));
            demos.getItems().add(item);
        }
        return demos;
    }

    private MenuItem recentItem(Path file) {
        var item = new MenuItem(file.getFileName() + "   " + file.getParent());
        item.setMnemonicParsing(false);
        item.setOnAction(_ -> desk.open(file));
        return item;
    }
}
