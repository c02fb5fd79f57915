package tactus.app.arrangement.bars;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import tactus.core.laid.outline.Lane;
import tactus.core.laid.outline.LineOfBars;
import tactus.core.laid.outline.Ribbon;
import tactus.core.laid.outline.WordLane;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.music.time.Length;
import tactus.words.SongWords;
import tactus.words.Words;

/** A line of bars with what is written under them, and below it a ribbon for each pass that plays something else. */
final class LineView extends Region {

    static final double GUTTER = 26;

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass LANDMARK = PseudoClass.getPseudoClass("landmark");

    /** A ribbon on this line with where it lies, from the start of the pass. */
    private record Placed(Region view, int lane, Length from, Length to) {}

    private record Word(Label label, Length at) {}

    private record Sung(Label number, List<Word> words) {}

    private record Notch(Line line, int lane, Length at) {}

    private final PageRow.Line row;
    private final LineOfBars line;
    private final Zoom zoom;
    private final List<BarView> bars = new ArrayList<>();
    private final List<Label> notes = new ArrayList<>();
    private final List<Sung> sung = new ArrayList<>();
    private final List<Label> passes = new ArrayList<>();
    private final List<Placed> ribbons = new ArrayList<>();
    private final List<Notch> notches = new ArrayList<>();

    LineView(PageRow.Line row, BarView.Look look, PageHand hand) {
        this.row = row;
        line = row.line();
        this.zoom = look.zoom();
        getStyleClass().add("page-line");
        for (TimelineBar bar : row.bars()) bars.add(new BarView(row, bar, look, hand));
        getChildren().addAll(bars);
        for (String note : row.notes()) notes.add(note(note));
        for (WordLane each : row.sung()) addWords(each);
        var words = new SongWords(look.song());
        int lane = 0;
        for (Lane each : row.block().lanes()) addLane(each, lane++, look, words, hand, false);
        for (Lane each : row.block().second()) addLane(each, lane++, look, words, hand, true);
    }

    /** The words of a text, each where it is sung; the first one of a line is its landmark. */
    private void addWords(WordLane lane) {
        int all = row.block().passes().size();
        String passes = lane.passes().stream().map(Object::toString).collect(Collectors.joining(","));
        var number = new Label(row.use().blocks().size() > 1 || lane.passes().size() < all ? passes : "");
        number.getStyleClass().add("lane-pass");
        var words = new ArrayList<Word>();
        for (Margin.SungAt each : lane.between(line.start(), line.end())) {
            var label = new Label(each.hyphened());
            label.getStyleClass().add("sung-word");
            label.pseudoClassStateChanged(LANDMARK, each.startsLine());
            label.setMinWidth(USE_PREF_SIZE);
            words.add(new Word(label, each.at()));
            getChildren().add(label);
        }
        sung.add(new Sung(number, words));
        getChildren().add(number);
    }

    private void layWords(double top) {
        for (int i = 0; i < sung.size(); i++) {
            double y = top + i * PageRows.WORDS;
            sung.get(i).number().resizeRelocate(2, y, GUTTER - 4, PageRows.WORDS);
            double free = GUTTER;
            for (Word word : sung.get(i).words()) {
                double x = Math.max(free, GUTTER + line.xAt(word.at()) + 5);
                double width = word.label().prefWidth(-1);
                word.label().resizeRelocate(x, y, width, PageRows.WORDS);
                free = x + width + (word.label().getText().endsWith("-") ? 1 : 4);
            }
        }
    }

    private Label note(String text) {
        var note = new Label(text);
        note.getStyleClass().add("bar-note");
        note.setWrapText(true);
        note.setVisible(!text.isEmpty());
        getChildren().add(note);
        return note;
    }

    private void addLane(Lane lane, int index, BarView.Look look, SongWords words, PageHand hand, boolean isSecond) {
        int all = row.block().passes().size();
        boolean isNamed =
                row.use().blocks().size() > 1 || all > 1 && (lane.passes().size() < all || isSecond);
        String said = lane.passes().stream().map(Object::toString).collect(Collectors.joining(","));
        var pass = new Label(isNamed ? said.length() <= 4 ? said : lane.passes().getFirst() + "…" : "");
        pass.getStyleClass().add("lane-pass");
        pass.setAccessibleText(Words.of("page.passes", said));
        passes.add(pass);
        getChildren().add(pass);
        for (Ribbon ribbon : lane.ribbons()) {
            Length from = ribbon.from().max(line.start());
            Length to = ribbon.to().min(line.end());
            if (!from.isLessThan(to)) continue;
            boolean begins = !ribbon.from().isLessThan(line.start());
            var view = new RibbonView(
                    look.song(), words, ribbon, begins, isSecond, look.reading().lowStringOnTop());
            if (!isSecond) view.setOnMousePressed(_ -> hand.chooseLane(row, index));
            ribbons.add(new Placed(view, index, from, to));
            getChildren().add(view);
            for (Length cut : ribbon.cuts())
                if (line.start().isLessThan(cut) && !line.end().isLessThan(cut)) addNotch(cut, index);
        }
    }

    private void addNotch(Length cut, int lane) {
        var notch = new Line();
        notch.getStyleClass().add("notch");
        notches.add(new Notch(notch, lane, cut));
        getChildren().add(notch);
    }

    @Override
    protected void layoutChildren() {
        double x = GUTTER;
        double noteTop = zoom.head() + zoom.picture();
        for (int i = 0; i < bars.size(); i++) {
            double width = line.widths().get(i);
            bars.get(i).resizeRelocate(x, 0, width, zoom.head() + zoom.picture());
            notes.get(i)
                    .resizeRelocate(
                            x + 5,
                            noteTop,
                            Math.max(10, PageRows.room(row.notes(), line.widths(), i)),
                            row.notesHeight());
            x += width;
        }
        layWords(noteTop + row.notesHeight());
        double top = noteTop + row.notesHeight() + sung.size() * PageRows.WORDS;
        for (int lane = 0; lane < passes.size(); lane++)
            passes.get(lane).resizeRelocate(2, top + lane * zoom.ribbon(), GUTTER - 4, zoom.ribbon());
        for (Placed ribbon : ribbons) {
            double from = GUTTER + line.xAt(ribbon.from());
            double to = GUTTER + line.xAt(ribbon.to());
            ribbon.view()
                    .resizeRelocate(
                            from + 2,
                            top + ribbon.lane() * zoom.ribbon() + 1,
                            Math.max(4, to - from - 4),
                            zoom.ribbon() - 3);
        }
        for (Notch notch : notches) {
            double at = GUTTER + line.xAt(notch.at()) - 3;
            double y = top + notch.lane() * zoom.ribbon();
            notch.line().setStartX(at);
            notch.line().setEndX(at);
            notch.line().setStartY(y + 1);
            notch.line().setEndY(y + zoom.ribbon() - 3);
        }
    }

    /** Marks what is chosen here; the number of the pass that is chosen is marked too. */
    void showChosen(IntPredicate isChosen, OptionalInt pass) {
        bars.forEach(bar -> bar.showChosen(isChosen));
        List<Lane> lanes = row.block().lanes();
        for (int i = 0; i < lanes.size(); i++)
            passes.get(i)
                    .pseudoClassStateChanged(
                            CHOSEN, pass.isPresent() && lanes.get(i).passes().contains(pass.getAsInt()));
    }

    /**
     * Shows what is playing, if it is one of the passes of this line.
     *
     * @param sounding the bar that sounds, in whichever pass
     * @param position in whole notes from the start of the song
     */
    void showPlaying(Optional<TimelineBar> sounding, double position) {
        for (BarView view : bars) {
            boolean sounds = sounding.filter(bar -> isAlike(view.bar(), bar)).isPresent();
            view.showPlaying(sounds ? position - sounding.get().start().toDouble() : Double.NaN);
        }
    }

    PageRow.Line row() {
        return row;
    }

    private boolean isAlike(TimelineBar shown, TimelineBar sounding) {
        return shown.use() == sounding.use()
                && shown.inSection().equals(sounding.inSection())
                && (shown.inSection().isEmpty() || row.block().passes().contains(sounding.pass()));
    }
}
