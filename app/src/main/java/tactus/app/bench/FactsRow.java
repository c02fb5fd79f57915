package tactus.app.bench;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import tactus.app.words.Words;
import tactus.core.pattern.Pattern;
import tactus.core.rhythm.PatternFacts;
import tactus.core.time.Tempo;

/** What can be counted in the pattern on the bench. Style class {@code facts-row}. */
final class FactsRow extends HBox {

    FactsRow() {
        getStyleClass().add("facts-row");
    }

    void show(Optional<Pattern> pattern, Tempo tempo) {
        getChildren().clear();
        pattern.ifPresent(shown -> {
            PatternFacts facts = PatternFacts.of(shown);
            add("strokes", Integer.toString(facts.strokes()));
            add("misses", Integer.toString(facts.misses()));
            add("against", Integer.toString(facts.against()));
            add("perSecond", String.format("%.1f", facts.strokesPerSecond(tempo)));
            add("roundSeconds", String.format("%.1f s", tempo.seconds(facts.length())));
            if (facts.kept() > 0) add("kept", Integer.toString(facts.kept()));
        });
    }

    private void add(String key, String value) {
        var number = new Label(value);
        number.getStyleClass().add("fact-number");
        var name = new Label(Words.of("bench.fact." + key));
        name.getStyleClass().add("quiet");
        var fact = new VBox(number, name);
        fact.setId("fact-" + key);
        fact.getStyleClass().add("fact");
        getChildren().add(fact);
    }
}
