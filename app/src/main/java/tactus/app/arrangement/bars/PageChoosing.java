package tactus.app.arrangement.bars;

import java.util.function.Consumer;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.arrangement.section.Choice;
import tactus.core.laid.timeline.TimelineBar;

/**
 * Chooses what a hand points at on the page, and assigns what is let go there.
 *
 * @param focus what gives the page the keys
 * @param toggle what shows or hides the bars of an entry
 */
record PageChoosing(ArrangementModel model, PatternDrop drop, Runnable focus, Consumer<PageRow.Head> toggle)
        implements PageHand {

    @Override
    public void chooseHead(PageRow.Head head) {
        focus.run();
        choose(head);
    }

    private boolean isChosen(PageRow row) {
        return model.choice().isAbout(row.use().use(), row.use().section());
    }

    private void choose(PageRow.Head head) {
        if (!isChosen(head)) model.chooseUse(head.use().use());
    }

    @Override
    public void toggle(PageRow.Head head) {
        toggle.accept(head);
    }

    @Override
    public void chooseChord(PageRow.Line line, int span, boolean reaches) {
        focus.run();
        if (reaches && isChosen(line)) model.chooseTo(span);
        else choose(line, span);
    }

    /** Chooses a row of the page: its heading, or on a line the first chord of the bar {@code column}. */
    void choose(PageRow row, int column) {
        switch (row) {
            case PageRow.Head head -> choose(head);
            case PageRow.Line line -> {
                TimelineBar bar = line.bars().get(Math.min(column, line.bars().size() - 1));
                int span = line.timeline().spansIn(bar).stream()
                        .findFirst()
                        .flatMap(found -> found.inSection().stream().boxed().findFirst())
                        .orElse(0);
                choose(line, span);
            }
        }
    }

    private void choose(PageRow.Line line, int span) {
        if (!line.isPlayed()) {
            model.chooseSpan(span);
            return;
        }
        Choice now = model.choice();
        int use = line.use().use();
        boolean keepsPass = now.isUse(use) && line.block().passes().contains(now.pass());
        model.choose(use, keepsPass ? now.pass() : line.block().pass(), span);
    }

    @Override
    public void chooseLane(PageRow.Line line, int lane) {
        focus.run();
        int pass = line.block().lanes().get(lane).passes().getFirst();
        if (line.isPlayed()) model.choose(line.use().use(), pass, model.choice().span());
        else model.choosePass(pass);
    }

    @Override
    public void dropOnHead(PageRow.Head head) {
        drop.dragged().ifPresent(pattern -> {
            choose(head);
            drop.onSection(pattern);
        });
    }

    @Override
    public void dropOnChord(PageRow.Line line, int span) {
        drop.dragged().ifPresent(pattern -> {
            boolean among = isChosen(line)
                    && model.choice().isSeveral()
                    && model.choice().has(span);
            if (!among) choose(line, span);
            drop.onChosen(pattern);
        });
    }
}
