package tactus.app.bench.pattern;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.bench.pattern.PictureCards.Card;
import tactus.app.field.Bound;
import tactus.app.work.Settings;
import tactus.core.laid.picture.Passage;
import tactus.core.patterns.library.Library;
import tactus.core.patterns.library.LibraryPattern;
import tactus.core.patterns.library.RhythmQuery;
import tactus.words.Words;

/** The library, searched by rhythm; a click copies a pattern into the song. */
public final class LibraryPanel extends VBox {

    private final BenchModel bench;
    private final PictureCards cards;
    private final TextField query = new TextField();
    private final Label found = new Label();

    public LibraryPanel(BenchModel bench, Settings settings) {
        this.bench = bench;
        cards = new PictureCards(settings);
        getStyleClass().addAll("bench-panel", "headed");
        query.setId("library-query");
        query.setPromptText(Words.of("library.prompt"));
        query.setAccessibleText(Words.of("library.title"));
        HBox.setHgrow(query, Priority.ALWAYS);
        found.getStyleClass().add("quiet");
        found.setId("library-found");
        var head = new HBox(query, found);
        head.getStyleClass().add("panel-head");
        VBox.setVgrow(cards, Priority.ALWAYS);
        getChildren().setAll(head, cards);
        new Bound(this).follow(() -> search(query.getText()), query.textProperty(), bench.level());
    }

    private void search(String text) {
        List<LibraryPattern> patterns = RhythmQuery.parse(text, Words.lexicon(), LibraryPanel::name)
                .find(Library.patterns(bench.level().getValue()));
        found.setText(
                Words.of("library.found", patterns.size(), Library.patterns().size()));
        cards.show(patterns.stream().map(this::card).toList(), Words.of("library.none"));
    }

    private Card card(LibraryPattern each) {
        String level = Words.lexicon().word("level", each.level());
        return new Card(
                name(each),
                "",
                Passage.of(each.pattern()),
                each.pattern().meter() + " · " + level + " · "
                        + String.join(
                                ", ",
                                each.feels().stream()
                                        .map(feel -> Words.lexicon().word("feel." + feel))
                                        .sorted()
                                        .toList()),
                false,
                () -> bench.addCopy(each.pattern().withName(name(each))));
    }

    private static String name(LibraryPattern each) {
        return Words.of("library." + each.pattern().id());
    }

    /** Puts the cursor into the search. */
    public void takeFocus() {
        query.requestFocus();
    }
}
