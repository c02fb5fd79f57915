package tactus.app.bench;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Actions;
import tactus.app.place.MenuColumn;
import tactus.app.place.Once;
import tactus.app.place.Place;
import tactus.app.place.PlaceServices;
import tactus.core.counsel.snag.SnagPlace;
import tactus.formats.sheet.Picture;

/** Where patterns are written. */
public final class BenchPlace implements Place {

    private final BenchParts parts;
    private final Once<BenchView> view;

    public BenchPlace(PlaceServices window) {
        parts = BenchParts.of(window.work(), window.player(), window.settings(), window.asking()::toOpenMidi);
        view = new Once<>(() -> new BenchView(parts, window.actions()));
    }

    @Override
    public String id() {
        return "bench";
    }

    @Override
    public boolean isFirst() {
        return true;
    }

    @Override
    public Feather icon() {
        return Feather.EDIT_3;
    }

    @Override
    public Node node() {
        return view.get();
    }

    @Override
    public void takeFocus() {
        view.get().takeFocus();
    }

    @Override
    public void addTo(Actions actions, Runnable show) {
        Runnable showPanel = () -> {
            show.run();
            view.get().takePanelFocus();
        };
        BenchActions.add(parts, showPanel, actions);
    }

    @Override
    public Optional<Picture.Subject> pictured() {
        return parts.bench().patternProperty().get().map(pattern -> new Picture.Subject.OfPattern(pattern.id()));
    }

    @Override
    public List<MenuColumn> menus() {
        return List.of(BenchActions.MENU);
    }

    @Override
    public boolean canShow(SnagPlace target) {
        return target instanceof SnagPlace.InPattern;
    }

    @Override
    public void show(SnagPlace target) {
        if (target instanceof SnagPlace.InPattern in) {
            parts.bench().choose(in.pattern());
            parts.bench().slotProperty().set(in.slot());
        }
        takeFocus();
    }

    @Override
    public void play() {
        parts.bench().hear();
    }
}
