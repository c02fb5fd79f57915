package tactus.app.bench.pattern;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.bench.pattern.PictureCards.Card;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.work.Settings;
import tactus.app.work.Work;
import tactus.core.laid.picture.Passage;
import tactus.core.patterns.groove.Agreement;
import tactus.core.patterns.groove.CommonGroove;
import tactus.core.patterns.groove.Groove;
import tactus.core.patterns.pattern.Pattern;
import tactus.words.Words;

/** What the drums play, how the pattern agrees with it, and patterns made from it. */
public final class GroovePanel extends VBox {

    private static final List<String> DENSITIES = List.of("sparse", "middle", "dense");

    private final Bound bound = new Bound(this);
    private final Work work;
    private final BenchModel bench;
    private final GrooveModel model;
    private final TextField text = new TextField();
    private final ComboBox<CommonGroove> common = new ComboBox<>();
    private final Label message = new Label();
    private final PictureCards cards;

    /** @param midiFile asks for a MIDI file */
    public GroovePanel(Work work, BenchModel bench, Settings settings, Supplier<Optional<Path>> midiFile) {
        this.work = work;
        this.bench = bench;
        model = new GrooveModel(work);
        cards = new PictureCards(settings);
        getStyleClass().addAll("bench-panel", "headed");
        text.setId("groove-line");
        text.setPromptText(Words.of("groove.prompt"));
        text.setAccessibleText(Words.of("groove.title"));
        HBox.setHgrow(text, Priority.ALWAYS);
        common.getItems().setAll(CommonGroove.values());
        common.setPromptText(Words.of("groove.common"));
        common.setAccessibleText(Words.of("groove.common"));
        common.setConverter(new ChosenText<>(groove -> Words.of("groove." + groove)));
        var read = new Button(Words.of("groove.file"));
        read.setId("groove-file");
        read.setMinWidth(USE_PREF_SIZE);
        read.setOnAction(_ ->
                midiFile.get().flatMap(file -> model.read(file).refusal()).ifPresent(why -> complain(Words.why(why))));
        message.setId("groove-message");
        message.setWrapText(true);
        var head = new HBox(text, common, read);
        head.getStyleClass().add("panel-head");
        VBox.setVgrow(cards, Priority.ALWAYS);
        getChildren().setAll(head, message, cards);
        listen();
        bound.follow(this::show, work.stateProperty(), bench.patternProperty());
    }

    private void listen() {
        bound.take(
                text.textProperty(),
                said -> model.say(said)
                        .ifPresentOrElse(
                                wrong -> complain(Words.of("dictation.wrong", Words.why(wrong), wrong.index() + 1)),
                                this::showMessage));
        bound.take(common.valueProperty(), chosen -> model.take(chosen.groove()));
    }

    private void complain(String wrong) {
        message.getStyleClass().setAll("label", "warning");
        message.setText(wrong);
    }

    private void show() {
        String line = model.groove().map(Groove::line).orElse("");
        if (!text.isFocused()) text.setText(line);
        common.setValue(model.groove().flatMap(GroovePanel::common).orElse(null));
        showMessage();
        cards.show(cards(), Words.of("groove.empty"));
    }

    private static Optional<CommonGroove> common(Groove groove) {
        for (CommonGroove each : CommonGroove.values()) if (each.groove().equals(groove)) return Optional.of(each);
        return Optional.empty();
    }

    private void showMessage() {
        message.getStyleClass().setAll("label", "quiet");
        message.setText(model.groove()
                .flatMap(groove -> bench.patternProperty().get().map(shown -> sentence(Agreement.of(shown, groove))))
                .orElse(Words.of("groove.hint")));
    }

    /** {@code The pattern meets 75 % of kick and snare. It answers the snare on 2 strongly, 4.}. */
    static String sentence(Agreement agreement) {
        String answers = agreement.answers().stream()
                .map(answer -> answer.slot().count() + (answer.isStrong() ? " " + Words.of("groove.strongly") : ""))
                .collect(Collectors.joining(", "));
        return Words.of("groove.agrees", Math.round(agreement.share() * 100))
                + (answers.isEmpty() ? "" : " " + Words.of("groove.answers", answers))
                + (agreement.unanswered().isEmpty()
                        ? ""
                        : " " + Words.of("groove.unanswered", String.join(", ", agreement.unanswered())));
    }

    private List<Card> cards() {
        var all = new ArrayList<Card>();
        List<Pattern> made = model.patterns();
        for (int i = 0; i < made.size(); i++) {
            Pattern pattern = made.get(i).withName(Words.of("groove.pattern." + DENSITIES.get(i)));
            all.add(new Card(
                    pattern.name(),
                    "",
                    Passage.of(pattern),
                    Words.of("groove.why." + DENSITIES.get(i)),
                    false,
                    () -> bench.addCopy(pattern)));
        }
        return all;
    }

    /** Puts the cursor into the line. */
    public void takeFocus() {
        text.requestFocus();
    }
}
