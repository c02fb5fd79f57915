package tactus.app.arrangement;

import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import tactus.app.arrangement.assignment.ExceptsModel;
import tactus.app.arrangement.assignment.HintsModel;
import tactus.app.arrangement.assignment.MarksModel;
import tactus.app.arrangement.assignment.RulesModel;
import tactus.app.arrangement.assignment.WordsModel;
import tactus.app.arrangement.bars.Zoom;
import tactus.app.arrangement.comparison.SumsModel;
import tactus.app.arrangement.comparison.VersionsModel;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.arrangement.section.BarsModel;
import tactus.app.arrangement.section.HarmonyLineModel;
import tactus.app.arrangement.section.HarmonyModel;
import tactus.app.arrangement.section.OrderModel;
import tactus.app.player.PlayerModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;

/**
 * The models of the arrangement.
 *
 * @param panel what stands beside the bars
 * @param isPanelOpen whether anything does
 * @param zoom how large the bars are drawn
 */
public record ArrangementParts(
        ArrangementModel arrangement,
        OrderModel order,
        HarmonyModel harmony,
        BarsModel bars,
        HarmonyLineModel line,
        RulesModel rules,
        ExceptsModel excepts,
        MarksModel marks,
        WordsModel sung,
        HintsModel hints,
        SumsModel sums,
        VersionsModel versions,
        ObjectProperty<ArrangementPanel> panel,
        BooleanProperty isPanelOpen,
        ObjectProperty<Zoom> zoom) {

    public static ArrangementParts of(Work work, PlayerModel player, Settings settings) {
        var arrangement = new ArrangementModel(work, player);
        return new ArrangementParts(
                arrangement,
                new OrderModel(work, arrangement),
                new HarmonyModel(work, arrangement, settings),
                new BarsModel(work, arrangement),
                new HarmonyLineModel(work, arrangement, settings),
                new RulesModel(work, arrangement),
                new ExceptsModel(work, arrangement, settings),
                new MarksModel(work, arrangement),
                new WordsModel(work, arrangement),
                new HintsModel(work, arrangement),
                new SumsModel(work),
                new VersionsModel(work, settings),
                new SimpleObjectProperty<>("arrangement", "panel", ArrangementPanel.RULES),
                new SimpleBooleanProperty("arrangement", "isPanelOpen", false),
                new SimpleObjectProperty<>("arrangement", "zoom", Zoom.RIBBONS));
    }
}
