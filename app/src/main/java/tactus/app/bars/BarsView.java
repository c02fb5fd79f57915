package tactus.app.bars;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import tactus.app.section.ArrangementModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.timeline.TimelineBar;
import tactus.words.Words;

/**
 * The bars of the chosen pass, four to a line. Of a very long section only the page is shown that the chosen chord is on.
 * Style class {@code bars-view}.
 */
public final class BarsView extends GridPane {

    private static final int BARS_A_LINE = 4;
    private static final int BARS_A_PAGE = 64;
    private static final double BAR_HEIGHT = 122;

    /** What the bars in sight were made from; while it stays the same only the chosen chord changes. */
    private record Shown(Work.State state, OptionalInt use, int pass, int page, BarView.Reading reading) {}

    private final Work work;
    private final ArrangementModel model;
    private final Consumer<Node> reveal;
    private final List<BarView> bars = new ArrayList<>();
    private final Settings settings;
    private Shown shown;

    /** @param reveal brings a bar into sight */
    public BarsView(Work work, ArrangementModel model, Settings settings, Consumer<Node> reveal) {
        this.work = work;
        this.model = model;
        this.reveal = reveal;
        this.settings = settings;
        getStyleClass().add("bars-view");
        setFocusTraversable(true);
        setId("bars");
        for (int column = 0; column < BARS_A_LINE; column++) {
            var width = new ColumnConstraints();
            width.setPercentWidth(100.0 / BARS_A_LINE);
            width.setHgrow(Priority.ALWAYS);
            getColumnConstraints().add(width);
        }
    }

    /** Shows the bars of the chosen pass, with the chosen chord in sight. */
    public void show() {
        List<TimelineBar> all = model.bars();
        int chosen = chosenBar(all);
        showPage(all, chosen / BARS_A_PAGE);
        bars.forEach(bar -> bar.showChosen(model.choice().span()));
        if (!bars.isEmpty()) reveal.accept(bars.get(Math.min(chosen % BARS_A_PAGE, bars.size() - 1)));
    }

    private void showPage(List<TimelineBar> all, int page) {
        var wanted = new Shown(
                work.stateProperty().get(),
                model.choice().use(),
                model.choice().pass(),
                page,
                BarView.Reading.of(settings));
        if (!wanted.equals(shown) || bars.isEmpty()) {
            shown = wanted;
            fill(all, page * BARS_A_PAGE);
        }
    }

    /** Brings the bar that sounds into sight, if it is of the chosen pass. */
    public void follow(TimelineBar sounding) {
        List<TimelineBar> all = model.bars();
        int index = all.indexOf(sounding);
        if (index < 0) return;
        showPage(all, index / BARS_A_PAGE);
        reveal.accept(bars.get(index % BARS_A_PAGE));
    }

    private void fill(List<TimelineBar> all, int first) {
        bars.clear();
        getChildren().clear();
        var look = new BarView.Look(work.song(), BarView.Reading.of(settings));
        for (TimelineBar bar : all.subList(first, Math.min(first + BARS_A_PAGE, all.size()))) {
            var view = new BarView(model.timeline(), bar, look, this::choose);
            view.setMinHeight(BAR_HEIGHT);
            view.setPrefHeight(BAR_HEIGHT);
            add(view, bars.size() % BARS_A_LINE, bars.size() / BARS_A_LINE);
            bars.add(view);
        }
        if (bars.isEmpty()) add(new Label(Words.of("arrangement.noBars")), 0, 0, BARS_A_LINE, 1);
        else if (all.size() > BARS_A_PAGE) addPageLine(all.size(), first);
    }

    private void addPageLine(int count, int first) {
        var line = new Label(Words.of("arrangement.page", first + 1, first + bars.size(), count));
        line.getStyleClass().add("quiet");
        add(line, 0, BARS_A_PAGE / BARS_A_LINE, BARS_A_LINE, 1);
    }

    private void choose(int span) {
        requestFocus();
        model.chooseSpan(span);
    }

    /** Shows what is playing, in whole notes from the start of the song; not a number if nothing is. */
    public void showPlaying(double position) {
        bars.forEach(bar -> bar.showPlaying(position));
    }

    /** Chooses the first chord of the bar {@code lines} lines below the chosen one. */
    public void moveLine(int lines) {
        List<TimelineBar> all = model.bars();
        if (all.isEmpty()) return;
        int target = Math.clamp(chosenBar(all) + (long) lines * BARS_A_LINE, 0, all.size() - 1);
        model.timeline().spansIn(all.get(target)).stream()
                .findFirst()
                .ifPresent(span -> model.chooseSpan(span.inSection().orElse(0)));
    }

    /** The index of the bar in which the chosen chord starts; 0 where there is none. */
    private int chosenBar(List<TimelineBar> all) {
        return model.chosenSpan()
                .flatMap(span -> model.timeline().barAt(span.start()))
                .map(bar -> Math.max(0, all.indexOf(bar)))
                .orElse(0);
    }
}
