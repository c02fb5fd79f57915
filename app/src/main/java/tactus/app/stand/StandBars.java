package tactus.app.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import tactus.app.work.Work;
import tactus.core.laid.timeline.Margin;
import tactus.core.laid.timeline.TimelineBar;
import tactus.core.laid.timeline.TimelineSpan;
import tactus.core.music.pitch.NoteSchool;
import tactus.formats.font.ChordText;
import tactus.words.BarNote;
import tactus.words.SongWords;

/** The bars of a section with chords as large as there is room. Style class {@code stand-bars}. */
final class StandBars extends Region {

    private static final PseudoClass SOUNDING = PseudoClass.getPseudoClass("sounding");
    private static final double LARGEST = 76;
    private static final double SMALLEST = 22;

    private final List<VBox> cells = new ArrayList<>();
    private List<TimelineBar> bars = List.of();
    private int longestName = 1;
    private boolean hasWords;

    StandBars() {
        getStyleClass().add("stand-bars");
    }

    void show(Work work, List<TimelineBar> shown, NoteSchool school) {
        bars = shown;
        cells.clear();
        longestName = 1;
        hasWords = false;
        var said = new SongWords(work.song());
        for (TimelineBar bar : shown) cells.add(cell(work, said, bar, school));
        getChildren().setAll(cells);
        requestLayout();
    }

    private VBox cell(Work work, SongWords said, TimelineBar bar, NoteSchool school) {
        var chords = new HBox();
        chords.getStyleClass().add("stand-chords");
        chords.setAlignment(Pos.BASELINE_LEFT);
        int letters = 0;
        for (TimelineSpan span : work.timeline().spansIn(bar)) {
            if (span.goesOn() && !span.start().isLessThan(bar.start())) continue;
            boolean starts = !span.start().isLessThan(bar.start());
            String name = ChordText.of(span.chord(), school);
            var label = new Label(starts ? name : "(" + name + ")");
            label.getStyleClass().add(starts ? "stand-chord" : "stand-held");
            label.setMinWidth(USE_PREF_SIZE);
            letters += label.getText().length() + 1;
            chords.getChildren().add(label);
        }
        longestName = Math.max(longestName, letters);
        var words = new Label(words(work, said, bar));
        words.getStyleClass().add("stand-words");
        words.setWrapText(true);
        hasWords |= !words.getText().isEmpty();
        var cell = new VBox(chords, words);
        cell.getStyleClass().add("stand-bar");
        cell.setAccessibleText(bar.number() + ": " + chords.getChildren().size());
        return cell;
    }

    /** What is said of the bar, and what is sung in it. */
    private static String words(Work work, SongWords said, TimelineBar bar) {
        String note = BarNote.of(said, work.timeline(), bar);
        String sung = Margin.line(work.timeline().wordsIn(bar));
        return note.isEmpty() || sung.isEmpty() ? note + sung : note + "  " + sung;
    }

    void showSounding(Optional<TimelineBar> sounding) {
        for (int i = 0; i < cells.size(); i++)
            cells.get(i)
                    .pseudoClassStateChanged(
                            SOUNDING, sounding.filter(bars.get(i)::equals).isPresent());
    }

    /** As many bars on a line as make the chords largest: 4, or 8 where there are many. */
    private int columns() {
        return bars.size() > 16 ? 8 : Math.clamp(bars.size(), 1, 4);
    }

    /** More room than this makes nothing larger. */
    @Override
    protected double computeMaxHeight(double width) {
        int lines = Math.max(1, (bars.size() + columns() - 1) / columns());
        return lines * LARGEST * (hasWords ? 2.4 : 1.9);
    }

    @Override
    protected void layoutChildren() {
        if (bars.isEmpty()) return;
        int columns = columns();
        int lines = (bars.size() + columns - 1) / columns;
        double width = getWidth() / columns;
        double height = getHeight() / lines;
        double byWidth = (width - 24) / (longestName * 0.66);
        double byHeight = height * (hasWords ? 0.48 : 0.62);
        double size = Math.clamp(Math.min(byWidth, byHeight), SMALLEST, LARGEST);
        for (int i = 0; i < cells.size(); i++) {
            VBox cell = cells.get(i);
            cell.setStyle("-fx-font-size: " + Math.round(size) + "px;");
            cell.resizeRelocate(i % columns * width, i / columns * height, width - 6, height - 8);
        }
    }
}
