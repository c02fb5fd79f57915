package tactus.app.arrangement.assignment;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyEvent;
import tactus.app.field.Bound;
import tactus.app.field.ChosenText;
import tactus.app.field.NamedField;
import tactus.app.field.ProblemLabel;
import tactus.app.field.TakenField;
import tactus.app.place.PanelBox;
import tactus.core.ground.language.Lexicon;
import tactus.core.reading.sentence.SungText;
import tactus.words.Words;

/** The words that are sung, typed line by line as they stand over the bars, and who sings where there are none. */
public final class WordsPanel extends PanelBox {

    private static final int ROWS = 12;

    private final Bound bound = new Bound(this);
    private final WordsModel model;
    private final ComboBox<WordsModel.Reach> reach = new ComboBox<>();
    private final TextArea words = new TextArea();
    private final ProblemLabel problem = new ProblemLabel();
    private final ProblemLabel voiceProblem = new ProblemLabel();
    private final Label place = title("words.of");
    private final TakenField voice;
    private final NamedField voiceField;
    private String kept = "";

    public WordsPanel(WordsModel model) {
        this.model = model;
        voice = new TakenField("words-voice", model::takeVoice, voiceProblem);
        voice.setPromptText(Words.of("marks.voicePrompt"));
        voiceField = new NamedField(Words.of("words.voice"), voice);
        voiceField.managedProperty().bind(voiceField.visibleProperty());
        reach.setId("words-reach");
        reach.setMaxWidth(Double.MAX_VALUE);
        reach.setConverter(new ChosenText<>(each -> Words.of("words.reach." + Lexicon.code(each))));
        words.setId("words");
        words.setWrapText(true);
        words.setPrefRowCount(ROWS);
        words.setPromptText(Words.of("words.prompt"));
        words.setAccessibleText(Words.of("words.of", ""));
        bound.take(words.textProperty(), this::take);
        words.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        words.focusedProperty().subscribe((_, focused) -> {
            if (!focused && problem.getText().isEmpty()) show();
        });
        bound.take(reach.valueProperty(), chosen -> {
            model.reachProperty().set(chosen);
            show();
        });
        place.setWrapText(true);
        getChildren()
                .setAll(
                        new NamedField(Words.of("words.reach"), reach),
                        place,
                        words,
                        problem,
                        quiet(Words.of("words.how")),
                        voiceField,
                        voiceProblem);
    }

    private void take(String text) {
        kept = model.place();
        problem.say(model.take(text));
    }

    /** Moves the word under the caret. */
    private void key(KeyEvent press) {
        if (!press.isAltDown() || press.isShortcutDown()) return;
        int step = switch (press.getCode()) {
            case RIGHT -> 1;
            case LEFT -> -1;
            default -> 0;
        };
        if (step == 0) return;
        press.consume();
        SungText.Moved moved = WordsModel.moved(words.getText(), words.getCaretPosition(), step);
        words.setText(moved.text());
        words.positionCaret(moved.caret());
    }

    @Override
    public void show() {
        try (var _ = bound.showing()) {
            List<WordsModel.Reach> choices = model.reaches();
            if (!reach.getItems().equals(choices)) reach.getItems().setAll(choices);
            if (!choices.contains(model.reachProperty().get()))
                model.reachProperty().set(choices.getFirst());
            reach.setValue(model.reachProperty().get());
            place.setText(Words.of("words.of", model.place()) + " · " + Words.of("words.bars", model.bars()));
            // What is being typed stays as it is typed while it says the same.
            boolean isTyped = words.isFocused() && kept.equals(model.place());
            boolean stays = isKept() || isTyped && model.isSaid(words.getText());
            if (!stays) {
                words.setText(model.text());
                problem.clear();
            }
            voiceField.setVisible(!model.isVoiceSaid());
            voice.show(model.voice());
        }
    }

    /** A text that cannot be taken stays until another place is chosen. */
    private boolean isKept() {
        return !problem.getText().isEmpty() && kept.equals(model.place());
    }

    @Override
    public Node first() {
        return words;
    }
}
