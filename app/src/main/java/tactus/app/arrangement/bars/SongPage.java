package tactus.app.arrangement.bars;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Bounds;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
import tactus.app.arrangement.section.ArrangementModel;
import tactus.app.arrangement.section.Choice;
import tactus.app.field.Bound;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.laid.outline.Outline;
import tactus.core.laid.outline.OutlinedUse;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.written.section.SectionId;
import tactus.core.written.song.Song;
import tactus.words.Words;

/**
 * The whole song as one page that scrolls: every use under its heading, its bars, and a ribbon for each pass. Only what is
 * in sight is built. Style class {@code song-page}; id {@code bars}.
 */
public final class SongPage extends Region {

    private static final double AHEAD = 240;
    private static final double RIGHT = 8;

    /** What the rows were made from. */
    private record Made(
            int outline,
            Zoom zoom,
            double width,
            Set<Integer> open,
            Optional<SectionId> loose,
            BarView.Reading reading) {}

    private final Bound bound = new Bound(this);
    private final Work work;
    private final ArrangementModel model;
    private final Settings settings;
    private final PageChoosing choosing;
    private final ScrollPane scroll;
    private final ObjectProperty<Zoom> zoom = new SimpleObjectProperty<>(this, "zoom", Zoom.RIBBONS);
    private final ReadOnlyObjectWrapper<OptionalInt> inView =
            new ReadOnlyObjectWrapper<>(this, "inView", OptionalInt.empty());
    private final Label empty = new Label(Words.of("arrangement.noBars"));
    private final Folds folds = new Folds();
    private final Map<Integer, Region> built = new HashMap<>();
    private Work.State outlined;
    /** How many outlines were made; comparing two songs whole would take longer than making one. */
    private int outlines;

    private Outline outline = new Outline(Optional.empty(), List.of());
    private Made made;
    private PageWalk walk;
    private List<PageRow> rows = List.of();
    private double[] tops = {0};
    private Optional<TimelineBar> sounding = Optional.empty();
    private double position = Double.NaN;
    private boolean revealsChosen;

    /** @param scroll what it is scrolled in */
    public SongPage(Work work, ArrangementModel model, Settings settings, PatternDrop drop, ScrollPane scroll) {
        this.work = work;
        this.model = model;
        this.walk = new PageWalk(rows, model);
        this.settings = settings;
        this.choosing = new PageChoosing(model, drop, this::requestFocus, this::toggle);
        this.scroll = scroll;
        getStyleClass().add("song-page");
        setId("bars");
        setFocusTraversable(true);
        setAccessibleText(Words.of("page.song"));
        empty.getStyleClass().add("quiet");
        empty.setWrapText(true);
        scroll.setContent(this);
        scroll.setFitToWidth(true);
        bound.follow(this::requestLayout, scroll.vvalueProperty(), scroll.viewportBoundsProperty());
        bound.follow(zoom, _ -> reveal());
        bound.follow(work.openedProperty(), _ -> folds.clear());
        setOnMousePressed(_ -> requestFocus());
        // A scroll pane takes the focus of what is clicked inside it; keys work on the page.
        bound.follow(scroll.focusedProperty(), focused -> {
            if (focused) requestFocus();
        });
    }

    /** Shows the song as it is, with the chosen chord in sight. */
    public void show() {
        reveal();
    }

    private void reveal() {
        revealsChosen = true;
        compose();
        built.values().forEach(this::showState);
        requestLayout();
    }

    private boolean isOpen(OutlinedUse use) {
        boolean isFirst = use.sameAs().isEmpty() && use.like().isEmpty();
        return folds.isOpen(entry(use), isFirst || model.choice().isUse(use.use()));
    }

    private int entry(OutlinedUse use) {
        return work.song().uses().get(use.use()).id();
    }

    /** Makes the rows anew if anything that they are made from has changed. */
    private void compose() {
        if (outlined != work.stateProperty().get()) {
            outlined = work.stateProperty().get();
            outline = Outline.of(work.timeline());
            outlines++;
        }
        double width = Math.max(200, getWidth() - LineView.GUTTER - RIGHT);
        Set<Integer> open = new HashSet<>();
        outline.uses().stream().filter(this::isOpen).forEach(use -> open.add(use.use()));
        Optional<SectionId> loose = model.choice().use().isPresent()
                ? Optional.empty()
                : model.choice().section();
        var wanted = new Made(outlines, zoom.get(), width, open, loose, BarView.Reading.of(settings));
        if (wanted.equals(made)) return;
        // Where the lines break otherwise, what is chosen stays in sight.
        revealsChosen |= made == null || made.width() != width;
        made = wanted;
        Song song = work.song();
        var all = new ArrayList<>(
                PageRows.of(song, work.timeline(), outline, zoom.get(), width, use -> open.contains(use.use())));
        if (loose.isPresent()) all.addAll(PageRows.ofLoose(song, model.timeline(), zoom.get(), width));
        rows = all;
        walk = new PageWalk(rows, model);
        tops = new double[rows.size() + 1];
        for (int i = 0; i < rows.size(); i++)
            tops[i + 1] = tops[i] + rows.get(i).height();
        getChildren().clear();
        built.clear();
        if (rows.isEmpty()) getChildren().add(empty);
        requestLayout();
    }

    @Override
    protected double computePrefHeight(double width) {
        return Math.max(60, tops[tops.length - 1] + 16);
    }

    @Override
    protected void layoutChildren() {
        compose();
        if (rows.isEmpty()) {
            empty.resizeRelocate(12, 12, getWidth() - 24, 60);
            return;
        }
        Bounds view = scroll.getViewportBounds();
        if (revealsChosen && view.getHeight() > 0) revealChosen(view.getHeight());
        double hidden = Math.max(0, computePrefHeight(-1) - view.getHeight());
        double top = scroll.getVvalue() * hidden;
        build(top - AHEAD, top + view.getHeight() + AHEAD);
        int row = rowAt(top + 1);
        PageRow seen = rows.get(row);
        inView.set(seen.isPlayed() ? OptionalInt.of(seen.use().use()) : OptionalInt.empty());
    }

    private int rowAt(double y) {
        int row = 0;
        while (row + 1 < rows.size() && tops[row + 1] <= y) row++;
        return row;
    }

    /** Builds the rows between two heights, and takes away those that are elsewhere. */
    private void build(double from, double to) {
        built.entrySet().removeIf(each -> {
            boolean gone = tops[each.getKey() + 1] < from || tops[each.getKey()] > to;
            if (gone) getChildren().remove(each.getValue());
            return gone;
        });
        for (int i = rowAt(Math.max(0, from)); i < rows.size() && tops[i] <= to; i++) {
            Region view = built.computeIfAbsent(i, this::made);
            view.resizeRelocate(0, tops[i], getWidth(), rows.get(i).height());
        }
    }

    private Region made(int index) {
        Region view = switch (rows.get(index)) {
            case PageRow.Head head -> new HeadView(head, choosing);
            case PageRow.Line line ->
                new LineView(line, new BarView.Look(work.song(), BarView.Reading.of(settings), zoom.get()), choosing);
        };
        view.getStyleClass().add("zoom-" + zoom.get().name().toLowerCase(Locale.ROOT));
        getChildren().add(view);
        showState(view);
        return view;
    }

    private void showState(Region view) {
        Choice choice = model.choice();
        switch (view) {
            case HeadView head -> head.showChosen(isChosen(head.row()));
            case LineView line -> {
                boolean isChosen = isChosen(line.row());
                boolean here = isChosen && line.row().block().passes().contains(choice.pass());
                line.showChosen(
                        span -> here && choice.has(span),
                        isChosen ? OptionalInt.of(choice.pass()) : OptionalInt.empty());
                line.showPlaying(sounding, position);
            }
            default -> {}
        }
    }

    private boolean isChosen(PageRow row) {
        return model.choice().isAbout(row.use().use(), row.use().section());
    }

    /**
     * Scrolls as little as needed for the chosen chord and, where there is room, its heading; once more when the page has the
     * height that its rows want, since the scroller keeps what it shows where it is when that changes.
     */
    private void revealChosen(double room) {
        revealsChosen = Math.abs(getHeight() - computePrefHeight(-1)) > 1;
        walk.chosen().ifPresent(row -> reveal(row, room));
    }

    private void reveal(int row, double room) {
        double height = computePrefHeight(-1);
        double hidden = height - room;
        if (hidden <= 0) return;
        boolean afterHead = row > 0 && rows.get(row - 1) instanceof PageRow.Head;
        double first = afterHead ? tops[row - 1] : tops[row];
        double last = tops[row + 1] - room;
        double top = scroll.getVvalue() * hidden;
        double next = Math.clamp(top, Math.min(first, last), Math.max(first, last));
        if (Math.abs(next - top) > 0.5) scroll.setVvalue(next / hidden);
    }

    /** Shows the moment that is played, in whole notes from the start of the song; not a number if nothing is. */
    public void showPlaying(Optional<TimelineBar> bar, double at) {
        sounding = bar;
        position = at;
        built.values().forEach(view -> {
            if (view instanceof LineView line) line.showPlaying(sounding, position);
        });
    }

    /** Brings the bar that sounds into sight. */
    public void follow(TimelineBar bar) {
        walk.lineOf(bar).ifPresent(row -> reveal(row, scroll.getViewportBounds().getHeight()));
    }

    /** Chooses the chord {@code lines} lines below the chosen one, at about the same place. */
    public void moveLine(int lines) {
        walk.chosen()
                .ifPresent(row -> walk.below(row, lines).ifPresent(next -> choosing.choose(next, walk.column(row))));
    }

    /** A section that is not played stands open as long as it is chosen. */
    private void toggle(PageRow.Head head) {
        if (!head.isPlayed()) return;
        folds.toggle(entry(head.use()), head.isOpen());
        compose();
        requestLayout();
    }

    /** Shows or hides the bars of the chosen entry. */
    public void toggleChosen() {
        rows.stream()
                .filter(row -> row instanceof PageRow.Head && isChosen(row))
                .findFirst()
                .ifPresent(head -> toggle((PageRow.Head) head));
    }

    public ObjectProperty<Zoom> zoomProperty() {
        return zoom;
    }

    /** The entry at the top of what is in sight. */
    public ReadOnlyObjectProperty<OptionalInt> inViewProperty() {
        return inView.getReadOnlyProperty();
    }
}
