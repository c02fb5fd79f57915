package tactus.app.bench.dictation;

import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import tactus.app.action.Scope;
import tactus.app.field.Bound;
import tactus.app.field.WrappingBox;
import tactus.core.ground.refusal.NotationException;
import tactus.core.patterns.dictation.Dictation;
import tactus.core.patterns.placing.Placing;
import tactus.core.patterns.placing.Question;
import tactus.words.QuestionWords;
import tactus.words.Sentences;
import tactus.words.Words;

/** The line where a pattern is said, and the question about it. Style class {@code line-field}; state {@code :wrong}. */
public final class DictationField extends WrappingBox {

    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Bound bound = new Bound(this);
    private final DictationModel model;
    private final TextField text = new TextField();
    private final Label message = new Label();

    public DictationField(DictationModel model) {
        this.model = model;
        getStyleClass().add("line-field");
        var name = new Label(Words.of("dictation.title"));
        name.getStyleClass().add("field-name");
        name.setLabelFor(text);
        text.setId("dictation");
        text.setAccessibleText(name.getText());
        text.setPromptText(Words.of("dictation.prompt"));
        Scope.DICTATION.markOn(text);
        message.setId("dictation-message");
        message.setWrapText(true);
        message.setMinHeight(USE_PREF_SIZE);
        getChildren().setAll(name, text, message);
        text.textProperty().bindBidirectional(model.textProperty());
        bound.follow(model.answerProperty(), this::show);
    }

    private void show(DictationModel.Answer answer) {
        boolean none = answer.placing()
                .filter(placing -> placing.count().signum() == 0)
                .isPresent();
        boolean unread = answer.placing()
                .filter(placing -> !placing.dictation().notes().unread().isEmpty())
                .isPresent();
        boolean wrong = none || unread || answer.wrong().isPresent();
        pseudoClassStateChanged(WRONG, wrong);
        message.getStyleClass().setAll("label", wrong ? "warning" : "quiet");
        message.setText(answer.wrong()
                .map(DictationField::complaint)
                .or(() -> answer.placing().map(DictationField::sentence))
                .orElse(Words.of("dictation.hint")));
    }

    private static String complaint(NotationException wrong) {
        return Words.of("dictation.wrong", Words.why(wrong), wrong.index() + 1);
    }

    private static String sentence(Placing placing) {
        if (placing.count().signum() == 0)
            return Words.of("dictation.none", placing.problem().map(Words::say).orElse(""));
        Dictation.Notes notes = placing.dictation().notes();
        if (!notes.unread().isEmpty())
            return Words.say(notes.unread().getFirst().leftOut()) + " " + Words.of("dictation.left-out");
        String remarks = placing.remarks().stream()
                // How the words were read stands beside the pictures.
                .filter(remark -> !notes.remarks().contains(remark))
                .map(remark -> "\n" + Sentences.capital(Words.say(remark)))
                .collect(Collectors.joining());
        return placing.question().map(question -> sentence(placing, question)).orElse(Words.of("dictation.one"))
                + remarks;
    }

    private static String sentence(Placing placing, Question question) {
        String asked = Sentences.capital(QuestionWords.of(question));
        return switch (question) {
            case Question.OfPlace _ -> Words.of("dictation.several", placing.count(), asked);
            case Question.OfMeaning _ -> Words.of("dictation.meant", asked);
        };
    }

    /** Puts the cursor here, all that is written selected. */
    public void takeFocus() {
        text.requestFocus();
        text.selectAll();
    }
}
