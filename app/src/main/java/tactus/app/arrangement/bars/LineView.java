package tactus.app.arrangement.bars;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntPredicate;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import tactus.core.laid.outline.Lane;
import tactus.core.laid.outline.LineOfBars;
import tactus.core.laid.outline.WordLane;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.TimelineBar;
import tactus.words.BarNote;
import tactus.words.SongWords;
import tactus.words.Words;

/** A line of bars with what is written under them, and below it a ribbon for each pass that plays something else. */
final class LineView extends Region {

    static final double GUTTER = 26;

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass LANDMARK = PseudoClass.getPseudoClass("landmark");

    private static final LineOfBars.Spacing SPACING = new LineOfBars.Spacing(5, 4, 1);

    private record Laid(Region view, int lane, LineOfBars.Placed at) {}

    private record Sung(WordLane lane, Label number, List<Label> words) {}

    private record Notch(Line line, int lane, double at) {}

    private final PageRow.Line row;
    private final LineOfBars line;
    private final Zoom zoom;
    private final List<BarView> bars = new ArrayList<>();
    private final List<Label> notes = new ArrayList<>();
    private final List<Sung> sung = new ArrayList<>();
    private final List<Label> passes = new ArrayList<>();
    private final List<Laid> ribbons = new ArrayList<>();
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
        var number = new Label(tells(lane.passes(), false) ? BarNote.numbers(lane.passes()) : "");
        number.getStyleClass().add("lane-pass");
        var words = new ArrayList<Label>();
        for (Margin.SungAt each : line.words(lane)) {
            var label = new Label(each.hyphened());
            label.getStyleClass().add("sung-word");
            label.pseudoClassStateChanged(LANDMARK, each.startsLine());
            label.setMinWidth(USE_PREF_SIZE);
            words.add(label);
            getChildren().add(label);
        }
        sung.add(new Sung(lane, number, words));
        getChildren().add(number);
    }

    private void layWords(double top) {
        for (int i = 0; i < sung.size(); i++) {
            double y = top + i * PageRows.WORDS;
            sung.get(i).number().resizeRelocate(2, y, GUTTER - 4, PageRows.WORDS);
            List<Label> words = sung.get(i).words();
            List<Double> wide = words.stream().map(word -> word.prefWidth(-1)).toList();
            List<Double> places = line.placesOf(sung.get(i).lane(), wide, SPACING);
            for (int word = 0; word < words.size(); word++)
                words.get(word).resizeRelocate(GUTTER + places.get(word), y, wide.get(word), PageRows.WORDS);
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
        String said = BarNote.numbers(lane.passes());
        var pass = new Label(
                tells(lane.passes(), isSecond)
                        ? said.length() <= 4 ? said : lane.passes().getFirst() + "…"
                        : "");
        pass.getStyleClass().add("lane-pass");
        pass.setAccessibleText(Words.of("page.passes", said));
        passes.add(pass);
        getChildren().add(pass);
        for (LineOfBars.Placed placed : line.ribbons(lane)) {
            var view = new RibbonView(
                    look.song(), words, placed, isSecond, look.reading().lowStringOnTop());
            if (!isSecond) view.setOnMousePressed(_ -> hand.chooseLane(row, index));
            ribbons.add(new Laid(view, index, placed));
            getChildren().add(view);
            placed.cuts().forEach(cut -> addNotch(cut, index));
        }
    }

    /** Whether the numbers of passes stand in front: also where the passes of the entry have different bars. */
    private boolean tells(List<Integer> passes, boolean isSecond) {
        return row.use().blocks().size() > 1 || row.block().tells(passes, isSecond);
    }

    private void addNotch(double cut, int lane) {
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
                            x + 5, noteTop, Math.max(10, PageRows.room(row.notes(), line, i)), row.notesHeight());
            x += width;
        }
        layWords(noteTop + row.notesHeight());
        double top = noteTop + row.notesHeight() + sung.size() * PageRows.WORDS;
        for (int lane = 0; lane < passes.size(); lane++)
            passes.get(lane).resizeRelocate(2, top + lane * zoom.ribbon(), GUTTER - 4, zoom.ribbon());
        for (Laid ribbon : ribbons) {
            double y = top + ribbon.lane() * zoom.ribbon() + 1;
            double width = ribbon.at().to() - ribbon.at().from() - 4;
            ribbon.view().resizeRelocate(GUTTER + ribbon.at().from() + 2, y, Math.max(4, width), zoom.ribbon() - 3);
        }
        for (Notch notch : notches) {
            double at = GUTTER + notch.at() - 3;
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
