package tactus.app.bench.pattern;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.hand.HandView;
import tactus.core.laid.picture.Frame;
import tactus.core.laid.picture.Passage;
import tactus.core.laid.timeline.PlayedForm;
import tactus.core.laid.timeline.Timeline;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.written.section.Section;
import tactus.core.written.song.Song;
import tactus.words.Words;

/** The patterns of a song, each with its picture as an emblem. Style class {@code pattern-list}. */
public final class PatternList extends ListView<Pattern> {

    private final BooleanProperty lowStringOnTop = new SimpleBooleanProperty(this, "lowStringOnTop", true);
    private Song song = Song.empty("?");
    private Timeline timeline = Timeline.of(song);

    public PatternList() {
        getStyleClass().add("pattern-list");
        setAccessibleText(Words.of("bench.patterns"));
        setPlaceholder(new Label(Words.of("bench.noPatterns")));
        setCellFactory(_ -> new Cell());
    }

    /** Shows the patterns of {@code shown}, which is laid out as {@code laidOut}, with {@code chosen} selected. */
    public void show(Song shown, Timeline laidOut, Optional<Pattern> chosen) {
        boolean isElsewhere = !laidOut.equals(timeline);
        song = shown;
        timeline = laidOut;
        if (!getItems().equals(shown.patterns())) getItems().setAll(shown.patterns());
        else if (isElsewhere) refresh();
        chosen.ifPresentOrElse(getSelectionModel()::select, getSelectionModel()::clearSelection);
    }

    public BooleanProperty lowStringOnTopProperty() {
        return lowStringOnTop;
    }

    private final class Cell extends ListCell<Pattern> {

        private final Label name = new Label();
        private final Label facts = new Label();
        private final HandView emblem = new HandView(Frame.Size.TINY);
        private final HBox row = new HBox(emblem, new VBox(name, facts));

        Cell() {
            setPrefWidth(0);
            row.getStyleClass().add("pattern-row");
            name.getStyleClass().add("pattern-name");
            facts.getStyleClass().add("quiet");
            emblem.getStyleClass().add("emblem");
            emblem.lowStringOnTopProperty().bind(lowStringOnTop);
            HBox.setHgrow(row.getChildren().getLast(), Priority.ALWAYS);
        }

        @Override
        protected void updateItem(Pattern pattern, boolean empty) {
            super.updateItem(pattern, empty);
            setGraphic(empty ? null : row);
            setAccessibleText("");
            if (empty) return;
            name.setText(pattern.name());
            facts.setText(pattern.meter() + " · " + uses(pattern));
            emblem.setPassage(Passage.of(pattern));
            setAccessibleText(pattern.name() + ", " + pattern.line());
        }

        private String uses(Pattern pattern) {
            List<String> names = PlayedForm.sections(song, timeline, pattern.id()).stream()
                    .flatMap(id -> song.section(id).stream())
                    .map(Section::name)
                    .toList();
            if (names.isEmpty()) return Words.of("bench.unused");
            return names.stream().limit(2).collect(Collectors.joining(", "))
                    + (names.size() > 2 ? " +" + (names.size() - 2) : "");
        }
    }
}
