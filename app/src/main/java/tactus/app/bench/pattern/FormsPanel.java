package tactus.app.bench.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.bench.pattern.PictureCards.Card;
import tactus.app.field.Bound;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.laid.picture.Passage;
import tactus.core.patterns.pattern.Form;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.variation.Variation;
import tactus.words.Words;

/** Forms of the pattern on the bench: those that are kept, and those that a rule would make. */
public final class FormsPanel extends VBox {

    private final Bound bound = new Bound(this);
    private final Work work;
    private final BenchModel bench;
    private final PictureCards cards;

    public FormsPanel(Work work, BenchModel bench, Settings settings) {
        this.work = work;
        this.bench = bench;
        cards = new PictureCards(settings);
        getStyleClass().add("bench-panel");
        VBox.setVgrow(cards, Priority.ALWAYS);
        getChildren().setAll(cards);
        bound.follow(bench.patternProperty(), this::show);
    }

    private void show(Optional<Pattern> shown) {
        cards.show(shown.map(this::cards).orElse(List.of()), Words.of("forms.none"));
    }

    private List<Card> cards(Pattern shown) {
        var all = new ArrayList<Card>();
        for (Pattern form : work.song().patterns()) {
            form.form()
                    .filter(link -> link.of().equals(shown.id()))
                    .ifPresent(link -> all.add(new Card(
                            form.name(),
                            "",
                            Passage.of(form),
                            Words.of(link.isEdited() ? "forms.edited" : "forms.follows"),
                            link.isEdited(),
                            () -> bench.choose(form.id()))));
        }
        for (Form.Derivation rule : Form.Derivation.values()) {
            Variation.of(shown, rule)
                    .filter(_ -> !isKept(shown, rule))
                    .ifPresent(made -> all.add(new Card(
                            Words.of("forms.make", Words.of("form." + rule)),
                            "",
                            Passage.of(made),
                            Words.of("form.why." + rule),
                            false,
                            () -> bench.keepForm(made, rule))));
        }
        return all;
    }

    private boolean isKept(Pattern shown, Form.Derivation rule) {
        return work.song().patterns().stream()
                .flatMap(pattern -> pattern.form().stream())
                .anyMatch(link -> link.of().equals(shown.id()) && link.rule() == rule);
    }
}
