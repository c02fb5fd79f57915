package tactus.app.setup.capo;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import tactus.app.action.Actions;
import tactus.app.field.Bound;
import tactus.app.field.ProblemLabel;
import tactus.app.work.Settings;
import tactus.core.counsel.capo.CapoAdvice;
import tactus.core.counsel.capo.VoiceKeys;
import tactus.core.music.pitch.Instrument;
import tactus.formats.font.MusicText;
import tactus.words.Sentences;
import tactus.words.Words;

/** The places of the capo compared, and the sums asked the other way round. Style class {@code capo-panel}. */
public final class CapoPanel extends HBox {

    private final Bound bound = new Bound(this);
    private final CapoModel model;
    private final Settings settings;
    private final Label advice = new Label();
    private final Label voice = new Label();
    private final VBox rows = new VBox();
    private final CapoQuestions questions;

    public CapoPanel(CapoModel model, Settings settings, Actions actions, ProblemLabel problem) {
        this.model = model;
        this.settings = settings;
        questions = new CapoQuestions(model, problem);
        getStyleClass().add("capo-panel");
        advice.setId("capo-advice");
        advice.setWrapText(true);
        advice.setMinHeight(USE_PREF_SIZE);
        advice.setMaxWidth(Double.MAX_VALUE);
        advice.getStyleClass().add("capo-advice");
        HBox.setHgrow(advice, Priority.ALWAYS);
        var best = new HBox(advice, actions.wordedButton("capo.best"));
        best.getStyleClass().add("repair-row");
        rows.getStyleClass().add("capo-rows");
        var scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        voice.setId("capo-voice");
        voice.setWrapText(true);
        voice.setMinHeight(USE_PREF_SIZE);
        voice.managedProperty().bind(voice.visibleProperty());
        var left = new VBox(best, voice, lowering(), CapoRow.heads(), scroll);
        left.getStyleClass().add("capo-table");
        HBox.setHgrow(left, Priority.ALWAYS);
        var aside = new ScrollPane(questions);
        aside.setFitToWidth(true);
        aside.getStyleClass().add("capo-aside");
        getChildren().setAll(left, aside);
        bound.follow(model.planProperty(), _ -> show());
        bound.follow(model.tunedDownProperty(), _ -> show());
        bound.follow(model.voiceKeysProperty(), this::show);
        bound.follow(settings.saysHProperty(), _ -> show());
    }

    private FlowPane lowering() {
        var group = new ToggleGroup();
        var row = new FlowPane(new Label(Words.of("capo.strings")));
        row.getStyleClass().add("lowering");
        for (int down = 0; down <= Instrument.LOWEST_TUNED_DOWN; down++)
            row.getChildren().add(toggle(group, OptionalInt.of(down), Words.of("capo.down", down)));
        row.getChildren().add(toggle(group, OptionalInt.empty(), Words.of("capo.down-any")));
        var legend = new Label(Words.of("capo.legend"));
        legend.getStyleClass().add("quiet");
        row.getChildren().add(legend);
        return row;
    }

    private ToggleButton toggle(ToggleGroup group, OptionalInt down, String text) {
        var toggle = new ToggleButton(text);
        toggle.setId("capo-down-" + (down.isEmpty() ? "any" : down.getAsInt()));
        toggle.setToggleGroup(group);
        toggle.setMinWidth(USE_PREF_SIZE);
        toggle.setOnAction(_ -> {
            toggle.setSelected(true);
            model.tunedDownProperty().set(down);
        });
        bound.follow(model.tunedDownProperty(), chosen -> toggle.setSelected(chosen.equals(down)));
        return toggle;
    }

    private void show() {
        advice.setText(model.planProperty()
                .get()
                .map(plan -> CapoAdvice.of(plan)
                        .map(Words::say)
                        .map(Sentences::capital)
                        .map(MusicText::signs)
                        .orElse(Words.of("capo.noChords")))
                .orElse(Words.of("capo.computing")));
        List<CapoRow> shown = model.choices().stream()
                .map(choice -> new CapoRow(
                        choice,
                        model.isNow(choice),
                        settings.noteSchool(),
                        rows.widthProperty(),
                        () -> model.take(choice)))
                .toList();
        boolean hadFocus = rows.getChildren().stream().anyMatch(Node::isFocused);
        rows.getChildren().setAll(shown);
        if (hadFocus) takeFocus();
        questions.show();
    }

    private void show(Optional<VoiceKeys> keys) {
        voice.setText(
                keys.map(each -> MusicText.signs(Words.say(each.statement()))).orElse(""));
        voice.setVisible(keys.isPresent());
    }

    /** Puts the focus on the easiest choice. */
    public void takeFocus() {
        rows.getChildren().stream().findFirst().ifPresent(Node::requestFocus);
    }
}
