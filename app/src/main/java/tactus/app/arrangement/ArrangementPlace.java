package tactus.app.arrangement;

import java.util.List;
import javafx.scene.Node;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Actions;
import tactus.app.place.MenuColumn;
import tactus.app.place.Once;
import tactus.app.place.Place;
import tactus.app.place.PlaceParts;
import tactus.app.player.PlayerModel;
import tactus.app.section.ArrangementModel;
import tactus.core.snag.SnagPlace;

/** Where patterns are placed over the song. */
public final class ArrangementPlace implements Place {

    private final PlayerModel player;
    private final ArrangementParts parts;
    private final Once<ArrangementView> view;

    public ArrangementPlace(PlaceParts window) {
        player = window.player();
        parts = ArrangementParts.of(window.work(), player, window.settings());
        view = new Once<>(() -> new ArrangementView(window.work(), parts, player, window.settings(), window.actions()));
    }

    /** Its models. */
    public ArrangementParts parts() {
        return parts;
    }

    @Override
    public String id() {
        return "arrangement";
    }

    @Override
    public Feather icon() {
        return Feather.LAYERS;
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
        ArrangementActions.add(
                parts,
                () -> {
                    show.run();
                    return view.get();
                },
                showPanel,
                actions);
    }

    @Override
    public List<MenuColumn> menus() {
        return ArrangementActions.MENUS;
    }

    @Override
    public boolean canShow(SnagPlace target) {
        return switch (target) {
            case SnagPlace.InSection _, SnagPlace.InUse _, SnagPlace.InRules _ -> true;
            case SnagPlace.InFacts facts -> facts == SnagPlace.InFacts.LENGTH || facts == SnagPlace.InFacts.PLAN;
            default -> false;
        };
    }

    @Override
    public void show(SnagPlace target) {
        ArrangementModel model = parts.arrangement();
        switch (target) {
            case SnagPlace.InSection in -> {
                model.chooseSection(in.section());
                model.chooseSpan(in.span());
            }
            case SnagPlace.InUse in -> model.choose(in.use(), in.pass(), in.span());
            case SnagPlace.InRules in -> {
                parts.panel().set(ArrangementPanel.RULES);
                parts.rules().edit(in.index());
                return;
            }
            default -> parts.panel().set(ArrangementPanel.SUMS);
        }
        takeFocus();
    }

    @Override
    public void play() {
        player.playSong();
    }
}
