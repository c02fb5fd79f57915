package tactus.app.setup;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Node;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Actions;
import tactus.app.place.MenuColumn;
import tactus.app.place.Once;
import tactus.app.place.Place;
import tactus.app.place.PlaceServices;
import tactus.app.player.PlayerModel;
import tactus.app.setup.capo.CapoModel;
import tactus.app.setup.shape.ShapeModel;
import tactus.core.counsel.snag.SnagPlace;
import tactus.formats.sheet.Picture;

/** Where facts, chords, capo and tuning are settled. */
public final class SetUpPlace implements Place {

    private final PlayerModel player;
    private final ShapeModel shapes;
    private final CapoModel capo;
    private final ObjectProperty<SetUpPanel> panel = new SimpleObjectProperty<>(this, "panel", SetUpPanel.SHAPE);
    private final Once<SetUpView> view;

    public SetUpPlace(PlaceServices parts) {
        player = parts.player();
        shapes = new ShapeModel(parts.work(), parts.settings(), parts.aside());
        capo = new CapoModel(parts.work(), parts.settings(), parts.aside());
        view = new Once<>(() -> new SetUpView(parts.work(), parts.settings(), shapes, capo, panel, parts.actions()));
    }

    @Override
    public String id() {
        return "setup";
    }

    @Override
    public Feather icon() {
        return Feather.SLIDERS;
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
        SetUpActions.add(shapes, capo, panel, show, actions);
    }

    @Override
    public Optional<Picture.Subject> pictured() {
        return shapes.chosenProperty().get().map(chord -> new Picture.Subject.OfShape(chord.name()));
    }

    @Override
    public List<MenuColumn> menus() {
        return List.of(SetUpActions.MENU);
    }

    @Override
    public boolean canShow(SnagPlace target) {
        return switch (target) {
            case SnagPlace.InChord _ -> true;
            case SnagPlace.InFacts facts -> facts == SnagPlace.InFacts.CAPO || facts == SnagPlace.InFacts.TUNING;
            default -> false;
        };
    }

    @Override
    public void show(SnagPlace target) {
        if (target instanceof SnagPlace.InChord in) {
            shapes.choose(in.chord());
            panel.set(SetUpPanel.SHAPE);
        } else {
            panel.set(target == SnagPlace.InFacts.CAPO ? SetUpPanel.CAPO : SetUpPanel.TUNING);
        }
        takeFocus();
    }

    @Override
    public void play() {
        player.playSong();
    }
}
