package tactus.app.arrangement;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import org.kordamp.ikonli.feather.Feather;
import tactus.app.action.Action;
import tactus.app.action.Actions;
import tactus.app.action.Scope;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.place.MenuColumn;
import tactus.app.place.Once;
import tactus.app.place.Place;
import tactus.app.place.PlaceServices;
import tactus.app.player.PlayerModel;
import tactus.app.stand.StandModel;
import tactus.app.stand.StandView;
import tactus.core.counsel.snag.SnagPlace;
import tactus.formats.sheet.Picture;

/** Where patterns are placed over the song. */
public final class ArrangementPlace implements Place {

    private final PlaceServices window;
    private final PlayerModel player;
    private final ArrangementParts parts;
    private final Once<ArrangementView> view;
    private boolean standing;

    public ArrangementPlace(PlaceServices window) {
        this.window = window;
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
        actions.add(Action.of("view.stand", Scope.ANYWHERE, this::toggleStand, "F11")
                .withIcon(Feather.MAXIMIZE)
                .behindPages());
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

    /** Puts the section that sounds or is chosen on the stand, or the stand away. */
    private void toggleStand() {
        if (standing) {
            leaveStand();
            return;
        }
        standing = true;
        var model = new StandModel(window.work(), player, window.settings());
        model.open(parts.arrangement().choice());
        window.cover().show(new StandView(window.work(), player, window.settings(), model, this::leaveStand));
    }

    private void leaveStand() {
        standing = false;
        window.cover().leave();
    }

    @Override
    public Optional<Picture.Subject> pictured() {
        return parts.arrangement().section().map(section -> new Picture.Subject.OfSection(section.id()));
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
                model.chooseSpan(in.span().index());
            }
            case SnagPlace.InUse in ->
                model.choose(in.use().index(), in.pass().number(), in.span().index());
            case SnagPlace.InRules in -> {
                parts.panel().set(ArrangementPanel.RULES);
                parts.isPanelOpen().set(true);
                parts.rules().edit(in.index());
                return;
            }
            default -> {
                parts.panel().set(ArrangementPanel.SUMS);
                parts.isPanelOpen().set(true);
            }
        }
        takeFocus();
    }

    @Override
    public void play() {
        player.playSong();
    }
}
