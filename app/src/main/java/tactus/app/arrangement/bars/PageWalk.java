package tactus.app.arrangement.bars;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.core.laid.timeline.TimelineBar;

/**
 * Where on the page something stands, and what is above and below it.
 *
 * @param rows the page
 */
record PageWalk(List<PageRow> rows, ArrangementModel model) {

    /** The line with the chosen chord, or the heading of the chosen entry where its bars are folded. */
    Optional<Integer> chosen() {
        Optional<TimelineBar> bar = chosenBar();
        List<Integer> about = IntStream.range(0, rows.size())
                .filter(i -> model.choice()
                        .isAbout(rows.get(i).use().use(), rows.get(i).use().section()))
                .boxed()
                .toList();
        return about.stream()
                .filter(i -> bar.isPresent() && holds(rows.get(i), bar.get()))
                .findFirst()
                .or(() -> about.stream().findFirst());
    }

    private Optional<TimelineBar> chosenBar() {
        return model.chosenSpan().flatMap(span -> model.timeline().barAt(span.start()));
    }

    /** The line that {@code bar} of the song stands on, in whichever of its passes. */
    Optional<Integer> lineOf(TimelineBar bar) {
        return IntStream.range(0, rows.size())
                .filter(i -> rows.get(i).isPlayed() && rows.get(i).use().use() == bar.use() && holds(rows.get(i), bar))
                .boxed()
                .findFirst();
    }

    private static boolean holds(PageRow row, TimelineBar bar) {
        return row instanceof PageRow.Line line
                && line.block().passes().contains(bar.pass())
                && line.bars().stream().anyMatch(each -> each.inSection().equals(bar.inSection()));
    }

    /**
     * The line, or the heading whose bars are folded, that is {@code lines} below {@code row}, as far as there are any. A
     * heading with no bars is between two of them.
     */
    Optional<PageRow> below(int row, int lines) {
        List<Integer> places = IntStream.range(0, rows.size())
                .filter(this::isPlaceToGo)
                .boxed()
                .toList();
        if (places.isEmpty()) return Optional.empty();
        int above = (int) places.stream().filter(place -> place < row).count();
        int next = above + lines - (isPlaceToGo(row) || lines < 0 ? 0 : 1);
        return Optional.of(rows.get(places.get(Math.clamp(next, 0, places.size() - 1))));
    }

    private boolean isPlaceToGo(int row) {
        return switch (rows.get(row)) {
            case PageRow.Line _ -> true;
            case PageRow.Head head -> !head.isOpen();
        };
    }

    /** Which bar of its line {@code row} is chosen, from 0. */
    int column(int row) {
        if (!(rows.get(row) instanceof PageRow.Line line)) return 0;
        return IntStream.range(0, line.bars().size())
                .filter(i -> chosenBar()
                        .filter(bar -> line.bars().get(i).inSection().equals(bar.inSection()))
                        .isPresent())
                .findFirst()
                .orElse(0);
    }
}
