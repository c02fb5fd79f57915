package tactus.app.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.geometry.VPos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Control;
import javafx.scene.layout.FlowPane;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.WholeNumberSpinner;
import tactus.app.practice.StandInModel.Way;
import tactus.app.work.Work;
import tactus.core.taught.practice.DueStroke;
import tactus.core.taught.practice.Skill;
import tactus.core.taught.practice.Skill.SlowChange;
import tactus.formats.font.MusicText;
import tactus.words.Words;

/** How well the stand-in plays and what is heard of it, while it plays along. Style class {@code head-flow}. */
final class StandInPanel extends FlowPane {

    private static final int FAR_MS = 200;
    private static final int MOST_DRIFT = 10;
    private static final int ALL = 100;
    private static final int MOST_SLOW_MS = 1000;
    private static final int USUAL_SLOW_MS = 250;

    private final Bound bound = new Bound(this);
    private final Work work;
    private final StandInModel model;
    private final ComboBox<Way> way = new ComboBox<>();
    private final WholeNumberSpinner late = spinner("late", -FAR_MS, FAR_MS);
    private final WholeNumberSpinner spread = spinner("spread", 0, FAR_MS);
    private final WholeNumberSpinner drift = spinner("drift", -MOST_DRIFT, MOST_DRIFT);
    private final WholeNumberSpinner missed = spinner("missed", 0, ALL);
    private final WholeNumberSpinner extra = spinner("extra", 0, ALL);
    private final WholeNumberSpinner wrong = spinner("wrong", 0, ALL);
    private final ComboBox<Optional<SlowChange>> slow = new ComboBox<>();
    private final WholeNumberSpinner slowMs = spinner("slow-ms", 0, MOST_SLOW_MS);

    /** @param isPlaying while it is true, the room is left to what is played */
    StandInPanel(Work work, StandInModel model, ReadOnlyBooleanProperty isPlaying) {
        this.work = work;
        this.model = model;
        getStyleClass().add("head-flow");
        setId("stand-in");
        setRowValignment(VPos.BOTTOM);
        way.setId("stand-in-way");
        way.getItems().setAll(Way.values());
        way.setConverter(new ChosenText<>(each -> Words.of("stand-in.way." + each.ordinal())));
        slow.setId("stand-in-slow");
        slow.setConverter(new ChosenText<>(each -> each.map(
                        change -> MusicText.signs(Words.of("stand-in.change", change.from(), change.to())))
                .orElse(Words.of("stand-in.no-change"))));
        getChildren()
                .setAll(
                        named("way", way),
                        named("late", late),
                        named("spread", spread),
                        named("drift", drift),
                        named("missed", missed),
                        named("extra", extra),
                        named("wrong", wrong),
                        named("slow", slow),
                        named("slow-ms", slowMs));
        visibleProperty().bind(model.playsProperty().and(isPlaying.not()));
        managedProperty().bind(visibleProperty());
        bound.take(way.valueProperty(), model.wayProperty()::set);
        for (WholeNumberSpinner each : List.of(late, spread, drift, missed, extra, wrong, slowMs))
            bound.take(each.valueProperty(), _ -> take());
        bound.take(slow.valueProperty(), _ -> take());
        bound.follow(model.wayProperty(), way::setValue);
        bound.follow(this::show, model.skillProperty(), work.stateProperty());
    }

    private static WholeNumberSpinner spinner(String id, int least, int most) {
        var spinner = new WholeNumberSpinner(least, most);
        spinner.setId("stand-in-" + id);
        return spinner;
    }

    private static NamedField named(String word, Control control) {
        return new NamedField(Words.of("stand-in." + word), control);
    }

    private void take() {
        model.skillProperty()
                .set(new Skill(
                        late.getValue(),
                        spread.getValue(),
                        drift.getValue(),
                        missed.getValue() / (double) ALL,
                        extra.getValue() / (double) ALL,
                        wrong.getValue() / (double) ALL,
                        slow.getValue().map(each -> new SlowChange(each.from(), each.to(), slowMs.getValue()))));
    }

    private void show() {
        Skill skill = model.skillProperty().get();
        late.show((int) Math.round(skill.lateMs()));
        spread.show((int) Math.round(skill.spreadMs()));
        drift.show((int) Math.round(skill.driftPercent()));
        missed.show((int) Math.round(ALL * skill.missed()));
        extra.show((int) Math.round(ALL * skill.extra()));
        wrong.show((int) Math.round(ALL * skill.wrongWay()));
        double ms = skill.slow().map(SlowChange::ms).orElse((double) USUAL_SLOW_MS);
        slowMs.show((int) Math.round(ms));
        slowMs.setDisable(skill.slow().isEmpty());
        var changes = new ArrayList<Optional<SlowChange>>();
        changes.add(Optional.empty());
        DueStroke.of(work.timeline(), 1, Integer.MAX_VALUE, 1).stream()
                .filter(each -> each.before().isPresent())
                .map(each -> Optional.of(new SlowChange(each.before().get(), each.chord(), ms)))
                .distinct()
                .forEach(changes::add);
        slow.getItems().setAll(changes);
        slow.setValue(skill.slow().filter(each -> changes.contains(Optional.of(each))));
    }
}
