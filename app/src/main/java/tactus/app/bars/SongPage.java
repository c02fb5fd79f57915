package tactus.app.bars;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.IntPredicate;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
import tactus.app.field.Bound;
import tactus.app.section.ArrangementModel;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.outline.Outline;
import tactus.core.outline.OutlinedUse;
import tactus.core.pattern.PatternId;
import tactus.core.song.Song;
import tactus.core.timeline.TimelineBar;
import tactus.words.Words;

/**
 * The whole song as one page that scrolls: every use under its heading, its bars, and a ribbon for each pass. Only what is
 * in sight is built. Style class {@code song-page}; id {@code bars}.
 */
public final class SongPage extends Region implements PageHand {

    private static final double AHEAD = 240;
    private static final double RIGHT = 8;

    /** What the rows were made from. */
    private record Made(
            int outline, Zoom zoom, double width, Set<Integer> open, Optional<?> loose, BarView.Reading reading) {}

    private final Bound bound = new Bound(this);
    private final Work work;
    private final ArrangementModel model;
    private final Settings settings;
    private final PatternDrop drop;
    private final ScrollPane scroll;
    private final ObjectProperty<Zoom> zoom = new SimpleObjectProperty<>(this, "zoom", Zoom.RIBBONS);
    private final ReadOnlyObjectWrapper<OptionalInt> inView =
            new ReadOnlyObjectWrapper<>(this, "inView", OptionalInt.empty());
    private final Label empty = new Label(Words.of("arrangement.noBars"));
    private final Set<Integer> unfolded = new HashSet<>();
    private final Set<Integer> folded = new HashSet<>();
    private final Map<Integer, Region> built = new HashMap<>();
    private Work.State outlined;
    /** How many outlines were made; comparing two songs whole would take longer than making one. */
    private int outlines;

    private Outline outline = new Outline(Optional.empty(), List.of());
    private Made made;
    private List<PageRow> rows = List.of();
    private double[] tops = {0};
    private Optional<TimelineBar> sounding = Optional.empty();
    private double position = Double.NaN;
    private boolean revealsChosen;

    /** What is done with a pattern that was dragged here. */
    public interface PatternDrop {

        /** The pattern that is being dragged, if one is. */
        Optional<PatternId> dragged();

        void onSection(PatternId pattern);

        void onChosen(PatternId pattern);
    }

    /** @param scroll what it is scrolled in */
    public SongPage(Work work, ArrangementModel model, Settings settings, PatternDrop drop, ScrollPane scroll) {
        this.work = work;
        this.model = model;
        this.settings = settings;
        this.drop = drop;
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
        bound.follow(work.openedProperty(), _ -> {
            unfolded.clear();
            folded.clear();
        });
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
        int id = work.song().uses().get(use.use()).id();
        if (folded.contains(id)) return false;
        boolean isFirst = use.sameAs().isEmpty() && use.like().isEmpty();
        boolean isWorkedOn = model.choice().isUse(use.use());
        return isFirst || unfolded.contains(id) || isWorkedOn;
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
        boolean isLoose = model.choice().use().isEmpty() && model.section().isPresent();
        var wanted = new Made(
                outlines,
                zoom.get(),
                width,
                open,
                isLoose ? model.section() : Optional.empty(),
                BarView.Reading.of(settings));
        if (wanted.equals(made)) return;
        // Where the lines break otherwise, what is chosen stays in sight.
        revealsChosen |= made == null || made.width() != width;
        made = wanted;
        Song song = work.song();
        var all = new ArrayList<>(
                PageRows.of(song, work.timeline(), outline, zoom.get(), width, use -> open.contains(use.use())));
        if (isLoose) all.addAll(PageRows.ofLoose(song, model.timeline(), zoom.get(), width));
        rows = all;
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
        inView.set(row < rows.size() ? OptionalInt.of(rows.get(row).use().use()) : OptionalInt.empty());
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
            case PageRow.Head head -> new HeadView(head, this);
            case PageRow.Line line ->
                new LineView(line, new BarView.Look(work.song(), BarView.Reading.of(settings), zoom.get()), this);
        };
        view.getStyleClass().add("zoom-" + zoom.get().name().toLowerCase(Locale.ROOT));
        getChildren().add(view);
        showState(view);
        return view;
    }

    private void showState(Region view) {
        ArrangementModel.Choice choice = model.choice();
        switch (view) {
            case HeadView head -> head.showChosen(isChosen(head.row().use()));
            case LineView line -> {
                boolean here = isChosen(line.row().use())
                        && line.row().block().passes().contains(choice.pass());
                IntPredicate chosen = span -> here && choice.has(span);
                line.showChosen(
                        chosen, isChosen(line.row().use()) ? OptionalInt.of(choice.pass()) : OptionalInt.empty());
                line.showPlaying(sounding, position);
            }
            default -> {}
        }
    }

    private boolean isChosen(OutlinedUse use) {
        ArrangementModel.Choice choice = model.choice();
        return choice.use().isPresent()
                ? choice.isUse(use.use())
                : choice.section().filter(use.section()::equals).isPresent();
    }

    /** Scrolls as little as needed for the chosen chord and, where there is room, its heading. */
    private void revealChosen(double room) {
        revealsChosen = false;
        chosenRow().ifPresent(row -> reveal(row, room));
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

    /** The line with the chosen chord, or the heading of the chosen entry where its bars are folded. */
    private Optional<Integer> chosenRow() {
        Optional<TimelineBar> bar =
                model.chosenSpan().flatMap(span -> model.timeline().barAt(span.start()));
        Optional<Integer> head = Optional.empty();
        for (int i = 0; i < rows.size(); i++) {
            if (!isChosen(rows.get(i).use())) continue;
            if (rows.get(i) instanceof PageRow.Line line && bar.isPresent() && holds(line, bar.get()))
                return Optional.of(i);
            if (head.isEmpty()) head = Optional.of(i);
        }
        return head;
    }

    /** Whether {@code bar} is on the line, in whichever of its passes. */
    private static boolean holds(PageRow.Line line, TimelineBar bar) {
        return line.block().passes().contains(bar.pass())
                && line.bars().stream().anyMatch(each -> each.inSection().equals(bar.inSection()));
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
        for (int i = 0; i < rows.size(); i++) {
            boolean here = rows.get(i).use().use() == bar.use();
            if (here && rows.get(i) instanceof PageRow.Line line && holds(line, bar)) {
                reveal(i, scroll.getViewportBounds().getHeight());
                return;
            }
        }
    }

    /** Chooses the chord {@code lines} lines below the chosen one, at about the same place. */
    public void moveLine(int lines) {
        Optional<Integer> chosen = chosenRow();
        if (chosen.isEmpty()) return;
        List<Integer> places = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) if (isPlaceToGo(i)) places.add(i);
        int at = places.indexOf(chosen.get());
        int target = places.get(Math.clamp((long) at + lines, 0, places.size() - 1));
        switch (rows.get(target)) {
            case PageRow.Head head -> model.chooseUse(head.use().use());
            case PageRow.Line line -> {
                int column = rows.get(chosen.get()) instanceof PageRow.Line from ? column(from) : 0;
                TimelineBar bar = line.bars().get(Math.min(column, line.bars().size() - 1));
                int span = line.timeline().spansIn(bar).stream()
                        .findFirst()
                        .flatMap(found -> found.inSection().stream().boxed().findFirst())
                        .orElse(0);
                choose(line, span);
            }
        }
    }

    /** A line of bars, or a heading whose bars are folded. */
    private boolean isPlaceToGo(int row) {
        return rows.get(row) instanceof PageRow.Line || rows.get(row) instanceof PageRow.Head head && !head.isOpen();
    }

    /** Which bar of its line is chosen, from 0. */
    private int column(PageRow.Line line) {
        Optional<TimelineBar> bar =
                model.chosenSpan().flatMap(span -> model.timeline().barAt(span.start()));
        for (int i = 0; i < line.bars().size(); i++)
            if (bar.isPresent()
                    && line.bars().get(i).inSection().equals(bar.get().inSection())) return i;
        return 0;
    }

    private void choose(PageRow.Line line, int span) {
        if (line.timeline() != work.timeline()) {
            model.chooseSpan(span);
            return;
        }
        int use = line.use().use();
        boolean keepsPass = model.choice().isUse(use)
                && line.block().passes().contains(model.choice().pass());
        model.choose(use, keepsPass ? model.choice().pass() : line.block().pass(), span);
    }

    @Override
    public void chooseHead(OutlinedUse use) {
        requestFocus();
        if (!isChosen(use)) model.chooseUse(use.use());
    }

    @Override
    public void toggle(OutlinedUse use) {
        int id = work.song().uses().get(use.use()).id();
        boolean open = isOpen(use);
        unfolded.remove(id);
        folded.remove(id);
        (open ? folded : unfolded).add(id);
        compose();
        requestLayout();
    }

    /** Shows or hides the bars of the chosen entry. */
    public void toggleChosen() {
        outline.uses().stream().filter(this::isChosen).findFirst().ifPresent(this::toggle);
    }

    @Override
    public void chooseChord(PageRow.Line line, int span, boolean reaches) {
        requestFocus();
        boolean sameUse = line.timeline() != work.timeline()
                || model.choice().isUse(line.use().use());
        if (reaches && sameUse) model.chooseTo(span);
        else choose(line, span);
    }

    @Override
    public void chooseLane(PageRow.Line line, int lane) {
        requestFocus();
        int pass = line.block().lanes().get(lane).passes().getFirst();
        if (line.timeline() == work.timeline())
            model.choose(line.use().use(), pass, model.choice().span());
        else model.choosePass(pass);
    }

    @Override
    public void dropOnHead(OutlinedUse use) {
        drop.dragged().ifPresent(pattern -> {
            if (!isChosen(use)) model.chooseUse(use.use());
            drop.onSection(pattern);
        });
    }

    @Override
    public void dropOnChord(PageRow.Line line, int span) {
        drop.dragged().ifPresent(pattern -> {
            boolean among = isChosen(line.use())
                    && model.choice().isSeveral()
                    && model.choice().has(span);
            if (!among) choose(line, span);
            drop.onChosen(pattern);
        });
    }

    public ObjectProperty<Zoom> zoomProperty() {
        return zoom;
    }

    /** The entry at the top of what is in sight. */
    public ReadOnlyObjectProperty<OptionalInt> inViewProperty() {
        return inView.getReadOnlyProperty();
    }

    /** The view of the bar that the chosen chord starts in, if it is in sight. */
    public Optional<Node> chosenBar() {
        return chosenRow().map(built::get).map(Node.class::cast);
    }
}
