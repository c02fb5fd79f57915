package tactus.app.window;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import tactus.app.action.Actions;
import tactus.app.place.MenuColumn;
import tactus.app.place.Place;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.console.export.Export;
import tactus.core.ground.statement.Statement;
import tactus.formats.demo.DemoSong;
import tactus.words.Words;

/** The menu bar, built from the actions. */
final class Menus extends MenuBar {

    private static final MenuColumn EDIT =
            new MenuColumn("edit", List.of(List.of("edit.undo", "edit.redo"), List.of("find")));
    private static final MenuColumn PLAY = new MenuColumn(
            "play",
            List.of(
                    List.of("play.toggle", "play.start", "play.loop", "play.countIn", "play.clicks"),
                    List.of("play.slower", "play.faster")));
    private static final MenuColumn HELP = new MenuColumn("help", List.of(List.of("help.keys", "help.about")));

    private final Actions actions;
    private final SongDesk desk;
    private final Consumer<String> told;

    /** @param told is given what a person must be told */
    Menus(Work work, Actions actions, List<Place> places, SongDesk desk, Settings settings, Consumer<String> told) {
        this.told = told;
        this.actions = actions;
        this.desk = desk;
        getMenus().setAll(menu("song", () -> songItems(settings)), menu("edit", () -> editItems(work)));
        places.forEach(place -> place.menus().forEach(column -> getMenus().add(menu(column))));
        getMenus().addAll(menu(PLAY), menu("view", () -> viewItems(places, settings)), menu(HELP));
    }

    private List<MenuItem> viewItems(List<Place> places, Settings settings) {
        List<MenuItem> items = items(view(places));
        items.add(new SeparatorMenuItem());
        items.add(new LanguageMenu(settings, told));
        return items;
    }

    private static MenuColumn view(List<Place> places) {
        return new MenuColumn(
                "view",
                List.of(
                        places.stream().map(place -> "place." + place.id()).toList(),
                        List.of(
                                "view.snags",
                                "view.next",
                                "view.dark",
                                "view.strings",
                                "view.leftHanded",
                                "view.saysH"),
                        List.of("view.counting", "view.roles", "view.speech")));
    }

    private Menu menu(MenuColumn column) {
        return menu(column.id(), () -> items(column));
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

    private List<MenuItem> items(MenuColumn column) {
        var items = new ArrayList<MenuItem>();
        for (List<String> group : column.groups()) {
            if (!items.isEmpty()) items.add(new SeparatorMenuItem());
            group.forEach(id -> items.add(actions.menuItem(id)));
        }
        return items;
    }

    /** Undo and redo say what they take back and bring. */
    private List<MenuItem> editItems(Work work) {
        List<MenuItem> items = items(EDIT);
        work.undoLabelProperty().subscribe(label -> name(items.getFirst(), "edit.undo", label));
        work.redoLabelProperty().subscribe(label -> name(items.get(1), "edit.redo", label));
        return items;
    }

    private void name(MenuItem item, String id, Optional<Statement> label) {
        String plain = actions.get(id).text();
        item.setText(
                label.map(edit -> Words.of("menu.of", plain, Words.say(edit))).orElse(plain));
        item.setMnemonicParsing(false);
    }

    private List<MenuItem> songItems(Settings settings) {
        var items =
                items(new MenuColumn("song", List.of(List.of("song.new", "song.open", "song.import", "song.fetch"))));
        items.add(recentMenu(settings));
        items.add(demoMenu());
        items.add(new SeparatorMenuItem());
        items.addAll(items(new MenuColumn(
                "song",
                List.of(List.of("song.save", "song.saveAs"), List.of("sheet.print", "song.export", "song.book")))));
        items.add(exportMenu());
        items.add(new SeparatorMenuItem());
        items.addAll(items(new MenuColumn(
                "song", List.of(List.of("picture.copy", "picture.save", "picture.draw"), List.of("song.close")))));
        return items;
    }

    /** What the whole song can be written as at once, apart from the menu, which would be higher than a small screen. */
    private Menu exportMenu() {
        var export = new Menu(Words.of("menu.export"));
        export.setId("menu-export");
        for (Export kind : Export.values()) export.getItems().add(actions.menuItem("export." + kind.code()));
        return export;
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
