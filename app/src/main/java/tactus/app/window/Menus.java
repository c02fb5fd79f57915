package tactus.app.window;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import tactus.app.action.Actions;
import tactus.app.demo.DemoSong;
import tactus.app.words.Words;
import tactus.app.work.Settings;

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
                        songMenu(settings),
                        menu("edit", "edit.undo", "edit.redo"),
                        menu(
                                "pattern",
                                "pattern.new",
                                "pattern.copy",
                                "pattern.delete",
                                LINE,
                                "pattern.hear",
                                "pattern.previous",
                                "pattern.next"),
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
                                "bar.add",
                                "bar.remove"),
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
                                "view.strings"),
                        menu("help", "help.keys", "help.about"));
    }

    private Menu menu(String id, String... entries) {
        var menu = new Menu(Words.of("menu." + id));
        menu.setId("menu-" + id);
        menu.getItems().setAll(items(entries));
        return menu;
    }

    private List<MenuItem> items(String... entries) {
        return Stream.of(entries)
                .map(entry -> entry.equals(LINE) ? new SeparatorMenuItem() : actions.menuItem(entry))
                .toList();
    }

    private Menu songMenu(Settings settings) {
        Menu menu = menu("song", "song.new", "song.open");
        var recent = new Menu(Words.of("menu.recent"));
        settings.recentProperty().subscribe(files -> {
            recent.getItems().setAll(files.stream().map(this::recentItem).toList());
            recent.setDisable(files.isEmpty());
        });
        var demos = new Menu(Words.of("menu.demos"));
        demos.setId("menu-demos");
        for (DemoSong demo : DemoSong.values()) {
            var item = new MenuItem(demo.title());
            item.setOnAction(_ -> desk.begin(demo));
            demos.getItems().add(item);
        }
        menu.getItems().addAll(recent, demos, new SeparatorMenuItem());
        menu.getItems()
                .addAll(items(
                        "song.save",
                        "song.saveAs",
                        LINE,
                        "export.pdf",
                        "export.png",
                        "export.mid",
                        "export.wav",
                        LINE,
                        "song.close"));
        return menu;
    }

    private MenuItem recentItem(Path file) {
        var item = new MenuItem(file.getFileName() + "   " + file.getParent());
        item.setMnemonicParsing(false);
        item.setOnAction(_ -> desk.open(file));
        return item;
    }
}
