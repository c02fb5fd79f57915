package tactus.app.arrangement;

import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import tactus.app.words.Words;
import tactus.core.pattern.Pattern;
import tactus.core.song.Section;
import tactus.core.song.Song;

/**
 * The sections as they are played, each as long as its bars; sections that are not played stand at the end. Style class
 * {@code running-order}.
 */
final class RunningOrder extends ListView<RunningOrder.Entry> {

    /**
     * A line of the list.
     *
     * @param use its place in the running order, or -1 if it is not played
     * @param longest the bars of the longest entry
     */
    record Entry(int use, Section section, String pattern, int longest) {

        int bars() {
            return section.bars().size() * section.passes();
        }
    }

    private static final PseudoClass SOUNDING = PseudoClass.getPseudoClass("sounding");

    private final IntegerProperty playing = new SimpleIntegerProperty(this, "playing", -1);

    RunningOrder() {
        getStyleClass().add("running-order");
        setAccessibleText(Words.of("arrangement.order"));
        setPlaceholder(new Label(Words.of("arrangement.noSections")));
        setCellFactory(_ -> new Cell());
    }

    void show(Song song, ArrangementModel.Choice choice) {
        List<Entry> entries = entries(song);
        if (!getItems().equals(entries)) getItems().setAll(entries);
        entries.stream()
                .filter(entry -> choice.use() >= 0
                        ? entry.use() == choice.use()
                        : choice.section().filter(entry.section().id()::equals).isPresent())
                .findFirst()
                .ifPresent(getSelectionModel()::select);
    }

    private static List<Entry> entries(Song song) {
        int longest = song.sections().stream()
                .mapToInt(section -> section.bars().size() * section.passes())
                .max()
                .orElse(1);
        var entries = new ArrayList<Entry>();
        for (int use = 0; use < song.order().size(); use++) {
            entries.add(entry(song, use, song.section(song.order().get(use)).orElseThrow(), longest));
        }
        for (Section section : song.sections()) {
            if (!song.order().contains(section.id())) entries.add(entry(song, -1, section, longest));
        }
        return entries;
    }

    private static Entry entry(Song song, int use, Section section, int longest) {
        String pattern =
                section.pattern().flatMap(song::pattern).map(Pattern::name).orElse(Words.of("assign.nothing"));
        return new Entry(use, section, pattern, longest);
    }

    /** The entry that sounds, or -1. */
    IntegerProperty playingProperty() {
        return playing;
    }

    private final class Cell extends ListCell<Entry> {

        private final Label name = new Label();
        private final Label facts = new Label();
        private final Region length = new Region();
        private final HBox row = new HBox(new VBox(name, facts, length));

        Cell() {
            setPrefWidth(0);
            name.getStyleClass().add("section-name");
            facts.getStyleClass().add("quiet");
            length.getStyleClass().add("section-length");
            playing.subscribe(_ -> showPlaying());
        }

        @Override
        protected void updateItem(Entry entry, boolean empty) {
            super.updateItem(entry, empty);
            setGraphic(empty ? null : row);
            showPlaying();
            if (empty) return;
            String times =
                    entry.section().passes() > 1 ? "  ×" + entry.section().passes() : "";
            name.setText(entry.section().name() + times);
            String bars = Words.of("count.bars", entry.bars());
            facts.setText(entry.use() < 0 ? Words.of("arrangement.notPlayed") : bars + " · " + entry.pattern());
            length.setMaxWidth(Math.max(6, 200.0 * entry.bars() / entry.longest()));
            setAccessibleText(name.getText() + ", " + facts.getText());
        }

        private void showPlaying() {
            Entry entry = getItem();
            pseudoClassStateChanged(SOUNDING, entry != null && entry.use() >= 0 && entry.use() == playing.get());
        }
    }
}
