package tactus.app.sheet;

import java.util.List;
import javafx.scene.Node;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Actions;
import tactus.app.place.MenuColumn;
import tactus.app.place.Once;
import tactus.app.place.Place;
import tactus.app.place.PlaceServices;
import tactus.app.player.PlayerModel;
import tactus.core.counsel.snag.SnagPlace;

/** Where the pages are seen as they print. */
public final class SheetPlace implements Place {

    private final PlayerModel player;
    private final Once<SheetView> view;

    public SheetPlace(PlaceServices parts) {
        player = parts.player();
        view = new Once<>(() -> new SheetView(parts.work(), parts.settings(), parts.actions(), parts.background()));
    }

    @Override
    public String id() {
        return "sheet";
    }

    @Override
    public List<String> keys() {
        return List.of("Shortcut+P");
    }

    @Override
    public boolean showsHandout() {
        return true;
    }

    @Override
    public Feather icon() {
        return Feather.FILE_TEXT;
    }

    @Override
    public Node node() {
        return view.get();
    }

    @Override
    public void takeFocus() {
        view.get().requestFocus();
    }

    /** Its commands write files, and work everywhere. */
    @Override
    public void addTo(Actions actions, Runnable show) {}

    @Override
    public List<MenuColumn> menus() {
        return List.of();
    }

    @Override
    public boolean canShow(SnagPlace target) {
        return false;
    }

    @Override
    public void show(SnagPlace target) {
        takeFocus();
    }

    @Override
    public void play() {
        player.playSong();
    }
}
