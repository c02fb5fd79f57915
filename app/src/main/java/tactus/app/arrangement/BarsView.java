package tactus.app.arrangement;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import tactus.app.words.Words;
import tactus.app.work.Work;
import tactus.core.song.Facts;
import tactus.core.timeline.TimelineBar;
import tactus.core.timeline.TimelineSpan;

/** The bars of the chosen pass, four to a line. Style class {@code bars-view}. */
final class BarsView extends GridPane {

    static final int BARS_A_LINE = 4;
    private static final double BAR_HEIGHT = 122;

    private final Work work;
    private final ArrangementModel model;
    private final List<BarView> bars = new ArrayList<>();
    private boolean lowStringOnTop = true;

    BarsView(Work work, ArrangementModel model) {
        this.work = work;
        this.model = model;
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

    void setLowStringOnTop(boolean value) {
        lowStringOnTop = value;
        show();
    }

    /** Shows the bars of the chosen pass. */
    void show() {
        bars.clear();
        getChildren().clear();
        Facts facts = work.song().facts();
        var look = new BarView.Look(facts.meter(), facts.tuning().strings(), lowStringOnTop);
        List<TimelineSpan> spans = model.spans();
        for (TimelineBar bar : model.bars()) {
            var inBar = spans.stream().filter(span -> overlaps(span, bar)).toList();
            var view = new BarView(
                    model.timeline(), bar, inBar, look, model.choice().span(), this::choose);
            view.setMinHeight(BAR_HEIGHT);
            view.setPrefHeight(BAR_HEIGHT);
            add(view, bars.size() % BARS_A_LINE, bars.size() / BARS_A_LINE);
            bars.add(view);
        }
        if (bars.isEmpty()) getChildren().add(new Label(Words.of("arrangement.noBars")));
    }

    private void choose(int span) {
        requestFocus();
        model.chooseSpan(span);
    }

    private static boolean overlaps(TimelineSpan span, TimelineBar bar) {
        return span.start().isLessThan(bar.end()) && bar.start().isLessThan(span.end());
    }

    /** Shows what is playing, in whole notes from the start of the song; not a number if nothing is. */
    void showPlaying(double position) {
        bars.forEach(bar -> bar.showPlaying(position));
    }

    /** Chooses the first chord of the bar {@code lines} lines below the chosen one. */
    void moveLine(int lines) {
        model.chosenSpan().ifPresent(span -> {
            int now = indexOf(span);
            int target = Math.clamp(now + (long) lines * BARS_A_LINE, 0, bars.size() - 1);
            TimelineBar bar = bars.get(target).bar();
            model.spans().stream()
                    .filter(other -> overlaps(other, bar))
                    .findFirst()
                    .ifPresent(other -> model.chooseSpan(other.inSection()));
        });
    }

    private int indexOf(TimelineSpan span) {
        for (int i = 0; i < bars.size(); i++) {
            if (overlaps(span, bars.get(i).bar())) return i;
        }
        return 0;
    }
}
