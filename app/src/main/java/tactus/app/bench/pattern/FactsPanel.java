package tactus.app.bench.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TakenField;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.music.time.CountSchool;
import tactus.core.music.time.Tempo;
import tactus.core.patterns.groove.Agreement;
import tactus.core.patterns.pattern.Pattern;
import tactus.core.patterns.pattern.Story;
import tactus.core.patterns.placing.BorneOut;
import tactus.core.patterns.rhythm.CellWords;
import tactus.core.patterns.rhythm.Difficulty;
import tactus.core.patterns.rhythm.Explanation;
import tactus.core.patterns.rhythm.Mnemonic;
import tactus.core.patterns.rhythm.PatternFacts;
import tactus.core.patterns.saying.Saying;
import tactus.words.HintWords;
import tactus.words.Sentences;
import tactus.words.Words;

/** What can be said of the pattern on the bench: its numbers, what it is made of, and how it is said. */
public final class FactsPanel extends ScrollPane {

    private final Bound bound = new Bound(this);
    private final Work work;
    private final BenchModel bench;
    private final Settings settings;
    private final FlowPane numbers = new FlowPane();
    private final Label parts = new Label();
    private final ProblemLabel problem = new ProblemLabel();
    private final TakenField own;
    private final VBox left = new VBox(numbers, parts);
    private final VBox right = new VBox();

    public FactsPanel(Work work, BenchModel bench, Settings settings) {
        this.work = work;
        this.bench = bench;
        this.settings = settings;
        own = new TakenField("own-mnemonic", bench::keepMnemonic, problem);
        own.setPromptText(Words.of("facts.ownMnemonic.prompt"));
        left.getChildren().addAll(new NamedField(Words.of("facts.ownMnemonic"), own), problem);
        getStyleClass().add("facts-panel");
        numbers.getStyleClass().add("facts-row");
        parts.getStyleClass().add("quiet");
        parts.setId("difficulty-parts");
        parts.setWrapText(true);
        left.getStyleClass().add("facts-left");
        right.getStyleClass().add("facts-right");
        HBox.setHgrow(right, Priority.ALWAYS);
        setContent(new HBox(left, right));
        getContent().getStyleClass().add("facts-columns");
        setFitToWidth(true);
        bound.follow(bench.patternProperty(), _ -> show());
        bound.follow(work.stateProperty(), _ -> show());
        bound.follow(settings.countingProperty(), _ -> show());
    }

    private void show() {
        numbers.getChildren().clear();
        right.getChildren().clear();
        parts.setText("");
        bench.patternProperty().get().ifPresent(this::show);
    }

    private void show(Pattern shown) {
        PatternFacts facts = PatternFacts.of(shown);
        Tempo tempo = work.song().facts().tempo();
        Difficulty difficulty = Difficulty.of(shown, tempo);
        add("strokes", plain(facts.strokesPerBar(shown)));
        add("misses", Integer.toString(facts.misses()));
        add("against", Integer.toString(facts.against()));
        add("perSecond", String.format(Locale.ROOT, "%.1f", facts.strokesPerSecond(tempo)));
        add("syncopation", Integer.toString(facts.syncopation()));
        add("roundSeconds", String.format(Locale.ROOT, "%.1f s", tempo.seconds(facts.length())));
        add("difficulty", String.format(Locale.ROOT, "%.0f", difficulty.points()));
        if (facts.kept() > 0) add("kept", Integer.toString(facts.kept()));
        parts.setText(Words.of("bench.level", difficulty.level())
                + difficulty.parts().stream()
                        .map(part -> Words.of("difficulty." + part.cause())
                                + String.format(Locale.ROOT, " %.0f", part.points()))
                        .collect(Collectors.joining(" · ")));
        explain(shown);
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? Long.toString((long) number) : String.format(Locale.ROOT, "%.1f", number);
    }

    private void add(String key, String value) {
        var number = new Label(value);
        number.getStyleClass().add("fact-number");
        var name = new Label(Words.of("bench.fact." + key));
        name.getStyleClass().add("quiet");
        var fact = new VBox(number, name);
        fact.setId("fact-" + key);
        fact.getStyleClass().add("fact");
        numbers.getChildren().add(fact);
    }

    private void explain(Pattern shown) {
        Explanation explanation = Explanation.of(shown);
        Optional<CellWords> kept = CellWords.of(shown, work.song().lesson().mnemonics());
        own.show(kept.map(CellWords::words).orElse(""));
        String mnemonic = kept.map(words -> "  " + Words.of("facts.mnemonic", words.words()))
                .orElseGet(() -> usual(shown, explanation));
        line("cell", Sentences.of(explanation.made()) + mnemonic);
        explanation.warning().ifPresent(warning -> line("warning", Words.say(warning)));
        if (explanation.steps().isEmpty()) return;
        line("counted", Saying.counts(shown, settings.countingProperty().get()));
        if (settings.countingProperty().get() != CountSchool.TAKADIMI) {
            line("syllables", Saying.counts(shown, CountSchool.TAKADIMI));
        }
        var saying = new Saying(Words.lexicon());
        line("words", saying.words(shown));
        line("aloud", saying.aloud(shown));
        agreement(shown).ifPresent(text -> line("groove", text));
        line("steps", numbered(explanation.steps().stream().map(Words::say).toList()));
        hints(shown);
        origin(shown);
    }

    private static String usual(Pattern shown, Explanation explanation) {
        return Mnemonic.of(shown.withFrame(shown.frame().withPickup(0)), explanation.cell(), Words.lexicon())
                .map(words -> "  " + Words.of("facts.mnemonic", words))
                .orElse("");
    }

    private void hints(Pattern shown) {
        List<String> hints = new HintWords(work.song()).ofPattern(shown.id());
        if (!hints.isEmpty()) line("hints", String.join(" · ", hints));
    }

    /** Where it comes from can be said here; what was said of it stands beside. */
    private void origin(Pattern shown) {
        var origin = new ComboBox<Story.Origin>();
        origin.setId("pattern-origin");
        origin.setAccessibleText(Words.of("facts.origin"));
        origin.getItems().setAll(Story.Origin.values());
        origin.setConverter(new ChosenText<>(value -> Words.of("origin." + value)));
        origin.setValue(shown.story().origin());
        origin.valueProperty()
                .subscribe((_, chosen) -> bench.change(
                        "origin", pattern -> pattern.withStory(pattern.story().withOrigin(chosen))));
        line("story", story(shown)).getChildren().add(1, origin);
    }

    private Optional<String> agreement(Pattern shown) {
        return work.song().facts().groove().map(groove -> GroovePanel.sentence(Agreement.of(shown, groove)));
    }

    private static String numbered(List<String> steps) {
        var text = new StringBuilder();
        for (int i = 0; i < steps.size(); i++)
            text.append(i == 0 ? "" : "  ").append(i + 1).append(" ").append(steps.get(i));
        return text.toString();
    }

    private static String story(Pattern shown) {
        String form = shown.form()
                .map(link -> " "
                        + Words.of(
                                link.isEdited() ? "facts.formEdited" : "facts.form",
                                Words.lexicon().word("form", link.rule())))
                .orElse("");
        List<String> sayings = shown.story().said();
        boolean isOther =
                !sayings.isEmpty() && shown.form().isEmpty() && !BorneOut.by(shown, sayings.getLast(), Words.lexicon());
        String said = sayings.isEmpty()
                ? ""
                : " "
                        + Words.of(
                                isOther ? "facts.said-otherwise" : "facts.said",
                                String.join(Words.of("facts.said-between"), sayings));
        return (form + said).strip();
    }

    private HBox line(String key, String text) {
        var name = new Label(Words.of("facts." + key + ".name"));
        name.getStyleClass().add("fact-line-name");
        var value = new Label(text);
        value.setId("say-" + key);
        value.setWrapText(true);
        value.setMinHeight(USE_PREF_SIZE);
        HBox.setHgrow(value, Priority.ALWAYS);
        var line = new HBox(name, value);
        line.getStyleClass().add("fact-line");
        right.getChildren().add(line);
        return line;
    }
}
